package mellowflare.app.pack;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.function.Predicate;
import java.util.stream.Collectors;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Labeled;
import javafx.scene.control.TextField;
import javafx.scene.input.KeyCode;
import javafx.stage.Stage;
import mellowflare.app.OpenPage;
import mellowflare.app.desk.Desk;
import mellowflare.app.look.Look;
import mellowflare.core.bag.BagAsk;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.testfx.api.FxRobot;
import org.testfx.framework.junit5.ApplicationExtension;
import org.testfx.framework.junit5.Start;
import org.testfx.util.WaitForAsyncUtils;

/** The page of Pack in a real window, for a hose of which everything is seen. */
@ExtendWith(ApplicationExtension.class)
class PackViewTest {
    private Desk desk;

    @Start
    void start(Stage stage) throws Exception {
        desk = OpenPage.desk("demo-slew-hose");
        Look look = new Look();
        OpenPage.show(stage, new PackView(new PackModel(desk), look), look);
    }

    @AfterEach
    void close() {
        desk.keeper().close();
    }

    private static String words(FxRobot robot, String id) {
        Node at = robot.lookup(id).query();
        return robot.from(at).lookup((Predicate<Node>) n -> n instanceof Labeled).queryAllAs(Labeled.class).stream()
                .map(Labeled::getText)
                .collect(Collectors.joining("\n"));
    }

    @Test
    void testWhatMayBeFoundIsTypedRuledOutAndTakenOut(FxRobot robot) {
        robot.interact(() -> robot.lookup("#pack-find").queryAs(TextField.class).requestFocus());
        robot.interact(() -> robot.lookup("#pack-find")
                .queryAs(TextField.class)
                .setText("port is flanged 30: split flange, ring 25x3"));
        robot.type(KeyCode.ENTER);
        robot.interact(
                () -> robot.lookup("#pack-find").queryAs(TextField.class).setText("hose in a duct 70: two clamps"));
        robot.type(KeyCode.ENTER);
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(words(robot, "#pack-finds"))
                .contains("port is flanged")
                .contains("70")
                .contains("finished");
        assertThat(words(robot, "#pack-parts")).contains("two clamps").contains("split flange");
        robot.interact(() -> robot.lookup((Predicate<Node>)
                        n -> n instanceof Button b && "cannot be: port is flanged".equals(b.getAccessibleText()))
                .queryAs(Button.class)
                .fire());
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(words(robot, "#pack-parts")).doesNotContain("split flange");
        assertThat(desk.job().bag().sights()).containsValue(BagAsk.Sight.RULED_OUT);
        robot.interact(() -> robot.lookup((Predicate<Node>)
                        n -> n instanceof Button b && "take out: hose in a duct".equals(b.getAccessibleText()))
                .queryAs(Button.class)
                .fire());
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(words(robot, "#pack-parts")).contains("No bag yet");
    }
}
