package mellowflare.bench;

import javafx.application.Application;
import javafx.scene.Scene;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.layout.VBox;
import javafx.stage.Stage;

/** The floor: a window with a label and a button. */
public final class BareWindow extends Application {
    @Override
    public void start(Stage stage) {
        stage.setScene(new Scene(new VBox(new Label("bare"), new Button("window")), 1280, 800));
        stage.show();
    }
}
