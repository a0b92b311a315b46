package mellowflare.core.flow.hold;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import mellowflare.core.advice.Figure;
import mellowflare.core.measure.AbsolutePressure;
import mellowflare.core.measure.FreeAir;
import mellowflare.core.measure.GaugePressure;
import mellowflare.core.measure.PressureDifference;
import mellowflare.core.measure.Temperature;
import mellowflare.core.measure.UnitSystem;
import mellowflare.core.measure.Volume;
import org.junit.jupiter.api.Test;

class HoldTestTest {
    private static HoldTest.Reading at(double minutes, double bar, double celsius) {
        return new HoldTest.Reading(
                minutes * 60, GaugePressure.ofBar(bar), Optional.of(Temperature.ofCelsius(celsius)));
    }

    private static HoldTest.Reading at(double minutes, double bar, double celsius, double barometer) {
        return new HoldTest.Reading(
                minutes * 60,
                GaugePressure.ofBar(bar),
                Optional.of(Temperature.ofCelsius(celsius)),
                Optional.of(AbsolutePressure.ofBar(barometer)));
    }

    private static HoldTest test(List<HoldTest.Reading> readings, double allowed) {
        return new HoldTest(
                readings,
                Volume.ofLitres(100),
                AbsolutePressure.ofBar(1),
                PressureDifference.ofBar(0.01),
                FreeAir.ofLitresPerMinute(allowed));
    }

    /** By hand: 100 L lose 0.5 bar in 10 min at 20 degrees: V dp / (pa t) = 100 x 0.5 / (1 x 10) = 5 L/min. */
    @Test
    void testTheLeakIsVolumeTimesDropOverTime() {
        List<HoldTest.Reading> readings = new ArrayList<>();
        for (int i = 0; i <= 10; i++) {
            readings.add(at(i, 7 - 0.05 * i, 20));
        }
        HoldTest.Result r = test(readings, 1).result();
        assertThat(r.litresPerMinute()).isCloseTo(5, within(1e-6));
        assertThat(r.drop().bar()).isCloseTo(0.5, within(1e-9));
        assertThat(r.verdict()).isEqualTo(HoldTest.Verdict.LEAKS);
        assertThat(r.confidence()).isGreaterThan(0.975);
    }

    /** By hand: from 20 to 10 degrees 8 bar absolute become 8 x 283.15 / 293.15 = 7.7271: no leak, though the gauge fell by 0.27. */
    @Test
    void testAColdNightIsNoLeak() {
        List<HoldTest.Reading> readings = new ArrayList<>();
        for (int i = 0; i <= 12; i++) {
            double celsius = 20 - 10.0 * i / 12;
            readings.add(at(60 * i, 8 * (celsius + 273.15) / 293.15 - 1, celsius));
        }
        HoldTest.Result r = test(readings, 0.05).result();
        assertThat(readings.get(12).gauge().bar()).isCloseTo(6.7271, within(1e-4));
        assertThat(r.litresPerMinute()).isCloseTo(0, within(1e-9));
        assertThat(r.atRest()).isGreaterThan(0.03);
        assertThat(r.verdict()).isEqualTo(HoldTest.Verdict.TIGHT);
    }

    /** The barometer rose by 0.03 bar and nobody read it: air does not grow, so nothing is said to be tight. */
    @Test
    void testAirThatSeemsToGrowIsNoProofOfTightness() {
        List<HoldTest.Reading> readings = new ArrayList<>();
        for (int i = 0; i <= 10; i++) {
            readings.add(at(6 * i, 7 + 0.03 * i, 20));
        }
        HoldTest t = test(readings, 1);
        HoldTest.Result r = t.result();
        assertThat(r.litresPerMinute()).isNegative();
        assertThat(r.grows()).isTrue();
        assertThat(r.verdict()).isEqualTo(HoldTest.Verdict.NOT_SETTLED);
        assertThat(HoldFindings.of(t, r, Optional.empty()))
                .singleElement()
                .satisfies(f -> assertThat(f.says(UnitSystem.METRIC)).contains("seems to grow", "was not measured"));
    }

