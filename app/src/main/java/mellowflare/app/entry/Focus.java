package mellowflare.app.entry;

import java.util.ArrayList;
import java.util.List;
import javafx.geometry.Bounds;
import javafx.scene.Node;
import javafx.scene.Parent;
import javafx.scene.control.ScrollPane;
import javafx.scene.control.TextInputControl;

/** Moves the focus in the fitter's order. */
public final class Focus {
    private Focus() {}

    /** From a field to the next field of the window that takes text, as a caliper with a keyboard plug expects. */
    public static void next(Node from) {
        List<Node> fields = new ArrayList<>();
        gather(from.getScene().getRoot(), fields);
        int at = fields.indexOf(from);
        if (at >= 0 && at + 1 < fields.size()) {
            fields.get(at + 1).requestFocus();
        }
    }

    /** On the field of that id, if it stands in the window, rolled into view. */
    public static void on(Node root, String id) {
        Node node = root.lookup("#" + id);
        if (node == null) {
            return;
        }
        Node taker = node.isFocusTraversable() ? node : first(node);
        taker.requestFocus();
        for (Parent p = node.getParent(); p != null; p = p.getParent()) {
            if (p instanceof ScrollPane scroll) {
                roll(scroll, node);
            }
        }
    }

    private static Node first(Node node) {
        if (node instanceof Parent p) {
            for (Node child : p.getChildrenUnmodifiable()) {
                Node found = child.isFocusTraversable() ? child : first(child);
                if (found.isFocusTraversable()) {
                    return found;
                }
            }
        }
        return node;
    }

    private static void roll(ScrollPane scroll, Node to) {
        Bounds all = scroll.getContent().getBoundsInLocal();
        Bounds at = scroll.getContent().sceneToLocal(to.localToScene(to.getBoundsInLocal()));
        double room = all.getHeight() - scroll.getViewportBounds().getHeight();
        if (room > 0) {
            double top = at.getMinY() - scroll.getViewportBounds().getHeight() / 3;
            scroll.setVvalue(Math.max(0, Math.min(1, top / room)));
        }
    }

    private static void gather(Parent parent, List<Node> fields) {
        for (Node node : parent.getChildrenUnmodifiable()) {
            if (!node.isVisible()) {
                continue;
            }
            if (node instanceof TextInputControl && node.isFocusTraversable() && !node.isDisabled()) {
                fields.add(node);
            } else if (node instanceof Parent p) {
                gather(p, fields);
            }
        }
    }
}
