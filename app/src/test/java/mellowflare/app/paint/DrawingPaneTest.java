package mellowflare.app.paint;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import javafx.geometry.Insets;
import javafx.geometry.Point2D;
import javafx.scene.Scene;
import javafx.scene.image.WritableImage;
import javafx.scene.layout.StackPane;
import javafx.scene.paint.Color;
import javafx.stage.Stage;
import mellowflare.core.advice.Subject;
import mellowflare.core.geometry.Drawing;
import mellowflare.core.geometry.Fill;
import mellowflare.core.geometry.Pen;
import mellowflare.core.geometry.Point;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.testfx.api.FxRobot;
import org.testfx.framework.junit5.ApplicationExtension;
import org.testfx.framework.junit5.Start;
import org.testfx.util.WaitForAsyncUtils;

@ExtendWith(ApplicationExtension.class)
class DrawingPaneTest {
    private final List<Subject> pressed = new ArrayList<>();
    private DrawingPane pane;
    private Stage stage;

    @Start
    void start(Stage first) {
        stage = first;
        pane = new DrawingPane(new Insets(0), 12);
        pane.onPressed(pressed::add);
        stage.setScene(new Scene(new StackPane(pane), 400, 200));
        stage.show();
    }

    private static Drawing twoParts() {
        return new Drawing.Sheet()
                .rect(Pen.OUTLINE, Fill.METAL, 0, 0, 50, 50)
                .glow(new Point(50, 0), new Point(50, 50))
                .spot(Subject.END_A, 0, 0, 50, 50)
                .spot(Subject.END_B, 50, 0, 100, 50)
                .done(0, 0, 100, 50);
    }

    private void show(FxRobot robot) {
        robot.interact(() -> pane.drawingProperty().set(twoParts()));
    }

    private Color dot(FxRobot robot, double x, double y) {
        WritableImage[] image = new WritableImage[1];
        robot.interact(() -> image[0] = pane.snapshot(null, null));
        return image[0].getPixelReader().getColor((int) x, (int) y);
    }

    @Test
    void testPressedPartLeadsToItsSubject(FxRobot robot) {
        show(robot);
        Point2D corner = pane.localToScreen(0, 0);
        robot.clickOn(corner.add(100, 100));
        robot.clickOn(corner.add(300, 100));
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(pressed).containsExactly(Subject.END_A, Subject.END_B);
    }

    @Test
    void testOnlyTheSealTakesTheColourOfSeals(FxRobot robot) {
        show(robot);
        Color seal = dot(robot, 200, 100);
        assertThat(seal.getRed() - seal.getBlue()).as("orange at the seal").isGreaterThan(0.5);
        Color part = dot(robot, 60, 100);
        assertThat(Math.abs(part.getRed() - part.getBlue()))
                .as("grey paper in the part")
                .isLessThan(0.2);
    }

    @Test
    void testExactScaleHoldsWhateverTheRoom(FxRobot robot) {
        show(robot);
        robot.interact(() -> pane.setExactScale(1));
        // 100 mm at one dot a millimetre, centred: end A now lies from 150 to 200.
        Point2D corner = pane.localToScreen(0, 0);
        robot.clickOn(corner.add(60, 100));
        robot.clickOn(corner.add(175, 100));
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(pressed).containsExactly(Subject.END_A);
    }

    @Test
    void testNightChangesTheInk(FxRobot robot) {
        show(robot);
        Color day = dot(robot, 60, 100);
        robot.interact(() -> pane.inkProperty().set(Ink.NIGHT));
        assertThat(dot(robot, 60, 100).getBrightness()).isLessThan(day.getBrightness() - 0.3);
    }
}