    /**
     * By hand: 100 L, the gauge stands at 7 for an hour while the barometer falls from 1.020 to 1.000: 100 x 0.02 / (1 x 60) =
     * 0.0333 L/min are lost, which one barometer for all hides.
     */
    @Test
    void testABarometerThatFallsIsCountedIn() {
        List<HoldTest.Reading> one = List.of(at(0, 7, 20), at(30, 7, 20), at(60, 7, 20));
        assertThat(test(one, 1).result().litresPerMinute()).isCloseTo(0, within(1e-9));
        List<HoldTest.Reading> read = List.of(at(0, 7, 20, 1.020), at(30, 7, 20), at(60, 7, 20, 1.000));
        HoldTest.Result r = test(read, 1).result();
        assertThat(r.litresPerMinute()).isCloseTo(0.02 * 100 / 60, within(1e-6));
        assertThat(r.drop().bar()).isCloseTo(0.02, within(1e-9));
        // Read at the end only: it held all the time, as far as anyone knows.
        assertThat(test(List.of(at(0, 7, 20), at(60, 7, 20, 0.9)), 1).result().litresPerMinute())
                .isCloseTo(0, within(1e-9));
    }

    @Test
    void testNoReadingsMakeItQuiteSureAndSmallFiguresKeepAUnitThatShowsThem() {
        HoldTest t = test(List.of(at(0, 7, 20), at(100_000, 6.99, 20)), 5);
        HoldTest.Result r = t.result();
        assertThat(r.confidence()).isEqualTo(HoldTest.SUREST);
        // 100 L x 0.01 bar / 100 000 min = 0.01 mL/min.
        assertThat(Figure.of(r.leak()).text(UnitSystem.METRIC)).isEqualTo("less than 0.1 mL/min");
        assertThat(Figure.of(FreeAir.ofLitresPerMinute(0.012)).text(UnitSystem.METRIC))
                .isEqualTo("12 mL/min");
        assertThat(Figure.of(FreeAir.ofLitresPerMinute(0.012)).text(UnitSystem.INCH))
                .isEqualTo("0.7 in³/min");
        assertThat(Figure.of(FreeAir.ofLitresPerMinute(0)).text(UnitSystem.METRIC))
                .isEqualTo("0 L/min");
    }

    @Test
    void testANeedleThatDoesNotMoveForAMinuteProvesLittle() {
        HoldTest.Result r = test(List.of(at(0, 7, 20), at(1, 7, 20)), 0.1).result();
        assertThat(r.litresPerMinute()).isZero();
        assertThat(r.plusMinus()).isGreaterThan(0.5);
        assertThat(r.verdict()).isEqualTo(HoldTest.Verdict.NOT_SETTLED);
    }

    @Test
    void testWithoutTemperaturesTheAirIsTakenAsEven() {
        HoldTest t = test(
                List.of(
                        new HoldTest.Reading(0, GaugePressure.ofBar(7), Optional.empty()),
                        new HoldTest.Reading(600, GaugePressure.ofBar(6.5), Optional.empty())),
                1);
        assertThat(t.result().litresPerMinute()).isCloseTo(5, within(1e-6));
    }

    @Test
    void testReadingsOutOfOrderAndHalfTakenTemperaturesAreRefused() {
        assertThatThrownBy(() -> test(List.of(at(0, 7, 20)), 1)).hasMessageContaining("two readings");
        assertThatThrownBy(() -> test(List.of(at(5, 7, 20), at(5, 7, 20)), 1)).hasMessageContaining("order of time");
        assertThatThrownBy(() -> test(
                        List.of(at(0, 7, 20), new HoldTest.Reading(60, GaugePressure.ofBar(7), Optional.empty())), 1))
                .hasMessageContaining("every reading");
    }
}
