package mellowflare.core.hose.line;

import static mellowflare.core.Samples.hoseCase;
import static mellowflare.core.Samples.soundLine;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.Optional;
import java.util.Random;
import mellowflare.core.LineSample;
import mellowflare.core.advice.MethodTopic;
import mellowflare.core.advice.Practice;
import mellowflare.core.measure.Instrument;
import mellowflare.core.measure.Length;
import mellowflare.core.measure.UnitSystem;
import mellowflare.core.procedure.MakeLog;
import org.junit.jupiter.api.Test;

class ToleranceBudgetTest {
    private static ToleranceBudget of(LineSample line) {
        return ToleranceBudget.of(hoseCase(line)).orElseThrow();
    }

    @Test
    void testBudgetOfTheSoundLineByHand() {
        // Tape twice 0.8/sqrt 2, found by computing 2.0, wheel 0.7, two crimps 0.6 each: 2.3516 mm together.
        ToleranceBudget b = of(soundLine());
        assertThat(b.deviation().mm()).isCloseTo(2.351595, within(1e-5));
        assertThat(b.largest()).isEqualTo("length computed from ends and route, 72 % of it");
        assertThat(b.shift().mm()).isCloseTo(0, within(1e-9));
        assertThat(b.chance()).isCloseTo(0.9999987, within(1e-6));
        assertThat(b.causes().stream().mapToDouble(ToleranceBudget.Cause::share).sum())
                .isCloseTo(1, within(1e-9));
    }

    @Test
    void testShortHoseReadByEyeIsUnlikelyToFit() {
        LineSample line = soundLine()
                .withFinished(soundLine()
                        .finished()
                        .map(f -> f.withValue(Length.ofMm(250), "250").withInstrument(Instrument.EYE)));
        HoseCase c =
                line.worked(Practice.USUAL.with(MethodTopic.HOSE_LENGTH, "old-hose"), UnitSystem.METRIC, MakeLog.EMPTY);
        ToleranceBudget b = ToleranceBudget.of(c).orElseThrow();
        assertThat(b.chance()).isLessThan(0.5);
        assertThat(b.largest()).contains("old hose copied");
    }

    @Test
    void testFirstOrderAgreesWithSampling() {
        ToleranceBudget b =
                of(soundLine().withFinished(soundLine().finished().map(f -> f.withValue(Length.ofMm(290), "290"))));
        Random random = new Random(7);
        int within = 0;
        int tries = 200_000;
        for (int i = 0; i < tries; i++) {
            double error = b.shift().mm();
            for (ToleranceBudget.Cause cause : b.causes()) {
                error += random.nextGaussian() * cause.deviation().mm();
            }
            within += Math.abs(error) <= b.tolerance().mm() ? 1 : 0;
        }
        assertThat((double) within / tries).isCloseTo(b.chance(), within(0.004));
    }

    @Test
    void testNoBudgetWithoutACut() {
        assertThat(ToleranceBudget.of(hoseCase(LineSample.NEW))).isEmpty();
        assertThat(ToleranceBudget.of(hoseCase(soundLine().withFinished(Optional.empty()))))
                .isEmpty();
    }
}
