package mellowflare.app.shell;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Clock;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import javafx.application.Platform;
import javafx.scene.Node;
import javafx.scene.Parent;
import javafx.scene.Scene;
import javafx.scene.control.Button;
import javafx.scene.control.ComboBox;
import javafx.scene.control.ComboBoxBase;
import javafx.scene.control.ListView;
import javafx.scene.control.TextField;
import javafx.scene.control.TextInputControl;
import javafx.scene.input.KeyCode;
import javafx.stage.Stage;
import mellowflare.app.OpenBook;
import mellowflare.app.desk.Desk;
import mellowflare.app.desk.Keeper;
import mellowflare.app.gauge.CaliperModel;
import mellowflare.app.look.Look;
import mellowflare.app.page.Place;
import mellowflare.app.paint.DrawingPane;
import mellowflare.book.store.Book;
import mellowflare.core.advice.Subject;
import mellowflare.core.air.AirMainKind;
import mellowflare.core.air.demand.Compressor;
import mellowflare.core.air.stock.PipeSystem;
import mellowflare.core.job.Evaluation;
import mellowflare.core.job.Job;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.testfx.api.FxRobot;
import org.testfx.framework.junit5.ApplicationExtension;
import org.testfx.framework.junit5.Start;
import org.testfx.util.WaitForAsyncUtils;

/** Every place, with every demo job, small and in large type. */
@ExtendWith(ApplicationExtension.class)
class PlacesTest {
    private final Look look = new Look();
    private Desk desk;
    private Shell shell;
    private final List<String> over = new ArrayList<>();
    private final Set<String> measured = new HashSet<>();
    private final List<String> overLines = new ArrayList<>();
    private int labels;
    private int lines;
    private int bothShown;
    /** Pages that ask for more than the window has: what is at its foot would be cut off. */
    private final List<String> tooTall = new ArrayList<>();

    @Start
    void start(Stage stage) throws Exception {
        Path folder = Files.createTempDirectory("book");
        Book book = OpenBook.demoBook(folder);
        Job job = book.job("demo-slew-hose").orElseThrow();
        desk = new Desk(
                new Keeper(book, Platform::runLater),
                OpenBook.DATA,
                Evaluation.of(job, OpenBook.DATA),
                Clock.systemUTC());
        shell = new Shell(desk, look, CaliperModel.none());
        Scene scene = new Scene(shell, 1024, 700);
        look.dress(scene);
        stage.setScene(scene);
        stage.show();
    }

    @AfterEach
    void close() {
        assertThat(tooTall).isEmpty();
        assertThat(over).as("words over words").isEmpty();
        assertThat(lines)
                .as("words over lines, of %d: %s", labels, overLines)
                .isLessThanOrEqualTo(Math.max(1, labels / 5));
        desk.keeper().close();
    }

    /** All nodes but the insides of combo boxes, which speak through the box. */
    private static List<Node> all(Node node, List<Node> into) {
        into.add(node);
        if (node instanceof Parent p && !(node instanceof ComboBoxBase)) {
            p.getChildrenUnmodifiable().forEach(c -> all(c, into));
        }
        return into;
    }

    private void open(FxRobot robot, String id, Place place) {
        robot.interact(() -> desk.open(id));
        robot.interact(() -> shell.go(place));
    }

    /** Every control has words, and page and thumb index stand side by side in the window. */
    private void sound(String where) {
        List<DrawingPane> drawings = new ArrayList<>();
        for (Node n : all(shell, new ArrayList<>())) {
            if (n instanceof DrawingPane pane && pane.isVisible()) {
                drawings.add(pane);
            }
            if (n instanceof TextInputControl || n instanceof ListView || n instanceof ComboBoxBase) {
                assertThat(n.getAccessibleText()).as(where + ": " + n).isNotBlank();
            } else if (n instanceof Button b && b.isVisible()) {
                assertThat(b.getText() + b.getAccessibleText())
                        .as(where + ": " + n)
                        .isNotBlank();
            }
        }
        Lies at = WaitForAsyncUtils.waitForAsyncFx(5000, () -> {
            drawings.forEach(pane -> words(where, pane));
            return new Lies(
                    shell.getWidth(),
                    shell.getCenter().getBoundsInParent().getMaxX(),
                    shell.getRight().getBoundsInParent().getMinX(),
                    shell.getRight().getBoundsInParent().getMaxX(),
                    shell.minHeight(1024));
        });
        assertThat(at.wide).as(where).isEqualTo(1024);
        assertThat(at.indexTo).as(where).isLessThanOrEqualTo(1025);
        assertThat(at.pageTo).as(where + ": page and thumb index side by side").isLessThanOrEqualTo(at.indexFrom + 1);
        if (at.asks > 700) {
            tooTall.add(where + ": " + at.asks);
        }
    }

