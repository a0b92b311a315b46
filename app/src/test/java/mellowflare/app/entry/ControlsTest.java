package mellowflare.app.entry;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import javafx.scene.Node;
import javafx.scene.Parent;
import javafx.scene.Scene;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.input.KeyCode;
import javafx.scene.layout.VBox;
import javafx.stage.Stage;
import mellowflare.core.measure.Length;
import mellowflare.core.measure.LengthFormat;
import mellowflare.core.measure.LengthText;
import mellowflare.core.measure.UnitSystem;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.testfx.api.FxRobot;
import org.testfx.framework.junit5.ApplicationExtension;
import org.testfx.framework.junit5.Start;
import org.testfx.util.WaitForAsyncUtils;

@ExtendWith(ApplicationExtension.class)
class ControlsTest {
    private final List<Optional<String>> told = new ArrayList<>();
    private final FieldState<Length> first =
            new FieldState<>(LengthText::read, (v, u) -> LengthFormat.figure(v, u.other()));
    private final FieldState<Length> second =
            new FieldState<>(LengthText::read, (v, u) -> LengthFormat.figure(v, u.other()));
    private ChoiceRow<String> choices;
    private FigureBox figure;
    private EntryRow row;
    private EntryRow nextRow;
    private VBox lines;

    @Start
    void start(Stage stage) {
        choices = new ChoiceRow<>("seat", List.of("plain", "cone", "ring"), s -> s, s -> null, true, told::add);
        figure = new FigureBox();
        row = new EntryRow("over the crests", "14.2", first);
        nextRow = new EntryRow("pitch leaf", "18", second);
        lines = new VBox();
        stage.setScene(new Scene(new VBox(choices, figure, row, nextRow, lines), 500, 400));
        stage.show();
    }

    private static String words(Parent parent) {
        return parent.getChildrenUnmodifiable().stream()
                .map(n -> n instanceof Label l ? l.getText() : n instanceof Parent p ? words(p) : "")
                .filter(t -> !t.isEmpty())
                .collect(Collectors.joining("|"));
    }

    @Test
    void testChoiceIsMadeByPressLetGoByPressingAgainAndMadeByKey(FxRobot robot) {
        Button cone = robot.lookup((Node n) -> n instanceof Button b && "seat: cone".equals(b.getAccessibleText()))
                .queryButton();
        robot.clickOn(cone);
        robot.clickOn(cone);
        robot.type(KeyCode.DIGIT3);
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(told).containsExactly(Optional.of("cone"), Optional.empty(), Optional.of("ring"));
    }

    @Test
    void testChoiceShownFromTheJobTellsNobody(FxRobot robot) {
        robot.interact(() -> choices.show(Optional.of("plain")));
        assertThat(told).isEmpty();
    }

    @Test
    void testInchFigureIsABuiltFractionWithTheOtherSystemUnderIt(FxRobot robot) {
        robot.interact(() -> figure.length("cut the hose at", Optional.of(Length.ofMm(1056)), UnitSystem.INCH));
        assertThat(words(figure)).isEqualTo("cut the hose at|41|9|16|\u2009in|1056 mm");
        assertThat(figure.getAccessibleText()).isEqualTo("cut the hose at: 41 9/16 in (1056 mm)");
        robot.interact(() -> figure.length("cut the hose at", Optional.of(Length.ofInches(0.5)), UnitSystem.INCH));
        assertThat(words(figure)).contains("|1|2|").doesNotContain("|0|");
        robot.interact(() -> figure.length("cut the hose at", Optional.of(Length.ofMm(1056)), UnitSystem.METRIC));
        assertThat(words(figure)).isEqualTo("cut the hose at|1056|\u2009mm|41 9/16 in");
        robot.interact(() -> figure.length("cut the hose at", Optional.empty(), UnitSystem.METRIC));
        assertThat(words(figure)).isEqualTo("cut the hose at|–|not known");
    }

    @Test
    void testSameFigureKeepsItsNodes(FxRobot robot) {
        robot.interact(() -> figure.words("stops", "none", "nothing stands in the way"));
        Node before =
                ((Parent) figure.getChildren().get(1)).getChildrenUnmodifiable().get(0);
        robot.interact(() -> figure.words("stops", "none", "nothing stands in the way"));
        assertThat(((Parent) figure.getChildren().get(1))
                        .getChildrenUnmodifiable()
                        .get(0))
                .isSameAs(before);
        robot.interact(() -> figure.words("stops", "2", "see what was judged"));
        assertThat(words(figure)).isEqualTo("stops|2|see what was judged");
    }

    @Test
    void testEnterLeadsToTheNextFieldAndARefusalStandsUnderItsOwn(FxRobot robot) {
        robot.clickOn(row.field()).write("14.2x\n20", 0);
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(second.value()).contains(Length.ofMm(20));
        assertThat(words(row)).contains("not a unit of length");
        assertThat(words(nextRow)).contains("0.787 in").doesNotContain("not a");
        assertThat(row.field().getText()).isEqualTo("14.2x");
    }

    @Test
    void testLinesThatStandAlreadyStay(FxRobot robot) {
        robot.interact(() -> Text.fill(lines, List.of("one", "two"), "soft"));
        Node one = lines.getChildren().get(0);
        robot.interact(() -> Text.fill(lines, List.of("one", "two"), "soft"));
        assertThat(lines.getChildren().get(0)).isSameAs(one);
        robot.interact(() -> Text.fill(lines, List.of("three"), "soft"));
        assertThat(words(lines)).isEqualTo("three");
    }
}
