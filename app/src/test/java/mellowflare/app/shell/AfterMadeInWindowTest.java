package mellowflare.app.shell;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.ComboBox;
import javafx.scene.control.ListView;
import javafx.scene.input.KeyCode;
import javafx.scene.layout.Pane;
import javafx.stage.Stage;
import mellowflare.app.OpenBook;
import mellowflare.app.page.Place;
import mellowflare.app.shelf.ShelfModel;
import mellowflare.book.demo.KittiwakeSlip;
import mellowflare.core.advice.Finding;
import mellowflare.core.job.Job;
import mellowflare.core.machine.MachineLine;
import mellowflare.core.measure.GaugePressure;
import org.junit.jupiter.api.Test;
import org.testfx.api.FxRobot;
import org.testfx.framework.junit5.Start;
import org.testfx.util.WaitForAsyncUtils;

/** What comes after the line is planned, in the real window: the shelf follows the ticks, it is handed over, tested, mended, kept with its machine. */
class AfterMadeInWindowTest extends DrivenWindow {
    private static final List<Job> DEMO = KittiwakeSlip.jobs(OpenBook.DATA, OpenBook.NOW);

    @Start
    void start(Stage first) throws Exception {
        begin(first);
    }

    private void put(FxRobot robot, String id) {
        Job job = DEMO.stream().filter(j -> j.id().equals(id)).findFirst().orElseThrow();
        robot.interact(() -> desk.put(job, "demo"));
        until("job " + id, () -> desk.job().id().equals(id));
    }

    private static boolean shows(FxRobot robot, String id) {
        return robot.lookup(id).tryQuery().filter(Node::isVisible).isPresent();
    }

    @Test
    void testATickTakesFromTheShelfAndACountHolds(FxRobot robot) {
        put(robot, "demo-slew-hose");
        robot.interact(() -> desk.rememberPerson("Maren"));
        alt(robot, KeyCode.M);
        robot.clickOn("#heard");
        ctrl(robot, KeyCode.ENTER);
        until("the cut ticked", () -> desk.job().log().entry("cut").isPresent());
        alt(robot, KeyCode.B);
        ctrl(robot, KeyCode.DIGIT2);
        ListView<ShelfModel.Row> shelf = robot.lookup("#shelf").queryListView();
        until(
                "what is left of the hose",
                () -> shelf.getItems().stream()
                        .anyMatch(r -> r.part().key().equals("KH2-08")
                                && r.part().held().amount() == 12.942));
        robot.interact(() -> shelf.getSelectionModel().select(0));
        robot.clickOn("#shelf-count").write("5 m; 900", 0);
        robot.type(KeyCode.ENTER);
        until("the count", () -> shelf.getItems().get(0).part().held().amount() == 5.9);
        type(robot, "#shelf-search", "boss ring");
        assertThat(shelf.getItems())
                .isNotEmpty()
                .allSatisfy(r -> assertThat(r.part().name()).contains("boss ring"));
    }

    @Test
    void testAJobIsHandedOverWithAFile(FxRobot robot) throws Exception {
        put(robot, "demo-slew-hose");
        alt(robot, KeyCode.B);
        ctrl(robot, KeyCode.DIGIT3);
        until("the page", () -> shows(robot, "#hand-over"));
        assertThat(robot.lookup((Node n) -> n instanceof javafx.scene.control.Label l
                                && l.getText().contains("own lock and tag"))
                        .tryQuery())
                .isPresent();
        robot.clickOn("#hand-to").write("Tobbe", 0);
        robot.clickOn("#hand");
        until("Tobbe holds it", () -> desk.job().handing().holder().equals(java.util.Optional.of("Tobbe")));
        Path note = Files.writeString(Files.createTempDirectory("note").resolve("seat.txt"), "nicked");
        robot.clickOn("#attach-path").write(note.toString(), 0);
        robot.type(KeyCode.ENTER);
        until("attached", () -> desk.job().handing().attached().size() == 1);
        Pane pictures = robot.lookup("#attached").query();
        until("its card", () -> pictures.getChildren().size() == 1);
        Files.delete(note);
        Files.delete(note.getParent());
    }

