package mellowflare.app.entry;

import java.util.Arrays;
import javafx.scene.Node;

/** What is not there takes no room. */
public final class There {
    private There() {}

    /** Shows nodes, or takes them and their room away. */
    public static void show(boolean is, Node... nodes) {
        Arrays.stream(nodes).forEach(n -> {
            n.setVisible(is);
            n.setManaged(is);
        });
    }
}
