package mellowflare.core.hose;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import mellowflare.core.Samples;
import mellowflare.core.measure.Length;
import mellowflare.core.measure.UnitSystem;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class CutLengthTest {

    @Test
    void testCutIsOverallLessBothCutOffs() {
        // 1140 - 31.4 (straight boss end) - 52.6 (90 degree flare end) = 1056
        CutLength cut = Samples.hoseCase(Samples.soundLine()).cut().orElseThrow();
        assertThat(cut.exact().mm()).isCloseTo(1056, within(1e-9));
        assertThat(cut.shop(UnitSystem.METRIC)).isEqualTo(Length.ofMm(1056));
        // 1056 mm = 41.5748 in, nearest sixteenth 41 9/16 = 1055.6875 mm
        assertThat(cut.shop(UnitSystem.INCH).mm()).isCloseTo(1055.6875, within(1e-9));
        assertThat(cut.roundingError(UnitSystem.INCH).mm()).isCloseTo(-0.3125, within(1e-9));
    }

    @ParameterizedTest
    @CsvSource({"12, 0.125", "12.01, 0.1875", "18, 0.1875", "18.01, 0.25", "36, 0.25", "36.01, 0.3601", "100, 1"})
    void testToleranceStepsOfJ517(double inches, double tolerance) {
        assertThat(CutLength.tolerance(Length.ofInches(inches)).inches()).isCloseTo(tolerance, within(1e-9));
    }

    @Property
    void toleranceNeverShrinksAsTheHoseGrows(
            @ForAll @DoubleRange(min = 20, max = 900) double shorter, @ForAll @DoubleRange(max = 5000) double more) {
        assertThat(CutLength.tolerance(Length.ofMm(shorter + more)))
                .isGreaterThanOrEqualTo(CutLength.tolerance(Length.ofMm(shorter)));
    }

    @Test
    void testLengthUnderPressureIsMinusFourToPlusTwoPerCent() {
        CutLength cut = Samples.hoseCase(Samples.soundLine()).cut().orElseThrow();
        assertThat(cut.underPressure().low().mm()).isCloseTo(1094.4, within(1e-9));
        assertThat(cut.underPressure().high().mm()).isCloseTo(1162.8, within(1e-9));
        assertThat(cut.overallBand().high().mm()).isCloseTo(1151.4, within(1e-9));
    }
}
