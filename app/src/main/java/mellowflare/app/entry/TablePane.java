package mellowflare.app.entry;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.IntConsumer;
import java.util.function.IntPredicate;
import javafx.css.PseudoClass;
import javafx.geometry.HPos;
import javafx.geometry.VPos;
import javafx.scene.AccessibleRole;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.Separator;
import javafx.scene.layout.ColumnConstraints;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.text.TextAlignment;
import mellowflare.core.table.FigureTable;
import mellowflare.core.table.FigureTable.Column;
import mellowflare.core.table.FigureTable.Row;

/** A table of figures: headings with units, figures right-aligned and whole, words that wrap, the sum ruled off. Cells stay while only their texts change. */
public final class TablePane extends GridPane {
    private static final PseudoClass OUT = PseudoClass.getPseudoClass("out");
    private static final PseudoClass CHOSEN = PseudoClass.getPseudoClass("chosen");

    /** Words of so few letters stand on one line. */
    private static final int BRIEF = 16;
    /** A column of longer words is not squeezed under this. */
    private static final double LEAST = 84;

    /** A heading over figures breaks between its words. */
    private static final double LEAST_HEAD = 40;

    private static final String HEAD = "table-head";

    private final List<Label> cells = new ArrayList<>();
    private List<Boolean> shape = List.of();
    private int rows = -1;
    private boolean summed;
    private FigureTable shown;
    private Optional<RowPress> pressed = Optional.empty();
    private final List<Button> presses = new ArrayList<>();

    /**
     * A press at the end of each row.
     *
     * @param word what stands on it
     * @param offered at which rows, from 0
     * @param chosen which row counts now
     * @param press takes the row
     */
    public record RowPress(String word, IntPredicate offered, IntPredicate chosen, IntConsumer press) {}

    public TablePane() {
        getStyleClass().add("figure-table");
        setHgap(10);
        setVgap(2);
        setAccessibleRole(AccessibleRole.TEXT);
    }

    /** A table whose rows can be taken. */
    public TablePane(RowPress press) {
        this();
        this.pressed = Optional.of(press);
    }

    /** Shows a table; the labels stay where it has as many rows and columns as before. */
    public void show(FigureTable table) {
        if (table.equals(shown)) {
            mark();
            return;
        }
        shown = table;
        List<Boolean> now = table.columns().stream().map(Column::figures).toList();
        if (!now.equals(shape)
                || rows != table.rows().size()
                || summed != table.sum().isPresent()) {
            shape = now;
            rows = table.rows().size();
            summed = table.sum().isPresent();
            lay();
        }
        fill(table);
        mark();
        setAccessibleText(table.spoken());
    }

    private void mark() {
        pressed.ifPresent(p -> {
            for (int r = 0; r < rows; r++) {
                boolean chosen = p.chosen().test(r);
                Button b = presses.get(r);
                b.setVisible(p.offered().test(r) && !chosen);
                b.setAccessibleText(Say.it(
                        "table-pane.press",
                        "word",
                        p.word(),
                        "row",
                        String.join(", ", shown.rows().get(r).cells())));
                for (int i = 0; i < shape.size(); i++) {
                    cells.get((r + 1) * shape.size() + i).pseudoClassStateChanged(CHOSEN, chosen);
                }
            }
        });
    }

    private void lay() {
        getChildren().clear();
        getColumnConstraints().clear();
        cells.clear();
        presses.clear();
        for (int i = 0; i < shape.size(); i++) {
            ColumnConstraints c = new ColumnConstraints();
            c.setHgrow(shape.get(i) ? Priority.NEVER : Priority.SOMETIMES);
            c.setHalignment(shape.get(i) ? HPos.RIGHT : HPos.LEFT);
            c.setMinWidth(Region.USE_COMPUTED_SIZE);
            getColumnConstraints().add(c);
        }
        int at = 0;
        row(at++, HEAD);
        add(new Separator(), 0, at++, shape.size(), 1);
        for (int r = 0; r < rows; r++) {
            row(at, "table-cell-text");
            press(r, at++);
        }
        if (summed) {
            add(new Separator(), 0, at++, shape.size(), 1);
            row(at, "table-sum");
        }
    }

    private void press(int row, int at) {
        pressed.ifPresent(p -> {
            Button b = Press.quiet(p.word(), () -> p.press().accept(row));
            GridPane.setValignment(b, VPos.TOP);
            presses.add(b);
            add(b, shape.size(), at);
        });
    }

    private void row(int at, String style) {
        for (int i = 0; i < shape.size(); i++) {
            boolean head = style.equals(HEAD);
            Label l = shape.get(i) && !head ? Text.figure("", style) : Text.of("", style);
            if (shape.get(i) && head) {
                l.setTextAlignment(TextAlignment.RIGHT);
                l.setMinWidth(LEAST_HEAD);
            }
            GridPane.setValignment(l, head ? VPos.BOTTOM : VPos.TOP);
            cells.add(l);
            add(l, i, at);
        }
    }

    private void fill(FigureTable table) {
        int wide = table.columns().size();
        for (int i = 0; i < wide; i++) {
            if (!shape.get(i)) {
                int at = i;
                boolean brief =
                        table.rows().stream().allMatch(r -> r.cells().get(at).length() <= BRIEF);
                getColumnConstraints().get(i).setMinWidth(brief ? Region.USE_PREF_SIZE : LEAST);
                for (int r = 0; r <= rows; r++) {
                    cells.get(r * wide + i).setWrapText(!brief);
                }
            }
        }
        for (int i = 0; i < wide; i++) {
            Column c = table.columns().get(i);
            cells.get(i)
                    .setText(
                            c.unit().isBlank()
                                    ? c.name()
                                    : Say.it("table-pane.head", "name", c.name(), "unit", c.unit()));
        }
        for (int r = 0; r < rows; r++) {
            Row row = table.rows().get(r);
            for (int i = 0; i < wide; i++) {
                Label l = cells.get((r + 1) * wide + i);
                l.setText(row.cells().get(i));
                l.pseudoClassStateChanged(OUT, row.out().contains(i));
            }
        }
        if (summed) {
            for (int i = 0; i < wide; i++) {
                cells.get((rows + 1) * wide + i)
                        .setText(table.sum().orElseThrow().get(i));
            }
        }
    }
}
