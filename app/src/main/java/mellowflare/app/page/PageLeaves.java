package mellowflare.app.page;

import java.util.List;
import javafx.scene.Node;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.BorderPane;

/** A place of several pages: words along the top turn to each. */
public final class PageLeaves implements Page {
    private final BorderPane frame = new BorderPane();
    private final List<Page> pages;
    private final LeafRow leaves;
    private int open;

    /**
     * @param names stable names of the pages
     * @param words as shown
     * @param pages as many
     */
    public PageLeaves(List<String> names, List<String> words, List<Page> pages) {
        this.pages = List.copyOf(pages);
        this.leaves = new LeafRow(names, words, this::turn);
        frame.setTop(leaves);
        frame.addEventFilter(KeyEvent.KEY_PRESSED, leaves::key);
        lay(0);
    }

    private void lay(int to) {
        open = to;
        leaves.show(to);
        frame.setCenter(pages.get(to).node());
    }

    /** Turns to a page. */
    public void turn(int to) {
        lay(to);
        // Fields can take the focus once they stand in the scene.
        frame.applyCss();
        frame.layout();
        pages.get(to).opened();
    }

    @Override
    public Node node() {
        return frame;
    }

    @Override
    public void opened() {
        pages.get(open).opened();
    }

    @Override
    public void act() {
        pages.get(open).act();
    }
}
