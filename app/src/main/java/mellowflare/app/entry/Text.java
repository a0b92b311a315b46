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

    /** A figure in a table: on one line, and never cut short. */
    public static Label figure(String text, String... styles) {
        Label label = of(text, styles);
        label.getStyleClass().add("sum-figure");
        label.setWrapText(false);
        label.setMinWidth(Region.USE_PREF_SIZE);
        return label;
    }

    /** A label that wraps. */
    public static Label of(String text, String... styles) {
        Label l = new Label(text);
        l.setWrapText(true);
        l.setMinHeight(Region.USE_PREF_SIZE);
        l.getStyleClass().addAll(styles);
        return l;
    }

    /** Fills a box that holds nothing else with lines of text; labels that stand there are filled anew, which costs less than new ones. */
    public static void fill(Pane box, List<String> texts, String style) {
        List<Node> labels = box.getChildren();
        if (labels.size() > texts.size()) {
            labels.subList(texts.size(), labels.size()).clear();
        }
        for (int i = 0; i < texts.size(); i++) {
            if (i == labels.size()) {
                labels.add(of(texts.get(i), style));
            } else if (labels.get(i) instanceof Label l) {
                l.setText(texts.get(i));
                if (!l.getStyleClass().contains(style)) {
                    l.getStyleClass().setAll("label", style);
                }
            }
        }
    }

    /** One of several equal columns: a small heading over its content. */
    public static VBox column(String title, Node content) {
        VBox box = new VBox(4, of(title, "small-heading"), content);
        HBox.setHgrow(box, Priority.ALWAYS);
        box.setPrefWidth(10);
        return box;
    }

    /** A small heading over what follows. */
    public static VBox under(String title, Node... content) {
        VBox box = new VBox(5, of(title, "small-heading"));
        box.getChildren().addAll(content);
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
