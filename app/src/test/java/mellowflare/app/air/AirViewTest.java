package mellowflare.app.air;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Files;
import java.time.Clock;
import java.util.List;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.function.Predicate;
import java.util.stream.Collectors;
import javafx.application.Platform;
import javafx.collections.ListChangeListener;
import javafx.scene.Node;
import javafx.scene.Parent;
import javafx.scene.Scene;
import javafx.scene.control.Button;
import javafx.scene.control.Labeled;
import javafx.scene.control.ListView;
import javafx.scene.control.TextField;
import javafx.scene.input.KeyCode;
import javafx.stage.Stage;
import mellowflare.app.OpenBook;
import mellowflare.app.desk.Desk;
import mellowflare.app.desk.Keeper;
import mellowflare.app.line.LineModel;
import mellowflare.app.look.Look;
import mellowflare.app.page.Leads;
import mellowflare.app.paint.DrawingPane;
import mellowflare.book.store.Book;
import mellowflare.core.advice.Need;
import mellowflare.core.advice.Subject;
import mellowflare.core.air.AirMainKind;
import mellowflare.core.air.layout.Piece;
import mellowflare.core.air.main.AirMain;
import mellowflare.core.job.Evaluation;
import mellowflare.core.measure.Length;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.testfx.api.FxRobot;
import org.testfx.framework.junit5.ApplicationExtension;
import org.testfx.framework.junit5.Start;
import org.testfx.util.WaitForAsyncUtils;

/** The page of Air in a real window: keys, leaves and what they say. */
@ExtendWith(ApplicationExtension.class)
class AirViewTest {
    private static final Leads LEADS = new Leads() {
        @Override
        public void to(Subject part) {}

        @Override
        public void to(Need need) {}
    };
    private Desk desk;
    private AirView view;

    @Start
    void start(Stage stage) throws Exception {
        Book book = OpenBook.demoBook(Files.createTempDirectory("book"));
        desk = new Desk(
                new Keeper(book, Platform::runLater),
                OpenBook.DATA,
                Evaluation.of(book.job("demo-shed-air").orElseThrow(), OpenBook.DATA),
                Clock.systemUTC());
        AirModel air = new AirModel(desk);
        Look look = new Look();
        view = new AirView(
                air,
                new WalkModel(air),
                new AirWork(desk, Runnable::run, Runnable::run),
                new HeldModel(air),
                new LineModel(desk),
                look,
                LEADS);
        Scene scene = new Scene((Parent) view.node(), 1280, 800);
        look.dress(scene);
        stage.setScene(scene);
        stage.show();
        view.opened();
    }

    @AfterEach
    void close() {
        desk.keeper().close();
    }

    private AirMain main() {
        return desk.job().line(AirMainKind.AIR);
    }

    private static void turn(FxRobot robot, AirLeaf leaf) {
        robot.interact(
                () -> robot.lookup("#leaf-AIR-" + leaf.name()).queryButton().fire());
    }

    private static void type(FxRobot robot, String id, String text) {
        robot.interact(() -> {
            TextField f = robot.lookup(id).queryAs(TextField.class);
            f.requestFocus();
            f.setText(text);
        });
    }

    private static void press(FxRobot robot, String words) {
        robot.interact(() -> robot.lookup(
                        n -> n instanceof Button b && b.getText().equals(words))
                .queryButton()
                .fire());
    }

    /** All words under a node. */
    private static String words(FxRobot robot, String id) {
        Node at = robot.lookup(id).query();
        return robot.from(at).lookup((Predicate<Node>) n -> n instanceof Labeled).queryAllAs(Labeled.class).stream()
                .map(Labeled::getText)
                .collect(Collectors.joining("\n"));
    }

