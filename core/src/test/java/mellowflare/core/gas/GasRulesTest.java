package mellowflare.core.gas;

import static mellowflare.core.gas.GasLines.called;
import static mellowflare.core.gas.GasLines.fails;
import static mellowflare.core.gas.GasLines.line;
import static mellowflare.core.gas.GasLines.of;
import static mellowflare.core.gas.GasLines.plan;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.function.UnaryOperator;
import mellowflare.core.advice.Finding;
import mellowflare.core.advice.Severity;
import mellowflare.core.advice.State;
import mellowflare.core.gas.draw.GasDrawing;
import mellowflare.core.gas.layout.GasText;
import mellowflare.core.gas.layout.Piece;
import mellowflare.core.gas.line.GasLine;
import mellowflare.core.gas.line.GasSite;
import mellowflare.core.gas.line.GasSource;
import mellowflare.core.gas.order.GasStepWriter;
import mellowflare.core.gas.stock.Drawn;
import mellowflare.core.gas.stock.GasSystem;
import mellowflare.core.gas.work.Inlet;
import mellowflare.core.measure.Area;
import mellowflare.core.measure.GaugePressure;
import mellowflare.core.measure.Length;
import mellowflare.core.measure.Power;
import mellowflare.core.measure.PressureDifference;
import mellowflare.core.measure.Temperature;
import mellowflare.core.measure.UnitSystem;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class GasRulesTest {
    private static final String RING = "ring: appliance 7 kW inlet regulated unvented";

    private static GasLine site(GasLine line, UnaryOperator<GasSite> change) {
        return line.withSite(change.apply(line.site()));
    }

    private static Finding only(GasPlan plan, String rule) {
        List<Finding> all = of(plan, rule);
        assertEquals(1, all.size(), rule + ": " + all);
        return all.get(0);
    }

    // --- pressure ---

    @Test
    void testAnAddedHeaterThatStarvesTheOldRingIsAStopWithBothFigures() {
        String[] old = {"a: up 0.5 m size 12", "b: right 30 m size 12", RING};
        GasPlan before = plan(line(old));
        assertFalse(fails(before, "gas.inlet-pressure"));
        GasPlan after = plan(line(
                "a: up 0.5 m size 12",
                "b: right 30 m size 12",
                RING,
                "c: ahead 3 m size 12",
                "heater: appliance 28 kW inlet regulated new vented"));
        Finding f = only(after, "gas.added");
        assertEquals(State.FAIL, f.state());
        assertEquals(Severity.STOP, f.severity());
        Inlet ring = after.c().inlet("ring").orElseThrow();
        assertTrue(ring.starvedByNew());
        assertEquals(
                before.c().inlet("ring").orElseThrow().pressure().orElseThrow().bar(),
                ring.before().orElseThrow().bar(),
                1e-9);
    }

    @Test
    void testLargerPipeEndsTheStarving() {
        GasPlan wide = plan(line(
                "a: up 0.5 m size 22",
                "b: right 30 m size 22",
                RING,
                "c: ahead 3 m size 15",
                "heater: appliance 28 kW inlet regulated new vented"));
        assertEquals(State.PASS, only(wide, "gas.added").state());
    }

    @Test
    void testCylinderPressureAtARegulatedInletIsAStop() {
        GasLine bare = line("a: right 2 m", RING);
        GasPlan p = plan(bare.withSource(bare.source().withRegulator(Optional.empty())));
        assertEquals(Severity.STOP, only(p, "gas.raw").severity());
        assertEquals(State.FAIL, only(p, "gas.raw").state());
        assertTrue(fails(p, "gas.inlet-greatest"));
        assertEquals(State.PASS, only(plan(bare), "gas.raw").state());
    }

    @Test
    void testAnInletThatNobodyReadIsStillNoPlaceForCylinderPressure() {
        GasLine bare = line("a: right 2 m", "ring: appliance 7 kW");
        GasPlan p = plan(bare.withSource(bare.source().withRegulator(Optional.empty())));
        assertTrue(fails(p, "gas.raw"));
        assertTrue(fails(p, "gas.inlet-known"));
    }

    @Test
    void testAnApplianceWithItsOwnRegulatorStarvesOnLowPressure() {
        assertTrue(fails(plan(line("a: right 2 m", "grill: appliance 5 kW inlet own")), "gas.own-regulator"));
        GasPlan first = plan(line("a: right 2 m", "grill: appliance 5 kW inlet own from 300")
                .withSource(line().source().withRegulator(Optional.of("kw-first-700"))));
        assertFalse(fails(first, "gas.own-regulator"));
    }

    @Test
    void testAFirstStageAtABurnerIsTooMuch() {
        GasLine l = line("a: right 2 m", RING);
        assertTrue(
                fails(plan(l.withSource(l.source().withRegulator(Optional.of("kw-first-700")))), "gas.inlet-greatest"));
        GasPlan two = plan(line("a: right 2 m", "r: regulator kw-low-37", "b: right 3 m", RING)
                .withSource(l.source().withRegulator(Optional.of("kw-first-700"))));
        assertFalse(fails(two, "gas.inlet-greatest"));
        assertEquals(
                37, two.c().inlet("ring").orElseThrow().stage().orElseThrow().millibar(), 1e-9);
        assertEquals(700, two.c().feed().orElseThrow().millibar(), 1e-9);
    }

    @Test
    void testTheDropAllowedIsAWarningAndAskedWhereTheCodeLeavesItOpen() {
        GasLine l = line("a: right 12 m size 12", RING);
        assertEquals(State.NOT_CHECKED, only(plan(l), "gas.drop").state());
        Finding f = only(plan(l.withDrop(Optional.of(PressureDifference.ofMillibar(0.2)))), "gas.drop");
        assertEquals(State.FAIL, f.state());
        assertEquals(Severity.WARN, f.severity());
    }

    @Test
    void testWhatRunsInsteadOfEachOtherIsNotAddedUp() {
        GasPlan p = plan(line(
                "a: right 3 m",
                "x: appliance 10 kW inlet regulated instead heat",
                "y: appliance 6 kW inlet regulated instead heat",
                RING));
        assertEquals(17, p.c().load().kilowatts(), 1e-9);
        assertEquals(23, p.c().plates().kilowatts(), 1e-9);
        assertTrue(p.c().inlet("y").orElseThrow().pressure().isPresent());
    }

    // --- source ---

    @ParameterizedTest
    @CsvSource({"INDOORS, FAIL", "BELOW, FAIL", "OUTSIDE, PASS", "LOCKER, PASS", "UNSAID, NOT_CHECKED"})
    void testWhereACylinderMayStand(GasSource.Stands stands, State state) {
        GasLine l = line("a: right 2 m", RING);
        Finding f = only(plan(l.withSource(l.source().withStands(stands))), "gas.cylinder-place");
        assertEquals(state, f.state());
        assertEquals(Severity.STOP, f.severity());
    }

    @Test
    void testASmallCylinderInTheFrostDoesNotBoilEnough() {
        GasLine l = line("a: right 2 m size 22", "boiler: appliance 28 kW inlet regulated vented");
        GasSource hard = l.source().with().drawn(Drawn.STEADY).fill(0.3).build();
        assertTrue(fails(plan(site(l.withSource(hard), s -> s.withColdest(Temperature.ofCelsius(-10)))), "gas.boils"));
        GasSource easy = l.source()
                .with()
                .cylinder(Optional.of("kw-47"))
                .count(6)
                .fill(0.8)
                .build();
        assertFalse(fails(plan(site(l.withSource(easy), s -> s.withColdest(Temperature.ofCelsius(15)))), "gas.boils"));
    }

    @Test
    void testButaneGivesNothingBelowItsBoilingPoint() {
        GasLine butane = line("a: right 2 m", RING).withShares(Map.of("g30", 1.0));
        assertTrue(fails(plan(site(butane, s -> s.withColdest(Temperature.ofCelsius(-5)))), "gas.frost"));
        assertFalse(fails(plan(site(butane, s -> s.withColdest(Temperature.ofCelsius(20)))), "gas.frost"));
    }

    /** Said in the trade, half full at 10 °C: 11 kg give 0.3 kg/h for hours and 0.8 in spells, 33 kg 0.6 and 1.8. A kilogram holds 13.9 kWh gross. */
    @ParameterizedTest
    @CsvSource({"kw-11, STEADY, 0.3", "kw-11, SPELLS, 0.8", "kw-33, STEADY, 0.6", "kw-33, SPELLS, 1.8"})
    void testBoilingOfTheUsualCylindersLiesWhereTheTradeHasIt(String cylinder, Drawn drawn, double kilograms) {
        GasLine l = line("a: right 2 m", RING);
        GasSource s =
                l.source().with().cylinder(Optional.of(cylinder)).drawn(drawn).build();
        double kilowatts = plan(site(l.withSource(s), x -> x.withColdest(Temperature.ofCelsius(10))))
                .c()
                .boiling()
                .orElseThrow()
                .gives()
                .kilowatts();
        assertEquals(1, kilowatts / 13.9 / kilograms, 0.3, kilowatts + " kW");
    }

    @Test
    void testARegulatorThatIsTooSmallOrForAnotherGas() {
        GasLine l = line("a: right 2 m size 28", "boiler: appliance 60 kW inlet regulated vented");
        assertTrue(fails(plan(l), "gas.regulator"));
        assertTrue(
                fails(plan(l.withSource(l.source().withRegulator(Optional.of("kw-house-20")))), "gas.regulator-gas"));
        GasPlan low = plan(l.withSource(l.source().withRegulator(Optional.of("kw-low-37"))));
        assertTrue(fails(low, "gas.regulator-high"), "rated to 4 bar, and a warm cylinder holds more");
    }

    @Test
    void testAnApplianceSetForAnotherGasIsAStop() {
        GasPlan p = plan(line("a: right 2 m", "ring: appliance 7 kW inlet regulated gas g20"));
        assertEquals(Severity.STOP, only(p, "gas.wrong-gas").severity());
        assertTrue(fails(p, "gas.wrong-gas"));
        assertFalse(fails(plan(line("a: right 2 m", "ring: appliance 7 kW gas g31")), "gas.wrong-gas"));
    }

    // --- hoses and joints ---

    @ParameterizedTest
    @CsvSource({
        "air, nfpa54, gas.hose-air, STOP",
        "unmarked, nfpa54, gas.hose-unmarked, STOP",
        "unmarked, en1775, gas.hose-unmarked, WARN",
        "made-up, nfpa54, gas.hose-made-up, STOP",
        "made-up, en1775, gas.hose-made-up, WARN"
    })
    void testHoses(String sort, String code, String rule, Severity severity) {
        GasPlan p = plan(line("a: right 2 m", "ring: appliance 7 kW hose 0.8 m bore 8 sort " + sort)
                .withCode(Optional.of(code)));
        List<Finding> failed =
                of(p, rule).stream().filter(f -> f.state() == State.FAIL).toList();
        assertEquals(1, failed.size());
        assertEquals(severity, failed.get(0).severity());
    }

    @Test
    void testAListedHoseIsFineButNotOverTheCodesLength() {
        GasLine l =
                line("a: right 2 m", "ring: appliance 7 kW hose 2.5 m bore 8").withCode(Optional.of("nfpa54"));
        assertTrue(fails(plan(l), "gas.hose-long"));
        assertFalse(fails(plan(l), "gas.hose-air"));
        assertFalse(fails(
                plan(l.withPieces(called("a: right 2 m", "ring: appliance 7 kW hose 1.2 m bore 8"))), "gas.hose-long"));
    }

    @Test
    void testACouplerWantsAValveBeforeIt() {
        String grill = "grill: appliance 5 kW hose 1 m bore 8 coupler";
        assertTrue(fails(plan(line("a: right 2 m", grill)), "gas.coupler"));
        assertFalse(fails(plan(line("a: right 2 m", "v: valve", grill)), "gas.coupler"));
    }

    @Test
    void testWaterTapeAndTapeOnAFlare() {
        GasLine l = line("a: right 2 m", RING);
        GasPlan water = plan(site(l, s -> s.withSealant(Optional.of(GasSite.Sealant.WATER_TAPE))));
        assertEquals(Severity.STOP, only(water, "gas.water-tape").severity());
        assertTrue(fails(water, "gas.water-tape"));
        GasPlan flare = plan(site(
                l,
                s -> s.with()
                        .joint(Optional.of(GasSystem.Joint.FLARE))
                        .sealant(Optional.of(GasSite.Sealant.GAS_TAPE))
                        .build()));
        assertTrue(fails(flare, "gas.tape-on-flare"));
    }

    @ParameterizedTest
    @CsvSource({"COMPRESSION, nfpa54, STOP", "PUSH, en1775, WARN", "SOFT_SOLDER, en1775, STOP"})
    void testJointsThatTheCodeDoesNotSimplyAllow(GasSystem.Joint joint, String code, Severity severity) {
        GasPlan p = plan(
                site(line("a: right 2 m", RING).withCode(Optional.of(code)), s -> s.withJoint(Optional.of(joint))));
        assertTrue(of(p, "gas.joint-" + severity.name().toLowerCase(Locale.ROOT)).stream()
                .anyMatch(f -> f.state() == State.FAIL));
    }

    @Test
    void testPlasticPipeOutsideTheGroundIsAStop() {
        GasLine pe = line("a: right 2 m buried", "b: up 1 m", RING).ofSystem(Optional.of("pe"));
        assertTrue(fails(plan(pe), "gas.ground"));
        assertFalse(fails(plan(line("a: right 2 m buried", RING).ofSystem(Optional.of("pe"))), "gas.ground"));
    }

    @Test
    void testAHoleWithoutProofIsAStopAndAskedAbout() {
        GasLine l = line("a: right 2 m through", RING);
        assertEquals(State.NOT_CHECKED, only(plan(l), "gas.hole").state());
        assertTrue(fails(plan(site(l, s -> s.withProved(Optional.of(false)))), "gas.hole"));
        assertEquals(List.of(), of(plan(line("a: right 2 m", RING)), "gas.hole"));
    }

    // --- rooms, people ---

    @Test
    void testAnUnventedHeaterWherePeopleSleep() {
        GasLine l = line("a: right 2 m", "heater: appliance 4 kW unvented");
        assertTrue(fails(plan(site(l, s -> s.withSleeping(Optional.of(true)))), "gas.sleeping"));
        assertFalse(fails(plan(site(l, s -> s.withSleeping(Optional.of(false)))), "gas.sleeping"));
        // 4 kW are 13 649 Btu/h: 4.55 square inches by one opening.
        assertTrue(fails(plan(site(l, s -> s.withOpenings(Optional.of(Area.ofSquareInches(4.5))))), "gas.openings"));
        assertFalse(fails(plan(site(l, s -> s.withOpenings(Optional.of(Area.ofSquareInches(4.6))))), "gas.openings"));
    }

    @Test
    void testNobodyWhoMayIsAStop() {
        GasLine l = line("a: right 2 m", RING);
        assertTrue(fails(plan(site(l, s -> s.withLicensed(Optional.of(false)))), "gas.licence"));
        assertEquals(State.NOT_CHECKED, only(plan(l), "gas.licence").state());
    }

    // --- odd and bad input ---

    @Test
    void testAnEmptyLineAsksAndStopsNothing() {
        GasPlan p = plan(GasLine.NEW);
        assertFalse(p.stops());
        assertEquals(List.of(), p.steps());
        assertTrue(p.findings().stream().allMatch(f -> f.state() == State.NOT_CHECKED));
    }

    @Test
    void testAnOpenEndIsAStop() {
        assertTrue(fails(plan(line("a: right 2 m", RING, "b: right 1 m")), "gas.open-end"));
        assertFalse(fails(plan(line("a: right 2 m", RING, "b: right 1 m", "c: cap")), "gas.open-end"));
    }

    @Test
    void testAnUnknownPlateIsAskedForAndTheRestIsWorkedOut() {
        GasPlan p = plan(line("a: right 2 m", "what: appliance", RING));
        assertTrue(of(p, "gas.inlet-pressure").stream().anyMatch(f -> f.state() == State.NOT_CHECKED));
        assertTrue(p.c().inlet("ring").orElseThrow().pressure().isPresent());
        GasPlan usual = plan(line("a: right 2 m", "what: appliance like range"));
        assertTrue(fails(usual, "gas.plate"));
        assertEquals(65_000, usual.c().load().btuPerHour(), 0.1);
    }

    @Test
    void testAZeroLengthIsNamedAndCountsAsAJoint() {
        GasPlan p = plan(line("a: right 2 m", "z: right 0 mm", RING));
        assertTrue(fails(p, "gas.walk-length"));
        assertTrue(p.c().inlet("ring").orElseThrow().pressure().isPresent());
    }

    @Test
    void testALoopPastARegulatorIsNamed() {
        GasPlan p = plan(line(
                "a: right 2 m",
                "d: ahead 1 m",
                "from a",
                "r: regulator kw-low-37",
                "b: left 2 m",
                "c: left 2 m",
                RING,
                "e: close d"));
        assertTrue(fails(p, "gas.arrives"));
    }

    // --- the whole ---

    @Test
    void testTheOrderOfWorkKeepsItsPrecedence() {
        GasPlan p = plan(site(
                line(
                        "a: right 2 m standing",
                        "b: up 1 m through",
                        "v: valve",
                        RING,
                        "g: appliance 5 kW hose 1 m sort made-up vented"),
                s -> s.withJoint(Optional.of(GasSystem.Joint.FLARE))));
        List<String> ids = p.steps().stream().map(s -> s.id()).toList();
        for (String id : List.of(
                "know", "off", "burn", "hole", "join", "hose", "made", "hold", "soap", "purge", "spill", "label")) {
            assertTrue(ids.contains(id), id + " in " + ids);
        }
        assertEquals(List.of(), GasLines.DATA.get(GasStepWriter.ORDER).broken(p.steps()));
    }

    @Test
    void testDrawingsDrawWhateverIsCalledOut() {
        for (GasPlan p : List.of(
                plan(GasLine.NEW),
                plan(line("a: right 2 m", RING)),
                plan(line(
                        "a: right 2 m",
                        "r: regulator kw-low-37",
                        "b: up 1 m",
                        RING,
                        "x: appliance 9 kW new",
                        "c: ahead 1 m",
                        "d: cap")))) {
            assertFalse(p.strip().shapes().isEmpty());
            assertFalse(GasDrawing.page(p.c(), p.findings(), 30, 28, Optional.of("a"))
                    .shapes()
                    .isEmpty());
        }
    }

    @Test
    void testCheapestSizesServeEveryInletAndLeaveStandingPipe() {
        GasLine l = line(
                        "old: right 6 m size 15 standing",
                        RING,
                        "b: ahead 8 m",
                        "heater: appliance 11 kW inlet regulated new vented")
                .withDrop(Optional.of(PressureDifference.ofMillibar(2)));
        GasPlan p = plan(l);
        var found = p.c().cheapest().orElseThrow();
        assertTrue(found.proven());
        assertEquals("15", found.sizes().get("old").size());
        assertEquals(0, found.sizes().get("old").price(), 1e-9);
        GasPlan sized = plan(
                l.sized(Optional.of("15"), Map.of("b", found.sizes().get("b").size())));
        sized.c()
                .inlets()
                .forEach(i ->
                        assertTrue(i.drop().orElseThrow().compareTo(PressureDifference.ofMillibar(2)) <= 0, i.name()));
    }

    @Test
    void testOnlyAsMuchStandingPipeIsRenewedAsMustBe() {
        GasLine l = line(
                        "first: right 12 m size 12 standing",
                        RING,
                        "second: ahead 2 m size 12 standing",
                        "heater: appliance 14 kW inlet regulated new vented")
                .withDrop(Optional.of(PressureDifference.ofMillibar(2.5)));
        var found = plan(l).c().cheapest().orElseThrow();
        assertFalse(found.sizes().get("first").size().equals("12"), "the long first stretch is too narrow");
        assertEquals("12", found.sizes().get("second").size());
        GasLine taken =
                l.sized(l.size(), Map.of("first", found.sizes().get("first").size(), "second", "12"));
        assertFalse(((Piece.Pipe) taken.pieces().get(0)).standing());
        assertTrue(((Piece.Pipe) taken.pieces().get(2)).standing());
    }

    @Test
    void testAltitudeThinsTheAir() {
        GasLine l = line("a: right 2 m", RING);
        double low = plan(l).c().barometer().bar();
        double high = plan(site(l, s -> s.withAltitude(Length.ofMm(1_500_000))))
                .c()
                .barometer()
                .bar();
        assertEquals(1.01325, low, 1e-9);
        assertEquals(0.8456, high, 0.0005);
    }

    @Test
    void testTestPressureOfTheCode() {
        GasLine l = line("a: right 2 m", RING).withCode(Optional.of("nfpa54"));
        assertEquals(206.8, plan(l).c().testPressure().orElseThrow().millibar(), 1e-9);
        assertEquals(Optional.empty(), plan(line("a: right 2 m", RING)).c().testPressure());
        assertEquals(
                1050,
                plan(l.withSource(l.source().withRegulator(Optional.of("kw-first-700"))))
                        .c()
                        .testPressure()
                        .orElseThrow()
                        .millibar(),
                1e-9);
    }

    @Test
    void testEveryCallIsWrittenAsItIsRead() {
        for (UnitSystem units : UnitSystem.values()) {
            for (var p : called(
                    "a: up 2.4 m size 15 elbows 3 buried standing",
                    "h: hose 1.2 m left bore 10 sort made-up coupler",
                    "ring: appliance 7.5 kW like range inlet regulated from 25 to 45 hose 0.8 m bore 8 gas g31 instead heat new unvented",
                    "r: regulator kw-low-37",
                    "v: valve",
                    "c: cap",
                    "from a",
                    "k: close a size 22")) {
                String text = GasText.write(p, units);
                var back = GasText.read(text, units, "x").value().orElseThrow();
                assertEquals(text, GasText.write(back, units));
            }
        }
        assertEquals(
                Power.ofKilowatts(7.5),
                ((Piece.Appliance) called("r: appliance 7.5 kW").get(0))
                        .plate()
                        .input()
                        .orElseThrow());
        assertEquals(
                GaugePressure.ofMillibar(25),
                ((Piece.Appliance) called("r: appliance from 25 to 30").get(0))
                        .plate()
                        .least()
                        .orElseThrow());
    }
}
