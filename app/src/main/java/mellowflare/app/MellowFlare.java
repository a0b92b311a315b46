package mellowflare.app;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Clock;
import java.util.Optional;
import java.util.UUID;
import java.util.concurrent.CompletableFuture;
import java.util.stream.Stream;
import javafx.application.Application;
import javafx.application.Platform;
import javafx.scene.Scene;
import javafx.scene.control.Label;
import javafx.scene.layout.StackPane;
import javafx.stage.Stage;
import mellowflare.app.desk.Desk;
import mellowflare.app.desk.Keeper;
import mellowflare.app.entry.Text;
import mellowflare.app.look.Look;
import mellowflare.app.shell.Place;
import mellowflare.app.shell.Shell;
import mellowflare.book.BookTrouble;
import mellowflare.book.demo.KittiwakeSlip;
import mellowflare.book.store.Book;
import mellowflare.core.job.Job;
import mellowflare.core.job.ShippedData;
import mellowflare.core.measure.Length;
import mellowflare.core.measure.UnitSystem;
import mellowflare.core.reference.ReferenceData;
import mellowflare.devices.PracticeCaliper;

/** The window. */
public final class MellowFlare extends Application {
    private final Clock clock = Clock.systemUTC();
    private final Look look = new Look();
    private Keeper keeper;
    private CompletableFuture<Started> starting;

    private record Started(Book book, ReferenceData data, Job job, String person) {}

    @Override
    public void init() {
        Options options = Options.of(getParameters().getRaw());
        starting = CompletableFuture.supplyAsync(() -> start(options));
    }

    @Override
    public void start(Stage stage) {
        Started started;
        try {
            started = starting.join();
        } catch (java.util.concurrent.CompletionException e) {
            refuse(stage, e.getCause().getMessage());
            return;
        }
        keeper = new Keeper(started.book(), Platform::runLater);
        Desk desk = new Desk(keeper, started.data(), started.job(), clock);
        desk.personProperty().set(started.person());
        Shell shell = new Shell(desk, look, new PracticeCaliper(Length.ofMm(14.17), 7));
        Scene scene = new Scene(shell, 1280, 800);
        look.dress(scene);
        shell.go(Place.GAUGE);
        stage.setTitle("Mellow Flare");
        stage.setMinWidth(1024);
        stage.setMinHeight(700);
        stage.setScene(scene);
        stage.show();
    }

    private Started start(Options options) {
        ReferenceData data = ShippedData.load();
        try {
            if (options.demo() && options.fresh()) {
                clear(options.book());
            }
            Book book = Book.open(options.book());
            if (options.demo() && book.jobs("").isEmpty()) {
                KittiwakeSlip.fill(book, data, clock.instant());
            }
            Job job = openJob(book);
            return new Started(book, data, job, book.preference("person").orElse(""));
        } catch (BookTrouble e) {
            throw new IllegalStateException(e.getMessage(), e);
        }
    }

    private Job openJob(Book book) throws BookTrouble {
        Optional<String> last = book.preference("open-job");
        Optional<Job> job = last.isPresent() ? book.job(last.get()) : Optional.empty();
        if (job.isPresent()) {
            return job.get();
        }
        var heads = book.jobs("");
        if (!heads.isEmpty()) {
            return book.job(heads.get(0).id()).orElseThrow();
        }
        Job first = Job.open(UUID.randomUUID().toString(), "First hose line", "", UnitSystem.METRIC);
        book.save(first, "not begun", "first job", "", clock.instant());
        return first;
    }

    /** The demo book only: it is made from nothing at every call. */
    private static void clear(Path folder) throws BookTrouble {
        try (Stream<Path> files = Files.exists(folder) ? Files.list(folder) : Stream.empty()) {
            for (Path file : files.filter(f -> f.getFileName().toString().startsWith("book.db"))
                    .toList()) {
                Files.delete(file);
            }
        } catch (IOException e) {
            throw new BookTrouble("The demo book in " + folder + " cannot be made anew.", e);
        }
    }

    /** Says in a plain window why there is no book. */
    private void refuse(Stage stage, String sentence) {
        Label label = Text.of(sentence, "refusal-window");
        label.setId("start-refusal");
        StackPane root = new StackPane(label);
        root.getStyleClass().add("shell");
        Scene scene = new Scene(root, 640, 260);
        look.dress(scene);
        stage.setTitle("Mellow Flare");
        stage.setScene(scene);
        stage.show();
        System.err.println(sentence);
    }

    @Override
    public void stop() {
        if (keeper != null) {
            keeper.close();
        }
    }
}
