package mellowflare.cli;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import com.fasterxml.jackson.databind.JsonNode;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class IdentifyTest {
    private static final String BOSS =
            "{\"gender\": \"male\", \"diameter\": 14.2, \"pitch\": \"18 tpi\", \"oring\": \"thread-base\"}";

    @Test
    void testBossIsNamedWithReasonsTwinsAndNextCheck() {
        Run run = Run.of(BOSS, "identify");
        assertThat(run.status()).isZero();
        JsonNode best = run.json().get("candidates").get(0);
        assertThat(best.get("code").asText()).isEqualTo("ORB");
        assertThat(best.get("size").asText()).isEqualTo("-6");
        assertThat(best.get("probability").asDouble()).isGreaterThan(0.9);
        assertThat(best.get("twins")).isNotEmpty();
        assertThat(best.get("for")).isNotEmpty();
        assertThat(Schemas.faults("identify.in", BOSS)).isEmpty();
        assertThat(Schemas.faults("identify.out", run.json())).isEmpty();
    }

    @Test
    void testInchTextAndMillimetreNumberMeanTheSame() {
        Run mm = Run.of("{\"gender\":\"male\",\"diameter\":14.224,\"pitch\":\"18 tpi\"}", "identify");
        Run inch = Run.of("{\"gender\":\"male\",\"diameter\":\"0.56 in\",\"pitch\":\"18 tpi\"}", "identify");
        assertThat(inch.json().get("candidates").get(0).get("probability").asDouble())
                .isCloseTo(mm.json().get("candidates").get(0).get("probability").asDouble(), within(1e-9));
    }

    @Test
    void testGenderAloneAsksForTheDiameter() {
        Run run = Run.of("{\"gender\":\"female\"}", "identify");
        assertThat(run.status()).isZero();
        assertThat(run.json().get("candidates")).isEmpty();
        assertThat(run.json().get("nextCheck").get("clue").asText()).isEqualTo("diameter");
        assertThat(run.json().get("findings").get(0).get("state").asText()).isEqualTo("not-checked");
        assertThat(Schemas.faults("identify.out", run.json())).isEmpty();
    }

    @Test
    void testEveryFieldIsUnderstood() {
        Run run = Run.of(
                "{\"gender\":\"male\",\"diameter\":\"13/16 in\",\"pitch\":1.814,\"taper\":\"tapered\",\"seat\":\"none\","
                        + "\"seatAngle\":\"37 deg\",\"flank\":60,\"oring\":\"none\",\"worn\":true,\"instrument\":\"eye\","
                        + "\"service\":\"water\",\"units\":\"inch\",\"id\":\"tap\"}",
                "identify");
        assertThat(run.errors()).isEmpty();
        assertThat(run.json().get("id").asText()).isEqualTo("tap");
        assertThat(Schemas.faults("identify.out", run.json())).isEmpty();
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            quoteCharacter = '~',
            value = {
                "{\"diameter\": 14.2}|“gender”: it is required",
                "{\"gender\":\"both\"}|“gender”: “both” is not known here: use female, male.",
                "{\"gender\":\"male\",\"diameter\":\"14.2\"}|“diameter”: “14.2” has no unit",
                "{\"gender\":\"male\",\"diameter\":-3}|“diameter”: give a length above zero",
                "{\"gender\":\"male\",\"diameter\":0}|“diameter”: give a length above zero",
                "{\"gender\":\"male\",\"diameter\":900}|up to 400 mm",
                "{\"gender\":\"male\",\"diameter\":\"14 psi\"}|not a unit of length",
                "{\"gender\":\"male\",\"diameter\":true}|a number, or a text with its unit",
                "{\"gender\":\"male\",\"pitch\":\"18\"}|“pitch”",
                "{\"gender\":\"male\",\"pitch\":99}|“pitch”",
                "{\"gender\":\"male\",\"seat\":\"cone38\"}|“seat”",
                "{\"gender\":\"male\",\"seatAngle\":\"37\"}|“seatAngle”",
                "{\"gender\":\"male\",\"service\":\"steam\"}|“service”: “steam” is not known here: use brake, fuel",
                "{\"gender\":\"male\",\"worn\":\"perhaps\"}|“worn”",
                "{\"gender\":\"male\",\"diamter\":14.2}|“diamter”: there is no such field",
            })
    void testRefusalNamesTheField(String input, String says) {
        Run run = Run.of(input, "identify");
        assertThat(run.status()).isEqualTo(2);
        assertThat(run.bytes()).isEmpty();
        assertThat(run.errors()).contains(says);
    }

    @Test
    void testThousandRowsOfCsvStreamAndBrokenRowsSayWhy(@TempDir Path folder) throws Exception {
        StringBuilder csv = new StringBuilder("id,gender,diameter_mm,pitch,oring\n");
        for (int i = 0; i < 1000; i++) {
            csv.append("p").append(i).append(i == 500 ? ",neither" : ",male").append(",14.2,18 tpi,thread-base\n");
        }
        Path in = Files.writeString(folder.resolve("parts.csv"), csv);
        Path out = folder.resolve("named.csv");
        Run run = Run.of("", "identify", "--format", "csv", "--in", in.toString(), "--out", out.toString());
        assertThat(run.status()).isEqualTo(1);
        assertThat(run.bytes()).isEmpty();
        assertThat(run.errors()).contains("1000 records");
        List<String> rows = Files.readAllLines(out);
        assertThat(rows).hasSize(1001);
        assertThat(rows.get(1)).startsWith("p0,ORB,-6,male,O-ring boss,0.9");
        assertThat(rows.get(501)).contains("row 501").contains("“neither” is not known here");
    }

    @Test
    void testFileTroubleHasItsOwnStatus(@TempDir Path folder) {
        Run missing = Run.of("", "identify", "--in", folder.resolve("none.json").toString());
        assertThat(missing.status()).isEqualTo(3);
        assertThat(missing.errors()).contains("cannot be read");
        Run nowhere = Run.of(BOSS, "identify", "--out", "/dev/null/x/y.json");
        assertThat(nowhere.status()).isEqualTo(3);
        assertThat(nowhere.errors()).contains("cannot be written");
    }

    @Test
    void testTextIsForReading() {
        Run run = Run.of(BOSS, "identify", "--format", "text");
        assertThat(run.out())
                .contains("92 %  ORB -6 male, O-ring boss, 9/16-18 UN")
                .contains("none of these");
    }

    @Test
    void testRarerCluesAreUnderstoodAndFitTheSchema() {
        String in =
                "{\"gender\":\"male\",\"body\":\"thread\",\"diameter\":21.0,\"pitch\":\"10 over 18.14 mm\",\"hand\":\"right\","
                        + "\"secondDiameter\":20.25,\"apart\":\"12 mm\",\"swivel\":\"fixed\",\"hex\":\"7/8 in\",\"region\":\"north-america\","
                        + "\"machine\":\"farm\"}";
        Run run = Run.of(in, "identify");
        assertThat(run.errors()).isEmpty();
        assertThat(Schemas.faults("identify.in", in)).isEmpty();
        assertThat(Schemas.faults("identify.out", run.json())).isEmpty();
        assertThat(run.json().get("candidates").get(0).get("code").asText()).isIn("NPT", "BSPT");
        assertThat(run.json().get("candidates").get(0).get("for").toString()).contains("a taper of 1 in 16");
    }

    @Test
    void testEndsWithoutAThreadAreNamed() {
        Run run = Run.of("{\"gender\":\"male\",\"body\":\"flange\",\"diameter\":44.4}", "identify");
        JsonNode best = run.json().get("candidates").get(0);
        assertThat(best.get("code").asText()).isEqualTo("CODE61");
        assertThat(best.get("size").asText()).isEqualTo("-16");
        assertThat(best.get("thread").asText()).isEqualTo("no thread, a flange");
        assertThat(best.get("twins").get(0).get("code").asText()).isEqualTo("CODE62");
        Run tube = Run.of(
                "{\"gender\":\"male\",\"diameter\":13.85,\"pitch\":\"1.5 mm\",\"seat\":\"cone24\",\"tube\":8}",
                "identify");
        assertThat(tube.json().get("candidates").get(0).get("size").asText()).isEqualTo("L8");
    }

    @Test
    void testHalfOfATaperReadingIsRefusedByItsField() {
        Run run = Run.of("{\"gender\":\"male\",\"diameter\":20,\"secondDiameter\":19}", "identify");
        assertThat(run.status()).isEqualTo(2);
        assertThat(run.errors()).contains("“apart”");
        assertThat(run.out()).isEmpty();
        assertThat(Run.of("{\"gender\":\"male\",\"body\":\"sponge\"}", "identify")
                        .errors())
                .contains("“body”")
                .contains("coupler");
    }

    @Test
    void testPitchThatNoGaugeHasIsAFinding() {
        Run run = Run.of("{\"gender\":\"male\",\"diameter\":14.2,\"pitch\":\"17 tpi\"}", "identify");
        assertThat(run.json().get("findings").toString()).contains("No thread gauge has a leaf of 17 per inch");
    }

    @Test
    void testRefusedRecordKeepsItsId() {
        Run run = Run.of(
                "{\"id\":\"7\",\"gender\":\"male\",\"body\":\"sponge\"}\n{\"id\":\"8\",\"gender\":\"male\"}\n",
                "identify",
                "--format",
                "jsonl");
        String[] lines = run.out().strip().split("\\R");
        assertThat(lines[0]).startsWith("{\"id\":\"7\",\"row\":1");
        assertThat(lines[1]).startsWith("{\"id\":\"8\"");
        assertThat(Schemas.faults("identify.out", lines[0])).isEmpty();
        Run table = Run.of("id,gender,body\n7,male,sponge\n8,male,thread\n", "identify", "--format", "csv");
        assertThat(table.out().split("\\R")[1]).startsWith("7,");
    }

    @Test
    void testHexAndTubeOutsideReasonAreRefusedByTheirField() {
        for (String field : new String[] {"hex", "tube"}) {
            for (String value : new String[] {"900", "1e-5", "-3"}) {
                Run odd = Run.of("{\"gender\":\"male\",\"diameter\":14,\"" + field + "\":" + value + "}", "identify");
                assertThat(odd.errors()).contains("“" + field + "”").containsAnyOf("give ", "0.5 to 400 mm");
            }
            for (String value : new String[] {"1e12", "1e-9"}) {
                Run odd = Run.of("{\"gender\":\"male\",\"diameter\":14,\"" + field + "\":" + value + "}", "identify");
                assertThat(odd.errors()).contains("“" + field + "”").contains("is out of range");
            }
        }
    }
}
