package mellowflare.app.page;

import javafx.scene.Node;
import mellowflare.core.advice.Subject;

/** One place of the window. */
public interface Page {

    /** What fills the page. */
    Node node();

    /** Called when the place is opened: shows how things stand, and puts the focus where the fitter starts. */
    void opened();

    /** Whether the page lies open; a page that does not has nothing to redraw. */
    default boolean isOpen() {
        return node().getScene() != null;
    }

    /** Opens the tab on which a part of the line is worked on. */
    default void lead(Subject part) {}

    /** The place's main key action, Ctrl+Enter. */
    default void act() {}
}
