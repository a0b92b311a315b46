package mellowflare.core.testing;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.stream.IntStream;
import mellowflare.core.advice.Finding;
import mellowflare.core.advice.Severity;
import mellowflare.core.advice.State;
import mellowflare.core.flow.hold.HoldTest;
import mellowflare.core.fluid.Fluid;
import mellowflare.core.fluid.FluidTable;
import mellowflare.core.measure.AbsolutePressure;
import mellowflare.core.measure.GaugePressure;
import mellowflare.core.measure.PressureDifference;
import mellowflare.core.measure.Temperature;
import mellowflare.core.measure.UnitSystem;
import mellowflare.core.measure.Volume;
import org.junit.jupiter.api.Test;

class ProvingTest {
    private static final List<TestJoint> JOINTS = List.of(new TestJoint("a", "end A"), new TestJoint("b", "end B"));
    private final Duties duties = Duties.load();

    private TestAsk ask(String duty, double bar) {
        return TestAsk.of(
                "test",
                "Test it",
                duties.find(duty).orElseThrow(),
                Optional.empty(),
                Optional.of(GaugePressure.ofBar(bar)));
    }

    private static HoldTest.Reading reading(double seconds, double bar) {
        return new HoldTest.Reading(seconds, GaugePressure.ofBar(bar), Optional.empty());
    }

    private static TestRecord signed(TestAsk ask) {
        return TestRecord.of(ask)
                .withLooks(ask.duty().id().equals("proof-minute") ? Map.of("line", Seen.DRY) : Map.of())
                .withBy("T. Brandt")
                .withOn(Optional.of(LocalDate.of(2026, 11, 30)))
                .withGauge(new TestGauge(
                        "dial gauge",
                        "G 12",
                        Optional.of(GaugePressure.ofBar(600)),
                        Optional.of(PressureDifference.ofBar(5)),
                        Optional.of(LocalDate.of(2027, 3, 1))));
    }

    private static Outcome outcome(TestAsk ask, TestRecord record) {
        return new Proving(ask, record, JOINTS).outcome();
    }

    private static State state(Outcome o, String rule) {
        return o.findings().stream()
                .filter(f -> f.rule().id().equals(rule))
                .map(Finding::state)
                .findFirst()
                .orElseThrow(() -> new AssertionError(rule + " is not in " + o.findings()));
    }

    // --- proof ---

    @Test
    void aHoseKeptAtItsProofPressureForHalfAMinutePasses() {
        TestAsk ask = ask("proof-minute", 400);
        Outcome o =
                outcome(ask, signed(ask).withReadings(List.of(reading(0, 402), reading(15, 401), reading(30, 400))));
        assertThat(o.verdict()).isEqualTo(HoldTest.Verdict.TIGHT);
        assertThat(o.findings()).allMatch(f -> f.state() == State.PASS);
        // The lowest reading is the target itself: a step above what would have been too low, sqrt 12 of its errors.
        assertThat(o.confidence().orElseThrow()).isEqualTo(HoldTest.SUREST);
    }

    @Test
    void twentySecondsAreNotThirty() {
        TestAsk ask = ask("proof-minute", 400);
        Outcome o =
                outcome(ask, signed(ask).withReadings(List.of(reading(0, 402), reading(10, 402), reading(20, 401))));
        assertThat(o.verdict()).isEqualTo(HoldTest.Verdict.NOT_SETTLED);
        assertThat(state(o, "test.kept")).isEqualTo(State.FAIL);
        assertThat(o.toGo().orElseThrow()).isCloseTo(10, within(1e-9));
    }

    @Test
    void twoReadingsWithNothingBetweenDoNotShowThatThePressureWasKept() {
        TestAsk ask = ask("proof-ten", 400);
        TestRecord far = signed(ask)
                .withLooks(Map.of("a", Seen.DRY, "b", Seen.DRY))
                .withReadings(List.of(reading(0, 402), reading(600, 401)));
        assertThat(outcome(ask, far).verdict()).isEqualTo(HoldTest.Verdict.NOT_SETTLED);
        TestRecord near =
                far.withReadings(List.of(reading(0, 402), reading(200, 401), reading(400, 401), reading(600, 401)));
        assertThat(outcome(ask, near).verdict()).isEqualTo(HoldTest.Verdict.TIGHT);
    }

