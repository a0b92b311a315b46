package mellowflare.app;

import java.nio.file.Files;
import java.time.Clock;
import javafx.application.Platform;
import javafx.scene.Parent;
import javafx.scene.Scene;
import javafx.stage.Stage;
import mellowflare.app.desk.Desk;
import mellowflare.app.desk.Keeper;
import mellowflare.app.look.Look;
import mellowflare.app.page.Leads;
import mellowflare.app.page.Page;
import mellowflare.book.store.Book;
import mellowflare.core.advice.Need;
import mellowflare.core.advice.Subject;
import mellowflare.core.job.Evaluation;

/** One page in a real window, on a job of the demo book. */
public final class OpenPage {
    /** Leads nowhere: the page stands alone. */
    public static final Leads NOWHERE = new Leads() {
        @Override
        public void to(Subject part) {}

        @Override
        public void to(Need need) {}
    };

    private OpenPage() {}

    /** A desk with a job of the demo book on it; its keeper is the test's to close. */
    public static Desk desk(String job) throws Exception {
        Book book = OpenBook.demoBook(Files.createTempDirectory("book"));
        return new Desk(
                new Keeper(book, Platform::runLater),
                OpenBook.DATA,
                Evaluation.of(book.job(job).orElseThrow(), OpenBook.DATA),
                Clock.systemUTC());
    }

    /** Shows the page at the size of the smallest usual screen. */
    public static void show(Stage stage, Page page, Look look) {
        Scene scene = new Scene((Parent) page.node(), 1280, 800);
        look.dress(scene);
        stage.setScene(scene);
        stage.show();
        page.opened();
    }
}
