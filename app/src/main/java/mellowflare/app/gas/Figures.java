package mellowflare.app.gas;

import java.util.List;
import javafx.geometry.HPos;
import javafx.scene.control.Label;
import javafx.scene.layout.ColumnConstraints;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import mellowflare.app.entry.Text;

/** A table of figures: heads over it, the first columns words, the others figures that stand right and never break. */
final class Figures extends GridPane {
    private final int words;
    private List<List<String>> shown = List.of();

    /** Which cells stand out. */
    interface Marked {
        boolean is(int row, int column);
    }

    /**
     * @param heads of all columns
     * @param words how many columns from the left hold words
     */
    Figures(List<String> heads, int words) {
        this.words = words;
        getStyleClass().add("readings");
        setHgap(12);
        setVgap(2);
        for (int i = 0; i < heads.size(); i++) {
            ColumnConstraints c = new ColumnConstraints();
            c.setHgrow(i == 0 ? Priority.ALWAYS : Priority.NEVER);
            if (i > 0) {
                c.setMinWidth(Region.USE_PREF_SIZE);
            }
            if (i >= words) {
                c.setHalignment(HPos.RIGHT);
            }
            getColumnConstraints().add(c);
            Label head = Text.of(heads.get(i), "soft");
            if (i >= words) {
                head.setWrapText(false);
            }
            add(head, i, 0);
        }
    }

    /** Shows rows; those that are the same as before are left. */
    void show(List<List<String>> rows, Marked stands) {
        if (rows.equals(shown)) {
            return;
        }
        shown = rows;
        int columns = getColumnConstraints().size();
        getChildren().remove(columns, getChildren().size());
        for (int r = 0; r < rows.size(); r++) {
            for (int i = 0; i < columns; i++) {
                Label cell = i < words
                        ? Text.of(rows.get(r).get(i), "sum-says")
                        : Text.figure(rows.get(r).get(i));
                if (stands.is(r, i)) {
                    cell.getStyleClass().add("figure-stop");
                }
                add(cell, i, r + 1);
            }
        }
    }
}
