package mellowflare.core.hose;

import static mellowflare.core.Samples.DATA;
import static mellowflare.core.Samples.end;
import static mellowflare.core.Samples.hoseCase;
import static mellowflare.core.Samples.id;
import static mellowflare.core.Samples.soundLine;
import static org.assertj.core.api.Assertions.assertThat;

import java.time.Instant;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import mellowflare.core.EndSample;
import mellowflare.core.LineSample;
import mellowflare.core.advice.Finding;
import mellowflare.core.advice.MethodTopic;
import mellowflare.core.advice.Practice;
import mellowflare.core.advice.Severity;
import mellowflare.core.advice.State;
import mellowflare.core.advice.Subject;
import mellowflare.core.connection.EndCode;
import mellowflare.core.connection.Gender;
import mellowflare.core.connection.LineEnd;
import mellowflare.core.fluid.Duty;
import mellowflare.core.hose.line.HoseCase;
import mellowflare.core.hose.line.Side;
import mellowflare.core.hose.rules.HoseRules;
import mellowflare.core.line.PortTried;
import mellowflare.core.measure.Angle;
import mellowflare.core.measure.FlowRate;
import mellowflare.core.measure.GaugePressure;
import mellowflare.core.measure.Length;
import mellowflare.core.measure.Temperature;
import mellowflare.core.measure.UnitSystem;
import mellowflare.core.parts.HoseEndPart;
import mellowflare.core.procedure.MakeLog;
import mellowflare.core.procedure.ReadBack;
import mellowflare.core.procedure.StepEntry;
import org.junit.jupiter.api.Test;

class HoseRulesTest {
    private final LineSample sound = soundLine();

    private static List<Finding> of(String rule, HoseCase c) {
        return HoseRules.check(c).stream()
                .filter(f -> f.rule().id().startsWith(rule))
                .toList();
    }

    private static Finding only(String rule, LineSample line) {
        return of(rule, hoseCase(line)).get(0);
    }

    private static void fails(String rule, Severity severity, LineSample line, String says) {
        List<Finding> failed = of(rule, hoseCase(line)).stream()
                .filter(f -> f.state() == State.FAIL)
                .toList();
        assertThat(failed).as(rule).hasSizeGreaterThanOrEqualTo(1);
        Finding f = failed.get(0);
        assertThat(f.severity()).isEqualTo(severity);
        assertThat(f.says(UnitSystem.METRIC)).contains(says);
        assertThat(f.remedy(UnitSystem.METRIC)).as("what to do").isNotBlank();
        assertThat(f.because(UnitSystem.INCH)).as("because").isNotBlank();
    }

    @Test
    void testSoundLinePassesEveryCheck() {
        assertThat(HoseRules.check(hoseCase(sound))).isNotEmpty().allSatisfy(f -> {
            assertThat(f.state()).as(f.says(UnitSystem.METRIC)).isEqualTo(State.PASS);
            assertThat(f.because(UnitSystem.INCH)).as(f.rule().id()).doesNotContain("{");
        });
    }

    @Test
    void testEmptyLineIsNeverCalledGood() {
        List<Finding> findings = HoseRules.check(hoseCase(LineSample.NEW));
        assertThat(findings)
                .allSatisfy(f -> assertThat(f.state()).as(f.rule().id()).isEqualTo(State.NOT_CHECKED));
        Set<String> checked = findings.stream().map(f -> f.rule().id()).collect(Collectors.toSet());
        assertThat(checked).hasSizeGreaterThanOrEqualTo(14);
    }

    @Test
    void testWeakestPartRulesTheLine() {
        LineSample strong = sound.withService(sound.service().withWorking(Optional.of(GaugePressure.ofBar(250))));
        fails(
                "line.weakest-part",
                Severity.STOP,
                strong,
                "The hose KH2-08 is too weak: rated to 241 bar, working pressure 250 bar.");
        LineSample exact = sound.withService(sound.service().withWorking(Optional.of(GaugePressure.ofBar(241))));
        assertThat(only("line.weakest-part", exact).state()).isEqualTo(State.PASS);
    }

    @Test
    void testSurgeAboveTheRatingStops() {
        LineSample hard = sound.withService(sound.service().withPeak(Optional.of(GaugePressure.ofBar(300))));
        fails(
                "line.surge",
                Severity.STOP,
                hard,
                "The surge pressure is too high for the hose KH2-08: 300 bar, rated to 241 bar.");
    }

