package mellowflare.app.shell;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.function.Predicate;
import javafx.scene.control.ComboBox;
import javafx.scene.input.KeyCode;
import javafx.stage.Stage;
import mellowflare.core.procedure.Step;
import mellowflare.core.tube.TubeLineKind;
import mellowflare.core.tube.stock.Bender;
import mellowflare.core.tube.stock.TubeSize;
import org.junit.jupiter.api.Test;
import org.testfx.api.FxRobot;
import org.testfx.framework.junit5.Start;
import org.testfx.util.WaitForAsyncUtils;

/** Drives the real window from points on the job to a cut tube. */
class TubeInWindowTest extends DrivenWindow {
    @Start
    void start(Stage first) throws Exception {
        begin(first);
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
    }
}
