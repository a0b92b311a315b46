package mellowflare.core.air;

import static org.assertj.core.api.Assertions.assertThat;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertSame;

import java.time.Instant;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import mellowflare.core.Samples;
import mellowflare.core.advice.Practice;
import mellowflare.core.air.cut.CutWork;
import mellowflare.core.air.day.DayRun;
import mellowflare.core.air.day.DayTables;
import mellowflare.core.air.layout.Piece;
import mellowflare.core.air.main.AirMain;
import mellowflare.core.air.main.Making;
import mellowflare.core.air.main.Plant;
import mellowflare.core.air.stock.PipeSystem;
import mellowflare.core.air.work.AirCase;
import mellowflare.core.cutting.CutTask;
import mellowflare.core.flow.fault.Probed;
import mellowflare.core.flow.hold.HoldTest;
import mellowflare.core.line.Probing;
import mellowflare.core.measure.GaugePressure;
import mellowflare.core.measure.Length;
import mellowflare.core.measure.PressureDifference;
import mellowflare.core.measure.UnitSystem;
import mellowflare.core.procedure.MakeLog;
import mellowflare.core.shelf.Count;
import mellowflare.core.shelf.Shelf;
import mellowflare.core.table.FigureTable;
import org.junit.jupiter.api.Test;

/** Pressures read in a main, and pipe that is cut from what lies there. */
class AirProbedTest {
    private final AirPlan plan = AirPlan.of(AirSamples.of(AirSamples.small()));
    private final Probing probing = plan.probing().orElseThrow();

    @Test
    void testEveryToolThatMayRunIsNamedWithItsOutlet() {
        assertThat(probing.consumers()).hasSize(3);
        assertThat(probing.consumers().stream().filter(c -> c.contains("bench")))
                .hasSize(2);
        assertThat(probing.consumers().stream().filter(c -> c.contains("door"))).hasSize(1);
        assertEquals("bar", probing.bare());
        assertEquals("7.5 bar", probing.pressure(GaugePressure.ofBar(7.5)).text(UnitSystem.METRIC));
        assertThat(probing.lost(PressureDifference.ofBar(0.12)).text(UnitSystem.METRIC))
                .contains("0.12");
    }

    private static Map<String, GaugePressure> pressures(Probed net) {
        return net.pressures(Optional.empty());
    }

    /** Where nothing runs nothing is lost; with one tool more every place has as much or less, also where two are on one outlet. */
    @Test
    void testPressureFallsWithEveryToolThatRuns() {
        Probed still = probing.with(Set.of());
        double fed = pressures(still).get(still.fed().get(0)).bar();
        pressures(still).values().forEach(p -> assertEquals(fed, p.bar(), 1e-6));
        TreeSet<String> running = new TreeSet<>();
        Map<String, GaugePressure> before = pressures(still);
        for (String tool : probing.consumers()) {
            running.add(tool);
            Map<String, GaugePressure> now = pressures(probing.with(running));
            before.forEach(
                    (place, was) -> assertThat(now.get(place).bar()).as(place).isLessThanOrEqualTo(was.bar() + 1e-9));
            assertThat(now.get("bench").bar()).isLessThan(before.get("bench").bar());
            before = now;
        }
    }

    /** No more leaks than the compressor delivers. */
    @Test
    void testNoMoreLeaksThanIsMade() {
        double made = plan.c().feeds().values().stream()
                .mapToDouble(c -> c.delivers().kgPerSecond())
                .sum();
        Probed net = probing.with(Set.of());
        assertEquals(made, net.mostLeak().kgPerSecond(), 1e-12);
        assertThat(net.flow(net.mostLeak()).text(UnitSystem.METRIC)).contains("1700 L/min");
        assertEquals(0.05, net.scatter().bar());
    }

    private static AirCase shelved(AirMain main, Shelf shelf) {
        return AirCase.of(main, Samples.setting(Practice.USUAL, MakeLog.EMPTY, AirSamples.DATA.with(Shelf.KEY, shelf)));
    }

    private static List<CutTask.Stock> stock(AirCase c, String size) {
        return c.work()
                .orElseThrow()
                .tasks(c.main(), c.system().orElseThrow())
                .get(size)
                .stock();
    }

    /** What the shop has counted of a size is cut first, for that size alone. */
    @Test
    void testPipeOnTheShelfIsCutForItsSize() {
        AirCase bare = AirSamples.of(AirSamples.small());
        PipeSystem system = bare.system().orElseThrow();
        String key = CutWork.stock(system, "25");
        assertThat(key).contains("25");
        Shelf shelf = Shelf.of(
                List.of(Count.lengths(key, key, List.of(Length.ofMm(2100), Length.ofMm(900)), Instant.EPOCH, "Maren")),
                List.of());
        AirCase there = shelved(AirSamples.small(), shelf);
        assertThat(stock(bare, "25")).noneMatch(CutTask.Stock::free);
        assertThat(stock(there, "25"))
                .filteredOn(CutTask.Stock::free)
                .extracting(s -> s.length().mm())
                .containsExactlyInAnyOrder(2100.0, 900.0);
        assertThat(stock(there, "20")).noneMatch(CutTask.Stock::free);
        CutWork work = bare.work().orElseThrow();
        assertSame(work, work.with(system, Shelf.AS_LISTED));
    }

