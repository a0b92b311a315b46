package mellowflare.app.entry;

import java.util.ArrayList;
import java.util.List;
import javafx.scene.Node;
import javafx.scene.Parent;
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
