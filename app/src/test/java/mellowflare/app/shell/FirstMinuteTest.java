package mellowflare.app.shell;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import javafx.scene.Node;
import javafx.scene.input.KeyCode;
import javafx.stage.Stage;
import mellowflare.app.page.Place;
import mellowflare.core.fluid.Work;
import mellowflare.core.hose.HoseLineKind;
import org.junit.jupiter.api.Test;
import org.testfx.api.FxRobot;
import org.testfx.framework.junit5.Start;
import org.testfx.util.WaitForAsyncUtils;

/** The first minute with a new job: asked what it is, led from end to end to the line, by keys alone. */
class FirstMinuteTest extends DrivenWindow {
    private int keys;

    @Start
    void start(Stage first) throws Exception {
        begin(first);
    }

    private void key(FxRobot robot, KeyCode... chord) {
        keys++;
        robot.press(chord);
        robot.release(chord);
        WaitForAsyncUtils.waitForFxEvents();
    }

    private void write(FxRobot robot, String text) {
        keys += text.length();
        robot.write(text, 0);
        WaitForAsyncUtils.waitForFxEvents();
    }

    private Node focused() {
        return shell.getScene().getFocusOwner();
    }

    /** A male flare, by caliper, pitch blade and a look at the cone. */
    private void flare(FxRobot robot) {
        write(robot, "18.9");
        key(robot, KeyCode.ENTER);
        write(robot, "16");
        key(robot, KeyCode.CONTROL, KeyCode.ENTER);
        write(robot, "2");
        key(robot, KeyCode.CONTROL, KeyCode.ENTER);
    }

    @Test
    void testFiveReadingsToACutHoseInFortyKeyPresses(FxRobot robot) {
        key(robot, KeyCode.CONTROL, KeyCode.N);
        assertThat(focused().getId()).isEqualTo("what-is-it");
        write(robot, "1");
        key(robot, KeyCode.ENTER);
        assertThat(desk.job().title()).isEqualTo("Replace a hose");
        assertThat(desk.job().service().work()).contains(Work.REPLACEMENT);
        assertThat(shell.open()).isEqualTo(Place.GAUGE);
        flare(robot);
        assertThat(desk.job().ports().a().end().orElseThrow().text()).isEqualTo("JIC37 -8 male");
        flare(robot);
        assertThat(desk.job().ports().b().end().orElseThrow().text()).isEqualTo("JIC37 -8 male");
        assertThat(shell.open()).isEqualTo(Place.LINE);
        write(robot, "2");
        write(robot, "8");
        assertThat(desk.job().line(HoseLineKind.HOSE).hose()).contains("KH2-08");
        for (String list : List.of("parts-A", "parts-B")) {
            key(robot, KeyCode.ALT, KeyCode.N);
            assertThat(focused().getId()).isEqualTo(list);
            key(robot, KeyCode.DOWN);
        }
        key(robot, KeyCode.ALT, KeyCode.L);
        write(robot, "1140");
        key(robot, KeyCode.ENTER);
        assertThat(desk.current().cut()).isPresent();
        assertThat(spoken(robot, "#cut-figure")).startsWith("cut the hose at: ");
        System.out.println("an empty book to a cut figure: " + keys + " key presses");
        assertThat(keys).isLessThanOrEqualTo(40);
    }

    /** A question lies over the page: its main key does nothing to what nobody sees. */
    @Test
    void testTheMainKeyOfAHiddenPageDoesNothing(FxRobot robot) {
        write(robot, "18.9");
        key(robot, KeyCode.ENTER);
        write(robot, "16");
        key(robot, KeyCode.CONTROL, KeyCode.ENTER);
        write(robot, "2");
        robot.interact(() -> shell.ask());
        key(robot, KeyCode.CONTROL, KeyCode.ENTER);
        assertThat(desk.job().ports().a().end()).isEmpty();
        key(robot, KeyCode.ALT, KeyCode.G);
        key(robot, KeyCode.CONTROL, KeyCode.ENTER);
        assertThat(desk.job().ports().a().end()).isPresent();
    }
}
