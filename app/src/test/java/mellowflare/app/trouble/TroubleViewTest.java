package mellowflare.app.trouble;

import static org.assertj.core.api.Assertions.assertThat;

import javafx.scene.control.Button;
import javafx.stage.Stage;
import mellowflare.app.OpenPage;
import mellowflare.app.desk.Desk;
import mellowflare.app.look.Look;
import mellowflare.app.paint.DrawingPane;
import mellowflare.core.trouble.What;
import mellowflare.core.trouble.look.LookPicture;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.testfx.api.FxRobot;
import org.testfx.framework.junit5.ApplicationExtension;
import org.testfx.framework.junit5.Start;
import org.testfx.util.WaitForAsyncUtils;

/** The page of Trouble in a real window: the question is answered by a press, the causes follow. */
@ExtendWith(ApplicationExtension.class)
class TroubleViewTest {
    private Desk desk;
    private TroubleModel model;

    @Start
    void start(Stage stage) throws Exception {
        desk = OpenPage.desk("demo-slew-hose");
        model = new TroubleModel(desk);
        Look look = new Look();
        OpenPage.show(stage, new TroubleView(model, look, OpenPage.NOWHERE), look);
    }

    @AfterEach
    void close() {
        desk.keeper().close();
    }

    @Test
    void testQuestionsAreAnsweredUntilACauseIsNamed(FxRobot robot) {
        robot.interact(() -> model.what(What.VALVE));
        for (int i = 0; i < 8 && model.diagnosis().nextLook().isPresent(); i++) {
            String look = model.diagnosis().nextLook().get().sign().id();
            assertThat(robot.lookup("#trouble-look")
                            .queryAs(DrawingPane.class)
                            .drawingProperty()
                            .get())
                    .isEqualTo(LookPicture.of(look).orElseThrow().drawing());
            boolean chip = look.equals("chip");
            robot.clickOn(chip ? "#trouble-yes" : "#trouble-no");
            WaitForAsyncUtils.waitForFxEvents();
        }
        assertThat(model.diagnosis().named().orElseThrow().cause().id()).isEqualTo("valve-chip");
        assertThat(robot.lookup("#trouble-next").tryQuery()).isPresent();
        robot.interact(model::again);
        assertThat(model.looked()).isEmpty();
        assertThat(robot.lookup("#trouble-yes").queryAs(Button.class).isDisabled())
                .isFalse();
    }
}
