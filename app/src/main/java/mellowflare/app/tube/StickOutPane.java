package mellowflare.app.tube;

import java.util.Optional;
import javafx.geometry.HPos;
import javafx.scene.control.Label;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.VBox;
import mellowflare.app.entry.Text;
import mellowflare.core.measure.Length;
import mellowflare.core.measure.LengthFormat;
import mellowflare.core.tube.flare.StickOutTable;

/** How far tube stands out of each tool, to be read at the bench. */
final class StickOutPane extends VBox {
    private final OwnToolModel model;
    private final GridPane grid = new GridPane();
    private final Label note = Text.of("", "soft");

    StickOutPane(OwnToolModel model) {
        super(8);
        this.model = model;
        grid.setHgap(22);
        grid.setVgap(3);
        getChildren().setAll(grid, note);
    }

    void refresh() {
        grid.getChildren().clear();
        Optional<StickOutTable> table = model.table().filter(t -> !t.rows().isEmpty());
        note.setText(
                table.isEmpty()
                        ? Say.it("stick-out-pane.no-table-for-this")
                        : Say.it("stick-out-pane.out-bar-or-die", "part", classes(table.get()) ? "yes" : "no"));
        table.ifPresent(this::fill);
    }

    private static boolean classes(StickOutTable t) {
        return t.columns().stream().anyMatch(c -> c.refrigerantClass().isPresent());
    }

    private void fill(StickOutTable t) {
        grid.add(Text.of(Say.it("stick-out-pane.tube"), "soft"), 0, 0);
        for (int i = 0; i < t.columns().size(); i++) {
            StickOutTable.Column c = t.columns().get(i);
            Label head = Text.of(
                    c.refrigerantClass()
                            .map(x -> Say.it("stick-out-pane.class", "name", c.name(), "class", x))
                            .orElse(c.name()),
                    "soft");
            head.setMaxWidth(120);
            head.setWrapText(true);
            grid.add(head, i + 1, 0);
            GridPane.setHalignment(head, HPos.RIGHT);
        }
        for (int r = 0; r < t.rows().size(); r++) {
            StickOutTable.Row row = t.rows().get(r);
            boolean ours = model.outside().filter(row.outside()::equals).isPresent();
            String style = ours ? "finding-says" : "finding-brief";
            grid.add(Text.of(LengthFormat.figure(row.outside(), model.units()), style), 0, r + 1);
            for (int i = 0; i < row.stickOut().size(); i++) {
                Label cell = Text.of(
                        row.stickOut().get(i).map(this::figure).orElse("–"), ours ? style : "answer-share-small");
                grid.add(cell, i + 1, r + 1);
                GridPane.setHalignment(cell, HPos.RIGHT);
            }
        }
    }

    private String figure(Length l) {
        return LengthFormat.figure(l, model.units());
    }
}
