package mellowflare.core.flow.hold;

import static org.assertj.core.api.Assertions.assertThat;
import static org.junit.jupiter.api.Assertions.assertEquals;

import java.util.List;
import java.util.Optional;
import mellowflare.core.advice.Finding;
import mellowflare.core.advice.Severity;
import mellowflare.core.advice.State;
import mellowflare.core.measure.AbsolutePressure;
import mellowflare.core.measure.FreeAir;
import mellowflare.core.measure.GaugePressure;
import mellowflare.core.measure.PressureDifference;
import mellowflare.core.measure.Read;
import mellowflare.core.measure.Temperature;
import mellowflare.core.measure.UnitSystem;
import mellowflare.core.measure.Volume;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/** How sure a hold test is, by hand, what it says, and how its readings are called out. */
class HoldFiguresTest {
    private static HoldTest.Reading at(double minutes, double bar) {
        return new HoldTest.Reading(minutes * 60, GaugePressure.ofBar(bar), Optional.empty(), Optional.empty());
    }

    private static HoldTest.Reading at(double minutes, double bar, double barometer) {
        return new HoldTest.Reading(
                minutes * 60,
                GaugePressure.ofBar(bar),
                Optional.empty(),
                Optional.of(AbsolutePressure.ofBar(barometer)));
    }

    /** A hundred litres at 20 C: a bar of them is a hundred litres of free air. */
    private static HoldTest test(double allowed, HoldTest.Reading... readings) {
        return new HoldTest(
                List.of(readings),
                Volume.ofLitres(100),
                AbsolutePressure.ofBar(1),
                PressureDifference.ofBar(0.01),
                FreeAir.ofLitresPerMinute(allowed));
    }

    /** By hand: a step of 0.01 bar errs by 0.01 / sqrt 12 x 100 L, over times that lie sqrt 50 min from their mean, and 1.96 of it either way: 0.0800 L/min. */
    @Test
    void testOnASteadyGaugeItsStepIsTheBand() {
        HoldTest.Result r = test(0.05, at(0, 7), at(10, 7)).result();
        assertEquals(0, r.litresPerMinute(), 1e-9);
        assertEquals(0.0800, r.plusMinus(), 1e-4);
        // 0.05 is 1.2247 errors of 0.04082 away: 88.97 % of a normal distribution.
        assertEquals(0.8897, r.confidence(), 1e-4);
        assertEquals(HoldTest.Verdict.NOT_SETTLED, r.verdict());
        assertEquals(
                HoldTest.Verdict.TIGHT,
                test(0.081, at(0, 7), at(10, 7)).result().verdict());
        assertEquals(
                HoldTest.Verdict.NOT_SETTLED,
                test(0.079, at(0, 7), at(10, 7)).result().verdict());
    }

    /**
     * By hand: 800, 800 and 740 litres at 0, 1 and 2 min fall by 30 a minute; -10, 20 and -10 are left over, 600 in squares, so that the slope errs by sqrt(600 / 2) = 17.32; Student's 12.706 of it with one degree of freedom: 220.1.
     */
    @Test
    void testReadingsThatScatterWidenTheBandByStudent() {
        HoldTest.Result r = test(40, at(0, 7), at(1, 7), at(2, 6.4)).result();
        assertEquals(30, r.litresPerMinute(), 1e-6);
        assertEquals(220.1, r.plusMinus(), 0.05);
        // (40 - 30) / 17.32 = 0.5774: 1/2 + atan(0.5774) / pi = 2/3.
        assertEquals(2 / 3.0, r.confidence(), 1e-4);
    }

    /** One hundredth of a bar in ten minutes is a tenth of a litre a minute; twice its band of 0.08 is needed to be sure either way. */
    @Test
    void testALeakIsSureWhereTheAllowedLiesOutsideTheBand() {
        HoldTest.Reading[] falls = {at(0, 7), at(10, 6.99)};
        assertEquals(0.1, test(0.01, falls).result().litresPerMinute(), 1e-9);
        assertEquals(HoldTest.Verdict.LEAKS, test(0.019, falls).result().verdict());
        assertEquals(HoldTest.Verdict.NOT_SETTLED, test(0.021, falls).result().verdict());
        assertEquals(0.9766, test(0.0188, falls).result().confidence(), 2e-4);
        assertEquals(0.1, test(1, falls).result().atRest(), 1e-9);
        assertEquals(0.01, test(1, falls).result().drop().bar(), 1e-9);
        assertThat(test(1, falls).result().grows()).isFalse();
        assertEquals(0.1, test(1, falls).result().leak().litresPerMinute(), 1e-9);
        HoldTest.Result rises = test(1, at(0, 6.99), at(10, 7)).result();
        assertThat(rises.grows()).isTrue();
        assertEquals(0, rises.leak().litresPerMinute());
    }

