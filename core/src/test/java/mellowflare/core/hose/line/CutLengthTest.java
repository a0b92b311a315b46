package mellowflare.core.hose.line;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.Optional;
import mellowflare.core.LineSample;
import mellowflare.core.Samples;
import mellowflare.core.advice.Finding;
import mellowflare.core.advice.MethodTopic;
import mellowflare.core.advice.Practice;
import mellowflare.core.advice.Severity;
import mellowflare.core.advice.State;
import mellowflare.core.hose.HosePlan;
import mellowflare.core.measure.CalledFigure;
import mellowflare.core.measure.Length;
import mellowflare.core.measure.UnitSystem;
import mellowflare.core.procedure.MakeLog;
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

    /** By hand: 1075.6 mm of bare hose and cut-offs of 31.4 and 33 mm make 1140 mm. */
    @Test
    void testABareHoseAndBothCutOffsMakeTheFinishedLength() {
        LineSample line = Samples.soundLine().withLaidOut(Optional.of(Length.ofMm(1075.6)));
        HoseCase c =
                line.worked(Practice.USUAL.with(MethodTopic.HOSE_LENGTH, "laid-out"), UnitSystem.METRIC, MakeLog.EMPTY);
        double overall = c.overallOf(Length.ofMm(1075.6)).orElseThrow().mm();
        double cutOffs = 1140 - c.cut().orElseThrow().exact().mm();
        assertThat(overall).isCloseTo(1075.6 + cutOffs, within(1e-9));
        HoseCase made = c.withFinished(CalledFigure.unsigned(Length.ofMm(overall), ""));
        assertThat(made.cut().orElseThrow().exact().mm()).isCloseTo(1075.6, within(1e-9));
        assertThat(state(made, "length.laid-out")).isEqualTo(State.PASS);
        assertThat(state(made.withFinished(CalledFigure.unsigned(Length.ofMm(1200), "")), "length.laid-out"))
                .isEqualTo(State.FAIL);
        Finding tight = finding(made, "length.never-tight");
        assertThat(tight.severity()).isEqualTo(Severity.WARN);
        assertThat(tight.remedy(UnitSystem.METRIC))
                .startsWith("Lay it out with that much slack in its bend, or measure the route.");
    }

    private static Finding finding(HoseCase c, String rule) {
        return HosePlan.of(c).findings().stream()
                .filter(f -> f.rule().id().equals(rule))
                .findFirst()
                .orElseThrow();
    }

    private static State state(HoseCase c, String rule) {
        return finding(c, rule).state();
    }
}
