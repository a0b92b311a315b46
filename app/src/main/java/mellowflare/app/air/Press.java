package mellowflare.app.air;

import javafx.scene.control.Button;
import javafx.scene.layout.Region;

/** Buttons that look like words. */
final class Press {
    private Press() {}

    static Button quiet(String word, Runnable action) {
        Button b = new Button(word);
        b.getStyleClass().setAll("quiet-action");
        b.setMinWidth(Region.USE_PREF_SIZE);
        b.setOnAction(e -> action.run());
        return b;
    }
}
