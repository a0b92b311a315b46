package mellowflare.book.job;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.stream.Stream;
import mellowflare.book.BookTrouble;
import mellowflare.book.Jobs;
import mellowflare.core.job.Evaluation;
import mellowflare.core.job.Job;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

class JobFilesTest {
    @TempDir
    private Path folder;

    private static Evaluation evaluate(Job job) {
        return Evaluation.of(job, Jobs.DATA);
    }

    @Test
    void testExportReadsBackUnderAnIdOfItsOwn() throws Exception {
        Job job = Jobs.demo().get(2);
        Path file = Jobs.written("export", evaluate(job), folder);
        Job back = JobFiles.read(file);
        assertThat(back.id()).isNotEqualTo(job.id());
        assertThat(back.withId(job.id())).isEqualTo(job);
        JsonNode snapshot = new ObjectMapper().readTree(file.toFile()).get("snapshot");
        assertThat(snapshot.get("cutLength").asDouble()).isEqualTo(1056.0);
        assertThat(snapshot.get("data").asText()).isEqualTo(Jobs.DATA.version());
    }

    @Test
    void testWritingLeavesNoHalfFileBehind() throws Exception {
        Jobs.written("export", evaluate(Jobs.demo().get(0)), folder);
        Jobs.written("export", evaluate(Jobs.demo().get(0)), folder);
        try (Stream<Path> files = Files.list(folder)) {
            assertThat(files.map(f -> f.getFileName().toString()))
                    .singleElement()
                    .asString()
                    .endsWith(".json");
        }
    }

    @Test
    void testFolderThatCannotBeWrittenIsSaidInWords() throws Exception {
        Path file = Files.writeString(folder.resolve("a-file"), "x");
        assertThatThrownBy(() -> Jobs.written("export", evaluate(Jobs.demo().get(0)), file.resolve("sub")))
                .isInstanceOf(BookTrouble.class)
                .hasMessageContaining("cannot be written");
        assertThat(Files.readString(file)).isEqualTo("x");
    }

    @Test
    void testMissingForeignAndHugeFilesAreRefusedInWords() throws Exception {
        assertThatThrownBy(() -> JobFiles.read(folder.resolve("none.json"))).hasMessageContaining("There is no file");
        assertThatThrownBy(() -> JobFiles.read(folder)).hasMessageContaining("is a folder");
        Path binary = Files.write(folder.resolve("photo.json"), new byte[] {(byte) 0xff, (byte) 0xfe, 0, 1});
        assertThatThrownBy(() -> JobFiles.read(binary)).hasMessageContaining("is not text");
        Path other = Files.writeString(folder.resolve("other.json"), "{\"format\": \"recipe\"}");
        assertThatThrownBy(() -> JobFiles.read(other)).hasMessageContaining("not a job of this program");
    }

    private static String text(byte[] pdf) throws Exception {
        try (PDDocument document = Loader.loadPDF(pdf)) {
            return new PDFTextStripper().getText(document).replaceAll("\\s+", " ");
        }
    }

    @Test
    void testSheetHoldsFiguresReadingsSealingFindingsAndSteps() throws Exception {
        String sheet = text(Jobs.paper("sheet", evaluate(Jobs.demo().get(2))));
        assertThat(sheet)
                .contains("Crane slew hose, port side")
                .contains("cut the hose at")
                .contains("1056 mm")
                .contains("41 9/16 in")
                .contains("measured by Maren with a tape, written by Tobbe; second reading 1141 mm by Tobbe")
                .contains("not read back yet")
                .contains("ring -908 90 Shore A, NBR")
                .contains("Never: tape; paste; a nicked or dry ring; a port in which it turns all the way in by hand.")
                .contains("Caution: A pinhole jet goes through skin and glove")
                .contains("HOLD: read the figure back first: the cut cannot be undone")
                .contains("done by Maren, 2026-11-01 07:38")
                .contains("Local codes, the makers of pipe, hose and ends, and licensed practice overrule this sheet");
    }

    @Test
    void testSheetOfAFaultyLineShowsItsStops() throws Exception {
        String sheet = text(Jobs.paper("sheet", evaluate(Jobs.demo().get(0))));
        assertThat(sheet)
                .contains("STOP")
                .contains("There are two elbow ends, and the clock angle")
                .contains("160 mm, at least 189.1 mm needed on the centre line");
    }

    @Test
    void testSheetOfAnEmptyJobAndOfStrangeTextIsStillMade() throws Exception {
        Job empty = Jobs.plain("e", "");
        assertThat(text(Jobs.paper("sheet", evaluate(empty)))).contains("Job without a title");
        Job strange = Jobs.plain("e", "漢字 \uD83D\uDE00 tab\there").withNote("x".repeat(3000));
        assertThat(text(Jobs.paper("sheet", evaluate(strange)))).contains("tab here");
    }
}