    /** What the drawing tells of a part is what the tables say of it; keys lead from part to part, Escape ends it. */
    @Test
    void testFiguresOfAPartAreShownByKeys(FxRobot robot) {
        DrawingPane room = robot.lookup("#air-room").queryAs(DrawingPane.class);
        robot.clickOn(room);
        assertThat(room.isFocused()).isTrue();
        String described = room.getAccessibleText();
        robot.push(KeyCode.PAGE_DOWN);
        WaitForAsyncUtils.waitForFxEvents();
        String first = room.getAccessibleText();
        assertThat(desk.current().plan().tables().stream()
                        .flatMap(t -> t.rows().stream())
                        .map(r -> r.cells().get(0)))
                .anyMatch(first::contains);
        robot.push(KeyCode.PAGE_DOWN);
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(room.getAccessibleText()).isNotEqualTo(first).isNotEqualTo(described);
        robot.push(KeyCode.PAGE_UP);
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(room.getAccessibleText()).isEqualTo(first);
        robot.push(KeyCode.ESCAPE);
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(room.getAccessibleText()).isEqualTo(described);
        robot.push(KeyCode.PAGE_UP);
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(room.getAccessibleText()).isNotEqualTo(described);
        robot.push(KeyCode.RIGHT);
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(room.getAccessibleText()).as("turned: no part is told of").isEqualTo(described);
    }

    @Test
    void testTheListMovesChangesAndTakesOutByKeys(FxRobot robot) {
        ListView<Piece> list = robot.lookup("#walk-list").queryListView();
        robot.interact(() -> {
            list.getSelectionModel().clearAndSelect(6);
            list.requestFocus();
        });
        assertThat(main().pieces().get(6).name()).isEqualTo("north 2");
        robot.push(KeyCode.F2);
        WaitForAsyncUtils.waitForFxEvents();
        TextField line = robot.lookup("#walk-line").queryAs(TextField.class);
        assertThat(line.getText()).isEqualTo("north 2: ahead 5 m");
        type(robot, "#walk-line", "north 2: ahead 4 m");
        robot.push(KeyCode.ENTER);
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(((Piece.Pipe) main().pieces().get(6)).length()).isEqualTo(Length.ofMm(4000));
        robot.interact(list::requestFocus);
        robot.push(KeyCode.ALT, KeyCode.DOWN);
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(main().pieces().get(7).name()).isEqualTo("north 2");
        robot.interact(list::requestFocus);
        robot.push(KeyCode.DELETE);
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(main().taken("north 2")).isFalse();
    }

    /** What Enter works out is drawn once, with the new piece chosen; and one row comes into the list. */
    @Test
    void testAPieceThatIsTakenIsDrawnOnce(FxRobot robot) {
        ListView<Piece> list = robot.lookup("#walk-list").queryListView();
        robot.interact(() -> list.getSelectionModel().clearAndSelect(6));
        type(robot, "#walk-line", "right 1 m");
        DrawingPane room = robot.lookup("#air-room").queryAs(DrawingPane.class);
        AtomicInteger drawn = new AtomicInteger();
        AtomicInteger rows = new AtomicInteger();
        robot.interact(() -> {
            room.drawingProperty().addListener((o, was, now) -> drawn.incrementAndGet());
            list.getItems().addListener((ListChangeListener<Piece>) c -> {
                while (c.next()) {
                    rows.addAndGet(c.getAddedSize() + c.getRemovedSize());
                }
            });
        });
        int before = main().pieces().size();
        robot.push(KeyCode.ENTER);
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(main().pieces()).hasSize(before + 1);
        assertThat(list.getItems()).isEqualTo(main().pieces());
        assertThat(list.getSelectionModel().getSelectedIndex()).isEqualTo(7);
        assertThat(drawn).hasValue(1);
        assertThat(rows).hasValue(1);
        // The same length again changes nothing and leaves the line all the same.
        robot.interact(list::requestFocus);
        robot.push(KeyCode.F2);
        robot.push(KeyCode.ENTER);
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(robot.lookup("#walk-line").queryAs(TextField.class).getText())
                .isEmpty();
        assertThat(main().pieces()).hasSize(before + 1);
    }

    @Test
    void testEscapeLeavesALineAndTheRefusalStandsUnderIt(FxRobot robot) {
        type(robot, "#walk-line", "up 2.6");
        assertThat(words(robot, "#walk")).contains("would be 2.6 mm");
        robot.push(KeyCode.ENTER);
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(main().pieces()).hasSize(20);
        robot.push(KeyCode.ESCAPE);
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(robot.lookup("#walk-line").queryAs(TextField.class).getText())
                .isEmpty();
        press(robot, "left");
        assertThat(robot.lookup("#walk-line").queryAs(TextField.class).getText())
                .isEqualTo("left ");
    }

