package mellowflare.cli;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class ConvertTest {

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            quoteCharacter = '~',
            value = {
                "2 7/16|61.9125|2 7/16|2 7/16\\\"",
                "2.4375 in|61.9125|2 7/16|2 7/16\\\"",
                "61.9 mm|61.9|2 7/16|2 7/16\\\"",
                "⅞|22.225|7/8|7/8\\\"",
                "6' 4 1/2|1943.1|76 1/2|6' 4 1/2\\\"",
            })
    void testLengthComesOutInBothSystems(String text, double mm, String fraction, String feet) {
        Run run = Run.of("{\"text\": \"" + text + "\"}", "convert");
        assertThat(run.status()).isZero();
        assertThat(run.json().get("mm").asDouble()).isCloseTo(mm, within(1e-9));
        assertThat(run.json().get("inches").asDouble()).isCloseTo(mm / 25.4, within(1e-9));
        assertThat(run.json().get("fraction").asText()).isEqualTo(fraction);
        assertThat(run.json().get("feetInches").asText()).isEqualTo(feet.replace("\\", ""));
        assertThat(Schemas.faults("convert.out", run.json())).isEmpty();
    }

    @Test
    void testFinerRuleIsUsedWhenAskedFor() {
        Run run = Run.of("{\"text\": \"61.9 mm\", \"denominator\": 64}", "convert");
        assertThat(run.json().get("fraction").asText()).isEqualTo("2 7/16");
        assertThat(run.json().get("roundingError").asDouble()).isCloseTo(0.0125, within(1e-9));
        assertThat(Run.of("{\"text\": \"61.9 mm\", \"denominator\": 0}", "convert")
                        .status())
                .isEqualTo(2);
        assertThat(Run.of("{\"text\": \"61.9 mm\", \"denominator\": 1.5}", "convert")
                        .status())
                .isEqualTo(2);
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            quoteCharacter = '~',
            value = {
                "{\"text\": \"7/0\"}|“text”",
                "{\"text\": \"-5\"}|negative",
                "{\"text\": 40}|“text”: give a text",
                "{}|“text”: it is required",
                "{\"txt\": \"5\"}|“text”: it is required",
                "{\"text\": \"5\", \"unit\": \"in\"}|“unit”: there is no such field",
                "{\"text\": |not valid JSON",
                "~~|No input",
                "5|not an object in braces",
                "{\"text\":\"1\"} {\"text\":\"2\"}|Something follows",
            })
    void testRefusedInputLeavesStandardOutputEmptyAndSaysOneSentence(String input, String says) {
        Run run = Run.of(input, "convert");
        assertThat(run.status()).isEqualTo(2);
        assertThat(run.bytes()).isEmpty();
        assertThat(run.errors()).contains(says);
        assertThat(run.errors().strip().lines()).hasSize(1);
        assertThat(run.errors()).doesNotContain("Exception").doesNotContain("\tat ");
    }

    @Test
    void testArrayGivesAnArrayAndABrokenRowDoesNotStopTheRest() {
        Run run = Run.of("[{\"text\":\"1\",\"id\":\"a\"},{\"text\":\"x\"},7,{\"text\":\"2\"}]", "convert");
        assertThat(run.status()).isEqualTo(1);
        assertThat(run.json()).hasSize(4);
        assertThat(run.json().get(0).get("id").asText()).isEqualTo("a");
        assertThat(run.json().get(1).get("row").asInt()).isEqualTo(2);
        assertThat(run.json().get(1).get("refused").asText()).contains("not a length");
        assertThat(run.json().get(3).get("mm").asDouble()).isEqualTo(50.8);
    }

    @Test
    void testLinesAndCsvAndTextAreWritten() {
        Run lines = Run.of("{\"text\":\"1\"}\n\nbroken\n{\"text\":\"2\"}\n", "convert", "--format", "jsonl");
        assertThat(lines.out().lines()).hasSize(3);
        assertThat(lines.status()).isEqualTo(1);
        Run csv = Run.of("id,text\na,7/8\nb,\n", "convert", "--format", "CSV");
        assertThat(csv.out().lines().toList().get(0))
                .isEqualTo("id,understoodAs,mm,inches,fraction,feetInches,roundingError,refused");
        assertThat(csv.out().lines().toList().get(1)).startsWith("a,").contains("22.2");
        assertThat(csv.out().lines().toList().get(2)).contains("b,,,,,,,row 2: “text”: it is required.");
        Run text = Run.of("{\"text\":\"7/8\"}", "convert", "--format", "text");
        assertThat(text.out()).contains("22.225 mm").contains("7/8 in");
    }

    @Test
    void testWrongCommandLineIsOneSentence() {
        assertThat(Run.of("", "flange").status()).isEqualTo(2);
        assertThat(Run.of("", "convert", "--format", "xml").status()).isEqualTo(2);
        assertThat(Run.of("").status()).isEqualTo(2);
        assertThat(Run.of("", "job").errors())
                .contains("Say what to do with a job: list, import, papers, read-tag, sheet, card, tag, export");
        for (String command : new String[] {"convert", "identify", "hose", "route", "parts", "job"}) {
            Run help = Run.of("", command, "--help");
            assertThat(help.status()).isZero();
            assertThat(help.out()).contains("Example:");
        }
    }

    @Test
    void testFiguresAreWrittenAsTheyAreMeant() {
        assertThat(Run.of("{\"text\":\"7/8 in\"}", "convert").out())
                .contains("22.225")
                .doesNotContain("22.2249", "22.22500");
        assertThat(Run.of("{\"code\":\"JIC37\",\"size\":\"-8\"}", "seal").out()).doesNotContain("99999999", "00000001");
    }
}
