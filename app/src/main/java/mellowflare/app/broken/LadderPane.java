package mellowflare.app.broken;

import javafx.scene.control.Label;
import javafx.scene.layout.VBox;
import mellowflare.app.entry.Columns;
import mellowflare.app.entry.TablesPane;
import mellowflare.app.entry.Text;
import mellowflare.core.table.FigureTable;

/** The rungs, the gentlest first, with why one may not be tried; beside them the ladder against cutting back. */
final class LadderPane extends VBox {
    private final BrokenModel model;
    private final Label open = Text.of(Say.it("ladder-pane.say-how-it-stands"), "sum-says");
    private final TablesPane rungs = new TablesPane();
    private final TablesPane against = new TablesPane();

    LadderPane(BrokenModel model) {
        this.model = model;
        setId("broken-ladder");
        getChildren()
                .setAll(new Columns(
                        new double[] {64, 36},
                        new VBox(open, rungs),
                        new VBox(8, against, Text.of(Say.it("ladder-pane.replacement"), "sum-says"))));
    }

    void refresh() {
        boolean known = !model.c().attempts().isEmpty();
        open.setVisible(!known);
        open.setManaged(!known);
        rungs.show(model.tables(FigureTable.What.RUNGS));
        against.show(model.tables(FigureTable.What.COSTS));
    }
}
