package mellowflare.core.gas;

import static org.assertj.core.api.Assertions.assertThat;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.IntStream;
import mellowflare.core.flow.fault.Fault;
import mellowflare.core.flow.fault.Probed;
import mellowflare.core.flow.hold.HoldTest;
import mellowflare.core.gas.line.GasLine;
import mellowflare.core.gas.line.GasSource;
import mellowflare.core.gas.line.GasTest;
import mellowflare.core.gas.net.CheapestSizes;
import mellowflare.core.gas.stock.GasSize;
import mellowflare.core.gas.stock.Regulator;
import mellowflare.core.gas.work.GasCase;
import mellowflare.core.line.Probing;
import mellowflare.core.measure.GaugePressure;
import mellowflare.core.measure.MassFlow;
import mellowflare.core.measure.PressureDifference;
import mellowflare.core.measure.UnitSystem;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.TestInstance;

/** What is worked out of a gas line: its stages, its hold, and the pressures that may be read in it. */
@TestInstance(TestInstance.Lifecycle.PER_CLASS)
class GasCaseTest {
    private static final GasLine SHORT =
            GasLines.line("a: right 4 m size 22", "ring: appliance 7 kW inlet regulated vented");

    private static final GasLine STAGED = fed(
            GasLines.line(
                    "a: right 2 m size 12",
                    "r1: regulator kw-low-11",
                    "b: right 4 m size 22",
                    "r2: regulator kw-line-17",
                    "c: right 3 m size 22",
                    "stove: appliance 5 kW inlet regulated"),
            Optional.of("kw-first-700"));

    private static GasLine fed(GasLine line, Optional<String> regulator) {
        return line.with()
                .source(line.source().with().regulator(regulator).build())
                .build();
    }

    private static GasCase work(GasLine line) {
        return GasLines.plan(line).c();
    }

    private static HoldTest.Reading read(double minutes, double mbar) {
        return new HoldTest.Reading(minutes * 60, GaugePressure.ofMillibar(mbar), Optional.empty(), Optional.empty());
    }

    private static GasLine tested(List<HoldTest.Reading> readings) {
        GasTest t = SHORT.test();
        return SHORT.with()
                .test(new GasTest(readings, t.allowed(), t.gaugeStep(), t.apart(), t.soaped()))
                .build();
    }

    private static GaugePressure lockUp(String regulator) {
        return work(STAGED).stock().regulator(regulator).map(Regulator::lockUp).orElseThrow();
    }

    @Test
    void testAStageIsFedByTheRegulatorBeforeIt() {
        GasCase c = work(STAGED);
        assertEquals(Optional.of(lockUp("kw-first-700")), c.stageBefore("r1"));
        assertEquals(Optional.of(lockUp("kw-low-11")), c.stageBefore("r2"));
        assertEquals(Optional.empty(), c.stageBefore("r3"));
        assertThat(lockUp("kw-first-700").millibar()).isEqualTo(840);
    }

    @Test
    void testBehindAMeterTheHousePressureFeedsTheStage() {
        GasLine metered = GasLines.line(
                        "a: right 2 m size 22", "r: regulator kw-house-20", "x: appliance 5 kW inlet regulated")
                .with()
                .shares(Map.of("g20", 1.0))
                .pressure(Optional.of("2h-20"))
                .source(GasSource.UNSAID
                        .with()
                        .feed(GasSource.Feed.METER)
                        .pressure(Optional.of(GaugePressure.ofMillibar(80)))
                        .build())
                .build();
        GasCase c = work(metered);
        assertThat(c.stageBefore("r").orElseThrow().millibar()).isEqualTo(80);
        assertThat(c.stageOf("a").orElseThrow().millibar()).isEqualTo(80);
    }

    @Test
    void testEachStretchKnowsWhatItsStageIsSetTo() {
        GasCase c = work(STAGED);
        assertThat(c.stageOf("a").orElseThrow().millibar()).isEqualTo(700);
        assertThat(c.stageOf("b").orElseThrow().millibar()).isEqualTo(27.4);
        assertThat(c.stageOf("c").orElseThrow().millibar()).isEqualTo(17.4);
        assertEquals(Optional.empty(), c.stageOf("d"));
        assertEquals(Optional.empty(), work(GasLine.NEW).stageOf("a"));
    }

    /** An appliance for propane at 37 mbar needs 25 at least (EN 437); where none hangs on a stage, the drop allowed decides. */
    @Test
    void testAStretchKeepsWhatTheAppliancesOfItsStageNeed() {
        GasCase c = work(SHORT);
        assertThat(c.leastOf("a").orElseThrow().millibar()).isEqualTo(25);
        GasCase staged = work(STAGED);
        assertThat(staged.leastOf("c")).isEqualTo(staged.inlets().get(0).least());
        assertThat(staged.leastOf("a"))
                .isEqualTo(staged.allowedDrop()
                        .map(d -> GaugePressure.ofMillibar(700).less(d)));
        GasCase allowed = work(STAGED.with()
                .drop(Optional.of(PressureDifference.ofMillibar(2)))
                .build());
        assertThat(allowed.leastOf("b").orElseThrow().millibar()).isEqualTo(25.4);
    }