    @Test
    void testBossPortThatTurnsHomeByHandStopsAndAnUntriedOneIsAskedFor() {
        fails(
                "port.housing",
                Severity.STOP,
                sound.withEnd(LineEnd.A, sound.a().withTried(PortTried.NOT.withHomeByHand(Optional.of(true)))),
                "A fitting turns all the way in by hand in the ORB -8 port of slew motor: the port has no ring housing.");
        var untried = HosePlan.of(hoseCase(sound.withEnd(LineEnd.A, sound.a().withTried(PortTried.NOT))));
        assertThat(untried.findings())
                .filteredOn(f -> f.rule().id().equals("port.housing"))
                .singleElement()
                .satisfies(f -> assertThat(f.state()).isEqualTo(State.NOT_CHECKED));
    }

    private LineSample tried(PortTried how) {
        return sound.withEnd(LineEnd.A, sound.a().withTried(how));
    }

    @Test
    void testRingThatPeepsOutStopsAndAMouthOffItsHousingWarns() {
        PortTried sound = PortTried.NOT.withHomeByHand(Optional.of(false));
        fails(
                "port.ring-shows",
                Severity.STOP,
                tried(sound.withRingShows(Optional.of(true))),
                "The ring shows at the ORB -8 port of slew motor when the fitting is tight: the port has no ring housing.");
        // SAE J1926-1: the housing of -8 is 0.811 in at the face, 20.6 mm; a plain lead-in of 3/4-16 is 19.5 mm.
        fails(
                "port.mouth",
                Severity.WARN,
                tried(sound.withMouth(Optional.of(Length.ofMm(19.5)))),
                "The mouth of the ORB -8 port of slew motor measures 19.5 mm; the ring housing of its standard is 20.6 mm.");
        assertThat(HosePlan.of(hoseCase(tried(
                                sound.withRingShows(Optional.of(false)).withMouth(Optional.of(Length.ofMm(20.7))))))
                        .findings())
                .filteredOn(f -> f.rule().id().startsWith("port."))
                .hasSize(3)
                .allMatch(f -> f.state() == State.PASS);
    }

    @Test
    void testPipeSwivelOnANippleIsDoubtedAndTheOtherFlareIsOnlyNamed() {
        LineSample other = sound.withEnd(LineEnd.B, end("valve", id(EndCode.AN37, "-8", Gender.MALE), "KC08-J08F90"));
        fails("joint.lesser", Severity.NOTE, other, "same thread and the same seat");
        assertThat(of("joint.mates", hoseCase(other))).noneMatch(f -> f.state() == State.FAIL);
    }

    @Test
    void testEndThatDoesNotMateStops() {
        LineSample wrong = sound.withEnd(LineEnd.B, end("valve", id(EndCode.ORB, "-8", Gender.FEMALE), "KC08-J08F90"));
        fails(
                "joint.mates",
                Severity.STOP,
                wrong,
                "KC08-J08F90 does not seal on the port: it has JIC37 -8 female with 37° cone, the port is ORB -8 female.");
    }

    @Test
    void testHoseOfAnotherSizeStops() {
        fails(
                "line.size",
                Severity.STOP,
                sound.withHose(Optional.of("KH2-06")),
                "KC08-B08M is for hose size -8; the hose is -6.");
    }

    @Test
    void testHoseOfAnotherSeriesStops() {
        fails("line.matched-series", Severity.STOP, sound.withHose(Optional.of("KH4-08")), "series W");
    }

    @Test
    void testBrakeFluidAndFuelStop() {
        LineSample brake = sound.withService(sound.service().withFluid(Optional.of("brake-fluid")));
        fails("line.fluid-belongs", Severity.STOP, brake, "Never use two-wire hose (KH2-08) for brake fluid (glycol).");
        fails("hose.liner", Severity.STOP, brake, "NBR liner is not compatible with");
        fails("joint.ring-fluid", Severity.STOP, brake, "NBR is not compatible with brake fluid");
        LineSample fuel = sound.withService(sound.service().withFluid(Optional.of("diesel")));
        fails("line.fluid-belongs", Severity.STOP, fuel, "diesel");
    }

