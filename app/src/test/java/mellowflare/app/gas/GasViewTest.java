package mellowflare.app.gas;

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
import mellowflare.app.line.LineModel;
import mellowflare.app.look.Look;
import mellowflare.core.advice.Subject;
import mellowflare.core.gas.GasLineKind;
import mellowflare.core.gas.line.GasLine;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.testfx.api.FxRobot;
import org.testfx.framework.junit5.ApplicationExtension;
import org.testfx.framework.junit5.Start;
import org.testfx.util.WaitForAsyncUtils;

/** The page of a gas line in a real window. */
@ExtendWith(ApplicationExtension.class)
class GasViewTest {
    private Desk desk;
    private GasView view;

    @Start
    void start(Stage stage) throws Exception {
        desk = OpenPage.desk("demo-mess-gas");
        GasModel gas = new GasModel(desk);
        Look look = new Look();
        view = new GasView(
                gas,
                new GasWalkModel(gas),
                new AppliancesModel(gas),
                new GasTestModel(gas),
                new SizeSearch(Runnable::run, Runnable::run),
                new LineModel(desk),
                look,
                OpenPage.NOWHERE);
        OpenPage.show(stage, view, look);
    }

    @AfterEach
    void close() {
        desk.keeper().close();
    }

    private GasLine line() {
        return desk.job().line(GasLineKind.GAS);
    }

    private static void turn(FxRobot robot, GasLeaf leaf) {
        robot.interact(
                () -> robot.lookup("#leaf-GAS-" + leaf.name()).queryButton().fire());
    }

    private static String words(FxRobot robot, String id) {
        Node at = robot.lookup(id).query();
        return robot.from(at).lookup((Predicate<Node>) n -> n instanceof Labeled).queryAllAs(Labeled.class).stream()
                .map(Labeled::getText)
                .collect(Collectors.joining("\n"));
    }

    @Test
    void testAPieceIsCalledOutIntoTheLine(FxRobot robot) {
        int before = line().pieces().size();
        robot.interact(() -> {
            TextField f = robot.lookup("#walk-line").queryAs(TextField.class);
            f.requestFocus();
            f.setText("shelf: right 900 mm size 15");
        });
        robot.push(KeyCode.ENTER);
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(line().pieces()).hasSize(before + 1);
        assertThat(line().taken("shelf")).isTrue();
    }

    @Test
    void testSizesAreTakenAndTheOvenIsServed(FxRobot robot) {
        assertThat(words(robot, "#gas-tightest")).contains("heater");
        turn(robot, GasLeaf.SIZES);
        assertThat(words(robot, "#gas-sizes")).contains("back wall", "→");
        robot.interact(
                () -> robot.lookup("#gas-take-sizes").queryAs(Button.class).fire());
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(desk.current().plan(GasLineKind.GAS).orElseThrow().c().inlets())
                .noneMatch(i -> i.shortOf());
    }

    @Test
    void testEveryTabOpensAndAJointIsTicked(FxRobot robot) {
        for (GasLeaf l : GasLeaf.values()) {
            turn(robot, l);
        }
        turn(robot, GasLeaf.TEST);
        Node soap = robot.lookup("#gas-soap").query();
        robot.interact(() -> robot.from(soap)
                .lookup((Predicate<Node>) n -> n instanceof Button)
                .queryAllAs(Button.class)
                .iterator()
                .next()
                .fire());
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(line().test().soaped()).hasSize(1);
        assertThat(words(robot, "#gas-soap")).contains("✓");
    }

    @Test
    void testWhatIsStillNeededLeadsToItsTab(FxRobot robot) {
        robot.interact(() -> view.lead(Subject.ROOM));
        assertThat(robot.lookup("#gas-sleeping").tryQuery()).isPresent();
        robot.interact(() -> view.lead(Subject.SOURCE));
        assertThat(robot.lookup("#gas-gas").tryQuery()).isPresent();
        robot.interact(() -> view.lead(Subject.INLETS));
        assertThat(robot.lookup("#gas-input").tryQuery()).isPresent();
    }
}
