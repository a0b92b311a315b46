package mellowflare.app.entry;

import java.util.List;
import javafx.geometry.VPos;
import javafx.scene.control.Label;
import javafx.scene.layout.ColumnConstraints;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.VBox;

/** Columns side by side that share the width; where it is too narrow for the size of type they stand below each other instead. */
public final class Columns extends GridPane {
    /** What a column needs at the least, in widths of the type. */
    private static final double LEAST_EM = 14.5;

    private final List<VBox> columns;
    private final double[] shares;
    private final Label type = new Label();
    private Boolean beside;

    /**
     * @param shares parts of a hundred of the width
     * @param columns one for each share
     */
    public Columns(double[] shares, VBox... columns) {
        this.columns = List.of(columns);
        this.shares = shares.clone();
        setHgap(26);
        setVgap(10);
        getStyleClass().add("narrow");
        type.setManaged(false);
        type.setVisible(false);
        for (VBox c : columns) {
            c.setMinWidth(0);
            GridPane.setValignment(c, VPos.TOP);
        }
        widthProperty().addListener((o, was, now) -> lay());
        type.fontProperty().addListener((o, was, now) -> lay());
        lay();
    }

    private void lay() {
        boolean wide =
                getWidth() == 0 || getWidth() >= LEAST_EM * type.getFont().getSize() * columns.size();
        if (beside != null && beside == wide) {
            return;
        }
        beside = wide;
        getChildren().setAll(type);
        getColumnConstraints().clear();
        for (int i = 0; i < (wide ? columns.size() : 1); i++) {
            ColumnConstraints c = new ColumnConstraints();
            c.setPercentWidth(wide ? shares[i] : 100);
            getColumnConstraints().add(c);
        }
        for (int i = 0; i < columns.size(); i++) {
            add(columns.get(i), wide ? i : 0, wide ? 0 : i);
        }
    }
}
