package mellowflare.app.entry;

import javafx.scene.layout.HBox;
import javafx.scene.layout.Region;

/** A short bar of which a share is filled. */
public final class ShareBar extends HBox {
    /**
     * @param share 0 to 1
     * @param whole length of the whole bar, on the screen
     */
    public ShareBar(double share, double whole) {
        Region bar = new Region();
        bar.getStyleClass().add("bar-part");
        bar.setPrefWidth(whole * share);
        bar.setMaxWidth(whole * share);
        getChildren().setAll(bar);
        getStyleClass().add("bar-ground");
        setMaxWidth(whole);
    }
}
