package mellowflare.app.entry;

import javafx.scene.control.Button;
import javafx.scene.layout.Region;

/** Buttons that look like words. */
public final class Press {
    private Press() {}

    public static Button quiet(String word, Runnable action) {
        Button b = new Button(word);
        b.getStyleClass().setAll("quiet-action");
        b.setMinWidth(Region.USE_PREF_SIZE);
        b.setOnAction(e -> action.run());
        return b;
    }
}