    @Test
    void testEnterTakesAReadingAndTheLeakIsSaid(FxRobot robot) {
        turn(robot, AirLeaf.TEST);
        assertThat(words(robot, "#air-test")).contains("Take at least two readings");
        for (String reading : List.of("0 8.00 bar 18 C", "60 min 7.80 bar 18 C", "120 min 7.60 bar 18 C")) {
            type(robot, "#held-reading", reading);
            robot.push(KeyCode.ENTER);
            WaitForAsyncUtils.waitForFxEvents();
        }
        assertThat(main().held().readings()).hasSize(3);
        assertThat(words(robot, "#air-test")).contains("The line is tight", "L/min", "±", "in a year costs");
    }

    @Test
    void testEnterTakesOldBarsAndAWrongSizeIsSaidBesideTheField(FxRobot robot) {
        turn(robot, AirLeaf.CUT);
        type(robot, "#old-bar", "3 x 2.5 m of 25");
        robot.push(KeyCode.ENTER);
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(main().making().old()).hasSize(2);
        for (String wrong : List.of("3 x 2.5 m of 99", "some bars", "0 x 2 m of 25", "2 x 0 of 25", "2 x 3 kg of 25")) {
            type(robot, "#old-bar", wrong);
            assertThat(robot.lookup("#air-cut .entry-refusal").queryAllAs(Labeled.class).stream()
                            .map(Labeled::getText)
                            .collect(Collectors.joining()))
                    .as(wrong)
                    .isNotBlank();
            robot.push(KeyCode.ENTER);
            WaitForAsyncUtils.waitForFxEvents();
            assertThat(main().making().old()).as(wrong).hasSize(2);
        }
        assertThat(words(robot, "#air-cut")).contains("to buy", "at hand", "hangers", "all parts with a price");
    }

    @Test
    void testSizesAreFoundShownAndTaken(FxRobot robot) {
        turn(robot, AirLeaf.SIZES);
        assertThat(words(robot, "#air-sizes")).contains("Never use for compressed air", "PVC pipe", "Not sized yet");
        press(robot, "Compare all pipe materials");
        assertThat(words(robot, "#air-sizes"))
                .contains("galvanised steel", "even the largest is too small", "by truck", "by parcel")
                .contains("It rusts at every thread and sheds scale into tools. Tools: pipe vice, die head")
                .containsPattern("1024, 48 joints\\n1007 ✓, 64 joints");
        robot.interact(() -> robot.lookup("#air-sizes .quiet-action").queryAllAs(Button.class).stream()
                .filter(b -> b.getText().equals("Use"))
                .findFirst()
                .orElseThrow()
                .fire());
        assertThat(main().system()).contains("steel-black");
        assertThat(desk.current().stops()).isZero();
    }

    @Test
    void testTheDayTheWaterAndThePapersSayTheirFigures(FxRobot robot) {
        turn(robot, AirLeaf.DAY);
        assertThat(words(robot, "#air-day")).contains("second by second");
        press(robot, "run the day");
        assertThat(words(robot, "#air-day")).contains("in an hour", "kWh", "receiver at its lowest");
        turn(robot, AirLeaf.WATER);
        assertThat(words(robot, "#air-water"))
                .contains(
                        "stay in the receiver",
                        "far leg",
                        "full after",
                        "north 1\n3400\n3494\n3460\nnorth 2\n5000\n3460\n3410");
        turn(robot, AirLeaf.PAPERS);
        assertThat(words(robot, "#air-papers"))
                .contains("riser\n2600\n33\n35\n2532\n48", "Drains", "Lines", "Import a list (CSV)");
    }

    @Test
    void testAToolIsPressedAwayAndAPersonRenamed(FxRobot robot) {
        turn(robot, AirLeaf.TOOLS);
        assertThat(words(robot, "#air-tools")).contains("2022 L/min by duty", "ISO 1217", "ISO 8778");
        press(robot, "blast pot with 5 mm nozzle  ×");
        assertThat(desk.current().plan(AirMainKind.AIR).orElseThrow().c().choices())
                .doesNotContainKey("blaster");
        robot.interact(() -> robot.lookup("#air-tools .row-cell").queryAllAs(TextField.class).stream()
                .filter(f -> f.getAccessibleText().endsWith("vice"))
                .findFirst()
                .orElseThrow()
                .setText("other hand"));
        assertThat(desk.current().plan(AirMainKind.AIR).orElseThrow().c().choices())
                .containsKey("other hand");
    }
}