    /** Old bars are those of the main's own system. */
    @Test
    void testOldBarsOfAnotherSystemAreNotCut() {
        AirMain old = AirSamples.small()
                .withMaking(Making.USUAL.withOld(List.of(
                        new Making.OldBar("ringed-aluminium", "25", Length.ofMm(3000), 2),
                        new Making.OldBar("copper", "25", Length.ofMm(4000), 5))));
        assertThat(stock(AirSamples.of(old), "25"))
                .filteredOn(CutTask.Stock::free)
                .extracting(s -> s.length().mm() + " x " + s.count().orElseThrow())
                .containsExactly("3000.0 x 2");
    }

    @Test
    void testEveryPieceIsCutOnce() {
        AirCase c = AirSamples.of(AirSamples.small());
        CutWork work = c.work().orElseThrow();
        double cut = work.tasks(c.main(), c.system().orElseThrow()).values().stream()
                .flatMap(t -> t.pieces().stream())
                .mapToDouble(p -> p.length().mm() * p.count())
                .sum();
        double pieces = work.stretches().stream()
                .flatMap(s -> s.pieces().stream())
                .mapToDouble(Length::mm)
                .sum();
        assertEquals(pieces, cut, 1e-6);
        assertThat(pieces).isGreaterThan(10_000);
    }

    /** Shut in, the main loses a tenth of a bar in two hours: the test is that of its own volume, with the receiver where it is shut in too. */
    @Test
    void testAHeldTestIsOfWhatIsShutIn() {
        AirMain held = AirSamples.small()
                .withHeld(AirSamples.small()
                        .held()
                        .withReadings(List.of(
                                new HoldTest.Reading(0, GaugePressure.ofBar(8), Optional.empty()),
                                new HoldTest.Reading(7200, GaugePressure.ofBar(7.9), Optional.empty()))));
        AirCase c = AirSamples.of(held);
        assertEquals(c.heldTest().map(HoldTest::result), c.heldResult());
        assertThat(c.heldResult()).isPresent();
        AirCase with = AirSamples.of(held.withHeld(held.held().withReceiver(true)));
        AirCase without = AirSamples.of(held.withHeld(held.held().withReceiver(false)));
        assertEquals(
                without.shutIn().litres() + with.stored().litres(),
                with.shutIn().litres(),
                1e-6);
        assertThat(AirSamples.of(AirSamples.small()).heldResult()).isEmpty();
    }

    private static double lost(AirCase c, String pipe) {
        return c.together().flow().pipes().stream()
                .filter(p -> p.pipe().name().equals(pipe))
                .mapToDouble(p -> p.drop().bar())
                .sum();
    }

    /** A full-bore valve counts as three bores to the pipe behind it, of 318: nearly a hundredth more, and to no other. */
    @Test
    void testAValveIsCountedToThePipeBehindIt() {
        AirCase open = AirSamples.of(AirSamples.small());
        AirMain main = AirSamples.small();
        int m2 = main.pieces().stream().map(Piece::name).toList().indexOf("m2");
        AirCase valved = AirSamples.of(main.insert(m2, new Piece.Valve("stop")));
        assertThat(lost(valved, "m2")).isGreaterThan(lost(open, "m2") * 1.005);
        assertEquals(lost(open, "m1"), lost(valved, "m1"), 2e-4 * lost(open, "m1"));
    }

    /** Drawn while it is typed, a main lies as it would, and keeps what runs. */
    @Test
    void testASketchLiesAsTheMainWould() {
        AirCase c = AirSamples.of(AirSamples.small());
        AirCase sketch = c.sketched(AirSamples.ring());
        AirCase ring = AirSamples.of(AirSamples.ring());
        assertEquals(ring.walked(), sketch.walked());
        assertEquals(ring.joints(), sketch.joints());
        assertEquals(ring.sized(), sketch.sized());
        assertEquals(ring.feeds(), sketch.feeds());
        assertSame(c.together(), sketch.together());
    }

    /** Where somebody lacks air the table of the day says nothing of everybody having enough. */
    @Test
    void testNobodyIsSaidToHaveEnoughWhereSomebodyLacksAir() {
        AirCase enough = AirSamples.of(AirSamples.small());
        AirCase little = AirSamples.of(AirSamples.ring().withPlant(Plant.UNSAID.withCompressor(Optional.of("k-24"))));
        assertThat(tables(enough)).hasSize(1);
        assertThat(tables(enough).get(0).note()).isNotBlank();
        assertThat(tables(little)).hasSize(2);
        assertThat(tables(little).get(0).note()).isBlank();
    }

    private static List<FigureTable> tables(AirCase c) {
        return DayTables.of(c, DayRun.of(c, 7, p -> {}, () -> false).orElseThrow());
    }
}
