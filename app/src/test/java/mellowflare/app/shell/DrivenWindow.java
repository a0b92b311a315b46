package mellowflare.app.shell;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Clock;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.TimeoutException;
import java.util.function.BooleanSupplier;
import javafx.application.Platform;
import javafx.scene.Node;
import javafx.scene.Scene;
import javafx.scene.control.Button;
import javafx.scene.control.ListView;
import javafx.scene.input.KeyCode;
import javafx.stage.Stage;
import mellowflare.app.OpenBook;
import mellowflare.app.desk.Desk;
import mellowflare.app.desk.Keeper;
import mellowflare.app.gauge.CaliperModel;
import mellowflare.app.look.Look;
import mellowflare.app.page.Place;
import mellowflare.book.BookTrouble;
import mellowflare.book.store.Book;
import mellowflare.core.job.Evaluation;
import mellowflare.core.job.Job;
import mellowflare.core.measure.Length;
import mellowflare.core.measure.UnitSystem;
import mellowflare.core.parts.HoseEndPart;
import mellowflare.devices.PracticePort;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.extension.ExtendWith;
import org.testfx.api.FxRobot;
import org.testfx.framework.junit5.ApplicationExtension;
import org.testfx.util.WaitForAsyncUtils;

/** The real window on a book of its own, and hands to drive it with keys and presses. */
@ExtendWith(ApplicationExtension.class)
abstract class DrivenWindow {
    private Path folder;
    private Stage stage;
    Desk desk;
    Shell shell;
    final Look look = new Look();

    /** Each test class starts it itself: the extension asks a class only for methods of its own. */
    void begin(Stage first) throws BookTrouble, IOException {
        folder = Files.createTempDirectory("book");
        stage = first;
        show();
    }

    void show() throws BookTrouble {
        Book book = Book.open(folder);
        if (book.job("job").isEmpty()) {
            book.save(
                    Job.open("job", "Slew hose", "crane", UnitSystem.METRIC), "not started", "first", "", OpenBook.NOW);
        }
        desk = new Desk(
                new Keeper(book, Platform::runLater),
                OpenBook.DATA,
                Evaluation.of(book.job("job").orElseThrow(), OpenBook.DATA),
                Clock.systemUTC());
        shell = new Shell(
                desk,
                look,
                CaliperModel.practice(new PracticePort(Length.ofMm(14.17), 7), Runnable::run, Platform::runLater));
        Scene scene = new Scene(shell, 1280, 800);
        look.dress(scene);
        stage.setScene(scene);
        stage.show();
        shell.go(Place.GAUGE);
    }

    @AfterEach
    void close() throws IOException {
        desk.keeper().close();
        try (var files = Files.walk(folder)) {
            files.sorted(java.util.Comparator.reverseOrder())
                    .forEach(f -> f.toFile().delete());
        }
    }

    static void until(String what, BooleanSupplier holds) {
        try {
            WaitForAsyncUtils.waitFor(10, TimeUnit.SECONDS, () -> {
                WaitForAsyncUtils.waitForFxEvents();
                return holds.getAsBoolean();
            });
        } catch (TimeoutException e) {
            throw new AssertionError("did not come true: " + what, e);
        }
    }

    static void type(FxRobot robot, String id, String text) {
        robot.clickOn(id).press(KeyCode.CONTROL, KeyCode.A).release(KeyCode.A, KeyCode.CONTROL);
        robot.write(text, 0);
        WaitForAsyncUtils.waitForFxEvents();
    }

    static void press(FxRobot robot, String accessible) {
        Button button = robot.lookup((Node n) -> n instanceof Button b && accessible.equals(b.getAccessibleText()))
                .queryButton();
        robot.clickOn(button);
        WaitForAsyncUtils.waitForFxEvents();
    }

    static void alt(FxRobot robot, KeyCode letter) {
        robot.press(KeyCode.ALT, letter).release(letter, KeyCode.ALT);
        WaitForAsyncUtils.waitForFxEvents();
    }

    static void ctrl(FxRobot robot, KeyCode key) {
        robot.press(KeyCode.CONTROL, key).release(key, KeyCode.CONTROL);
        WaitForAsyncUtils.waitForFxEvents();
    }

    static void choose(FxRobot robot, String list, String part) {
        ListView<HoseEndPart> parts = robot.lookup(list).queryListView();
        HoseEndPart wanted = parts.getItems().stream()
                .filter(p -> p.part().equals(part))
                .findFirst()
                .orElseThrow();
        robot.interact(() -> parts.getSelectionModel().select(wanted));
    }

    static String spoken(FxRobot robot, String id) {
        return robot.lookup(id).query().getAccessibleText();
    }
}
