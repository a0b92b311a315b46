package mellowflare.core.air;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import mellowflare.core.air.day.DayRun;
import mellowflare.core.air.demand.Use;
import mellowflare.core.air.layout.Piece;
import mellowflare.core.air.main.AirMain;
import mellowflare.core.air.main.Making;
import mellowflare.core.air.main.Plant;
import mellowflare.core.air.size.Delivery;
import mellowflare.core.air.size.Sizing;
import mellowflare.core.air.stock.Freight;
import mellowflare.core.air.stock.PipeSystem;
import mellowflare.core.air.stock.PipeSystems;
import mellowflare.core.air.work.AirCase;
import mellowflare.core.air.work.SpeedGuide;
import mellowflare.core.air.work.Together;
import mellowflare.core.measure.Length;
import mellowflare.core.run.cut.Stretch;
import mellowflare.core.run.stock.PipeSize;
import mellowflare.core.run.walk.Turn;
import mellowflare.core.run.walk.Walked;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.LongRange;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** The two long searches: a day run through, and sizes against a look at every set of them. */
class DayAndSizesTest {
    private final PipeSystems systems = AirSamples.DATA.get(PipeSystems.KEY);

    private static DayRun day(AirMain m, long seed) {
        return DayRun.of(AirSamples.of(m), seed, p -> {}, () -> false).orElseThrow();
    }

    /** Samples stand in order, within the compressor's band while it keeps up, and their lows are never above their highs. */
    @Property(tries = 12)
    void testSamplesAreInOrderAndInTheBand(@ForAll @LongRange(min = 1, max = 1000) long seed) {
        DayRun d = day(AirSamples.small(), seed);
        double before = 0;
        for (DayRun.Sample s : d.samples()) {
            assertThat(s.seconds()).isGreaterThan(before);
            assertThat(s.low()).isLessThanOrEqualTo(s.high());
            assertThat(s.high().bar()).isLessThanOrEqualTo(9.06);
            before = s.seconds();
        }
        assertThat(before).isEqualTo(8 * 3600);
        assertThat(d.lowest().bar())
                .isEqualTo(d.samples().stream()
                        .mapToDouble(s -> s.low().bar())
                        .min()
                        .orElseThrow());
        assertThat(d.loaded()).isBetween(0.0, 1.0);
    }

    /** Long bars by truck against short ones as parcels: the same pipe and fittings, more couplings, another freight. */
    @ParameterizedTest
    @ValueSource(strings = {"ringed-aluminium", "copper", "steel-thread", "stainless-press", "pe-air"})
    void testShortBarsCostCouplingsAndSaveFreight(String id) {
        PipeSystem system = systems.find(id).orElseThrow();
        AirCase c = AirSamples.of(AirSamples.small());
        Sizing s =
                Sizing.of(c, system, Sizing.Way.STEPPED, p -> {}, () -> false).orElseThrow();
        int more = couplings(s.byParcel()) - couplings(s.byTruck());
        assertThat(more).isPositive();
        assertThat(s.byParcel().work().joints() - s.byTruck().work().joints()).isEqualTo(2 * more);
        assertThat(s.byParcel().work().bar()).isEqualTo(system.shortBar());
        assertThat(s.byTruck().work().bar()).isEqualTo(system.longBar());
        double kilograms = s.byParcel().work().kilograms();
        assertThat(s.byParcel().price())
                .isCloseTo(s.byParcel().work().price() + 11.50 * Math.ceil(kilograms / 30), within(1e-9));
        assertThat(s.byTruck().price()).isCloseTo(s.byTruck().work().price() + 95, within(1e-9));
        assertThat(s.price())
                .isEqualTo(
                        s.parcelCheaper() ? s.byParcel().price() : s.byTruck().price());
        assertThat(s.parcelCheaper())
                .isEqualTo(s.byParcel().price() < s.byTruck().price());
    }

    /** What is found for a system is what that system then does: the walk is of aluminium, steel is a hundred times as rough. */
    @ParameterizedTest
    @ValueSource(strings = {"ringed-aluminium", "steel-thread", "steel-black", "rubber-hose", "nylon"})
    void testSizesThatWereFoundHoldOnceTheyAreTaken(String id) {
        AirMain m = AirSamples.small();
        Sizing s = Sizing.of(AirSamples.of(m), systems.find(id).orElseThrow(), Sizing.Way.STEPPED, p -> {}, () -> false)
                .orElseThrow();
        AirCase taken = AirSamples.of(s.into(m));
        assertThat(taken.together().margin().bar()).isCloseTo(s.margin().bar(), within(1e-6));
    }

