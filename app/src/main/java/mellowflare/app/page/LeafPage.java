package mellowflare.app.page;

import java.util.List;
import javafx.css.PseudoClass;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.BorderPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;
import mellowflare.app.entry.Text;
import mellowflare.app.look.Look;
import mellowflare.app.paint.DrawingPane;

/** A page of leaves: words along the top, a drawing with the open leaf beside it, under it or in its place, a slip and a bar of figures. */
public final class LeafPage {
    private static final PseudoClass ALONE = PseudoClass.getPseudoClass("alone");

    private final BorderPane page = new BorderPane();
    private final BorderPane body = new BorderPane();
    /** Drawing over panel: where there is too little room for both, both give way. */
    private final VBox stack = new VBox();

    private final StackPane ground = new StackPane();
    private final StackPane under = new StackPane();
    private final LeafRow leaves;

    /** A page whose drawing may shrink to a strip. */
    public LeafPage(LeafRow leaves) {
        this(leaves, "tube-ground");
    }

    /**
     * @param drawn style of the ground that drawings lie on, which says how small it may become
     */
    public LeafPage(LeafRow leaves, String drawn) {
        this.leaves = leaves;
        ground.getStyleClass().addAll("drawing-ground", drawn);
        VBox.setVgrow(ground, Priority.ALWAYS);
        under.getStyleClass().add("under-drawing");
        under.setAlignment(Pos.TOP_LEFT);
        body.setCenter(ground);
        StackPane over = new StackPane(body, leaves);
        StackPane.setAlignment(leaves, Pos.TOP_LEFT);
        page.addEventFilter(KeyEvent.KEY_PRESSED, leaves::key);
        page.setCenter(Text.page(over));
    }

    public BorderPane node() {
        return page;
    }

    /** Puts slip and figures beside and under all leaves. */
    public void frame(Node slip, Node... figures) {
        HBox bar = new HBox(34, figures);
        bar.getStyleClass().add("figure-bar");
        bar.setAlignment(Pos.CENTER_LEFT);
        page.setRight(slip);
        page.setBottom(bar);
    }

    /** Opens a leaf that stands beside the drawing. */
    public void beside(int leaf, Node pane) {
        lay(leaf, ground, null, pane);
    }

    /** Opens a leaf that stands under the drawing. */
    public void under(int leaf, Node pane) {
        under.getChildren().setAll(pane);
        lay(leaf, ground, under, null);
    }

    /** Opens a leaf that stands under the drawing and beside it. */
    public void underAndBeside(int leaf, Node below, Node right) {
        under.getChildren().setAll(below);
        lay(leaf, ground, under, right);
    }

    /** Opens a leaf that is all words and has the page to itself. */
    public void alone(int leaf, Node pane) {
        under.getChildren().setAll(pane);
        lay(leaf, under, null, null);
    }

    private void lay(int leaf, Node centre, Node bottom, Node right) {
        leaves.show(leaf);
        // Nothing may stand in two places even for a moment.
        body.setCenter(null);
        body.setRight(null);
        stack.getChildren().clear();
        if (bottom == null) {
            body.setCenter(centre);
        } else {
            stack.getChildren().setAll(centre, bottom);
            body.setCenter(stack);
        }
        body.setRight(right);
        under.pseudoClassStateChanged(ALONE, centre == under);
    }

    /** What had the focus may have gone with its leaf: the keys must still reach the page. */
    public void keepFocus() {
        if (page.getScene() != null
                && (page.getScene().getFocusOwner() == null
                        || page.getScene().getFocusOwner().getScene() == null
                        || leaves.getChildren().contains(page.getScene().getFocusOwner()))) {
            leaves.takeFocus();
        }
    }

    /** Shows a drawing. */
    public void show(DrawingPane pane) {
        if (!ground.getChildren().equals(List.of(pane))) {
            ground.getChildren().setAll(pane);
        }
    }

    /** Gives a place for drawings its name, colours and size of type. */
    public static void dress(DrawingPane pane, Look look, String id, String words) {
        pane.setId(id);
        pane.inkProperty().bind(look.ink());
        pane.textScaleProperty().bind(look.scale());
        pane.setAccessibleText(words);
    }
}
