package mellowflare.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Duration;
import java.time.Instant;
import javafx.scene.Scene;
import javafx.scene.layout.Pane;
import javafx.scene.paint.Color;
import javafx.stage.Stage;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.api.io.TempDir;
import org.testfx.api.FxRobot;
import org.testfx.framework.junit5.ApplicationExtension;
import org.testfx.framework.junit5.Start;

@ExtendWith(ApplicationExtension.class)
class WindowPictureTest {
    @TempDir
    private Path folder;

    private Scene scene;

    @Start
    void start(Stage stage) {
        scene = new Scene(new Pane(), 40, 30, Color.web("#E2711D"));
        scene.getRoot().setStyle("-fx-background-color: transparent;");
        stage.setScene(scene);
        stage.show();
    }

    @Test
    void testPictureOfTheShownWindowIsThereWholeAndNothingElse(FxRobot robot) throws Exception {
        Path file = folder.resolve("window.png");
        robot.interact(() -> WindowPicture.after(scene, file));
        Instant end = Instant.now().plus(Duration.ofSeconds(20));
        while (!Files.exists(file) && Instant.now().isBefore(end)) {
            Thread.sleep(20);
        }
        var picture = ImageIO.read(file.toFile());
        assertThat(picture.getWidth()).isEqualTo((int) scene.getWidth());
        assertThat(picture.getRGB(5, 5) & 0xFFFFFF).isEqualTo(0xE2711D);
        try (var files = Files.list(folder)) {
            assertThat(files).containsExactly(file);
        }
    }
}
