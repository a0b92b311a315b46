package mellowflare.core.thread;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

class PitchTest {

    @ParameterizedTest
    @CsvSource({
        "18, 18 per inch",
        "18 tpi, 18 per inch",
        "11.5, 11.5 per inch",
        "11 1/2 per inch, 11.5 per inch",
        "18/in, 18 per inch",
        "1.5, 1.5 mm",
        "1.5mm, 1.5 mm",
        "2 mm, 2 mm",
        "6, 6 mm",
    })
    void testPitchIsReadInTheWordsOfItsLeaf(String text, String understood) {
        assertThat(Pitch.read(text).value().orElseThrow().text()).isEqualTo(understood);
    }

    @ParameterizedTest
    @ValueSource(strings = {"", "eighteen", "18 mm", "0", "200 tpi", "0.05", "18 kg", "1 8"})
    void testPitchThatNoGaugeHasIsRefused(String text) {
        assertThat(Pitch.read(text).refusal())
                .as(text)
                .hasValueSatisfying(s -> assertThat(s).endsWith("."));
    }

    @Test
    void testPitchLengthIsTheInchOverTheThreads() {
        assertThat(Pitch.ofPerInch(14).length().mm()).isCloseTo(1.8142857, within(1e-6));
        assertThat(Pitch.ofMm(1.5).otherText()).isEqualTo("16.9 per inch");
        assertThat(Pitch.readWithUnit("18").refusal()).isPresent();
    }
}
