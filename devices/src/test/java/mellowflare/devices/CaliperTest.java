package mellowflare.devices;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import mellowflare.core.measure.Length;
import mellowflare.core.measure.Read;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.NullSource;
import org.junit.jupiter.params.provider.ValueSource;

class CaliperTest {

    @Test
    void testWholeLineIsRead() {
        assertThat(CaliperLine.read("+0014.17 mm").value()).contains(Length.ofMm(14.17));
        assertThat(CaliperLine.read(" 0.5580 in\r\n").value()).contains(Length.ofInches(0.558));
    }

    @ParameterizedTest
    @NullSource
    @ValueSource(strings = {"", "+001", "-0014.17 mm", "+0014.17", "14 mm", "+0014.1", "+0014.17 cm", "ERR"})
    void testDamagedLineIsRefusedNeverGuessed(String line) {
        assertThat(CaliperLine.read(line).refusal())
                .hasValueSatisfying(s -> assertThat(s).contains("send it again"));
    }

    @Test
    void testPracticeCaliperScattersAboutThePartAndSometimesSendsADamagedLine() {
        PracticeCaliper caliper = new PracticeCaliper(Length.ofMm(14.17), 7);
        List<Double> read = new ArrayList<>();
        int damaged = 0;
        for (int i = 0; i < 1000; i++) {
            Read<Length> reading = caliper.reading();
            reading.value().ifPresent(l -> read.add(l.mm()));
            damaged += reading.refusal().isPresent() ? 1 : 0;
        }
        double mean = read.stream().mapToDouble(Double::doubleValue).average().orElseThrow();
        assertThat(mean).isCloseTo(14.17, within(0.01));
        assertThat(damaged).isBetween(20, 90);
        assertThat(caliper.name()).isEqualTo("practice caliper");
    }

    @Test
    void testSameSeedGivesTheSameReadings() {
        PracticeCaliper one = new PracticeCaliper(Length.ofMm(20), 3);
        PracticeCaliper two = new PracticeCaliper(Length.ofMm(20), 3);
        for (int i = 0; i < 20; i++) {
            assertThat(one.reading()).isEqualTo(two.reading());
        }
    }
}
