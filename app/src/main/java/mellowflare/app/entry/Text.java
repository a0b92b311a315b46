package mellowflare.app.entry;

import javafx.scene.control.Label;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;

/** Labels with a style class, to keep views short. */
public final class Text {
    private Text() {}

    /** A label that wraps. */
    public static Label of(String text, String... styles) {
        Label l = new Label(text);
        l.setWrapText(true);
        l.getStyleClass().addAll(styles);
        return l;
    }

    /** Empty room that pushes things apart. */
    public static Region spring() {
        Region r = new Region();
        HBox.setHgrow(r, Priority.ALWAYS);
        return r;
    }
}
