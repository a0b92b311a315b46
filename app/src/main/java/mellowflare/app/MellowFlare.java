package mellowflare.app;

import java.time.Clock;
import java.util.Optional;
import java.util.UUID;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.CompletionException;
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
import mellowflare.devices.Caliper;
import mellowflare.devices.PracticeCaliper;

/** The window. */
public final class MellowFlare extends Application {
    private static final String NIGHT = "night";
    private static final String LARGE = "large-type";
    private final Clock clock = Clock.systemUTC();
    private final Look look = new Look();
    private Keeper keeper;
    private CompletableFuture<Started> starting;
    private boolean warned;

    private record Started(
            Book book, ReferenceData data, Job job, String person, boolean night, boolean large, boolean demo) {}

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
        } catch (CompletionException e) {
            refuse(stage, e.getCause().getMessage());
            return;
        }
        keeper = new Keeper(started.book(), Platform::runLater);
        Desk desk = new Desk(keeper, started.data(), started.job(), clock);
        desk.personProperty().set(started.person());
        Shell shell = new Shell(desk, look, caliper(started.demo()));
        Scene scene = new Scene(shell, 1280, 800);
        look.dress(scene);
        look.nightProperty().set(started.night());
        look.largeProperty().set(started.large());
        look.nightProperty().addListener((o, was, now) -> remember(desk, NIGHT, now));
        look.largeProperty().addListener((o, was, now) -> remember(desk, LARGE, now));
        stage.setTitle("Mellow Flare");
        stage.setMinWidth(1024);
        stage.setMinHeight(700);
        stage.setScene(scene);
        stage.setOnCloseRequest(e -> {
            if (desk.unsaved() && !warned) {
                warned = true;
                desk.tell(
                        "Not everything is saved. Make room and change anything, or close again to leave without it.");
                e.consume();
            }
        });
        stage.show();
        shell.go(Place.GAUGE);
    }

    /** Only the demo has a caliper at hand: a practice reading has no place in a real job. */
    private static Optional<Caliper> caliper(boolean demo) {
        return demo ? Optional.of(new PracticeCaliper(Length.ofMm(14.17), 7)) : Optional.empty();
    }

    private static boolean chosen(Book book, String name) throws BookTrouble {
        return book.preference(name).filter("yes"::equals).isPresent();
    }

    private static void remember(Desk desk, String name, boolean chosen) {
        desk.keeper()
                .ask(
                        book -> {
                            book.preference(name, chosen ? "yes" : "no");
                            return null;
                        },
                        done -> {},
                        desk::tell);
    }

    private Started start(Options options) {
        ReferenceData data = ShippedData.load();
        try {
            Book book = options.demo() && options.fresh() ? Book.openFresh(options.book()) : Book.open(options.book());
            if (options.demo() && book.jobs("").isEmpty()) {
                KittiwakeSlip.fill(book, data, clock.instant());
            }
            Job job = openJob(book);
            return new Started(
                    book,
                    data,
                    job,
                    book.preference("person").orElse(""),
                    chosen(book, NIGHT),
                    chosen(book, LARGE),
                    options.demo());
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