    @Test
    void aPressureThatSagsInTheMiddleBeginsAnew() {
        TestAsk ask = ask("proof-minute", 400);
        Outcome o = outcome(
                ask,
                signed(ask)
                        .withReadings(List.of(reading(0, 402), reading(15, 399), reading(30, 401), reading(45, 401))));
        assertThat(o.verdict()).isEqualTo(HoldTest.Verdict.NOT_SETTLED);
        assertThat(o.toGo().orElseThrow()).isCloseTo(15, within(1e-9));
    }

    @Test
    void neverWithGasAndNeverHigherThanAsked() {
        TestAsk ask = ask("proof-minute", 400);
        TestRecord good = signed(ask).withReadings(List.of(reading(0, 402), reading(15, 445), reading(30, 401)));
        Outcome air = outcome(ask, good.withMedium(Medium.AIR));
        assertThat(air.verdict()).isEqualTo(HoldTest.Verdict.NOT_SETTLED);
        assertThat(air.findings()).anyMatch(f -> f.rule().id().equals("test.never-gas") && f.stops());
        assertThat(state(outcome(ask, good), "test.over")).isEqualTo(State.FAIL);
    }

    @Test
    void aJointThatLeaksStopsAProofThatKeptItsPressure() {
        TestAsk ask = ask("proof-ten", 30);
        TestRecord kept = signed(ask)
                .withReadings(IntStream.rangeClosed(0, 10)
                        .mapToObj(i -> reading(60 * i, 30.5))
                        .toList());
        assertThat(outcome(ask, kept).verdict()).isEqualTo(HoldTest.Verdict.NOT_SETTLED);
        assertThat(outcome(ask, kept.withLooks(Map.of("a", Seen.DRY))).verdict())
                .isEqualTo(HoldTest.Verdict.NOT_SETTLED);
        Outcome leaks = outcome(ask, kept.withLooks(Map.of("a", Seen.DRY, "b", Seen.LEAKS)));
        assertThat(leaks.verdict()).isEqualTo(HoldTest.Verdict.LEAKS);
        assertThat(leaks.findings()).anyMatch(f -> f.rule().id().equals("test.leaks-stop") && f.stops());
        assertThat(state(leaks, "test.looked")).isEqualTo(State.PASS);
        Outcome dry = outcome(ask, kept.withLooks(Map.of("a", Seen.DRY, "b", Seen.DRY)));
        assertThat(dry.verdict()).isEqualTo(HoldTest.Verdict.TIGHT);
    }

    @Test
    void drinkingWaterIsNotTestedWithOil() {
        Fluid water = FluidTable.load().all().stream()
                .filter(f -> f.group() == mellowflare.core.fluid.FluidGroup.DRINKING)
                .findFirst()
                .orElseThrow();
        TestAsk ask = TestAsk.of(
                "proof",
                "Proof test",
                duties.find("proof-minute").orElseThrow(),
                Optional.of(water),
                Optional.of(GaugePressure.ofBar(20)));
        assertThat(ask.media()).containsExactly(Medium.WATER);
        Outcome o = outcome(
                ask,
                signed(ask)
                        .withMedium(Medium.OIL)
                        .withReadings(List.of(reading(0, 21), reading(15, 21), reading(30, 21))));
        assertThat(state(o, "test.medium")).isEqualTo(State.FAIL);
    }

    @Test
    void aProofThatNobodyLookedAtHasNotPassed() {
        TestAsk ask = ask("proof-minute", 400);
        TestRecord r = signed(ask).withReadings(List.of(reading(0, 402), reading(15, 401), reading(30, 400)));
        assertThat(outcome(ask, r.withLooks(Map.of())).verdict()).isEqualTo(HoldTest.Verdict.NOT_SETTLED);
        assertThat(outcome(ask, r.withLooks(Map.of("line", Seen.LEAKS))).verdict())
                .isEqualTo(HoldTest.Verdict.LEAKS);
    }

