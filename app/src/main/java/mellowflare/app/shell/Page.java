package mellowflare.app.shell;

import javafx.scene.Node;

/** One place of the window. */
public interface Page {

    /** What fills the page. */
    Node node();

    /** Called when the place is opened, to put the focus where the fitter starts. */
    void opened();

    /** The place's main key action, Ctrl+Enter. */
    default void act() {}
}