    private static int couplings(Delivery d) {
        return d.work().stretches().stream().mapToInt(Stretch::couplings).sum();
    }

    @Test
    void testAParcelMoreIsPaidWhereTheWeightPassesOne() {
        Freight parcel = systems.freight(true);
        assertThat(parcel.priceOf(0)).isEqualTo(11.50);
        assertThat(parcel.priceOf(30)).isEqualTo(11.50);
        assertThat(parcel.priceOf(30.1)).isEqualTo(23.0);
        assertThat(parcel.priceOf(117)).isEqualTo(46.0);
        assertThat(systems.freight(false).priceOf(117)).isEqualTo(95);
        assertThatThrownBy(() -> new Freight(-1, 30, parcel.source())).isInstanceOf(IllegalArgumentException.class);
        assertThatThrownBy(() -> new Freight(1, 0, parcel.source())).isInstanceOf(IllegalArgumentException.class);
    }

    /** Over a day the average of what is drawn comes near flow by duty: die grinder or blow gun by turns, and the wrench. */
    @Test
    void testTheAverageUseComesNearFlowByDuty() {
        AirMain m = AirSamples.small().withUse(Use.USUAL.withGrowth(0).withLeak(0));
        double sum = 0;
        for (long seed = 1; seed <= 8; seed++) {
            sum += day(m, seed).used() / 8;
        }
        // Bursts of 30 s and pauses of 45 of the grinder, 4 s and 76 of the blow gun, by turns: (500 x 30 + 180 x 4) /
        // (30 + 45 + 4 + 76) = 101 L/min; the wrench 60.
        double litresPerMinute = sum / (8 * 60) * 1000;
        assertThat(litresPerMinute).isCloseTo(161, within(12.0));
    }

    @Test
    void testNobodyThereAndNothingStartsTwice() {
        List<Piece> idle = new ArrayList<>(AirSamples.small().pieces());
        idle.set(4, AirSamples.drop("bench", 1.6, "fitter"));
        idle.set(6, AirSamples.drop("door", 1.6, "rigger"));
        DayRun d = day(AirSamples.small().withPieces(idle), 1);
        assertThat(d.starts()).isZero();
        assertThat(d.used()).isZero();
        assertThat(d.lacking()).isEmpty();
        assertThat(d.startsAnHour()).isZero();
    }

    @Test
    void testAMainThatNothingFeedsHasNoDay() {
        AirMain none = AirSamples.small().withPlant(Plant.UNSAID);
        assertThat(DayRun.of(AirSamples.of(none), 1, p -> {}, () -> false)).isEmpty();
        AirMain unsized = AirSamples.small().withSize(Optional.empty());
        assertThat(DayRun.of(AirSamples.of(unsized), 1, p -> {}, () -> false)).isEmpty();
    }

    @Test
    void testProgressRisesToTheEnd() {
        List<Double> told = new ArrayList<>();
        DayRun.of(AirSamples.of(AirSamples.small()), 1, told::add, () -> false);
        assertThat(told).isSorted();
        assertThat(told.get(told.size() - 1)).isEqualTo(1);
    }

    /** Two mains at different pressures: the higher cut-out is the start of the day, both feed one volume. */
    @Test
    void testTwoCompressorsFeedOneVolume() {
        List<Piece> two = new ArrayList<>(AirSamples.ring().pieces());
        two.add(5, new Piece.Feed("second", "k-270"));
        AirMain m = AirSamples.ring().withPieces(two);
        assertThat(AirSamples.of(m).stored().litres()).isEqualTo(770);
        assertThat(AirSamples.of(m).delivered().litresPerMinute()).isEqualTo(2500);
        DayRun d = day(m, 2);
        assertThat(d.samples().get(0).high().bar()).isGreaterThan(9.5);
        assertThat(d.samples().stream().mapToInt(DayRun.Sample::running).max().orElseThrow())
                .isLessThanOrEqualTo(2);
    }

