package mellowflare.core.hose;

import static mellowflare.core.Samples.hoseCase;
import static mellowflare.core.hose.KindLines.line;
import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Optional;
import mellowflare.core.EndSample;
import mellowflare.core.LineSample;
import mellowflare.core.advice.Finding;
import mellowflare.core.advice.Severity;
import mellowflare.core.advice.State;
import mellowflare.core.connection.LineEnd;
import mellowflare.core.fluid.Ambient;
import mellowflare.core.fluid.Duty;
import mellowflare.core.fluid.PressureBasis;
import mellowflare.core.hose.rules.HoseRules;
import mellowflare.core.material.Metal;
import mellowflare.core.measure.FlowRate;
import mellowflare.core.measure.GaugePressure;
import mellowflare.core.measure.Length;
import mellowflare.core.measure.Temperature;
import mellowflare.core.measure.UnitSystem;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class KindRulesTest {
    private static List<Finding> of(LineSample line, String rule) {
        return HoseRules.check(hoseCase(line)).stream()
                .filter(f -> f.rule().id().startsWith(rule))
                .toList();
    }

    private static Finding failed(LineSample line, String rule) {
        return of(line, rule).stream()
                .filter(f -> f.state() == State.FAIL)
                .findFirst()
                .orElseThrow(() -> new AssertionError(rule + " did not fail"));
    }

    private static String says(LineSample line, String rule) {
        return failed(line, rule).says(UnitSystem.METRIC);
    }

    private static List<String> stops(LineSample line) {
        return HoseRules.check(hoseCase(line)).stream()
                .filter(Finding::stops)
                .map(f -> f.says(UnitSystem.METRIC))
                .toList();
    }

    @ParameterizedTest
    @CsvSource({
        "KHT-06, mineral-oil, 10, KT06-J06F, KT06-N38M",
        "KHU-16, mineral-oil, 2, KU16-J16F, KU16-N1M",
        "KHP-06, petrol, 6, KP06-A06F, KP06-A06F90",
        "KHF-08, petrol-ethanol, 6, KB08-A08F, KB08-A08F45",
        "KHL-06, diesel, 5, KL06-A06F, KL06-N14M",
        "KHB-08, r134a, 20, KB08-C08F, KB08-C08F90",
        "KHC-10, r1234yf, 20, KC10-C10F, KC10-C10M",
        "KHA-06, compressed-air, 10, KA06-N38M, KA06-G38F",
        "KHN-08, compressed-air, 8, KN08-N38M, KN08-R38M",
        "KHW-05, potable-water, 6, KW05-Q12F, KW05-Q12F",
        "KHG-06, lpg, 0.1, KG06-L38F, KG06-S38F",
        "KHK-02, brake-fluid, 90, KK02-I316M, KK02-I316F"
    })
    void testEachKindMakesALineThatNothingStopsInItsOwnFluid(
            String hose, String fluid, double bar, String endA, String endB) {
        LineSample line = line(hose, fluid, bar, 40, endA, endB);
        double length = hose.startsWith("KHK") ? 350 : hose.startsWith("KHG") ? 700 : 800;
        LineSample fit = line.withFinished(line.finished().map(f -> f.withValue(Length.ofMm(length), "" + length)));
        assertThat(stops(fit))
                .as(hose)
                .filteredOn(s -> !s.startsWith("Both ends have fixed threads"))
                .isEmpty();
    }

    @Test
    void testHydraulicHoseIsRefusedForEveryOtherFluid() {
        for (String fluid :
                List.of("petrol", "r134a", "compressed-air", "lpg", "potable-water", "brake-fluid", "nitrous-oxide")) {
            LineSample l = line("KH2-08", fluid, 1, 20, "KC08-J08F", "KC08-J08F");
            assertThat(says(l, "line.fluid-belongs")).contains("Never use two-wire hose (KH2-08) for ");
        }
        LineSample brake = line("KH2-04", "brake-fluid", 1, 20, "KC04-J04F", "KC04-J04F");
        assertThat(failed(brake, "line.fluid-belongs").remedy(UnitSystem.METRIC))
                .contains("whole tested brake hose");
    }

    @Test
    void testHighPressureRefrigerantIsTooMuchForBarrierHose() {
        LineSample hot = line("KHB-08", "r410a", 42, 40, "KB08-C08F", "KB08-C08F");
        assertThat(says(hot, "line.weakest-part")).contains("rated to 35 bar");
        assertThat(of(hot, "hose.liner").get(0).state()).isEqualTo(State.NOT_CHECKED);
    }

    @Test
    void testPlainPtfeIsRefusedForFuelAndConductiveIsNot() {
        LineSample plain = line("KHP-06N", "petrol", 6, 20, "KP06-A06F", "KP06-A06F");
        assertThat(says(plain, "hose.conductive")).contains("charges it");
        LineSample black = line("KHP-06", "petrol", 6, 20, "KP06-A06F", "KP06-A06F");
        assertThat(of(black, "hose.conductive").get(0).state()).isEqualTo(State.PASS);
        assertThat(of(line("KHP-06N", "mineral-oil", 6, 20, "KP06-A06F", "KP06-A06F"), "hose.conductive"))
                .isEmpty();
    }

    @Test
    void testSuctionAsksForAHoseWithAHelix() {
        LineSample pressed = line("KH2-16", "mineral-oil", 1, 40, "KC16-J16F", "KC16-J16F");
        LineSample sucked = pressed.withService(pressed.service().withDuty(Duty.SUCTION));
        assertThat(says(sucked, "hose.suction")).contains("not made for suction");
        LineSample right = line("KHU-16", "mineral-oil", 1, 40, "KU16-J16F", "KU16-J16F");
        LineSample good = right.withService(right.service().withDuty(Duty.SUCTION));
        assertThat(of(good, "hose.suction").get(0).says(UnitSystem.METRIC))
                .contains("KHU-16 is rated for -0.9 bar of suction.");
        LineSample deep = good.withService(good.service().withWorking(Optional.of(GaugePressure.ofBar(-0.95))));
        assertThat(of(deep, "hose.suction").get(0).stops()).isTrue();
    }

    @Test
    void testHeatTakesTheWeakestPartDown() {
        LineSample cool = line("KHP-06", "mineral-oil", 95, 60, "KP06-J06F", "KP06-J06F");
        assertThat(of(cool, "line.weakest-part").get(0).state()).isEqualTo(State.PASS);
        LineSample hot = cool.withService(cool.service().withFluidTemperature(Optional.of(Temperature.ofCelsius(149))));
        assertThat(says(hot, "line.weakest-part"))
                .contains(
                        "The hose KHP-06 (at 87 % of its rating in the heat) is too weak: rated to 90 bar, working pressure 95 bar.");
        LineSample engine = cool.withService(
                cool.service().withAmbient(cool.service().ambient().withAir(Optional.of(Temperature.ofCelsius(149)))));
        assertThat(says(engine, "line.weakest-part")).contains("87 %");
    }

    @Test
    void testNormalFerruleDoesNotHoldReducedHose() {
        LineSample mixed = line("KHC-08", "r134a", 20, 40, "KB08-C08F", "KB08-C08F");
        assertThat(says(mixed, "line.collar"))
                .contains(
                        "KF-B08 will not hold on KHC-08: it is for 22.5 mm to 23.5 mm outside diameter, the hose has 17.3 mm.");
        assertThat(says(mixed, "line.matched-series")).contains("series B");
    }

    @Test
    void testBarbsDoNotGoOnWireHoseNorCrimpsOnPtfe() {
        assertThat(says(line("KH2-06", "mineral-oil", 10, 40, "KT06-J06F", "KT06-J06F"), "line.attach"))
                .contains("KT06-J06F is barb and clamp; two-wire hose takes ends that are crimped or screw-together.");
        assertThat(says(line("KHP-06", "mineral-oil", 10, 40, "KC06-J06F", "KC06-J06F"), "line.attach"))
                .contains("screw-together with olive");
    }

    @Test
    void testNarrowEndInAWideHoseIsNamed() {
        LineSample l = line("KH2-12", "mineral-oil", 10, 40, "KC12-J12F", "KC08-J08F")
                .withService(line("KH2-12", "mineral-oil", 10, 40, "KC12-J12F", "KC08-J08F")
                        .service()
                        .withFlow(Optional.of(FlowRate.ofLitresPerMinute(60))));
        // 60 L/min in 9.8 mm: 13.3 m/s
        assertThat(says(l, "line.bore-step"))
                .contains(
                        "KC08-J08F chokes the line: its bore is 9.8 mm, the hose has 19 mm; 13.3 m/s in the narrow part.")
                .contains("13.3 m/s");
    }

    @Test
    void testMetalsAreJudgedByWetAndDryAndUnknownIsSaid() {
        LineSample l = line("KHF-08", "petrol", 5, 20, "KB08-A08F", "KB08-A08F");
        EndSample brass = l.a().withMetal(Optional.of(Metal.BRASS));
        LineSample dry = l.withEnd(LineEnd.A, brass);
        assertThat(failed(dry, "joint.metals-limited").severity()).isEqualTo(Severity.NOTE);
        LineSample wet = dry.withService(
                dry.service().withAmbient(dry.service().ambient().withWet(Optional.of(true))));
        assertThat(says(wet, "joint.metals"))
                .isEqualTo("Aluminium and brass corrode each other where water reaches them.");
        // Aluminium on steel in a fresh-water line is eaten from inside, whatever reaches it from outside.
        LineSample water = l.withEnd(LineEnd.A, l.a().withMetal(Optional.of(Metal.GALVANISED)))
                .withService(l.service().withFluid(Optional.of("water")));
        assertThat(failed(water, "joint.metals-inside").severity()).isEqualTo(Severity.STOP);
        LineSample coolant = water.withService(water.service().withFluid(Optional.of("coolant")));
        assertThat(of(coolant, "joint.metals-inside")).isEmpty();
        LineSample unsaid = l.withEnd(LineEnd.A, l.a().withMetal(Optional.empty()));
        assertThat(of(unsaid, "joint.metals").get(0).asks()).contains("Choose the metal of the port of end A.");
    }

    @Test
    void testPressureDropIsNamedAgainstItsGuide() {
        LineSample l = line("KH2-08", "mineral-oil", 100, 65, "KC08-J08F", "KC08-J08F");
        LineSample slow = l.withService(l.service().withFlow(Optional.of(FlowRate.ofLitresPerMinute(38))));
        assertThat(of(slow, "hose.pressure-drop").get(0).because(UnitSystem.METRIC))
                .contains("Reynolds number 3647");
        LineSample back = slow.withService(
                slow.service().withDuty(Duty.SUCTION).withFluidTemperature(Optional.of(Temperature.ofCelsius(10))));
        assertThat(says(back, "hose.pressure-drop")).contains("guide for suction lines is 0.1 bar");
        assertThat(of(line("KHA-06", "compressed-air", 8, 20, "KA06-N38M", "KA06-G38F"), "hose.pressure-drop"))
                .as("air is compressible: no figure is better than a wrong one")
                .isEmpty();
    }

    @Test
    void testTableOfThePressureIsNamed() {
        LineSample l = line("KH2-08", "mineral-oil", 250, 40, "KC08-J08F", "KC08-J08F");
        assertThat(says(l, "line.weakest-part")).contains("241 bar");
        LineSample metric = l.withService(l.service().withBasis(PressureBasis.METRIC));
        assertThat(of(metric, "line.weakest-part").get(0).state()).isEqualTo(State.PASS);
        assertThat(of(metric, "hose.pressure-table").get(0).says(UnitSystem.METRIC))
                .contains("275 bar")
                .contains("EN 853 2SN")
                .contains("the catalogue's own figure is 241 bar");
        LineSample none = line("KHA-06", "compressed-air", 8, 20, "KA06-N38M", "KA06-G38F");
        assertThat(says(none.withService(none.service().withBasis(PressureBasis.METRIC)), "hose.pressure-table"))
                .contains(
                        "You asked for metric pressure tables; the catalogue has none for KHA-06. Its 20 bar is by house catalogue.");
    }

    @Test
    void testVibrationMovementAndTheNextOpener() {
        LineSample l = line("KHA-06", "compressed-air", 8, 20, "KA06-N38M", "KA06-G38F");
        Ambient a = l.service().ambient();
        LineSample shakes = l.withService(l.service().withAmbient(a.withMoves(Optional.of(Ambient.Moves.VIBRATES))));
        assertThat(says(shakes, "line.vibration")).contains("barb and clamp");
        LineSample swings = l.withService(l.service().withAmbient(a.withMoves(Optional.of(Ambient.Moves.SWINGS))));
        assertThat(says(swings, "line.movement"))
                .contains("One end moves, and how far is not measured: the length is right for one position only.");
        LineSample owner = l.withService(l.service().withAmbient(a.withOpener(Optional.of(Ambient.Opener.OWNER))));
        assertThat(says(owner, "joint.opened-taper"))
                .contains("End A will be opened (the owner, not a fitter), but its joint seals on a taper thread.");
        LineSample ring = line("KH2-08", "mineral-oil", 100, 40, "KC08-B08M", "KC08-J08F");
        LineSample often = ring.withService(
                ring.service().withAmbient(ring.service().ambient().withOpener(Optional.of(Ambient.Opener.FIELD))));
        assertThat(failed(often, "joint.opened-ring").remedy(UnitSystem.METRIC)).contains("spare ring");
    }

    @Test
    void testWholeHoseIsTakenByItsLengthAndNeverCut() {
        LineSample l = line("KHK-02", "brake-fluid", 80, 60, "KK02-I316M", "KK02-I316F");
        LineSample right = l.withFinished(l.finished().map(f -> f.withValue(Length.ofMm(330), "330")));
        assertThat(of(right, "hose.whole").get(0).says(UnitSystem.METRIC))
                .contains("KHK-02 is sold whole: use the 350 mm one. It is not cut, spliced or fitted here.");
        assertThat(says(l, "hose.whole"))
                .contains(
                        "KHK-02 is sold whole in 250 mm, 300 mm, 350 mm, 400 mm, 500 mm: none is 800 mm or a little more.");
        assertThat(of(right, "length.cut")).isEmpty();
        assertThat(HosePlan.of(hoseCase(right)).steps())
                .extracting(s -> s.id())
                .doesNotContain("cut", "crimp@A", "proof");
        assertThat(HosePlan.of(hoseCase(right)).parts().get(0).amount()).isEqualTo("1 piece");
    }

    @Test
    void testSparksAreWarnedOfNearFuelOnly() {
        LineSample fuel = line("KHF-08", "petrol", 5, 20, "KB08-A08F", "KB08-A08F");
        assertThat(failed(fuel, "make.sparks").severity()).isEqualTo(Severity.WARN);
        LineSample rubber = line("KHL-06", "diesel", 5, 20, "KL06-A06F", "KL06-N14M");
        assertThat(of(rubber, "make.sparks").get(0).state())
                .as("cut with a blade")
                .isEqualTo(State.PASS);
        LineSample oil = line("KH2-08", "mineral-oil", 100, 40, "KC08-J08F", "KC08-J08F");
        assertThat(of(oil, "make.sparks").get(0).state()).isEqualTo(State.PASS);
    }
}
