package mellowflare.app.shell;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Clock;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.TimeoutException;
import java.util.function.BooleanSupplier;
import java.util.function.Predicate;
import javafx.application.Platform;
import javafx.scene.Node;
import javafx.scene.Scene;
import javafx.scene.control.Button;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Label;
import javafx.scene.control.Labeled;
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
import mellowflare.core.hose.HoseLineKind;
import mellowflare.core.job.Evaluation;
import mellowflare.core.job.Job;
import mellowflare.core.measure.Length;
import mellowflare.core.measure.UnitSystem;
import mellowflare.core.parts.HoseEndPart;
import mellowflare.core.procedure.Step;
import mellowflare.core.tube.TubeLineKind;
import mellowflare.core.tube.stock.Bender;
import mellowflare.core.tube.stock.TubeSize;
import mellowflare.devices.PracticePort;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.testfx.api.FxRobot;
import org.testfx.framework.junit5.ApplicationExtension;
import org.testfx.framework.junit5.Start;
import org.testfx.util.WaitForAsyncUtils;

/** Drives the real window with keys and presses along the fitter's main way. */
@ExtendWith(ApplicationExtension.class)
class WindowTest {
    private Path folder;
    private Stage stage;
    private Desk desk;
    private Shell shell;
    private final Look look = new Look();

    @Start
    void start(Stage first) throws BookTrouble, IOException {
        folder = Files.createTempDirectory("book");
        stage = first;
        show();
    }

