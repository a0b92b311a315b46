package mellowflare.app;

import java.time.Clock;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.ForkJoinPool;
import javafx.application.Application;
import javafx.application.Platform;
import javafx.geometry.Point2D;
import javafx.geometry.Rectangle2D;
import javafx.scene.Scene;
import javafx.scene.control.Label;
import javafx.scene.layout.StackPane;
import javafx.stage.Screen;
import javafx.stage.Stage;
import mellowflare.app.desk.Desk;
import mellowflare.app.desk.Keeper;
import mellowflare.app.entry.Text;
import mellowflare.app.gauge.CaliperModel;
import mellowflare.app.look.Look;
import mellowflare.app.page.Place;
import mellowflare.app.shell.Shell;
import mellowflare.book.BookTrouble;
import mellowflare.core.measure.Length;
import mellowflare.devices.PracticePort;

/** The window. */
public final class MellowFlare extends Application {
    private static final Clock CLOCK = Clock.systemUTC();
    private static volatile Starting begun;

    private final Look look = new Look();
    private Keeper keeper;
    private Starting starting;
    private boolean warned;

    /** Begins to open tables and book before the toolkit is there; the window then waits for what is left of it. */
    public static void begin(List<String> args) {
        begun = Starting.begin(args, CLOCK);
    }

    @Override
    public void init() {
        starting = begun != null ? begun : Starting.begin(getParameters().getRaw(), CLOCK);
    }

    @Override
    public void start(Stage stage) {
        stage.setTitle("Mellow Flare");
        try {
            show(stage, starting.join());
        } catch (BookTrouble e) {
            refuse(stage, e.getMessage());
        }
    }

    private void show(Stage stage, Starting.Ready ready) {
        keeper = new Keeper(ready.book(), Platform::runLater);
        Desk desk = new Desk(keeper, ready.data(), ready.first(), CLOCK);
        Unforeseen.tell(desk::tell, Platform::runLater, ready.book().folder().resolve("trouble.log"), CLOCK);
        desk.personProperty().set(ready.person());
        desk.setAside(ready.aside());
        Shell shell = new Shell(desk, look, caliper(ready.options().demo()));
        shell.lay(Place.GAUGE);
        List<Rectangle2D> screens =
                Screen.getScreens().stream().map(Screen::getVisualBounds).toList();
        WindowPlace place = WindowPlace.of(ready.window(), screens);
        Scene scene = new Scene(shell, place.width(), place.height());
        look.dress(scene);
        look.nightProperty().set(ready.night());
        look.largeProperty().set(ready.large());
        look.nightProperty().addListener((o, was, now) -> remember(desk, Starting.NIGHT, now));
        look.largeProperty().addListener((o, was, now) -> remember(desk, Starting.LARGE, now));
        stage.setMinWidth(Math.min(1024, place.width()));
        stage.setMinHeight(Math.min(700, place.height()));
        stage.setScene(scene);
        place.corner().ifPresent(c -> {
            stage.setX(c.getX());
            stage.setY(c.getY());
        });
        stage.setOnCloseRequest(e -> {
            if (desk.unsaved() && !warned) {
                warned = true;
                desk.tell(Say.it("mellow-flare.not-everything-saved-make"));
                e.consume();
            } else if (!stage.isIconified()) {
                desk.keeper()
                        .remember(
                                Starting.WINDOW,
                                new WindowPlace(
                                                Optional.of(new Point2D(stage.getX(), stage.getY())),
                                                scene.getWidth(),
                                                scene.getHeight())
                                        .text(),
                                () -> {},
                                desk::tell);
            }
        });
        stage.show();
        shell.go(Place.GAUGE);
        if (ready.fresh() && ready.options().picture().isEmpty()) {
            explain(shell, ready.options().demo());
        }
        ready.options().picture().ifPresent(file -> WindowPicture.after(scene, file));
    }

    /** The first screen of a new book says what it is for. */
    private static void explain(Shell shell, boolean demo) {
        if (demo) {
            shell.tour();
        } else {
            shell.ask();
        }
    }

    /** Only the demo has a caliper at hand: a practice reading has no place in a real job. */
    private static CaliperModel caliper(boolean demo) {
        return demo
                ? CaliperModel.practice(
                        new PracticePort(Length.ofMm(14.17), 7), ForkJoinPool.commonPool(), Platform::runLater)
                : CaliperModel.none();
    }

    private static void remember(Desk desk, String name, boolean chosen) {
        desk.keeper().remember(name, chosen ? "yes" : "no", () -> {}, desk::tell);
    }

    /** Says in a plain window why there is no book. */
    private void refuse(Stage stage, String sentence) {
        Label label = Text.of(sentence, "refusal-window");
        label.setId("start-refusal");
        StackPane root = new StackPane(label);
        root.getStyleClass().add("shell");
        Scene scene = new Scene(root, 640, 260);
        look.dress(scene);
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