    /** Where page and thumb index lie, and how high the window would have to be; asked on the interface thread, which lays them out. */
    private record Lies(double wide, double pageTo, double indexFrom, double indexTo, double asks) {}

    /** Words of a drawing never lie over other words, and seldom over a line, which is then kept clear of them. */
    private void words(String where, DrawingPane pane) {
        if (pane.drawingProperty().get() == null) {
            return;
        }
        // What stands on every leaf alike counts once.
        if (!measured.add(
                pane.getId() + pane.drawingProperty().get().hashCode() + pane.getWidth() + pane.getHeight())) {
            return;
        }
        pane.crossed().ifPresent(c -> {
            if (c.words() > 0) {
                over.add(where + ": " + pane.getId() + " " + c);
            }
            if (c.through() > 0) {
                over.add(where + ": a line goes through words of " + pane.getId() + " " + c);
            }
            labels += c.labels();
            lines += c.lines();
            if (c.lines() > 0) {
                overLines.add(where + ": " + pane.getId() + " " + c.lines());
            }
        });
    }

    @Test
    void testEveryPlaceSaysWhatItsControlsAreForAndStaysInTheWindow(FxRobot robot) {
        for (String id : List.of("demo-tractor", "demo-winch", "demo-slew-hose")) {
            for (boolean large : new boolean[] {false, true}) {
                robot.interact(() -> look.largeProperty().set(large));
                for (Place place : Place.values()) {
                    open(robot, id, place);
                    String where = place + " with " + id + (large ? " in large type" : "");
                    sound(where);
                }
            }
        }
    }

    /** What asks for a new job, and the way into the demo, lie in the window too. */
    @Test
    void testWhatAsksStaysInTheWindow(FxRobot robot) {
        for (boolean large : new boolean[] {false, true}) {
            robot.interact(() -> {
                look.largeProperty().set(large);
                shell.ask();
            });
            sound("new job" + (large ? " in large type" : ""));
            robot.interact(shell::tour);
            sound("way into the demo" + (large ? " in large type" : ""));
        }
    }

    @Test
    void testEveryLeafOfATubeSaysWhatItsControlsAreForAndStaysInTheWindow(FxRobot robot) {
        for (String id : List.of("demo-tube-brake", "demo-tube-ring")) {
            for (boolean large : new boolean[] {false, true}) {
                robot.interact(() -> look.largeProperty().set(large));
                open(robot, id, Place.LINE);
                List<Button> leaves = robot.lookup("#line-leaves .leaf").queryAllAs(Button.class).stream()
                        .toList();
                assertThat(leaves).hasSize(7);
                for (Button leaf : leaves) {
                    robot.interact(leaf::fire);
                    String where = leaf.getText() + " with " + id + (large ? " in large type" : "");
                    sound(where);
                    Node row = leaf.getParent();
                    assertThat(row.getBoundsInParent().getWidth())
                            .as(where + ": leaves stand on one row")
                            .isLessThanOrEqualTo(
                                    shell.getCenter().getBoundsInParent().getWidth());
                }
                open(robot, id, Place.MAKE);
                sound("Make with " + id);
            }
        }
    }

    @Test
    void testEveryLeafOfAMainSaysWhatItsControlsAreForAndStaysInTheWindow(FxRobot robot) {
        for (String id : List.of("demo-shed-air", "demo-loft-air")) {
            for (boolean large : new boolean[] {false, true}) {
                robot.interact(() -> look.largeProperty().set(large));
                open(robot, id, Place.LINE);
                assertThat(shell.open()).isEqualTo(Place.AIR);
                List<Button> leaves = robot.lookup("#line-leaves .leaf").queryAllAs(Button.class).stream()
                        .toList();
                assertThat(leaves).hasSize(8);
                for (Button leaf : leaves) {
                    robot.interact(leaf::fire);
                    sound(leaf.getText() + " with " + id + (large ? " in large type" : ""));
                }
                open(robot, id, Place.MAKE);
                sound("Make with " + id);
            }
        }
    }

