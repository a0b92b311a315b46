package mellowflare.app.shell;

import static org.assertj.core.api.Assertions.assertThat;

import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.input.KeyCode;
import javafx.stage.Stage;
import mellowflare.app.page.Place;
import mellowflare.core.measure.Length;
import org.junit.jupiter.api.Test;
import org.testfx.api.FxRobot;
import org.testfx.framework.junit5.Start;
import org.testfx.util.WaitForAsyncUtils;

/** What a fitter does in the window besides the way from port to line. */
class WindowTest extends DrivenWindow {
    @Start
    void start(Stage first) throws Exception {
        begin(first);
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
        press(robot, "condition: worn");
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
}