    /** A barometer that falls by 0.02 in an hour has fallen by 0.005 after a quarter, and the gauge shows as much more. */
    @Test
    void testBetweenTwoBarometersTheirMeanByTimeIsTaken() {
        HoldTest t = test(1, at(0, 7, 1.02), at(15, 7.005), at(60, 7.02, 1.00), at(90, 7.02));
        assertEquals(0, t.result().litresPerMinute(), 1e-9);
        assertEquals(0, t.result().drop().bar(), 1e-9);
        HoldTest before = test(1, at(0, 7.02), at(60, 7.02, 1.00), at(75, 7.015, 1.005), at(120, 7.00, 1.02));
        assertEquals(0, before.result().litresPerMinute(), 1e-9);
    }

    private static Finding only(List<Finding> all, String rule) {
        return all.stream().filter(f -> f.rule().id().equals(rule)).findFirst().orElseThrow();
    }

    @Test
    void testWhatSettledSaysWhetherItLeaksAndWhatItCosts() {
        HoldTest tight = test(0.2, at(0, 7), at(10, 7));
        List<Finding> said = HoldFindings.of(tight, tight.result(), Optional.of(12.4));
        assertThat(said).hasSize(3).allSatisfy(f -> assertEquals(State.PASS, f.state()));
        assertThat(only(said, "hold.cost").says(UnitSystem.METRIC)).contains("12");
        HoldTest leaks = test(0.01, at(0, 7), at(10, 6.99));
        List<Finding> bad = HoldFindings.of(leaks, leaks.result(), Optional.of(0.4));
        assertEquals(State.FAIL, only(bad, "hold.leak").state());
        assertEquals(Severity.WARN, only(bad, "hold.leak").severity());
        assertEquals(State.PASS, only(bad, "hold.settled").state());
        assertEquals(State.FAIL, only(bad, "hold.cost").state());
        assertThat(only(bad, "hold.cost").says(UnitSystem.METRIC)).contains("less than 1");
        assertThat(only(HoldFindings.of(leaks, leaks.result(), Optional.of(1.0)), "hold.cost")
                        .says(UnitSystem.METRIC))
                .contains("costs 1 ");
        assertThat(HoldFindings.of(leaks, leaks.result(), Optional.empty())).hasSize(2);
        assertThat(only(bad, "hold.leak").says(UnitSystem.METRIC))
                .isEqualTo("The line leaks 0.1 L/min ± 80 mL/min; 10 mL/min is allowed.");
    }

    @Test
    void testWhatHasNotSettledIsNotSaidToBeTightOrToCost() {
        HoldTest t = test(0.05, at(0, 7), at(10, 7));
        List<Finding> said = HoldFindings.of(t, t.result(), Optional.of(12.0));
        assertThat(said).singleElement().satisfies(f -> {
            assertEquals("hold.settled", f.rule().id());
            assertEquals(State.FAIL, f.state());
        });
    }

    @ParameterizedTest
    @CsvSource({
        "60 min 7.9 bar 17 C 1013 hPa, 3600, 7.9, 17, 1.013",
        "60 7.9, 3600, 7.9, ,",
        "2 h 7.9 bar, 7200, 7.9, ,",
        "30 s 7.9 bar, 30, 7.9, ,",
        "1.5 min 790 kPa -5, 90, 7.9, -5,",
        "10; 150 mbar; 20 °C, 600, 0.15, 20,",
        "10 7.9 17 0.98 bar, 600, 7.9, 17, 0.98",
        "0 7.9 bar 1013 hPa, 0, 7.9, , 1.013"
    })
    void testAReadingIsTakenAsItIsCalledOut(String text, double seconds, double bar, Double celsius, Double barometer) {
        Read<HoldTest.Reading> read = ReadingText.read(text, UnitSystem.METRIC, "bar");
        HoldTest.Reading r = read.value().orElseThrow(() -> new AssertionError(read.refusal()));
        assertEquals(seconds, r.seconds(), 1e-9);
        assertEquals(seconds / 60, r.minutes(), 1e-9);
        assertEquals(bar, r.gauge().bar(), 1e-9);
        assertEquals(Optional.ofNullable(celsius), r.air().map(Temperature::celsius));
        assertEquals(Optional.ofNullable(barometer), r.barometer().map(b -> Math.round(b.bar() * 1e9) / 1e9));
    }

    @Test
    void testBareFiguresAreInTheUnitsOfTheJob() {
        HoldTest.Reading r =
                ReadingText.read("10 100 68", UnitSystem.INCH, "psi").value().orElseThrow();
        assertEquals(6.8948, r.gauge().bar(), 1e-4);
        assertEquals(20, r.air().orElseThrow().celsius(), 1e-9);
    }

    @ParameterizedTest
    @ValueSource(strings = {"", "ten", "10", "10 bar", "2401 h 7.9 bar", "10 7.9 17 2 bar", "10 9999 bar"})
    void testWhatIsNoReadingIsRefused(String text) {
        assertThat(ReadingText.read(text, UnitSystem.METRIC, "bar").refusal()).isPresent();
    }

    @Test
    void testAHundredDaysAreTheLongestTest() {
        assertThat(ReadingText.read("2400 h 7.9 bar", UnitSystem.METRIC, "bar").refusal())
                .isEmpty();
    }
}