    @Test
    void testLimitedLinerWarnsAndUnknownPairIsNotGuessed() {
        LineSample ester = sound.withService(sound.service().withFluid(Optional.of("bio-ester")));
        fails(
                "hose.liner-limited",
                Severity.WARN,
                ester,
                "NBR liner is compatible with bio-ester hydraulic fluid only for some grades and temperatures.");
        LineSample unknown = sound.withHose(Optional.of("KH4-08"))
                .withService(sound.service().withFluid(Optional.of("coolant")));
        assertThat(only("hose.liner", unknown).state()).isEqualTo(State.NOT_CHECKED);
        assertThat(only("hose.liner", unknown).says(UnitSystem.METRIC)).contains("ask the maker");
    }

    @Test
    void testTemperatureOutsideTheHoseStops() {
        LineSample hot =
                sound.withService(sound.service().withFluidTemperature(Optional.of(Temperature.ofCelsius(101))));
        fails(
                "hose.temperature",
                Severity.STOP,
                hot,
                "Mineral hydraulic oil at 101 °C is outside the range of KH2-08: -40 °C to 100 °C.");
        LineSample cold =
                sound.withService(sound.service().withFluidTemperature(Optional.of(Temperature.ofCelsius(-41))));
        fails("hose.temperature", Severity.STOP, cold, "-41 °C");
    }

    @Test
    void testBendIsComparedOnTheCentreLine() {
        // 178 mm to the inside plus half of 22.2 mm outside = 189.1 mm
        fails("hose.bend-radius", Severity.STOP, sound.withBendRadius(Optional.of(Length.ofMm(189))), "189.1 mm");
        assertThat(only("hose.bend-radius", sound.withBendRadius(Optional.of(Length.ofMm(189.2))))
                        .state())
                .isEqualTo(State.PASS);
    }

    @Test
    void testFastFlowWarns() {
        // 60 L/min in 12.7 mm: 0.001 / 1.26677e-4 = 7.9 m/s
        LineSample fast = sound.withService(sound.service().withFlow(Optional.of(FlowRate.ofLitresPerMinute(60))));
        fails("hose.velocity", Severity.WARN, fast, "7.9 m/s");
    }

    @Test
    void testEachDutyHasItsOwnGuideForSpeed() {
        LineSample pressure = sound.withService(sound.service().withFlow(Optional.of(FlowRate.ofLitresPerMinute(38))));
        assertThat(only("hose.velocity", pressure).state()).isEqualTo(State.PASS);
        LineSample back = pressure.withService(pressure.service().withDuty(Duty.RETURN));
        fails("hose.velocity", Severity.WARN, back, "the guide for return lines is 2 m/s");
        LineSample suction = pressure.withService(pressure.service().withDuty(Duty.SUCTION));
        fails("hose.velocity", Severity.WARN, suction, "the guide for suction lines is 1.2 m/s");
    }

    @Test
    void testUnsurePortNamesItsTwin() {
        EndSample unsure = EndSample.unknown("slew valve")
                .taken(id(EndCode.JIC37, "-8", Gender.MALE), Optional.of(0.62))
                .withHoseEnd(Optional.of("KC08-J08F90"));
        fails(
                "end.twin",
                Severity.WARN,
                sound.withEnd(LineEnd.B, unsure),
                "Slew valve was identified as JIC37 -8 (62 % sure); it could also be ORB -8 (the very same thread, another seal).");
        EndSample picked = EndSample.unknown("slew valve")
                .taken(id(EndCode.JIC37, "-8", Gender.MALE), Optional.empty())
                .withHoseEnd(Optional.of("KC08-J08F90"));
        fails("end.picked", Severity.NOTE, sound.withEnd(LineEnd.B, picked), "picked as JIC37 -8, not measured");
    }

    @Test
    void testTwoFixedThreadsCannotBeTightened() {
        LineSample fixed = sound.withEnd(LineEnd.B, end("valve", id(EndCode.NPT, "1/2", Gender.FEMALE), "KC08-N12M"));
        fails("line.turning", Severity.STOP, fixed, "cannot be tightened without twisting");
        assertThat(only("line.turning", sound).says(UnitSystem.METRIC))
                .contains("End A has a fixed thread: it goes in first, the swivel end last.");
    }

    @Test
    void testTwoElbowsNeedTheirClockAngle() {
        LineSample elbows = sound.withEnd(LineEnd.A, end("ram", id(EndCode.BSPP, "1/2", Gender.MALE), "KC08-G12F90"));
        fails(
                "line.clocking",
                Severity.STOP,
                elbows,
                "There are two elbow ends, and the clock angle between them is missing.");
        assertThat(only("line.clocking", elbows.withClocking(Optional.of(Angle.ofDegrees(90))))
                        .says(UnitSystem.METRIC))
                .contains("90°");
    }

