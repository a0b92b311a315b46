package mellowflare.app.book;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Files;
import java.nio.file.Path;
import java.util.stream.Stream;
import mellowflare.app.OpenBook;
import mellowflare.book.BookTrouble;
import mellowflare.book.store.JobHead;
import mellowflare.core.advice.Method;
import mellowflare.core.advice.MethodTopic;
import mellowflare.core.measure.UnitSystem;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

class BookModelTest {
    @TempDir
    private Path folder;

    private OpenBook open;
    private BookModel book;

    @BeforeEach
    void open() throws BookTrouble {
        open = OpenBook.demo(folder);
        book = new BookModel(open.desk());
        open.settle();
    }

    @AfterEach
    void close() {
        open.close();
    }

    private String news() {
        open.settle();
        return open.desk().newsProperty().get();
    }

    @Test
    void testListFollowsTheSearchAndEverySave() {
        assertThat(book.jobsProperty().get()).hasSize(OpenBook.DEMO_JOBS);
        book.searchProperty().set("slip winch");
        open.settle();
        assertThat(book.jobsProperty().get()).extracting(JobHead::id).containsExactly("demo-winch");
        book.searchProperty().set("");
        book.title("Slew hose, new title");
        open.settle();
        assertThat(book.jobsProperty().get().get(0).title()).isEqualTo("Slew hose, new title");
    }

    @Test
    void testJobIsOpenedRenamedAndPutAway() {
        JobHead winch = book.jobsProperty().get().stream()
                .filter(h -> h.id().equals("demo-winch"))
                .findFirst()
                .orElseThrow();
        book.open(winch);
        open.settle();
        assertThat(book.job().id()).isEqualTo("demo-winch");
        book.machine("Slipway winch 2");
        book.note("ring for the new motor");
        book.units(UnitSystem.METRIC);
        book.putAway(winch);
        open.settle();
        assertThat(book.job().machine()).isEqualTo("Slipway winch 2");
        assertThat(book.jobsProperty().get().get(OpenBook.DEMO_JOBS - 1).putAway())
                .isTrue();
    }

    @Test
    void testChosenSchoolChangesTheSteps() {
        Method shears = book.methods(MethodTopic.HOSE_CUTTING).stream()
                .filter(s -> s.id().equals("shears"))
                .findFirst()
                .orElseThrow();
        book.choose(shears);
        assertThat(book.chosen(MethodTopic.HOSE_CUTTING)).isEqualTo(shears);
        assertThat(open.desk().current().leftOff().text()).contains("Cut with the shears");
    }

    @Test
    void testSheetAndExportSayWhereTheyWent() throws Exception {
        write("sheet");
        assertThat(news()).startsWith("Job sheet written to ").endsWith(".pdf.");
        write("export");
        assertThat(news()).endsWith(".json.");
        try (Stream<Path> files = Files.list(folder.resolve("out"))) {
            assertThat(files).hasSize(2);
        }
    }

    @Test
    void testJobFileIsTakenInAndARefusedOneLeavesTheOpenJobAsItIs() throws Exception {
        write("export");
        open.settle();
        Path file;
        try (Stream<Path> files = Files.list(folder.resolve("out"))) {
            file = files.findFirst().orElseThrow();
        }
        book.importFrom(file);
        open.settle();
        assertThat(book.job().id()).isNotEqualTo("demo-slew-hose");
        assertThat(book.jobsProperty().get()).hasSize(OpenBook.DEMO_JOBS + 1);
        String before = book.job().id();
        book.importFrom(Files.writeString(folder.resolve("bad.json"), "{"));
        assertThat(news()).contains("damaged");
        book.importFrom(folder.resolve("none.json"));
        assertThat(news()).contains("There is no file");
        assertThat(book.job().id()).isEqualTo(before);
    }

    private void write(String paper) {
        book.papers().stream().filter(p -> p.id().equals(paper)).forEach(book::write);
    }
}
