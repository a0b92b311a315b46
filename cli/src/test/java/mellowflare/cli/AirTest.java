package mellowflare.cli;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import com.fasterxml.jackson.databind.JsonNode;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Instant;
import java.util.List;
import mellowflare.book.demo.KittiwakeSlip;
import mellowflare.book.store.Book;
import mellowflare.core.job.ShippedData;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class AirTest {
    private static final String LOOP =
            "{\"pipes\":[{\"name\":\"p\",\"from\":\"a\",\"to\":\"b\",\"length\":\"40 m\",\"bore\":20},"
                    + "{\"name\":\"q\",\"from\":\"b\",\"to\":\"a\",\"length\":40000,\"bore\":20}],"
                    + "\"supplies\":[{\"node\":\"a\",\"pressure\":7}],\"demands\":[{\"node\":\"b\",\"flow\":1500}]}";

    @Test
    void testALoopSharesTheAirAndFlowIsPositiveFromTo() {
        Run run = Run.of(LOOP, "air");
        assertThat(run.status()).isZero();
        assertThat(Schemas.faults("air.in", LOOP)).isEmpty();
        JsonNode out = run.json();
        assertThat(Schemas.faults("air.out", out)).isEmpty();
        assertThat(out.get("pipes").get(0).get("flow").asDouble()).isCloseTo(750, within(1e-6));
        assertThat(out.get("pipes").get(1).get("flow").asDouble()).isCloseTo(-750, within(1e-6));
        assertThat(out.get("worst").get("node").asText()).isEqualTo("b");
        assertThat(out.get("imbalance").asDouble()).isLessThan(1e-9);
        assertThat(out.get("reference").asText()).isEqualTo("ISO 1217");
    }

    @Test
    void testANormalLitreIsMoreAirThanAFreeOne() {
        String normal = LOOP.replace("{\"pipes\"", "{\"reference\":\"DIN 1343\",\"pipes\"");
        double free = Run.of(LOOP, "air").json().get("pipes").get(0).get("drop").asDouble();
        double more =
                Run.of(normal, "air").json().get("pipes").get(0).get("drop").asDouble();
        assertThat(more).isGreaterThan(free * 1.1);
    }

    @Test
    void testSizesComeFromTheTablesAndRefusedPipeIsRefused() {
        String size =
                "{\"system\":\"copper\",\"pipes\":[{\"from\":\"a\",\"to\":\"b\",\"length\":1000,\"size\":\"22\"}],"
                        + "\"supplies\":[{\"node\":\"a\",\"pressure\":\"100 psi\"}]}";
        assertThat(Run.of(size, "air").status()).isZero();
        Run pvc = Run.of(size.replace("copper", "pvc"), "air");
        assertThat(pvc.status()).isEqualTo(2);
        assertThat(pvc.errors()).contains("never use PVC pipe for compressed air");
    }

    @Test
    void testAnIslandAndAStarvedEndStopAndTheRestIsWorkedOut() {
        String in = LOOP.replace(
                        "],\"supplies\"",
                        ",{\"name\":\"far\",\"from\":\"x\",\"to\":\"y\",\"length\":1000,\"bore\":20},"
                                + "{\"name\":\"thin\",\"from\":\"b\",\"to\":\"z\",\"length\":90000,\"bore\":4}],\"supplies\"")
                .replace(
                        "\"flow\":1500}", "\"flow\":1500},{\"node\":\"z\",\"flow\":2000},{\"node\":\"y\",\"flow\":10}");
        Run run = Run.of(in, "air");
        assertThat(run.status()).isEqualTo(1);
        assertThat(run.json().get("findings").toString())
                .contains("“far”: No pipe leads to it from a supply")
                .contains("“z”: More air is drawn there than can flow");
        assertThat(run.json().get("nodes")).hasSize(3);
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            quoteCharacter = '~',
            value = {
                "{}|“pipes”",
                "{\"pipes\":[{\"from\":\"a\",\"to\":\"b\",\"length\":10}]}|“pipes[0].bore”",
                "{\"pipes\":[{\"from\":\"a\",\"to\":\"b\",\"bore\":10}]}|“pipes[0].length”",
                "{\"pipes\":[{\"from\":\"a\",\"to\":\"b\",\"length\":\"10\",\"bore\":10}]}|“pipes[0].length”",
                "{\"pipes\":[],\"nodes\":[\"a\"]}|“nodes”",
                "{\"pipes\":[],\"reference\":\"bar\"}|“reference”",
                "{\"pipes\":[],\"demands\":[{\"node\":\"a\"}]}|“demands[0].flow”",
                "{\"pipes\":[{\"from\":\"a\",\"to\":\"b\",\"length\":10,\"size\":\"22\"}]}|“pipes[0].system”"
            })
    void testWhatIsMissingIsNamed(String in, String field) {
        Run run = Run.of(in, "air");
        assertThat(run.status()).isEqualTo(2);
        assertThat(run.errors()).contains(field);
    }

    @Test
    void testCutsAreBarByBarWithinTheBound() {
        String in =
                "{\"pieces\":[{\"name\":\"drop\",\"length\":2163,\"count\":5},{\"name\":\"main\",\"length\":\"5.1 m\"}],"
                        + "\"stock\":[{\"length\":5600,\"price\":51},{\"length\":2200,\"count\":1}],\"kerf\":1.5}";
        Run run = Run.of(in, "cutlist");
        assertThat(run.status()).isZero();
        assertThat(Schemas.faults("cutlist.in", in)).isEmpty();
        JsonNode out = run.json();
        assertThat(Schemas.faults("cutlist.out", out)).isEmpty();
        assertThat(out.get("bars")).hasSize(4);
        assertThat(out.get("price").asDouble()).isEqualTo(153);
        assertThat(out.get("proven").asBoolean()).isTrue();
        assertThat(out.get("leastPrice").asDouble()).isEqualTo(153);
        assertThat(Run.of(in, "cutlist", "--format", "text").out())
                .contains("4 bars, price 153.00: no cheaper plan exists");
    }

    @Test
    void testTheTextOfACutListCountsAlikePiecesAndSaysItsUnits() {
        String in = "{\"pieces\":[{\"name\":\"drop\",\"length\":1800,\"count\":5},{\"length\":900}],"
                + "\"stock\":[{\"length\":5600,\"price\":51}],\"kerf\":2}";
        // By hand: 3 x 1800 + 2 x 2 = 5404, 196 left of 5600 less the last cut 2; 2 x 1800 + 900 + 2 x 2 = 4504.
        List<String> lines =
                Run.of(in, "cutlist", "--format", "text").out().lines().toList();
        assertThat(lines.get(0)).isEqualTo("1  bought 5600.0 mm:  3 x drop 1800.0 mm;  left 194.0 mm");
        assertThat(lines.get(1))
                .isEqualTo("2  bought 5600.0 mm:  2 x drop 1800.0 mm  piece 2 900.0 mm;  left 1094.0 mm");
        assertThat(lines.get(2)).startsWith("2 bars, price 102.00: no cheaper plan exists;");
    }

    @Test
    void testAKerfWiderThanAnyBladeIsRefused() {
        Run run = Run.of("{\"pieces\":[{\"length\":70}],\"stock\":[{\"length\":6000}],\"kerf\":\"2 in\"}", "cutlist");
        assertThat(run.status()).isEqualTo(2);
        assertThat(run.errors()).contains("“kerf”", "no wider than 20 mm");
        assertThat(run.out()).isEmpty();
    }

    @Test
    void testAPieceLongerThanEveryBarStops() {
        Run run = Run.of("{\"pieces\":[{\"length\":7000}],\"stock\":[{\"length\":6000}]}", "cutlist");
        assertThat(run.status()).isEqualTo(1);
        assertThat(run.json().get("findings").get(0).get("says").asText())
                .startsWith("No bar is long enough for piece 1, 7000 mm long.");
        assertThat(Run.of("{\"pieces\":[{\"length\":70}],\"stock\":[]}", "cutlist")
                        .errors())
                .contains("“stock”");
    }

    @Test
    void testAHoldTestReadsATableAndKnowsACold() {
        String csv = "time,pressure,temperature\n0,8.000,20\n60 min,7.723,10\n120 min,7.723,10\n";
        Run run = Run.of(csv, "hold-test", "--volume", "100", "--barometer", "1", "--allowed", "1");
        assertThat(run.errors()).isEmpty();
        assertThat(run.status()).isZero();
        JsonNode out = run.json();
        assertThat(Schemas.faults("hold-test.out", out)).isEmpty();
        assertThat(out.get("verdict").asText()).isEqualTo("tight");
        assertThat(out.get("atRest").asDouble()).isGreaterThan(0.1);
        assertThat(out.get("leakRate").asDouble()).isLessThan(0.1);
    }

    /** The gauge stands, the barometer falls by 20 mbar in an hour: by hand 100 L x 0.02 bar / 60 min = 0.033 L/min. */
    @Test
    void testAHoldTestTakesTheBarometerOfEachReading() {
        String csv = "time,pressure,temperature,barometer\n0,7,20,1020\n60 min,7,20,1.000\n";
        Run run = Run.of(csv, "hold-test", "--volume", "100");
        assertThat(run.errors()).isEmpty();
        assertThat(run.json().get("leakRate").asDouble()).isCloseTo(0.0333, within(1e-4));
        assertThat(Run.of("time,pressure,barometer\n0,7,9\n9,7,1\n", "hold-test", "--volume", "1")
                        .errors())
                .contains("readings[0].barometer");
    }

    /** By hand: 100 L lose 0.5 bar in 10 min: 5 L/min at 1 bar and 20 degrees. */
    @Test
    void testAHoldTestReadsJson() {
        String in = "{\"volume\":100,\"barometer\":1,\"readings\":[{\"time\":0,\"pressure\":7,\"temperature\":20},"
                + "{\"time\":\"10 min\",\"pressure\":\"6.5 bar\",\"temperature\":\"68 F\"}],\"allowed\":1}";
        Run run = Run.of(in, "hold-test");
        assertThat(Schemas.faults("hold-test.in", in)).isEmpty();
        assertThat(run.json().get("leakRate").asDouble()).isCloseTo(5, within(1e-6));
        assertThat(run.json().get("verdict").asText()).isEqualTo("leaks");
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            quoteCharacter = '~',
            value = {
                "{\"readings\":[]}|“volume”",
                "{\"volume\":10,\"readings\":[]}|“readings”",
                "{\"volume\":10,\"readings\":[{\"time\":0}]}|“readings[0].pressure”",
                "{\"volume\":10,\"readings\":[{\"time\":\"soon\",\"pressure\":1}]}|“readings[0].time”",
                "{\"volume\":10,\"readings\":[{\"time\":5,\"pressure\":1},{\"time\":2,\"pressure\":1}]}|“readings”",
                "time,pressure|No input"
            })
    void testASpoiledHoldTestIsRefused(String in, String word) {
        Run run = Run.of(in, "hold-test");
        assertThat(run.status()).isEqualTo(2);
        assertThat(run.errors()).contains(word);
    }

    @Test
    void testWhatAMainGivesAwayCanBeReadAgain(@TempDir Path folder) throws Exception {
        String book = "--book=" + folder.resolve("book");
        try (Book b = Book.open(folder.resolve("book"))) {
            KittiwakeSlip.fill(b, ShippedData.get(), Instant.parse("2026-11-01T08:30:00Z"));
        }
        Path file = folder.resolve("job.json");
        assertThat(Run.of("", "job", "export", "demo-shed-air", book, "--out", file.toString())
                        .status())
                .isZero();
        assertThat(Schemas.faults("job", Files.readString(file))).isEmpty();
        String network = Run.of("", "job", "network", "demo-shed-air", book).out();
        assertThat(Schemas.faults("air.in", network)).isEmpty();
        Run again = Run.of(network, "air");
        assertThat(again.status()).isZero();
        assertThat(again.json().get("worst").get("node").asText()).endsWith("tool");
        assertThat(Run.of("", "job", "cuts", "demo-shed-air", book).out()).startsWith("size,bar,bar_mm");
        assertThat(Run.of("", "job", "parts", "demo-shed-air", book).out()).contains("pipe 50 mm");
        assertThat(Run.of("", "job", "dxf", "demo-shed-air", book).out()).contains("AC1009", "MAIN");
        assertThat(Run.of("", "job", "drawing", "demo-shed-air", book).out()).contains("<svg");
        assertThat(Run.of("", "job", "drains", "demo-shed-air", book).out())
                .contains("BEGIN:VEVENT", "RRULE:FREQ=DAILY;INTERVAL=1");
        assertThat(new String(
                        Run.of("", "job", "sheet", "demo-shed-air", book).bytes(), 0, 5, StandardCharsets.US_ASCII))
                .isEqualTo("%PDF-");
        assertThat(new String(Run.of("", "job", "tag", "demo-shed-air", book).bytes(), 0, 5, StandardCharsets.US_ASCII))
                .isEqualTo("%PDF-");
        assertThat(Run.of("", "job", "lra", "demo-shed-air", book).status()).isEqualTo(3);
        assertThat(Run.of("", "job", "cuts", "demo-loft-air", book).errors()).contains("nothing to cut");
        assertThat(Run.of("", "job", "hand-over", "demo-loft-air", book).status())
                .isEqualTo(3);
    }
}