    @Test
    void testEndsLongerThanTheLineStop() {
        LineSample shortLine = sound.withFinished(sound.finished().map(f -> f.withValue(Length.ofMm(90), "90")));
        fails("length.cut", Severity.STOP, shortLine, "leaves 6 mm");
        assertThat(hoseCase(shortLine).cut().orElseThrow().possible()).isTrue();
        LineSample none = sound.withFinished(sound.finished().map(f -> f.withValue(Length.ofMm(60), "60")));
        assertThat(hoseCase(none).cut().orElseThrow().possible()).isFalse();
    }

    @Test
    void testReadingsThatDisagreeStop() {
        LineSample two =
                sound.withFinished(sound.finished().map(f -> f.withSecond(Optional.of(Length.ofMm(1150)), "Tobbe")));
        fails("length.second-reading", Severity.STOP, two, "The two readings differ by 10 mm: 1140 mm and 1150 mm.");
    }

    @Test
    void testCopiedLengthIsNoted() {
        Practice copied = Practice.USUAL.with(MethodTopic.HOSE_LENGTH, "old-hose");
        HoseCase c = sound.worked(copied, UnitSystem.METRIC, MakeLog.EMPTY);
        assertThat(of("length.school", c))
                .singleElement()
                .satisfies(f -> assertThat(f.state()).isEqualTo(State.FAIL));
    }

    @Test
    void testPlanChangedAfterTheCutStops() {
        Instant at = Instant.parse("2026-11-01T08:00:00Z");
        StepEntry cut = new StepEntry("cut", StepEntry.Outcome.DONE, "Maren", at, Map.of(), "");
        MakeLog log = new MakeLog(List.of(cut), Optional.of(new ReadBack(Length.ofMm(1056), "Maren", at)));
        assertThat(of("make.cut-changed", sound.worked(Practice.USUAL, UnitSystem.METRIC, log)))
                .singleElement()
                .satisfies(f -> assertThat(f.state()).isEqualTo(State.PASS));
        LineSample longer = sound.withFinished(sound.finished().map(f -> f.withValue(Length.ofMm(1150), "1150")));
        Finding changed = of("make.cut-changed", longer.worked(Practice.USUAL, UnitSystem.METRIC, log))
                .get(0);
        assertThat(changed.stops()).isTrue();
        assertThat(changed.says(UnitSystem.METRIC))
                .contains("cut to 1056 mm")
                .contains("The hose was cut to 1056 mm, but the line now needs 1066 mm.");
        MakeLog unread = new MakeLog(List.of(cut), Optional.empty());
        assertThat(of("make.cut-changed", sound.worked(Practice.USUAL, UnitSystem.METRIC, unread)))
                .singleElement()
                .satisfies(f -> assertThat(f.state()).isEqualTo(State.NOT_CHECKED));
    }

    @Test
    void testEndThatNoCatalogueHoldsLeavesItsRatingAndSeriesUnchecked() {
        HoseEndPart own = HoseEndPart.offCatalogue(
                id(EndCode.JIC37, "-8", Gender.FEMALE),
                mellowflare.core.connection.Seat.CONE37,
                true,
                Angle.ofDegrees(0),
                Length.ofMm(33),
                Optional.empty());
        HoseCase c = hoseCase(sound);
        Side b = new Side(
                LineEnd.B,
                "valve",
                c.b().port(),
                Optional.empty(),
                List.of(),
                Optional.of(own),
                DATA.get(mellowflare.core.connection.EndTable.KEY).find(own.end()),
                List.of(),
                Optional.empty(),
                PortTried.NOT);
        HoseCase with = new HoseCase(c.line(), c.setting(), c.a(), b, c.hose(), c.fluid(), c.route());
        assertThat(of("line.weakest-part", with).get(0).asks())
                .isEqualTo("The catalogue has no pressure rating for hose end B: ask the maker.");
        assertThat(of("line.matched-series", with))
                .extracting(Finding::state)
                .containsExactlyInAnyOrder(State.PASS, State.NOT_CHECKED);
        assertThat(of("joint.mates", with))
                .allSatisfy(f -> assertThat(f.state()).isEqualTo(State.PASS));
        assertThat(with.cut().orElseThrow().exact().mm()).isEqualTo(1140 - 31.4 - 33);
        assertThat(HosePlan.of(with).findings()).extracting(Finding::about).contains(Subject.HOSE_END_B);
    }
}
