package mellowflare.core.infer;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import org.junit.jupiter.api.Test;

/** Bayes' rule and expected information by hand. */
class BayesTest {
    @Test
    void testWeightsBecomeSharesOfTheirSum() {
        assertThat(Bayes.shares(new double[] {1, 2, 5})).containsExactly(0.125, 0.25, 0.625);
        assertThat(Bayes.shares(new double[] {0, 0})).containsExactly(0, 0);
        assertThat(Bayes.shares(new double[0])).isEmpty();
    }

    /** Two cases alike: a check that tells them apart gives one bit, one that does not gives none. */
    @Test
    void testACheckThatTellsTwoApartGivesOneBit() {
        double[] alike = {0.5, 0.5};
        assertThat(Bayes.bits(alike, new double[] {0.5, 0}) + Bayes.bits(alike, new double[] {0, 0.5}))
                .isCloseTo(1, within(1e-12));
        assertThat(Bayes.bits(alike, new double[] {0.3, 0.3}) + Bayes.bits(alike, new double[] {0.2, 0.2}))
                .isCloseTo(0, within(1e-12));
        assertThat(Bayes.bits(alike, new double[] {0, 0})).isZero();
    }

    /** A sign that one of two shows in nine of ten cases and the other in one: 1 - H(0.1) = 0.531 bits. */
    @Test
    void testAnUnsureSignGivesHalfABit() {
        double[] alike = {0.5, 0.5};
        double bits = Bayes.bits(alike, new double[] {0.45, 0.05}) + Bayes.bits(alike, new double[] {0.05, 0.45});
        assertThat(bits).isCloseTo(0.531, within(1e-3));
    }
}
