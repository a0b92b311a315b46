package mellowflare.cli;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Instant;
import mellowflare.book.demo.KittiwakeSlip;
import mellowflare.book.store.Book;
import mellowflare.core.job.ShippedData;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

class PartsCommandTest {
    @TempDir
    private Path folder;

    private String book;

    @BeforeEach
    void fill() throws Exception {
        book = "--book=" + folder;
        try (Book demo = Book.open(folder)) {
            KittiwakeSlip.fill(demo, ShippedData.get(), Instant.parse("2026-11-01T08:30:00Z"));
        }
    }

    @Test
    void testExportedFileIsTakenInAgainAndChangesTheShelf() throws Exception {
        Run out = Run.of("", "parts", "export", "hoses", book);
        assertThat(out.status()).as(out.errors()).isZero();
        assertThat(out.out()).startsWith("part,name,kind,dash").contains("KH2-08");
        Path mine = Files.writeString(
                folder.resolve("mine.csv"), out.out().replace("KH2-08,two-wire hose", "KH2-08,own hose") + "bad,row\n");
        Run in = Run.of("", "parts", "import", mine.toString(), book);
        assertThat(in.json().get("taken").asInt()).isGreaterThan(70);
        assertThat(in.json().get("leftOut")).hasSize(1);
        assertThat(Run.of("", "parts", "export", "hoses", book).out()).contains("KH2-08,own hose");
    }

    @Test
    void testBuildsFromTheShelfAreListed() {
        Run run = Run.of("", "parts", "build", "demo-slew-hose", book);
        assertThat(run.status()).as(run.errors()).isZero();
        assertThat(run.json().get(0).get("hose").asText()).isEqualTo("KH2-08");
        assertThat(run.json().get(0).get("cost").asDouble()).isPositive();
    }

    /** A folder of own lists counts for one run: an own size of copper in a network. */
    @Test
    void testOwnPipeCountsInANetwork() throws Exception {
        String network =
                "{\"pipes\":[{\"name\":\"p\",\"from\":\"a\",\"to\":\"b\",\"length\":20000,\"size\":\"18\",\"system\":\"copper\"}],"
                        + "\"supplies\":[{\"node\":\"a\",\"pressure\":8}],\"demands\":[{\"node\":\"b\",\"flow\":600}]}";
        Path lists = Files.createDirectories(folder.resolve("lists"));
        Run without = Run.of(network, "air");
        assertThat(without.status()).isEqualTo(2);
        assertThat(without.errors()).contains("“pipes[0].size”");
        Files.writeString(
                lists.resolve("airpipe.csv"),
                "system,size,outside_mm,wall_mm,insert_mm,elbow_mm,tee_mm,branch_mm,coupling_mm,hanger_mm,metre,elbow,tee,coupling,valve,hanger,source,confidence\n"
                        + "copper,18,18,1,12,11,11,11,1.5,1500,9.1,1.1,2,0.7,11,0.7,own maker,sure\n"
                        + "pvc,18,18,1,12,11,11,11,1.5,1500,9.1,1.1,2,0.7,11,0.7,own maker,sure\n");
        Run with = Run.of(network, "air", "--parts", lists.toString());
        assertThat(with.errors()).contains("line 3", "never use PVC pipe for air");
        assertThat(with.status()).as(with.errors()).isZero();
        // A bore of 16 mm says the same as the size.
        Run bore = Run.of(
                network.replace("\"size\":\"18\",\"system\":\"copper\"", "\"bore\":16,\"roughness\":0.0015"), "air");
        assertThat(with.json().get("nodes").get(1).get("pressure").asDouble())
                .isCloseTo(bore.json().get("nodes").get(1).get("pressure").asDouble(), within(1e-9));
    }

    @Test
    void testForeignFileAndUnknownKindAreSaid() throws Exception {
        Path foreign = Files.writeString(folder.resolve("f.csv"), "a,b\n1,2\n");
        Run run = Run.of("", "parts", "import", foreign.toString(), book);
        assertThat(run.status()).isEqualTo(3);
        assertThat(run.errors()).contains("not a catalogue file");
        assertThat(Run.of("", "parts", "export", "airtools", book).out())
                .startsWith("id,name,kind,flow_l_min")
                .contains("blow-gun,blow gun,impulse,180,");
        assertThat(Run.of("", "parts", "export", "airpipe", book).out())
                .contains("copper,22,22,1,")
                .doesNotContain("pvc");
        Run kind = Run.of("", "parts", "export", "spoons", book);
        assertThat(kind.status()).isEqualTo(2);
        assertThat(kind.errors()).contains("spoons");
    }

    @Test
    void testSheetsOfAJobComeOut() {
        assertThat(Run.of("", "job", "tag", "demo-slew-hose", book).out()).startsWith("%PDF");
        assertThat(Run.of("", "job", "hand-over", "demo-chiller", book).out()).startsWith("%PDF");
        assertThat(Run.of("", "job", "parts", "demo-slew-hose", book).out()).startsWith("part,name,amount");
        assertThat(Run.of("", "job", "drawing", "demo-slew-hose", book).out()).contains("<svg");
        Run none = Run.of("", "job", "read-tag", folder.resolve("none.png").toString());
        assertThat(none.status()).isEqualTo(3);
        assertThat(none.errors()).contains("There is no file");
    }

    @Test
    void testComputingWithOwnPartsFromAFolder() throws Exception {
        String hoses = Run.of("", "parts", "export", "hoses", book).out();
        Files.writeString(
                folder.resolve("hoses.csv"),
                hoses.lines().limit(1).toList().get(0)
                        + "\nMY-08,own hose,two-wire,-8,12.7,22.2,300,,,,178,inside,-40,100,NBR,,W,,5,9,mine,typical\nMY-09,bad,two-wire\n");
        String line = "{\"ends\":[{\"part\":\"KC08-B08M\"},{\"part\":\"KC08-J08F\"}],\"hose\":\"MY-08\"}";
        assertThat(Run.of(line, "hose").status()).isEqualTo(2);
        Run own = Run.of(line, "hose", "--parts", folder.toString());
        assertThat(own.status()).as(own.errors()).isLessThan(2);
        assertThat(own.json().at("/weakest/limit").asDouble()).isEqualTo(300);
        assertThat(own.errors()).contains("hoses.csv, line 3");
    }

    @Test
    void testTheShelfBuildsHosesOnly() {
        Run run = Run.of("", "parts", "build", "demo-shed-air", "--demo");
        assertThat(run.status()).isEqualTo(3);
        assertThat(run.errors()).contains("The shelf builds hoses");
    }
}