    @Test
    void testAStepThatIsATestLeadsToItsReadings(FxRobot robot) {
        put(robot, "demo-chiller");
        alt(robot, KeyCode.S);
        until("tests", () -> shows(robot, "#test-list"));
        Pane tests = robot.lookup("#test-list").query();
        assertThat(tests.getChildren()).hasSizeGreaterThanOrEqualTo(3);
        put(robot, "demo-slew-hose");
        until("its tests", () -> tests.getChildren().size() == 2);
        int before = desk.job().taken().size();
        robot.clickOn("#test-reading").write("0 min 400 bar", 0);
        robot.type(KeyCode.ENTER);
        until("a reading is kept", () -> desk.job().taken().size() == before + 1);
        assertThat(desk.current().tested().passed())
                .describedAs("one reading proves nothing")
                .isZero();
    }

    @Test
    void testAMachineHasItsLinesItsPartsAndWhatIsDue(FxRobot robot) {
        put(robot, "demo-day-tank");
        put(robot, "demo-slew-hose");
        alt(robot, KeyCode.H);
        ListView<MachineLine> lines = robot.lookup("#machine-lines").queryListView();
        until("two lines of the Dunlin", () -> lines.getItems().size() == 2);
        robot.clickOn("#leaf-parts");
        until("parts", () -> shows(robot, "#machine-parts"));
        robot.clickOn("#leaf-due");
        until("what is due", () -> shows(robot, "#machine-due"));
        robot.interact(() -> desk.rememberPerson("Oda"));
        robot.clickOn("#upkeep-found").write("dry, no rub", 0);
        Button done = robot.lookup("#machine-due").lookup(".quiet-action").queryButton();
        robot.clickOn(done);
        until(
                "a line opens where it is worked on",
                () -> !desk.newsProperty().get().contains("name"));
        robot.clickOn("#leaf-history");
        robot.clickOn("#leaf-lines");
        robot.interact(() -> lines.getSelectionModel().select(0));
        robot.clickOn(lines);
        until("its line is open", () -> shell.open() != Place.MACHINE);
    }

    @Test
    void testALineThatStopsIsMendedByAPress(FxRobot robot) {
        put(robot, "demo-slew-hose");
        robot.interact(() -> desk.change(
                "pressure",
                "",
                j -> j.withService(j.service().withWorking(java.util.Optional.of(GaugePressure.ofBar(250))))));
        until("it stops", () -> desk.current().plan().stops());
        ctrl(robot, KeyCode.M);
        until(
                "a way",
                () -> robot.lookup("#mend-page")
                        .lookup((Node n) ->
                                n instanceof Button b && b.getStyleClass().contains("main-action"))
                        .tryQuery()
                        .isPresent());
        until("the search is over", () -> !robot.lookup("#mend-cancel").query().isVisible());
        Button take = robot.lookup("#mend-page")
                .lookup((Node n) -> n instanceof Button b && b.getStyleClass().contains("main-action"))
                .queryButton();
        robot.clickOn(take);
        until("it stops no more", () -> desk.current().findings().stream().noneMatch(Finding::stops));
    }

    @Test
    void testPressuresOfAMainAreReadPlaceByPlace(FxRobot robot) {
        put(robot, "demo-shed-air");
        alt(robot, KeyCode.R);
        ctrl(robot, KeyCode.DIGIT2);
        until("the table of places", () -> shows(robot, "#pressures-table"));
        ComboBox<String> place = robot.lookup("#gauge-place").queryComboBox();
        assertThat(place.getValue()).isEqualTo("compressor");
        robot.clickOn("#gauge-shows").write("7.4\n7.3\n", 0);
        WaitForAsyncUtils.waitForFxEvents();
        Pane says = robot.lookup("#pressures-says").query();
        until(
                "a verdict",
                () -> says.getChildren().size() > 1
                        || says.getChildren().stream()
                                .anyMatch(n -> n.toString().contains("as planned")));
        assertThat(place.getValue()).isNotEqualTo("compressor");
        ctrl(robot, KeyCode.DIGIT1);
        until("signs again", () -> shows(robot, "#trouble-what"));
    }
}