    private static AirMain three() {
        return AirSamples.small()
                .withPieces(List.of(
                        AirSamples.hose("flex", Turn.AHEAD, 0.6),
                        AirSamples.pipe("m1", Turn.AHEAD, 22),
                        AirSamples.drop("far", 2, "blaster", "blast-5"),
                        AirSamples.pipe("m2", Turn.AHEAD, 18),
                        AirSamples.drop("end", 2, "fitter", "grinder"),
                        AirSamples.pipe("m3", Turn.AHEAD, 1),
                        new Piece.Drain("drain", Length.ofMm(1500))));
    }

    /** Against every set of sizes of three stretches of main, the drops as found: none that is enough is cheaper. */
    @ParameterizedTest
    @ValueSource(strings = {"copper", "ringed-aluminium", "steel-thread"})
    void testNoSetOfSizesIsCheaper(String id) {
        PipeSystem system = systems.find(id).orElseThrow();
        AirCase c = AirSamples.of(three());
        Sizing found =
                Sizing.of(c, system, Sizing.Way.STEPPED, p -> {}, () -> false).orElseThrow();
        assertThat(found.possible()).isTrue();
        double best = found.work().price();
        AirMain base = found.into(three());
        List<PipeSize> all = systems.sizes(id);
        for (PipeSize a : all) {
            for (PipeSize b : all) {
                for (PipeSize d : all) {
                    AirMain m = sized(base, Map.of("m1", a, "m2", b, "m3", d));
                    AirCase k = AirSamples.of(m);
                    if (k.work().orElseThrow().price() < best - 1e-6) {
                        assertThat(enough(k))
                                .as(a.size() + " " + b.size() + " " + d.size())
                                .isFalse();
                    }
                }
            }
        }
    }

    private static AirMain sized(AirMain m, Map<String, PipeSize> sizes) {
        List<Piece> pieces = new ArrayList<>();
        for (Piece p : m.pieces()) {
            PipeSize z = sizes.get(p.name());
            pieces.add(
                    z != null && p instanceof Piece.Pipe x
                            ? new Piece.Pipe(x.name(), x.turn(), x.length(), Optional.of(z.size()))
                            : p);
        }
        return m.withPieces(pieces);
    }

    private static boolean enough(AirCase c) {
        Together worst = c.worstOfAll(p -> {}, () -> false);
        Map<String, Walked.Run> runs = new HashMap<>();
        c.walked().runs().forEach(r -> runs.put(r.name(), r));
        return worst.margin().bar() >= 0
                && worst.flow().pipes().stream()
                        .filter(p -> runs.containsKey(p.pipe().name())
                                && runs.get(p.pipe().name()).kind() != Walked.Kind.HOSE)
                        .allMatch(p -> p.metresPerSecond()
                                <= SpeedGuide.metresPerSecond(runs.get(p.pipe().name())));
    }

    /** Bars at hand one size larger than needed draw the choice to it, as they cost nothing. */
    @Test
    void testOldStockIsUsed() {
        PipeSystem copper = systems.find("copper").orElseThrow();
        Sizing bought = Sizing.of(AirSamples.of(three()), copper, Sizing.Way.ONE, p -> {}, () -> false)
                .orElseThrow();
        PipeSize larger = systems.above(bought.used().get(0)).orElseThrow();
        AirMain old = three().withMaking(Making.USUAL.withOld(
                List.of(new Making.OldBar("copper", larger.size(), Length.ofMm(5000), 20))));
        Sizing atHand = Sizing.of(AirSamples.of(old), copper, Sizing.Way.ONE, p -> {}, () -> false)
                .orElseThrow();
        assertThat(bought.used()).doesNotContain(larger);
        assertThat(atHand.used()).contains(larger);
    }

    /** Taken into the job the main is worked out with just these sizes. */
    @Test
    void testTakenSizesStandInTheJob() {
        PipeSystem steel = systems.find("steel-thread").orElseThrow();
        Sizing s = Sizing.of(AirSamples.of(three()), steel, Sizing.Way.STEPPED, p -> {}, () -> false)
                .orElseThrow();
        AirCase c = AirSamples.of(s.into(three()));
        c.sized().stream()
                .filter(z -> z.run().kind() == Walked.Kind.MAIN || z.run().kind() == Walked.Kind.DROP)
                .forEach(z -> assertThat(z.size()).contains(s.sizes().get(z.name())));
        assertThat(c.system()).contains(steel);
        assertThat(s.used()).isSortedAccordingTo((a, b) -> b.outside().compareTo(a.outside()));
    }
}