    private void show() throws BookTrouble {
        Book book = Book.open(folder);
        if (book.job("job").isEmpty()) {
            book.save(Job.open("job", "Slew hose", "crane", UnitSystem.METRIC), "not begun", "first", "", OpenBook.NOW);
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

    private static void until(String what, BooleanSupplier holds) {
        try {
            WaitForAsyncUtils.waitFor(10, TimeUnit.SECONDS, () -> {
                WaitForAsyncUtils.waitForFxEvents();
                return holds.getAsBoolean();
            });
        } catch (TimeoutException e) {
            throw new AssertionError("did not come true: " + what, e);
        }
    }

    private static void type(FxRobot robot, String id, String text) {
        robot.clickOn(id).press(KeyCode.CONTROL, KeyCode.A).release(KeyCode.A, KeyCode.CONTROL);
        robot.write(text, 0);
        WaitForAsyncUtils.waitForFxEvents();
    }

    private static void press(FxRobot robot, String accessible) {
        Button button = robot.lookup((Node n) -> n instanceof Button b && accessible.equals(b.getAccessibleText()))
                .queryButton();
        robot.clickOn(button);
        WaitForAsyncUtils.waitForFxEvents();
    }

    private static void alt(FxRobot robot, KeyCode letter) {
        robot.press(KeyCode.ALT, letter).release(letter, KeyCode.ALT);
        WaitForAsyncUtils.waitForFxEvents();
    }

    private static void ctrl(FxRobot robot, KeyCode key) {
        robot.press(KeyCode.CONTROL, key).release(key, KeyCode.CONTROL);
        WaitForAsyncUtils.waitForFxEvents();
    }

    private static void choose(FxRobot robot, String list, String part) {
        ListView<HoseEndPart> parts = robot.lookup(list).queryListView();
        HoseEndPart wanted = parts.getItems().stream()
                .filter(p -> p.part().equals(part))
                .findFirst()
                .orElseThrow();
        robot.interact(() -> parts.getSelectionModel().select(wanted));
    }

    private static String spoken(FxRobot robot, String id) {
        return robot.lookup(id).query().getAccessibleText();
    }

    /** A new line is made of tube, its way typed row by row, tube and ends chosen, its flare tried, its bender named; then it is measured a second time and read back for the cut. */
    @Test
    void testFromPointsOnTheJobToACutTube(FxRobot robot) {
        alt(robot, KeyCode.L);
        press(robot, "made of: tube");
        String[][] way = {{"0", "0", "0"}, {"180", "0", "0"}, {"180", "140", "0"}, {"420", "140", "60"}};
        robot.clickOn("#cell-0-0");
        for (String[] row : way) {
            for (String cell : row) {
                robot.write(cell, 0);
                robot.type(KeyCode.ENTER);
                WaitForAsyncUtils.waitForFxEvents();
            }
        }
        assertThat(desk.current()
                        .plan(TubeLineKind.TUBE)
                        .orElseThrow()
                        .c()
                        .shape()
                        .rows())
                .hasSize(3);
        pick(robot, "#tube-called", "3/8", "#tube-size", "ACR-3/8");
        ctrl(robot, KeyCode.DIGIT2);
        press(robot, "ends in: 37° flare");
        ctrl(robot, KeyCode.DIGIT4);
        select(robot, "#bender", b -> ((Bender) b).id().equals("hand-lever-3/8"));
        assertThat(spoken(robot, "#cut-figure")).startsWith("cut the tube at: ");
        ctrl(robot, KeyCode.DIGIT3);
        type(robot, "#bench-stick", "6");
        assertThat(robot.lookup(".reason-against").queryAll()).isNotEmpty();

        // A wrong sign is caught by the distance end to end, and put right.
        ctrl(robot, KeyCode.DIGIT1);
        type(robot, "#end-to-end", "300");
        assertThat(desk.current().stops()).isPositive();
        double apart = desk.current().figure().orElseThrow().value().mm();
        type(robot, "#end-to-end", Long.toString(Math.round(apart)));

        // Make: up to the cut, which waits for who measured and for the reading back.
        alt(robot, KeyCode.M);
        type(robot, "#person", "Maren");
        while (desk.current().bench().next().orElseThrow().gate() != Step.Gate.CUT_FIGURE) {
            ctrl(robot, KeyCode.ENTER);
            robot.clickOn("#tick");
            WaitForAsyncUtils.waitForFxEvents();
        }
        type(robot, "#called-by", "Maren");
        type(robot, "#written-by", "Tobbe");
        robot.clickOn("#heard");
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(desk.job().log().readBack()).isPresent();
        assertThat(desk.current().bench().cutStillNeeds()).isEmpty();
        until("shown as saved", () -> desk.savedProperty().get().words().equals("saved"));
    }

    private static void pick(FxRobot robot, String field, String text, String box, String id) {
        type(robot, field, text);
        select(robot, box, s -> ((TubeSize) s).id().equals(id));
    }

    @SuppressWarnings("unchecked")
    private static void select(FxRobot robot, String box, Predicate<Object> wanted) {
        ComboBox<Object> combo = robot.lookup(box).queryAs(ComboBox.class);
        Object value = combo.getItems().stream().filter(wanted).findFirst().orElseThrow();
        robot.interact(() -> combo.setValue(value));
        WaitForAsyncUtils.waitForFxEvents();
    }

    @Test
    void testFromCaliperReadingToACutHoseAndBackTheNextDay(FxRobot robot) throws Exception {
        // Measure end A: a female boss port.
        press(robot, "it is: female");
        type(robot, "#diameter", "17.5");
        type(robot, "#pitch", "16");
        press(robot, "seat: ring");
        ctrl(robot, KeyCode.ENTER);
        assertThat(desk.job().ports().a().end().orElseThrow().text()).isEqualTo("ORB -8 female");

        // Measure end B: a male flare.
        press(robot, ": end B");
        type(robot, "#diameter", "18.92");
        type(robot, "#pitch", "16");
        press(robot, "seat: 37°");
        robot.clickOn("#use");
        assertThat(desk.job().ports().b().end().orElseThrow().text()).isEqualTo("JIC37 -8 male");

        // The line: hose, ends, length, and the cut figure.
        alt(robot, KeyCode.L);
        assertThat(shell.open()).isEqualTo(Place.LINE);
        press(robot, "Hose size -8");
        choose(robot, "#parts-A", "KC08-B08M");
        choose(robot, "#parts-B", "KC08-J08F90");
        type(robot, "#finished", "1140");
        assertThat(spoken(robot, "#cut-figure")).isEqualTo("cut the hose at: 1056 mm (41 9/16 in)");

        // Tick two steps.
        alt(robot, KeyCode.M);
        type(robot, "#person", "Maren");
        ctrl(robot, KeyCode.ENTER);
        robot.clickOn("#tick");
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(desk.current().leftOff()).isEqualTo("step 3 of 22: Lay out the parts");
        until("shown as saved", () -> desk.savedProperty().get().words().equals("saved"));

        // Close and reopen: it stands where it was left.
        desk.keeper().close();
        robot.interact(() -> {
            try {
                show();
            } catch (BookTrouble e) {
                throw new IllegalStateException(e);
            }
        });
        assertThat(((Labeled) robot.lookup("#left-off").query()).getText())
                .isEqualTo("left off: step 3 of 22: Lay out the parts");
        assertThat(((javafx.scene.control.TextField) robot.lookup("#diameter").query()).getText())
                .isEqualTo("17.5");
        assertThat(desk.job().log().entries().get(0).by()).isEqualTo("Maren");
    }

    @Test
    void testNonsenseStaysInItsFieldWithASentenceUnderIt(FxRobot robot) {
        type(robot, "#diameter", "14.2");
        type(robot, "#diameter", "14.2 bananas");
        Label refusal = robot.lookup((Node n) -> n instanceof Label l
                        && l.getStyleClass().contains("entry-refusal")
                        && l.isVisible()
                        && !l.getText().isEmpty())
                .query();
        assertThat(refusal.getText()).contains("“bananas”").contains("not a unit of length");
        assertThat(desk.job().ports().a().seen().orElseThrow().diameter()).contains(Length.ofMm(14.2));
    }

    @Test
    void testEnterGoesOnToTheNextFieldAsACaliperWithAKeyboardPlugExpects(FxRobot robot) {
        robot.write("14.2\n18", 0);
        WaitForAsyncUtils.waitForFxEvents();
        var seen = desk.job().ports().a().seen().orElseThrow();
        assertThat(seen.diameter()).contains(Length.ofMm(14.2));
        assertThat(seen.pitch().orElseThrow().text()).isEqualTo("18 per inch");
    }

    @Test
    void testUndoAndRedoByKey(FxRobot robot) {
        press(robot, "looks: worn");
        robot.clickOn("#more-clues");
        WaitForAsyncUtils.waitForFxEvents();
        press(robot, "found on: water");
        ctrl(robot, KeyCode.Z);
        until(
                "service undone",
                () -> desk.job().ports().a().seen().orElseThrow().service().isEmpty());
        ctrl(robot, KeyCode.Y);
        until(
                "service back",
                () -> desk.job().ports().a().seen().orElseThrow().service().isPresent());
    }

    @Test
    void testPracticeCaliperReadsByKeyAndEveryPlaceOpensByKey(FxRobot robot) {
        alt(robot, KeyCode.B);
        assertThat(shell.open()).isEqualTo(Place.BOOK);
        robot.type(KeyCode.F9);
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(shell.open()).isEqualTo(Place.GAUGE);
        assertThat(desk.job()
                        .ports()
                        .a()
                        .seen()
                        .flatMap(s -> s.diameter())
                        .orElseThrow()
                        .mm())
                .isBetween(14.0, 14.4);
        for (Place place : Place.values()) {
            alt(robot, KeyCode.getKeyCode(String.valueOf(place.letter())));
            assertThat(shell.open()).isEqualTo(place);
        }
    }

    @Test
    void testEndIsFoundInTablesByThePlumbersNameAndPicked(FxRobot robot) {
        alt(robot, KeyCode.T);
        robot.write("fip 1/2", 0);
        WaitForAsyncUtils.waitForFxEvents();
        robot.clickOn("#pick-B");
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(desk.job().ports().b().end().orElseThrow().text()).isEqualTo("NPT 1/2 female");
    }

    @Test
    void testSearchThatFindsNothingShowsNoFactsOfTheEndBefore(FxRobot robot) {
        alt(robot, KeyCode.T);
        assertThat(robot.lookup("#end-facts .label").queryAll()).isNotEmpty();
        robot.write("-9999999 \u00fc;", 0);
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(robot.lookup("#end-facts .label").queryAll()).isEmpty();
        assertThat(robot.lookup("#pick-A").query().isDisabled()).isTrue();
        assertThat(robot.lookup("#end-search").queryTextInputControl().getText())
                .as("what was typed stays")
                .contains("-9999999");
    }

    @Test
    void testNightAndLargeTypeAreSwitchedByKey(FxRobot robot) {
        ctrl(robot, KeyCode.D);
        ctrl(robot, KeyCode.T);
        assertThat(look.nightProperty().get()).isTrue();
        assertThat(look.largeProperty().get()).isTrue();
        assertThat(look.ink().get()).isEqualTo(mellowflare.app.paint.Ink.NIGHT);
    }

    @Test
    void testCutIsHeldInTheWindowUntilItWasReadBack(FxRobot robot) {
        robot.interact(() -> desk.put(
                mellowflare.book.demo.KittiwakeSlip.jobs(OpenBook.DATA, OpenBook.NOW)
                        .get(2),
                "demo"));
        until("demo job open", () -> desk.job().id().equals("demo-slew-hose"));
        alt(robot, KeyCode.M);
        type(robot, "#person", "Tobbe");
        ctrl(robot, KeyCode.ENTER);
        assertThat(((Label) robot.lookup("#refusal").query()).getText()).contains("Hold: the cut still needs");
        robot.clickOn("#heard");
        ctrl(robot, KeyCode.ENTER);
        assertThat(desk.current().leftOff()).startsWith("step 7 of 22");
        assertThat(desk.job().log().readBack().orElseThrow().by()).isEqualTo("Tobbe");
    }

    @Test
    void testTheWayIsMeasuredAndItsLengthTaken(FxRobot robot) {
        robot.interact(() -> desk.put(
                mellowflare.book.demo.KittiwakeSlip.jobs(OpenBook.DATA, OpenBook.NOW)
                        .get(1),
                "demo job"));
        until("the winch is open", () -> desk.job().id().equals("demo-winch"));
        robot.press(KeyCode.ALT, KeyCode.L).release(KeyCode.L, KeyCode.ALT);
        robot.clickOn("#leaf-WAY");
        robot.clickOn("#way-begin");
        until("a way is begun", () -> desk.job().line(HoseLineKind.HOSE).route().isPresent());
        type(robot, "#way-forward", "28");
        type(robot, "#way-left", "6 1/2");
        until(
                "the figures are in inches",
                () -> desk.job()
                                .line(HoseLineKind.HOSE)
                                .route()
                                .orElseThrow()
                                .b()
                                .at()
                                .y()
                        > 165);
        robot.clickOn("#leaf-LENGTH");
        robot.clickOn("#take-computed");
        until(
                "the way's length is taken",
                () -> desk.job()
                        .line(HoseLineKind.HOSE)
                        .finished()
                        .filter(f -> f.value().mm() > 28 * 25.4)
                        .isPresent());
        robot.clickOn("#leaf-HERE");
        robot.clickOn("#tool-vice");
        until(
                "the vice is missing",
                () -> desk.job().line(HoseLineKind.HOSE).here().missing().contains("vice"));
        robot.clickOn("#leaf-PARTS");
        robot.clickOn("#look-shelf");
        robot.press(KeyCode.CONTROL, KeyCode.DIGIT1).release(KeyCode.DIGIT1, KeyCode.CONTROL);
        until("the ends are back", () -> robot.lookup("#parts-A").tryQuery().isPresent());
    }
}
