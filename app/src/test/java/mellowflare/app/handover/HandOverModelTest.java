package mellowflare.app.handover;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Files;
import java.nio.file.Path;
import mellowflare.app.OpenBook;
import mellowflare.book.BookTrouble;
import mellowflare.core.job.Attachment;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

class HandOverModelTest {
    @TempDir
    private Path folder;

    private OpenBook open;
    private HandOverModel model;

    @BeforeEach
    void open() throws BookTrouble {
        open = OpenBook.demo(folder);
        open.desk().rememberPerson("Maren");
        open.settle();
        model = new HandOverModel(open.desk());
    }

    @AfterEach
    void close() {
        open.close();
    }

    private String news() {
        return open.desk().newsProperty().get();
    }

    private void hand(String to, String said) {
        model.toProperty().set(to);
        model.saidProperty().set(said);
        model.hand();
        open.settle();
    }

    @Test
    void testItIsHandedFromWhoeverIsAtTheBenchAndThenFromWhoeverHoldsIt() {
        assertThat(model.holder()).isEmpty();
        hand(" Tobbe ", "boom on blocks");
        assertThat(model.holder()).hasValue("Tobbe");
        assertThat(news()).startsWith("Tobbe holds it now.").contains("things are open");
        assertThat(model.toProperty().get() + model.saidProperty().get()).isEmpty();
        hand("Oda", "");
        assertThat(open.desk().job().handing().handed())
                .extracting(h -> h.from() + ">" + h.to())
                .containsExactly("Maren>Tobbe", "Tobbe>Oda");
        open.desk().undo();
        open.settle();
        assertThat(model.holder()).hasValue("Tobbe");
    }

    @Test
    void testItIsHandedToSomebodyElse() {
        hand("  ", "");
        assertThat(news()).isEqualTo("Say who takes it over.");
        hand("Maren", "");
        assertThat(open.desk().job().handing().last().orElseThrow().from())
                .describedAs("whoever takes a job that nobody held")
                .isEmpty();
        hand("Maren", "again");
        assertThat(news()).isEqualTo("Maren holds it already.");
        assertThat(open.desk().job().handing().handed()).hasSize(1);
    }

    @Test
    void testAFileIsAttachedSaidOfTakenOffAndBrought() throws Exception {
        Path note = Files.writeString(folder.resolve("measured.txt"), "1140");
        model.attach(note);
        open.settle();
        assertThat(model.attached()).singleElement().satisfies(s -> {
            assertThat(s.of().by()).isEqualTo("Maren");
            assertThat(s.where()).isPresent();
        });
        model.attach(note);
        open.settle();
        assertThat(news()).isEqualTo("measured.txt is attached already.");
        Attachment a = model.attached().get(0).of();
        model.says(a, "what Tobbe wrote");
        open.settle();
        assertThat(model.attached().get(0).of().said()).isEqualTo("what Tobbe wrote");
        model.detach(a);
        open.settle();
        assertThat(model.attached()).isEmpty();
        open.desk().undo();
        open.settle();
        assertThat(model.attached().get(0).where())
                .describedAs("its copy was kept")
                .isPresent();
        Files.delete(model.attached().get(0).where().get());
        assertThat(model.attached().get(0).where()).isEmpty();
        model.attach(folder.resolve("nothing.jpg"));
        open.settle();
        assertThat(news()).contains("nothing.jpg");
        assertThat(model.attached()).hasSize(1);
    }

    @Test
    void testThePageIsWrittenBesideTheBook() throws Exception {
        hand("Tobbe", "");
        model.write();
        open.settle();
        assertThat(news()).contains("-handed-over.pdf");
        Path pdf = folder.resolve("out").resolve("Crane-slew-hose-port-side-handed-over.pdf");
        try (PDDocument read = Loader.loadPDF(pdf.toFile())) {
            assertThat(new PDFTextStripper().getText(read)).contains("Maren", "Tobbe", "own lock and tag");
        }
    }
}
