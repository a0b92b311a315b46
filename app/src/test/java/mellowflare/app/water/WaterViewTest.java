package mellowflare.app.water;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.function.Predicate;
import java.util.stream.Collectors;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Labeled;
import javafx.scene.control.TextField;
import javafx.stage.Stage;
import mellowflare.app.OpenPage;
import mellowflare.app.desk.Desk;
import mellowflare.app.line.LineModel;
import mellowflare.app.look.Look;
import mellowflare.core.advice.Subject;
import mellowflare.core.water.WaterPointKind;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.testfx.api.FxRobot;
import org.testfx.framework.junit5.ApplicationExtension;
import org.testfx.framework.junit5.Start;
import org.testfx.util.WaitForAsyncUtils;

/** The page of a water point in a real window. */
@ExtendWith(ApplicationExtension.class)
class WaterViewTest {
    private Desk desk;
    private WaterView view;

    @Start
    void start(Stage stage) throws Exception {
        desk = OpenPage.desk("demo-cistern");
        Look look = new Look();
        view = new WaterView(new WaterModel(desk), new LineModel(desk), look, OpenPage.NOWHERE);
        OpenPage.show(stage, view, look);
    }

    @AfterEach
    void close() {
        desk.keeper().close();
    }

    private static void turn(FxRobot robot, WaterLeaf leaf) {
        robot.interact(
                () -> robot.lookup("#leaf-WATER-" + leaf.name()).queryButton().fire());
    }

    private static String words(FxRobot robot, String id) {
        Node at = robot.lookup(id).query();
        return robot.from(at).lookup((Predicate<Node>) n -> n instanceof Labeled).queryAllAs(Labeled.class).stream()
                .map(Labeled::getText)
                .collect(Collectors.joining("\n"));
    }

    @Test
    void testMoreStraightTubeOffersMoreSetsAndOneIsTaken(FxRobot robot) {
        turn(robot, WaterLeaf.PARTS);
        assertThat(words(robot, "#water-sets")).contains("Too little straight, round tube for compression");
        turn(robot, WaterLeaf.PIPE);
        robot.interact(
                () -> robot.lookup("#water-straight").queryAs(TextField.class).setText("1 1/2"));
        turn(robot, WaterLeaf.PARTS);
        robot.interact(() -> robot.lookup((Predicate<Node>) n -> n instanceof Button b
                        && b.isVisible()
                        && b.getAccessibleText() != null
                        && b.getAccessibleText().contains("compression, braided"))
                .queryAs(Button.class)
                .fire());
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(desk.job().line(WaterPointKind.WATER).taken()).contains("compression-flex");
    }

    @Test
    void testEveryTabOpensAndWhatIsNeededLeadsThere(FxRobot robot) {
        for (WaterLeaf l : WaterLeaf.values()) {
            turn(robot, l);
        }
        robot.interact(() -> view.lead(Subject.HOUSE_PIPE));
        assertThat(robot.lookup("#water-outside").tryQuery()).isPresent();
        robot.interact(() -> view.lead(Subject.SITE));
        assertThat(robot.lookup("#water-main").tryQuery()).isPresent();
        robot.interact(() -> view.lead(Subject.BAG));
        assertThat(robot.lookup("#water-age").tryQuery()).isPresent();
    }
}
