package mellowflare.app.pipe;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import javafx.geometry.HPos;
import javafx.scene.control.Label;
import javafx.scene.layout.ColumnConstraints;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import mellowflare.app.entry.Text;
import mellowflare.core.measure.LengthFormat;
import mellowflare.core.measure.UnitSystem;
import mellowflare.core.pipe.line.PipeCase;
import mellowflare.core.pipe.offset.SumLine;
import mellowflare.core.pipe.offset.SumRow;

/** The worked sum of an offset: every line in its place, exact beside shop value. Only texts change, nothing moves. */
final class SumPane extends VBox {
    private static final int COLUMNS = 4;

    private final PipeModel model;
    private final List<Label[]> lines = new ArrayList<>();
    private final Label exact = Text.of("", "soft");
    private final Label shop = Text.of("", "soft");
    private final Label straight = Text.of("", "soft");

    SumPane(PipeModel model) {
        super(2);
        this.model = model;
        setId("sum-sheet");
        getStyleClass().add("sum-beside");
        exact.setWrapText(false);
        shop.setWrapText(false);
        GridPane table = new GridPane();
        table.getStyleClass().add("sum-sheet");
        for (int i = 0; i < COLUMNS; i++) {
            ColumnConstraints c = new ColumnConstraints();
            if (i > 1) {
                c.setHalignment(HPos.RIGHT);
                c.setMinWidth(Region.USE_PREF_SIZE);
            }
            c.setHgrow(i == 1 ? Priority.ALWAYS : Priority.NEVER);
            table.getColumnConstraints().add(c);
        }
        table.addRow(0, Text.of(Say.it("sum-pane.the-sum"), "small-heading"), Text.of("", "soft"), exact, shop);
        for (SumRow row : SumRow.values()) {
            Label[] cells = {
                Text.of("", row.cut() ? "sum-cut" : "sum-says"),
                Text.of("", "soft", "sum-worked"),
                Text.figure(""),
                Text.figure("", "sum-shop")
            };
            for (Label cell : cells) {
                cell.setWrapText(false);
                cell.setMaxWidth(Double.MAX_VALUE);
                if (row.begins()) {
                    cell.getStyleClass().add("sum-begins");
                }
            }
            lines.add(cells);
            table.addRow(1 + row.ordinal(), cells);
        }
        straight.setWrapText(true);
        getChildren().setAll(table, straight);
    }

    void refresh() {
        UnitSystem u = model.units();
        String unit = u == UnitSystem.METRIC ? "mm" : "in";
        exact.setText(Say.it("sum-pane.exact", "unit", unit));
        shop.setText(Say.it("sum-pane.shop", "unit", unit));
        List<SumLine> sheet = model.c().sheet();
        for (int i = 0; i < lines.size(); i++) {
            Label[] cells = lines.get(i);
            Optional<SumLine> line = i < sheet.size() ? Optional.of(sheet.get(i)) : Optional.empty();
            cells[0].setText(line.map(SumLine::says).orElse(""));
            cells[1].setText(line.map(SumLine::worked).orElse(""));
            cells[2].setText(line.map(l -> l.exactText(u)).orElse(""));
            cells[3].setText(line.map(l -> l.shopText(u)).orElse(""));
        }
        straight.setText(model.c().beside().map(SumPane::beside).orElse(""));
    }

    private static String beside(PipeCase.Beside b) {
        return Say.it(
                "sum-pane.straight",
                "pieces",
                b.straight().pieces(),
                "joints",
                b.straight().joints(),
                "minutes",
                LengthFormat.decimal(b.straight().minutes(), 0, 0),
                "price",
                LengthFormat.decimal(b.straight().price(), 2, 2),
                "offsetPieces",
                b.offset().pieces(),
                "offsetJoints",
                b.offset().joints(),
                "offsetMinutes",
                LengthFormat.decimal(b.offset().minutes(), 0, 0),
                "offsetPrice",
                LengthFormat.decimal(b.offset().price(), 2, 2));
    }
}
