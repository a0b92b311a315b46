package mellowflare.core.thread;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import mellowflare.core.measure.UnitSystem;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

class PitchReadingTest {

    @ParameterizedTest
    @CsvSource({
        "10 over 14.11, 1.411, 10",
        "10 threads over 14.11 mm, 1.411, 10",
        "9 in 1/2 in, 1.4111, 9",
        "8 turns on 1.6 cm, 2, 8",
    })
    void testCountOverALengthIsAPitch(String text, double mm, int counted) {
        PitchReading read = PitchReading.read(text, UnitSystem.METRIC).value().orElseThrow();
        assertThat(read.pitch().length().mm()).isCloseTo(mm, within(0.001));
        assertThat(read.counted()).contains(counted);
    }

    @Test
    void testBareLengthIsOfTheJobsSystemAndLeavesStayLeaves() {
        assertThat(PitchReading.read("9 over 1/2", UnitSystem.INCH)
                        .value()
                        .orElseThrow()
                        .pitch()
                        .length()
                        .mm())
                .isCloseTo(25.4 / 18, within(1e-9));
        PitchReading leaf = PitchReading.read("18", UnitSystem.METRIC).value().orElseThrow();
        assertThat(leaf.counted()).isEmpty();
        assertThat(leaf.understood()).isEqualTo("1.411 mm");
        assertThat(PitchReading.readWithUnit("10 over 14.1").refusal())
                .hasValueSatisfying(s -> assertThat(s).contains("unit"));
    }

    @ParameterizedTest
    @ValueSource(strings = {"1 over 1.5", "10 over 0", "10 over 500", "10 over bananas", "ten over 14", "10 over"})
    void testNonsenseIsRefusedWithASentence(String text) {
        assertThat(PitchReading.read(text, UnitSystem.METRIC).refusal())
                .as(text)
                .isPresent();
    }
}
