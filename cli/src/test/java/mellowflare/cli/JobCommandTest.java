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

    /** What is said of the bag goes out with the job, and the bag that follows comes as a paper and as a list. */
    @Test
    void testAJobWithABagGoesOutByItsSchemaAndItsBagIsListed() throws Exception {
        Path file = folder.resolve("bag.json");
        Run.of("", "job", "export", "demo-wash-valve", book, "--out", file.toString());
        String bag =
                "\"bag\" : {\"finds\" : [{\"name\" : \"lead pipe\", \"weight\" : 12, \"parts\" : [\"lead union\"]}],"
                        + " \"sights\" : {\"iron-nipple\" : \"ruled-out\"}, \"chance\" : 0.97, \"by\" : \"cost\"}, \"kind\"";
        String with = Files.readString(file).replaceFirst("\"kind\"", java.util.regex.Matcher.quoteReplacement(bag));
        assertThat(Schemas.faults("job", with)).isEmpty();
        Files.writeString(file, with);
        String id = Run.of("", "job", "import", file.toString(), book)
                .json()
                .get("id")
                .asText();
        Run again = Run.of("", "job", "export", id, book);
        assertThat(Schemas.faults("job", again.out())).isEmpty();
        assertThat(again.json().get("bag").get("sights").get("iron-nipple").asText())
                .isEqualTo("ruled-out");
        assertThat(again.json().get("snapshot").get("bag").get("chance").asDouble())
                .isBetween(0.5, 1.0);
        assertThat(Run.of("", "job", "bag-list", id, book).out())
                .contains("lead union")
                .startsWith("part,name,price,always");
        Files.writeString(file, with.replace("ruled-out", "perhaps"));
        Run odd = Run.of("", "job", "import", file.toString(), book);
        assertThat(odd.status()).isEqualTo(3);
        assertThat(odd.errors()).contains("sights.iron-nipple");
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
