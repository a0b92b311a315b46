package mellowflare.devices;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.io.IOException;
import java.util.ArrayDeque;
import java.util.Deque;
import java.util.List;
import mellowflare.core.measure.Length;
import mellowflare.core.measure.Read;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.NullSource;
import org.junit.jupiter.params.provider.ValueSource;

class CaliperTest {

    /** A port that plays back a text and then falls silent. */
    private static SerialCaliper playing(String text) {
        Deque<Integer> bytes = new ArrayDeque<>();
        text.chars().forEach(bytes::add);
        return new SerialCaliper(new SerialPort() {
            @Override
            public int read() {
                return bytes.isEmpty() ? -1 : bytes.poll();
            }

            @Override
            public String name() {
                return "played caliper";
            }
        });
    }

    @Test
    void testWholeLineIsRead() {
        assertThat(CaliperLine.read("+0014.17 mm").value()).contains(Length.ofMm(14.17));
        assertThat(CaliperLine.read("+00.5580 in\r\n").value()).contains(Length.ofInches(0.558));
    }

    @ParameterizedTest
    @NullSource
    @ValueSource(
            strings = {
                "",
                "+001",
                "-0014.17 mm",
                "+0014.17",
                "14 mm",
                "+0014.1",
                "+0014.17 cm",
                "ERR",
                // One character lost or come in: each would be another number.
                "+0014.7 mm",
                "+014.17 mm",
                "+00147 mm",
                "+00514.17 mm",
                "+0.5580 in",
                "+0014.17 in"
            })
    void testDamagedLineIsRefusedNeverGuessed(String line) {
        assertThat(CaliperLine.read(line).refusal())
                .hasValueSatisfying(s -> assertThat(s).contains("send it again"));
    }

    @Test
    void testTwoLinesMustAgreeAndDamagedOnesArePassedOver() {
        assertThat(playing("+0014.17 mm\r\n+0014.19 mm\r\n").reading().value()).contains(Length.ofMm(14.18));
        assertThat(playing("7 mm\n+0014.17 mm\n+001417 mm\n+0014.17 mm\n+0014.17 mm\n")
                        .reading()
                        .value())
                .contains(Length.ofMm(14.17));
        assertThat(playing("+0012.10 mm\n+0013.40 mm\n+0014.17 mm\n").reading().refusal())
                .hasValueSatisfying(s -> assertThat(s).contains("hold it still"));
    }

    @Test
    void testUnitSwitchedBetweenTwoLinesDoesNotDeceive() {
        assertThat(playing("+0014.17 mm\n+00.5580 in\n")
                        .reading()
                        .value()
                        .orElseThrow()
                        .mm())
                .isCloseTo(14.17, within(0.011));
    }

    @Test
    void testEndlessNoiseEndsInASentence() {
        assertThat(playing("#".repeat(5000)).reading().refusal())
                .hasValueSatisfying(s -> assertThat(s).contains("agree"));
        assertThat(playing("").reading().refusal())
                .hasValueSatisfying(s -> assertThat(s).contains("sends nothing"));
    }

    @Test
    void testNoReadingOfThePracticePortIsEverFarFromThePart() {
        PracticePort port = new PracticePort(Length.ofMm(14.17), 7);
        SerialCaliper caliper = new SerialCaliper(port);
        int read = 0;
        for (int i = 0; i < 3000; i++) {
            if (i % 250 == 0) {
                port.switchUnit();
            }
            Read<Length> reading = caliper.reading();
            reading.value().ifPresent(l -> assertThat(l.mm()).isCloseTo(14.17, within(0.12)));
            read += reading.value().isPresent() ? 1 : 0;
        }
        assertThat(read).as("nearly every press gives a figure").isGreaterThan(2900);
    }

    @Test
    void testPulledPlugIsSaidAndPuttingItBackHelps() {
        PracticePort port = new PracticePort(Length.ofMm(20), 3);
        SerialCaliper caliper = new SerialCaliper(port);
        port.plug(false);
        assertThat(caliper.reading().refusal())
                .hasValueSatisfying(s -> assertThat(s).contains("unplugged"));
        port.plug(true);
        assertThat(caliper.reading().value()).isPresent();
        port.hold(Length.ofMm(33.2));
        caliper.reading();
        assertThat(caliper.reading().value().orElseThrow().mm()).isCloseTo(33.2, within(0.12));
    }

    @Test
    void testPlugPulledInTheMiddleOfALineLosesOnlyThatLine() throws IOException {
        PracticePort port = new PracticePort(Length.ofMm(20), 3);
        for (int i = 0; i < 5; i++) {
            port.read();
        }
        port.plug(false);
        port.plug(true);
        assertThat(List.of((int) '+', (int) '0')).contains(port.read());
    }

    @Test
    void testSameSeedGivesTheSameReadings() {
        SerialCaliper one = new SerialCaliper(new PracticePort(Length.ofMm(20), 3));
        SerialCaliper two = new SerialCaliper(new PracticePort(Length.ofMm(20), 3));
        for (int i = 0; i < 20; i++) {
            assertThat(one.reading()).isEqualTo(two.reading());
        }
    }
}
