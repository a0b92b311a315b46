package mellowflare.app.tee;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.function.Predicate;
import java.util.stream.Collectors;
import javafx.scene.Node;
import javafx.scene.control.Labeled;
import javafx.scene.control.TextField;
import javafx.stage.Stage;
import mellowflare.app.OpenPage;
import mellowflare.app.desk.Desk;
import mellowflare.app.line.LineModel;
import mellowflare.app.look.Look;
import mellowflare.core.advice.Subject;
import mellowflare.core.measure.Length;
import mellowflare.core.tee.TeeInKind;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.testfx.api.FxRobot;
import org.testfx.framework.junit5.ApplicationExtension;
import org.testfx.framework.junit5.Start;
import org.testfx.util.WaitForAsyncUtils;

/** The page of a tee-in in a real window. */
@ExtendWith(ApplicationExtension.class)
class TeeViewTest {
    private Desk desk;
    private TeeView view;

    @Start
    void start(Stage stage) throws Exception {
        desk = OpenPage.desk("demo-fuel-tee");
        Look look = new Look();
        view = new TeeView(new TeeModel(desk), new LineModel(desk), look, OpenPage.NOWHERE);
        OpenPage.show(stage, view, look);
    }

    @AfterEach
    void close() {
        desk.keeper().close();
    }

    private static void turn(FxRobot robot, TeeLeaf leaf) {
        robot.interact(
                () -> robot.lookup("#leaf-TEE-" + leaf.name()).queryButton().fire());
    }

    private static String words(FxRobot robot, String id) {
        Node at = robot.lookup(id).query();
        return robot.from(at).lookup((Predicate<Node>) n -> n instanceof Labeled).queryAllAs(Labeled.class).stream()
                .map(Labeled::getText)
                .collect(Collectors.joining("\n"));
    }

    @Test
    void testAFigureTypedMovesTheCutOut(FxRobot robot) {
        assertThat(words(robot, "#tee-cut")).contains("2.000 in");
        robot.interact(
                () -> robot.lookup("#tee-across").queryAs(TextField.class).setText("3"));
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(words(robot, "#tee-cut")).contains("2.750 in");
        assertThat(desk.job().line(TeeInKind.TEE).across()).contains(Length.ofInches(3));
    }

    @Test
    void testEveryTabOpensAndWhatIsNeededLeadsThere(FxRobot robot) {
        for (TeeLeaf l : TeeLeaf.values()) {
            turn(robot, l);
        }
        robot.interact(() -> view.lead(Subject.TEE));
        assertThat(robot.lookup("#tee-across").tryQuery()).isPresent();
        robot.interact(() -> view.lead(Subject.SITE));
        assertThat(robot.lookup("#tee-plug").tryQuery()).isPresent();
    }
}
