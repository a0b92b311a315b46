package mellowflare.app.shell;

import static org.assertj.core.api.Assertions.assertThat;

import javafx.scene.control.ComboBox;
import javafx.scene.input.KeyCode;
import javafx.stage.Stage;
import mellowflare.core.pipe.PipeLineKind;
import mellowflare.core.pipe.PipePlan;
import mellowflare.core.pipe.stock.FittingSystem;
import org.junit.jupiter.api.Test;
import org.testfx.api.FxRobot;
import org.testfx.framework.junit5.Start;
import org.testfx.util.WaitForAsyncUtils;

/** Drives the real window from two readings to three cuts, and through a run that is called out. */
class PipeInWindowTest extends DrivenWindow {
    @Start
    void start(Stage first) throws Exception {
        begin(first);
    }

    private PipePlan plan() {
        return desk.current().plan(PipeLineKind.PIPE).orElseThrow();
    }

    @SuppressWarnings("unchecked")
    private static void fittings(FxRobot robot, String id) {
        ComboBox<FittingSystem> box = robot.lookup("#pipe-fittings").queryAs(ComboBox.class);
        FittingSystem value = box.getItems().stream()
                .filter(s -> s.id().equals(id))
                .findFirst()
                .orElseThrow();
        robot.interact(() -> box.setValue(value));
    }

    @Test
    void testFromTwoReadingsToThreeCuts(FxRobot robot) {
        alt(robot, KeyCode.L);
        press(robot, "made of: rigid pipe");
        fittings(robot, "malleable150");
        press(robot, "size: 1");
        type(robot, "#offset-h1", "1842");
        type(robot, "#offset-h2", "1436");
        type(robot, "#offset-W", "1290");
        assertThat(spoken(robot, "#cut-figure")).startsWith("cut A: 430 mm");
        ctrl(robot, KeyCode.DIGIT2);
        press(robot, "at A: slip-on flange");
        press(robot, "at C: slip-on flange");
        ctrl(robot, KeyCode.DIGIT1);
        assertThat(spoken(robot, "#cut-figure")).startsWith("cut A: 424 mm");
        type(robot, "#called-W", "1209");
        assertThat(desk.current().stops()).isPositive();
        assertThat(spoken(robot, "#cut-figure")).contains("called and written differ");
        type(robot, "#called-W", "1290");
        for (String figure : new String[] {"h1", "h2", "W"}) {
            type(robot, "#second-" + figure, figure.equals("h1") ? "1842" : figure.equals("h2") ? "1436" : "1290");
        }
        robot.clickOn("#offset-read-back");
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(plan().c().held()).isFalse();
        assertThat(desk.current().steps()).isNotEmpty();
        ctrl(robot, KeyCode.DIGIT5);
        until("packed", () -> robot.lookup("#pipe-pieces").tryQuery().isPresent());
        robot.clickOn("#piece-state-A");
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(desk.job().line(PipeLineKind.PIPE).states()).containsKey("A");
        for (KeyCode tab :
                new KeyCode[] {KeyCode.DIGIT3, KeyCode.DIGIT4, KeyCode.DIGIT6, KeyCode.DIGIT7, KeyCode.DIGIT8}) {
            ctrl(robot, tab);
        }
        until("shown as saved", () -> desk.savedProperty().get().words().equals("saved"));
    }

    @Test
    void testARunIsCalledOutAndGetsItsUnion(FxRobot robot) {
        alt(robot, KeyCode.L);
        press(robot, "made of: rigid pipe");
        fittings(robot, "malleable150");
        press(robot, "size: 1");
        press(robot, "shape: run in space");
        for (String call : new String[] {"p: up 1 m", "q: ahead 800", "to port"}) {
            robot.clickOn("#run-line");
            robot.write(call, 0);
            robot.type(KeyCode.ENTER);
            WaitForAsyncUtils.waitForFxEvents();
        }
        assertThat(plan().c().pieces()).hasSize(2);
        assertThat(desk.current().stops()).isEqualTo(1);
        ctrl(robot, KeyCode.DIGIT4);
        robot.clickOn("#put-union-p");
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(desk.current().stops()).isZero();
        assertThat(plan().c().assembly().complete()).isTrue();
    }
}