    // --- gauge and signature ---

    @Test
    void aGaugeThatEndsTooSoonOrWhoseCertificateRanOutProvesNothing() {
        TestAsk ask = ask("proof-minute", 400);
        TestRecord good = signed(ask).withReadings(List.of(reading(0, 402), reading(15, 401), reading(30, 400)));
        assertThat(outcome(ask, good.withGauge(good.gauge().withUpTo(Optional.of(GaugePressure.ofBar(250)))))
                        .findings())
                .anyMatch(f -> f.rule().id().equals("test.gauge-ends") && f.stops());
        for (double end : List.of(590.0, 1700.0)) {
            Outcome o = outcome(ask, good.withGauge(good.gauge().withUpTo(Optional.of(GaugePressure.ofBar(end)))));
            assertThat(state(o, "test.gauge-range")).isEqualTo(State.FAIL);
            assertThat(o.passed()).isTrue();
        }
        Outcome lapsed =
                outcome(ask, good.withGauge(good.gauge().withCalibratedUntil(Optional.of(LocalDate.of(2026, 11, 29)))));
        assertThat(state(lapsed, "test.gauge-lapsed")).isEqualTo(State.FAIL);
        assertThat(lapsed.passed()).isFalse();
        Outcome lastDay =
                outcome(ask, good.withGauge(good.gauge().withCalibratedUntil(Optional.of(LocalDate.of(2026, 11, 30)))));
        assertThat(lastDay.passed()).isTrue();
        assertThat(state(outcome(ask, good.withBy("")), "test.signed")).isEqualTo(State.FAIL);
    }

    @Test
    void nothingPassesWithoutFigures() {
        for (Duty duty : duties.all()) {
            TestAsk ask = TestAsk.of("test", "Test it", duty, Optional.empty(), Optional.of(GaugePressure.ofBar(5)));
            TestRecord looked = signed(ask).withLooks(Map.of("a", Seen.DRY, "b", Seen.DRY, "line", Seen.DRY));
            Outcome o = outcome(ask, looked);
            assertThat(o.verdict()).as(duty.id()).isEqualTo(HoldTest.Verdict.NOT_SETTLED);
            assertThat(state(o, "test.figures")).as(duty.id()).isEqualTo(State.FAIL);
        }
    }

    // --- looked at ---

    @Test
    void soapTakesEveryJointAndThePressureItWasDoneUnder() {
        TestAsk ask = ask("soap", 5);
        TestRecord r = signed(ask).withReadings(List.of(reading(0, 5)));
        assertThat(outcome(ask, r.withLooks(Map.of("a", Seen.DRY))).passed()).isFalse();
        assertThat(outcome(ask, r.withLooks(Map.of("a", Seen.DRY, "b", Seen.DRY)))
                        .passed())
                .isTrue();
    }

    @Test
    void tissueIsLookedAtAgainAfterAnHour() {
        TestAsk ask = ask("tissue", 3);
        TestRecord r = signed(ask).withLooks(Map.of("a", Seen.DRY, "b", Seen.DRY));
        Outcome early = outcome(ask, r.withReadings(List.of(reading(0, 3), reading(600, 3))));
        assertThat(early.verdict()).isEqualTo(HoldTest.Verdict.NOT_SETTLED);
        assertThat(early.toGo().orElseThrow()).isCloseTo(3000, within(1e-9));
        assertThat(outcome(ask, r.withReadings(List.of(reading(0, 3), reading(3600, 3))))
                        .passed())
                .isTrue();
    }

    // --- hold ---

    /** A vessel of 100 L at 8 bar with readings every half minute, by the gas law and a gauge that scatters. */
    private static List<HoldTest.Reading> watched(double litresPerMinute, double minutes, long seed) {
        Random chance = new Random(seed);
        List<HoldTest.Reading> all = new ArrayList<>();
        for (double m = 0; m <= minutes; m += 0.5) {
            // One litre of free air at 20 C and 1 bar is 1 bar litre.
            double bar = 8 - litresPerMinute * m / 100 + chance.nextGaussian() * 0.004;
            all.add(new HoldTest.Reading(
                    60 * m,
                    GaugePressure.ofBar(Math.round(bar * 100) / 100.0),
                    Optional.of(Temperature.ofCelsius(20))));
        }
        return all;
    }

