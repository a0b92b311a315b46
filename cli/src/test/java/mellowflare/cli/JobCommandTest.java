package mellowflare.cli;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Instant;
import mellowflare.book.demo.KittiwakeSlip;
import mellowflare.book.store.Book;
import mellowflare.core.job.ShippedData;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

class JobCommandTest {
    @TempDir
    private Path folder;

    private String book;

    @BeforeEach
    void fill() throws Exception {
        book = "--book=" + folder.resolve("book");
        try (Book b = Book.open(folder.resolve("book"))) {
            KittiwakeSlip.fill(b, ShippedData.get(), Instant.parse("2026-11-01T08:30:00Z"));
        }
    }

    @Test
    void testJobsAreListedAndSearched() {
        assertThat(Run.of("", "job", "list", book).json().size()).isGreaterThanOrEqualTo(15);
        Run found = Run.of("", "job", "list", book, "--search", "slip winch");
        assertThat(found.json()).hasSize(1);
        assertThat(found.json().get(0).get("leftOff").asText()).isEqualTo("not started");
    }

    @Test
    void testExportAndImportGoRoundUnderANewId() throws Exception {
        Path file = folder.resolve("job.json");
        assertThat(Run.of("", "job", "export", "demo-slew-hose", book, "--out", file.toString())
                        .status())
                .isZero();
        assertThat(Schemas.faults("job", Files.readString(file))).isEmpty();
        Run in = Run.of("", "job", "import", file.toString(), book);
        assertThat(in.status()).isZero();
        String id = in.json().get("id").asText();
        assertThat(id).isNotEqualTo("demo-slew-hose");
        assertThat(Run.of("", "job", "export", id, book).json().get("title").asText())
                .isEqualTo("Crane slew hose, port side");
    }

    @Test
    void testSheetIsAPdfOnStandardOutput() {
        Run sheet = Run.of("", "job", "sheet", "demo-slew-hose", book);
        assertThat(new String(sheet.bytes(), 0, 5, StandardCharsets.US_ASCII)).isEqualTo("%PDF-");
    }

    @Test
    void testTroubleIsSaidInWords() throws Exception {
        Run none = Run.of("", "job", "export", "no-such-job", book);
        assertThat(none.status()).isEqualTo(3);
        assertThat(none.errors()).contains("has no job “no-such-job”");
        Path broken = Files.writeString(folder.resolve("broken.json"), "{\"format\":");
        assertThat(Run.of("", "job", "import", broken.toString(), book).errors())
                .contains("damaged");
        try (Book open = Book.open(folder.resolve("book"))) {
            assertThat(open.jobs("").size()).isGreaterThanOrEqualTo(15);
            Run busy = Run.of("", "job", "list", book);
            assertThat(busy.status()).isEqualTo(3);
            assertThat(busy.errors()).contains("open in another window");
        }
    }
}
