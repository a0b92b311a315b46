package mellowflare.app.shell;

import static org.assertj.core.api.Assertions.assertThat;

import javafx.scene.control.Label;
import javafx.scene.control.Labeled;
import javafx.scene.input.KeyCode;
import javafx.stage.Stage;
import mellowflare.app.OpenBook;
import mellowflare.app.page.Place;
import mellowflare.book.BookTrouble;
import mellowflare.core.hose.HoseLineKind;
import org.junit.jupiter.api.Test;
import org.testfx.api.FxRobot;
import org.testfx.framework.junit5.Start;
import org.testfx.util.WaitForAsyncUtils;

/** Drives the real window along the fitter's way from measured ports to a cut hose. */
class HoseInWindowTest extends DrivenWindow {
    @Start
    void start(Stage first) throws Exception {
        begin(first);
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
        assertThat(desk.current().leftOff().text()).isEqualTo("step 3 of 22: Lay out the parts");
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
                .isEqualTo("step 3 of 22: Lay out the parts");
        assertThat(((javafx.scene.control.TextField) robot.lookup("#diameter").query()).getText())
                .isEqualTo("17.5");
        assertThat(desk.job().log().entries().get(0).by()).isEqualTo("Maren");
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
        assertThat(((Label) robot.lookup("#refusal").query()).getText())
                .contains("Hold point: the cut still needs the cut figure read back.");
        robot.clickOn("#heard");
        ctrl(robot, KeyCode.ENTER);
        assertThat(desk.current().leftOff().text()).startsWith("step 7 of 22");
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
