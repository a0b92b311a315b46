package mellowflare.core.hose.line;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import mellowflare.core.measure.Length;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import org.junit.jupiter.api.Test;

class CutOutTest {
    private static CutOut of(double damaged, double one, double other, double joiner) {
        return new CutOut(Length.ofMm(damaged), Length.ofMm(one), Length.ofMm(other), Length.ofMm(joiner));
    }

    @Test
    void testSmallDamageTakesSoundHoseAlong() {
        // A male of 33 and a swivel of 35 put back 68: with 40 damaged, 28 of sound hose go too.
        CutOut c = of(40, 33, 35, 0);
        assertThat(c.adds()).isEqualTo(Length.ofMm(68));
        assertThat(c.takeOut()).isEqualTo(Length.ofMm(68));
        assertThat(c.soundTaken()).isEqualTo(Length.ofMm(28));
        assertThat(c.shortBy()).isEqualTo(Length.ZERO);
    }

    @Test
    void testLargeDamageLeavesTheLineShort() {
        CutOut c = of(120, 33, 35, 20);
        assertThat(c.takeOut()).isEqualTo(Length.ofMm(120));
        assertThat(c.shortBy()).isEqualTo(Length.ofMm(32));
        assertThat(c.soundTaken()).isEqualTo(Length.ZERO);
    }

    @Property
    void theLineNeverGrowsAndTheDamageAlwaysGoes(
            @ForAll @DoubleRange(min = 0, max = 900) double d,
            @ForAll @DoubleRange(min = 0, max = 90) double a,
            @ForAll @DoubleRange(min = 0, max = 90) double b) {
        CutOut c = of(d, a, b, 0);
        assertThat(c.takeOut()).isGreaterThanOrEqualTo(Length.ofMm(d));
        assertThat(c.adds().minus(c.takeOut()).mm()).isLessThanOrEqualTo(0);
    }

    @Test
    void testNothingIsBelowZero() {
        assertThatThrownBy(() -> of(-1, 1, 1, 0)).isInstanceOf(IllegalArgumentException.class);
    }
}
