package mellowflare.core.material;

import static org.assertj.core.api.Assertions.assertThat;

import mellowflare.core.measure.GaugePressure;
import mellowflare.core.measure.Length;
import mellowflare.core.measure.Temperature;
import org.junit.jupiter.api.Test;

class SolderedJointsTest {
    private final SolderedJoints joints = SolderedJoints.load();

    private double bar(double od, double celsius) {
        return joints.rated(Length.ofMm(od), Temperature.ofCelsius(celsius))
                .map(GaugePressure::bar)
                .orElse(0.0);
    }

    @Test
    void testBearsLessTheHotterAndTheWider() {
        assertThat(bar(15, 20)).isEqualTo(25);
        assertThat(bar(15, 110)).isEqualTo(16);
        assertThat(bar(22, 87.5)).isEqualTo(20);
        assertThat(bar(42, 65)).isEqualTo(16);
        assertThat(bar(54, 110)).isEqualTo(10);
        for (double od : new double[] {6, 15, 28, 35, 54, 76}) {
            for (double c = 0; c < 105; c += 5) {
                assertThat(bar(od, c + 5)).isLessThanOrEqualTo(bar(od, c));
                assertThat(bar(od + 20, c)).isLessThanOrEqualTo(bar(od, c));
            }
        }
    }

    @Test
    void testNothingIsGuessedBeyondTheTable() {
        assertThat(joints.rated(Length.ofMm(15), Temperature.ofCelsius(111))).isEmpty();
        assertThat(joints.rated(Length.ofMm(133), Temperature.ofCelsius(20))).isEmpty();
    }
}