    @Test
    void testALineGrowsWhereSomethingNewStandsBesideSomethingOld() {
        String old = "ring: appliance 7 kW";
        String added = "heater: appliance 4 kW new";
        assertFalse(work(GasLines.line("a: right 4 m size 22", old)).grows());
        assertFalse(work(GasLines.line("a: right 4 m size 22", added)).grows());
        assertTrue(work(GasLines.line("a: right 4 m size 22", old, "b: right 1 m size 22", added))
                .grows());
    }

    /** Four metres of 22 x 1 tube hold 4 x pi / 4 x 0.20^2 dm2 = 1.257 litres; twice that is held in twice the pipe. */
    @Test
    void testTheVolumeIsThatOfAllPipes() {
        assertEquals(40 * Math.PI / 4 * 0.20 * 0.20, work(SHORT).volume().litres(), 1e-9);
        GasLine twice = GasLines.line("a: right 4 m size 22", "b: up 4 m size 22", "ring: appliance 7 kW");
        assertEquals(80 * Math.PI / 4 * 0.20 * 0.20, work(twice).volume().litres(), 1e-9);
        assertEquals(
                0,
                work(SHORT.with()
                                .size(Optional.of("nobody's"))
                                .pieces(GasLines.called("a: right 4 m"))
                                .build())
                        .volume()
                        .litres());
    }

    @Test
    void testAHoldNeedsTwoReadingsAndSomethingShutIn() {
        assertTrue(work(tested(List.of(read(0, 55)))).heldTest().isEmpty());
        HoldTest held =
                work(tested(List.of(read(0, 55), read(10, 54)))).heldTest().orElseThrow();
        assertEquals(work(SHORT).volume(), held.volume());
        GasLine nothing = tested(List.of(read(0, 55), read(10, 54)))
                .with()
                .pieces(List.of())
                .build();
        assertTrue(work(nothing).heldTest().isEmpty());
    }

    private static Probed probed(GasLine line, Set<String> running) {
        return GasLines.plan(line).probing().orElseThrow().with(running);
    }

    @Test
    void testPressuresAreReadWhereverPipesEnd() {
        Probing p = GasLines.plan(STAGED).probing().orElseThrow();
        assertEquals(List.of("stove"), p.consumers());
        Probed all = p.with(Set.of("stove"));
        assertThat(all.stretches()).extracting(Probed.Stretch::name).containsExactly("a", "b", "c");
        assertThat(all.places()).containsAll(all.fed()).doesNotHaveDuplicates();
        assertThat(all.fed()).hasSize(3);
        assertThat(all.places())
                .containsAll(all.stretches().stream().map(Probed.Stretch::to).toList());
        assertEquals("mbar", p.bare());
        assertEquals("37 mbar", p.pressure(GaugePressure.ofMillibar(37)).text(UnitSystem.METRIC));
        assertThat(p.lost(PressureDifference.ofMillibar(1.5)).text(UnitSystem.METRIC))
                .contains("1.5")
                .contains("mbar");
    }

    @Test
    void testNothingIsLostWhereNothingBurns() {
        String last = probed(SHORT, Set.of()).stretches().get(0).to();
        assertEquals(
                37,
                probed(SHORT, Set.of()).pressures(Optional.empty()).get(last).millibar(),
                1e-6);
        assertThat(probed(SHORT, Set.of("ring"))
                        .pressures(Optional.empty())
                        .get(last)
                        .millibar())
                .isLessThan(37);
    }

    /** The pressures that are read where it is fed take the place of what regulators are set to. */
    @Test
    void testWhatIsReadWhereItIsFedIsBelieved() {
        Probed all = probed(STAGED, Set.of("stove"));
        List<String> fed = all.fed();
        Probed at = all.at(Map.of(
                fed.get(0), GaugePressure.ofMillibar(650),
                fed.get(1), GaugePressure.ofMillibar(30)));
        Map<String, GaugePressure> now = at.pressures(Optional.empty());
        assertEquals(650, now.get(fed.get(0)).millibar(), 1e-6);
        assertEquals(30, now.get(fed.get(1)).millibar(), 1e-6);
        assertEquals(17.4, now.get(fed.get(2)).millibar(), 1e-6);
    }

