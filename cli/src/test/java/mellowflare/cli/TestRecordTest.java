package mellowflare.cli;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Locale;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** The command {@code test-record}. */
class TestRecordTest {
    private static final String PROOF = """
            {"id": "h1", "test": "proof-minute", "target": "400 bar", "looks": {"line": "dry"}, "by": "T. Brandt", "on": "2026-11-30",
             "gauge": {"number": "G 12", "upTo": 600, "step": 5, "calibratedUntil": "2027-03-01"},
             "readings": [{"time": 0, "pressure": 402}, {"time": 15, "pressure": 401}, {"time": 30, "pressure": 400}]}
            """.replace("\n", " ");

    @Test
    void testAHoseThatKeptItsProofPressurePasses() {
        assertThat(Schemas.faults("test-record.in", PROOF)).isEmpty();
        Run run = Run.of(PROOF, "test-record");
        assertThat(run.status()).isZero();
        assertThat(Schemas.faults("test-record.out", run.json())).isEmpty();
        assertThat(run.json().get("verdict").asText()).isEqualTo("tight");
        assertThat(run.json().get("id").asText()).isEqualTo("h1");
        Run text = Run.of(PROOF, "test-record", "--format", "text");
        assertThat(text.out()).contains("proof-minute: tight.");
    }

    @Test
    void testNoFiguresNoPassAndGasIsAStop() {
        assertThat(Run.of("{\"test\": \"soap\", \"looks\": {\"line\": \"dry\"}}", "test-record")
                        .json()
                        .get("verdict")
                        .asText())
                .isEqualTo("not-settled");
        Run gas = Run.of(PROOF.replace("\"by\"", "\"medium\": \"air\", \"by\""), "test-record");
        assertThat(gas.status()).isEqualTo(1);
        assertThat(gas.json().get("findings").get(0).get("says").asText()).contains("never prove a line with air");
    }

    @Test
    void testALoggersFileIsReadAndItsBadRowsAreTold(@TempDir Path folder) throws Exception {
        StringBuilder csv = new StringBuilder("time_min,pressure_bar,temperature_C\n");
        for (int m = 0; m <= 60; m++) {
            csv.append(m)
                    .append(',')
                    .append(m == 7 ? "x" : String.format(Locale.ROOT, "%.3f", 8 - 0.01 * m))
                    .append(",20\n");
        }
        Path file = Files.writeString(folder.resolve("logger.csv"), csv);
        String in = "{\"test\": \"hold-main\", \"volume\": 100, \"gauge\": {\"step\": 0.001}, \"allowed\": 0.5}";
        Run run = Run.of(in, "test-record", "--log", file.toString());
        assertThat(Schemas.faults("test-record.out", run.json())).isEmpty();
        assertThat(run.json().get("verdict").asText()).isEqualTo("leaks");
        // 0.01 bar a minute out of 100 L at 20 C: 1 bar litre a minute, by ISO 1217 as much free air.
        assertThat(run.json().get("leakRate").asDouble()).isCloseTo(1.0, within(0.01));
        assertThat(run.json().get("leftOut")).hasSize(1);
        assertThat(Run.of(in, "test-record", "--log", folder.resolve("none.csv").toString())
                        .status())
                .isEqualTo(2);
    }

    @Test
    void testOddInputIsRefusedInASentence() {
        assertThat(Run.of(PROOF.replace("2027-03-01", "next year"), "test-record")
                        .errors())
                .contains("calibratedUntil", "next year");
        assertThat(Run.of(PROOF.replace("\"time\": 15", "\"time\": 45"), "test-record")
                        .errors())
                .contains("in order of time");
        assertThat(Run.of("{\"test\": \"squeeze\"}", "test-record").errors()).contains("squeeze", "proof-minute");
        assertThat(Run.of(PROOF.replace("\"upTo\"", "\"upto\""), "test-record").status())
                .isEqualTo(2);
    }
}
