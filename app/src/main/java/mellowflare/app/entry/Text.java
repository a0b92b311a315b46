package mellowflare.app.entry;

import java.util.List;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Pane;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;

/** Labels with a style class, to keep views short. */
public final class Text {
    private Text() {}

    /** A label that wraps. */
    public static Label of(String text, String... styles) {
        Label l = new Label(text);
        l.setWrapText(true);
        l.setMinHeight(Region.USE_PREF_SIZE);
        l.getStyleClass().addAll(styles);
        return l;
    }

    /** Fills a box with lines of text; lines that stand there already stay. */
    public static void fill(Pane box, List<String> texts, String style) {
        List<String> before = box.getChildren().stream()
                .map(n -> n instanceof Label l && l.getStyleClass().contains(style) ? l.getText() : "")
                .toList();
        if (!before.equals(texts)) {
            box.getChildren().setAll(texts.stream().map(t -> of(t, style)).toList());
        }
    }

    /** One of several equal columns: a small heading over its content. */
    public static VBox column(String title, Node content) {
        VBox box = new VBox(4, of(title, "small-heading"), content);
        HBox.setHgrow(box, Priority.ALWAYS);
        box.setPrefWidth(10);
        return box;
    }

    /** A page as high as its place, which scrolls rather than cuts words when they need more. */
    public static ScrollPane page(Node content) {
        ScrollPane scroll = new ScrollPane(content);
        scroll.setFitToWidth(true);
        scroll.setFitToHeight(true);
        scroll.getStyleClass().add("page-scroll");
        scroll.setFocusTraversable(false);
        return scroll;
    }

    /** Empty room that pushes things apart. */
    public static Region spring() {
        Region r = new Region();
        HBox.setHgrow(r, Priority.ALWAYS);
        return r;
    }
}
