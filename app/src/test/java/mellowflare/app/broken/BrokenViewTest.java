package mellowflare.app.broken;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.function.Predicate;
import java.util.stream.Collectors;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Labeled;
import javafx.stage.Stage;
import mellowflare.app.OpenPage;
import mellowflare.app.desk.Desk;
import mellowflare.app.line.LineModel;
import mellowflare.app.look.Look;
import mellowflare.core.advice.Subject;
import mellowflare.core.broken.BrokenPartKind;
import mellowflare.core.broken.stock.StuckFluid;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.testfx.api.FxRobot;
import org.testfx.framework.junit5.ApplicationExtension;
import org.testfx.framework.junit5.Start;
import org.testfx.util.WaitForAsyncUtils;

/** The page of a broken part in a real window. */
@ExtendWith(ApplicationExtension.class)
class BrokenViewTest {
    private Desk desk;
    private BrokenView view;

    @Start
    void start(Stage stage) throws Exception {
        desk = OpenPage.desk("demo-broken-nipple");
        Look look = new Look();
        view = new BrokenView(new BrokenModel(desk), new LineModel(desk), look, OpenPage.NOWHERE);
        OpenPage.show(stage, view, look);
    }

    @AfterEach
    void close() {
        desk.keeper().close();
    }

    private static void turn(FxRobot robot, BrokenLeaf leaf) {
        robot.interact(
                () -> robot.lookup("#leaf-BROKEN-" + leaf.name()).queryButton().fire());
    }

    private static String words(FxRobot robot, String id) {
        Node at = robot.lookup(id).query();
        return robot.from(at).lookup((Predicate<Node>) n -> n instanceof Labeled).queryAllAs(Labeled.class).stream()
                .map(Labeled::getText)
                .collect(Collectors.joining("\n"));
    }

    @Test
    void testAnotherMaterialMovesTheChance(FxRobot robot) {
        assertThat(words(robot, "#broken-chance")).contains("90 %");
        robot.interact(() -> robot.lookup((Predicate<Node>)
                        n -> n instanceof Button b && b.getText().equals("heating water"))
                .queryAs(Button.class)
                .fire());
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(desk.job().line(BrokenPartKind.BROKEN).fluid()).contains(StuckFluid.Id.HEATING_WATER);
        assertThat(words(robot, "#broken-chance")).contains("92 %");
    }

    @Test
    void testEveryTabOpensAndWhatIsNeededLeadsThere(FxRobot robot) {
        for (BrokenLeaf l : BrokenLeaf.values()) {
            turn(robot, l);
        }
        turn(robot, BrokenLeaf.LADDER);
        assertThat(words(robot, "#broken-ladder")).contains("Never heat near plastic", "\n75\n84.00");
        robot.interact(() -> view.lead(Subject.STUCK));
        assertThat(robot.lookup("#broken-state").tryQuery()).isPresent();
        robot.interact(() -> view.lead(Subject.SITE));
        assertThat(robot.lookup("#broken-near").tryQuery()).isPresent();
    }
}