    /** A choke of k velocity heads is as much longer as fifty bores for each: two heads in 20 mm are two metres of four. */
    @Test
    void testAChokeLosesAsTheLengthThatItStandsFor() {
        Probed p = probed(SHORT, Set.of("ring"));
        String last = p.stretches().get(0).to();
        double sound = 37 - p.pressures(Optional.empty()).get(last).millibar();
        double choked = 37
                - p.pressures(Optional.of(new Fault.Choked("a", 2))).get(last).millibar();
        double elsewhere = 37
                - p.pressures(Optional.of(new Fault.Choked("b", 2))).get(last).millibar();
        assertThat(sound).isPositive();
        assertEquals(sound, elsewhere, 1e-9);
        double metres = 4 + fittings();
        assertEquals((metres + 2) / metres, choked / sound, 1e-3);
    }

    private static double fittings() {
        return work(SHORT).sections().stream()
                .mapToDouble(s -> s.fittings().mm() / 1000)
                .sum();
    }

    @Test
    void testALeakLosesMoreTheMoreItIs() {
        Probed p = probed(SHORT, Set.of("ring"));
        String last = p.stretches().get(0).to();
        List<Double> left = IntStream.range(0, 3)
                .mapToObj(n -> p.pressures(Optional.of(new Fault.Leaking(last, MassFlow.ofKgPerSecond(n * 1e-4))))
                        .get(last)
                        .millibar())
                .toList();
        assertThat(left.get(0))
                .isEqualTo(p.pressures(Optional.empty()).get(last).millibar());
        assertThat(left.get(1)).isLessThan(left.get(0));
        assertThat(left.get(2)).isLessThan(left.get(1));
    }

    /** A cubic metre an hour of propane, 1.55 times as heavy as air of 1.2250 kg/m3 at 15 C, where less is burned. */
    @Test
    void testTheMostThatLeaksIsWhatBurnsAndACubicMetreAtLeast() {
        assertEquals(
                1.2250 * 1.555 / 3600, probed(SHORT, Set.of("ring")).mostLeak().kgPerSecond(), 1e-5);
        GasLine large = GasLines.line("a: right 1 m size 54", "boiler: appliance 200 kW inlet regulated");
        double burned = GasLines.plan(large)
                .c()
                .gas()
                .orElseThrow()
                .mass(work(large).total())
                .kgPerSecond();
        assertEquals(burned, probed(large, Set.of("boiler")).mostLeak().kgPerSecond(), 1e-12);
        assertThat(burned).isGreaterThan(1.2250 * 1.6 / 3600);
        assertEquals(0.2, probed(SHORT, Set.of()).scatter().millibar(), 1e-12);
        assertThat(probed(SHORT, Set.of())
                        .flow(MassFlow.ofKgPerSecond(1.2250 * 1.555 / 3600))
                        .text(UnitSystem.METRIC))
                .startsWith("1");
    }

    // --- sizes ---

    private static CheapestSizes.Found cheapest(GasLine line) {
        return work(line).cheapest().orElseThrow();
    }

    private static GasLine metres(int metres) {
        return GasLines.line("a: right " + metres + " m", "ring: appliance 7 kW inlet regulated vented");
    }

    /** Four metres more of the same size cost four times its metre; and as many fittings as before. */
    @Test
    void testASizeCostsItsMetresAndItsFittings() {
        CheapestSizes.Found four = cheapest(metres(4));
        CheapestSizes.Found eight = cheapest(metres(8));
        String size = four.sizes().get("a").size();
        assertEquals(size, eight.sizes().get("a").size());
        GasSize z = work(SHORT).stock().size("en1057", size).orElseThrow();
        assertEquals(4 * z.metre(), eight.price() - four.price(), 1e-9);
        double fittings = (four.price() - 4 * z.metre()) / z.fitting();
        assertEquals(Math.rint(fittings), fittings, 1e-9);
        assertThat(fittings).isGreaterThanOrEqualTo(1);
        assertThat(four.proven()).isTrue();
    }

    /** A drop of a tenth of a millibar wants a wider pipe than one of five; one that nothing keeps finds none. */
    @Test
    void testTheDropAllowedDecidesTheSize() {
        GasLine long20 = GasLines.line("a: right 20 m", "ring: appliance 20 kW inlet regulated vented");
        double wide = bore(long20, 0.1);
        double narrow = bore(long20, 5);
        assertThat(wide).isGreaterThan(narrow);
        assertThat(work(dropped(long20, 1e-7)).cheapest()).isEmpty();
        // The pressure that the appliance needs holds as well: 37 less 25 are 12.
        assertEquals(bore(long20, 12), bore(long20, 20));
    }

    private static GasLine dropped(GasLine line, double millibar) {
        return line.with()
                .drop(Optional.of(PressureDifference.ofMillibar(millibar)))
                .build();
    }

    private static double bore(GasLine line, double millibar) {
        return cheapest(dropped(line, millibar)).sizes().get("a").pipe().bore().mm();
    }

    @Test
    void testASketchIsWorkedOutInTheSameSetting() {
        GasCase c = work(SHORT);
        GasCase sketch = c.sketched(metres(6));
        assertEquals(work(metres(6)).sections(), sketch.sections());
        assertEquals(c.setting(), sketch.setting());
    }
}