    private TestRecord held(TestAsk ask, List<HoldTest.Reading> readings) {
        return signed(ask)
                .withReadings(readings)
                .withVolume(Optional.of(Volume.ofLitres(100)))
                .withGauge(new TestGauge(
                        "digital",
                        "G 3",
                        Optional.of(GaugePressure.ofBar(16)),
                        Optional.of(PressureDifference.ofBar(0.01)),
                        Optional.empty()));
    }

    @Test
    void aHoldOfAnHourTellsTightFromLeaking() {
        TestAsk ask = ask("hold-main", 7.9);
        assertThat(outcome(ask, held(ask, watched(1, 61, 5))).verdict()).isEqualTo(HoldTest.Verdict.TIGHT);
        Outcome leaks = outcome(ask, held(ask, watched(9, 61, 5)));
        assertThat(leaks.verdict()).isEqualTo(HoldTest.Verdict.LEAKS);
        assertThat(leaks.leak().orElseThrow().litresPerMinute()).isCloseTo(9, within(0.2));
        assertThat(leaks.findings())
                .anyMatch(f -> f.rule().id().equals("test.leaks-warn") && f.severity() == Severity.WARN);
    }

    @Test
    void aLeakShowsBeforeTheTimeIsOverButTightnessDoesNot() {
        TestAsk ask = ask("hold-main", 7.9);
        assertThat(outcome(ask, held(ask, watched(20, 20, 1))).verdict()).isEqualTo(HoldTest.Verdict.LEAKS);
        Outcome early = outcome(ask, held(ask, watched(0, 20, 1)));
        assertThat(early.verdict()).isEqualTo(HoldTest.Verdict.NOT_SETTLED);
        assertThat(state(early, "test.short")).isEqualTo(State.FAIL);
        assertThat(early.toGo().orElseThrow()).isCloseTo(2400, within(1e-9));
    }

    @Test
    void theTimeToGoComesTrue() {
        TestAsk ask = ask("hold-gas", 1);
        TestRecord r = held(ask, List.of()).withVolume(Optional.of(Volume.ofLitres(20)));
        int told = 0;
        int right = 0;
        for (long seed = 0; seed < 40; seed++) {
            List<HoldTest.Reading> all = steady(seed);
            TestRecord at = r.withReadings(all.subList(0, 25));
            Outcome o = outcome(ask, at);
            if (o.toGo().isEmpty()) {
                continue;
            }
            told++;
            int later = 24 + (int) Math.ceil(o.toGo().get() * 1.3 / 30);
            if (outcome(ask, r.withReadings(all.subList(0, Math.min(all.size(), later + 1))))
                    .passed()) {
                right++;
            }
        }
        assertThat(told).isGreaterThan(20);
        assertThat(right).isGreaterThan(told * 3 / 4);
    }

    /** No leak, a fine gauge, twelve hours. */
    private static List<HoldTest.Reading> steady(long seed) {
        Random chance = new Random(seed);
        return IntStream.rangeClosed(0, 1440)
                .mapToObj(i -> reading(30 * i, 1.2 + Math.round(chance.nextGaussian() * 1.2) * 0.01))
                .toList();
    }

    @Test
    void aHoldAsksForWhatItCannotBeWorkedOutWithout() {
        TestAsk ask = ask("hold-main", 8);
        TestRecord r = held(ask, watched(1, 61, 2));
        assertThat(outcome(ask, r.withVolume(Optional.empty())).findings())
                .anyMatch(f -> f.asks().contains("volume"));
        assertThat(outcome(ask, r.withGauge(r.gauge().withStep(Optional.empty())))
                        .findings())
                .anyMatch(f -> f.asks().contains("finest step"));
        assertThat(state(outcome(ask("hold-main", 9), r), "test.reached")).isEqualTo(State.FAIL);
    }