    /** In large type alone: what fits there fits in the usual one. */
    @Test
    void testEveryLeafOfTheOtherKindsStaysInTheWindow(FxRobot robot) {
        robot.interact(() -> look.largeProperty().set(true));
        for (String id : List.of(
                "demo-mess-gas",
                "demo-pipe-cooling",
                "demo-pipe-run",
                "demo-wash-valve",
                "demo-fuel-tee",
                "demo-broken-nipple")) {
            open(robot, id, Place.LINE);
            List<Button> leaves = robot.lookup("#line-leaves .leaf").queryAllAs(Button.class).stream()
                    .toList();
            assertThat(leaves).as(id).isNotEmpty();
            for (Button leaf : leaves) {
                robot.interact(leaf::fire);
                sound(leaf.getText() + " with " + id + " in large type");
            }
            open(robot, id, Place.MAKE);
            sound("Make with " + id + " in large type");
            cautionsAbovePicture(robot);
        }
        assertThat(bothShown).as("steps with a caution and a picture").isPositive();
    }

    private void cautionsAbovePicture(FxRobot robot) {
        Node picture = robot.lookup("#step-picture").query();
        for (Node caution : robot.lookup(".caution").queryAll()) {
            if (picture.isVisible()) {
                bothShown++;
                assertThat(caution.localToScene(caution.getBoundsInLocal()).getMaxY())
                        .as("a picture pushes no caution out of the window")
                        .isLessThanOrEqualTo(
                                picture.localToScene(picture.getBoundsInLocal()).getMinY());
            }
        }
    }

    @Test
    void testTheWalkIsTypedInTheWindowAndTheMainAnswers(FxRobot robot) {
        open(robot, "demo-slew-hose", Place.AIR);
        assertThat(robot.lookup("#elsewhere").tryQuery()).isPresent();
        robot.interact(
                () -> robot.lookup("#elsewhere .quiet-action").queryButton().fire());
        for (String piece : List.of(
                "hose 0.6 m",
                "foot: drain 400",
                "up 2.6 m",
                "left 4 m",
                "bench: drop 2 m with grinder by me hose 6 m",
                "ahead 3 m",
                "far: drain 2 m")) {
            robot.interact(() -> {
                TextField f = robot.lookup("#walk-line").queryAs(TextField.class);
                f.requestFocus();
                f.setText(piece);
            });
            robot.push(KeyCode.ENTER);
            WaitForAsyncUtils.waitForFxEvents();
        }
        assertThat(desk.job().line(AirMainKind.AIR).pieces()).hasSize(7);
        robot.interact(() -> {
            ComboBox<PipeSystem> system = robot.lookup("#air-system").queryComboBox();
            system.setValue(system.getItems().get(0));
            robot.lookup("#leaf-AIR-TOOLS").queryButton().fire();
            ComboBox<Compressor> compressor = robot.lookup("#compressor").queryComboBox();
            compressor.setValue(compressor.getItems().get(5));
        });
        assertThat(desk.current().stops()).isZero();
        assertThat(desk.current()
                        .plan(AirMainKind.AIR)
                        .orElseThrow()
                        .c()
                        .together()
                        .tight())
                .contains("bench");
        assertThat(robot.lookup("#tightest").query().getAccessibleText())
                .contains("bar")
                .contains("bench");
        robot.interact(() -> shell.to(Subject.OUTLET));
        assertThat(shell.open()).isEqualTo(Place.AIR);
        robot.interact(desk::undo);
    }

    @Test
    void testPartOfTheBandLeadsWhereItIsWorkedOn(FxRobot robot) {
        open(robot, "demo-slew-hose", Place.BOOK);
        robot.interact(() -> shell.to(Subject.END_B));
        assertThat(shell.open()).isEqualTo(Place.GAUGE);
        robot.interact(() -> shell.to(Subject.HOSE));
        assertThat(shell.open()).isEqualTo(Place.LINE);
        robot.interact(() -> shell.to(Subject.MAKE));
        assertThat(shell.open()).isEqualTo(Place.MAKE);
    }
}