    // --- vacuum ---

    private static List<VacuumReading> vacuum(double start, double perMinute, double bend, double minutes) {
        List<VacuumReading> all = new ArrayList<>();
        for (double m = 0; m <= minutes; m++) {
            double rise = bend > 0 ? perMinute * bend * (1 - Math.exp(-m / bend)) : perMinute * m;
            all.add(new VacuumReading(60 * m, AbsolutePressure.ofBar((start + rise) / 1e5)));
        }
        return all;
    }

    private static TestRecord evacuated(TestAsk ask, List<VacuumReading> readings) {
        return signed(ask)
                .withVacuum(readings)
                .withGauge(TestGauge.UNSAID.withStep(Optional.of(PressureDifference.ofBar(1e-5))));
    }

    @Test
    void aVacuumThatStaysPassesALeakGoesOnAndWaterSlowsDown() {
        TestAsk ask = ask("vacuum", 0);
        assertThat(outcome(ask, evacuated(ask, vacuum(60, 3, 0, 10))).verdict()).isEqualTo(HoldTest.Verdict.TIGHT);
        assertThat(outcome(ask, evacuated(ask, vacuum(60, 40, 0, 10))).verdict())
                .isEqualTo(HoldTest.Verdict.LEAKS);
        Outcome wet = outcome(ask, evacuated(ask, vacuum(60, 150, 2, 10)));
        assertThat(wet.verdict()).isEqualTo(HoldTest.Verdict.NOT_SETTLED);
        assertThat(state(wet, "test.boils")).isEqualTo(State.FAIL);
        Outcome shallow = outcome(ask, evacuated(ask, vacuum(400, 3, 0, 10)));
        assertThat(shallow.verdict()).isEqualTo(HoldTest.Verdict.NOT_SETTLED);
        assertThat(state(shallow, "test.level")).isEqualTo(State.FAIL);
        assertThat(outcome(ask, evacuated(ask, vacuum(60, 3, 0, 5))).toGo().orElseThrow())
                .isCloseTo(300, within(1e-9));
    }

    // --- values ---

    @Test
    void readingsStandInOrderOfTime() {
        TestAsk ask = ask("soap", 5);
        assertThatThrownBy(() -> signed(ask).withReadings(List.of(reading(10, 5), reading(10.5, 5))))
                .isInstanceOf(IllegalArgumentException.class);
        assertThatThrownBy(() -> new Proving(ask("look", 5), signed(ask), JOINTS))
                .isInstanceOf(IllegalArgumentException.class);
    }

    @Test
    void theTimeIsSaidAsAFitterSaysIt() {
        assertThat(Span.text(45)).isEqualTo("45 s");
        assertThat(Span.text(60)).isEqualTo("1 min");
        assertThat(Span.text(90)).isEqualTo("90 s");
        assertThat(Span.text(630)).isEqualTo("10.5 min");
        assertThat(Span.text(7200)).isEqualTo("2 h");
    }

    @Test
    void thePlotHasAMarkForEachReadingAndTheLinesTheyAreHeldAgainst() {
        TestAsk ask = ask("hold-main", 8);
        var drawing = TestPlot.of(ask, held(ask, watched(4, 30, 3)), UnitSystem.METRIC);
        assertThat(drawing.shapes().stream()
                        .filter(s -> s instanceof mellowflare.core.geometry.Shape.Path p
                                && p.fill() == mellowflare.core.geometry.Fill.BLACK))
                .hasSize(61);
        assertThat(drawing.shapes())
                .anyMatch(s -> s instanceof mellowflare.core.geometry.Shape.Label l
                        && l.text().startsWith("allowed:"));
        for (Duty duty : duties.all()) {
            TestAsk any = TestAsk.of("t", "T", duty, Optional.empty(), Optional.empty());
            assertThat(TestPlot.of(any, TestRecord.of(any), UnitSystem.INCH).shapes())
                    .isNotEmpty();
        }
    }
}
