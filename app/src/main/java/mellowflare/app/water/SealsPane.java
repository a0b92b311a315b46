package mellowflare.app.water;

import javafx.scene.layout.VBox;
import mellowflare.app.entry.TablesPane;
import mellowflare.core.table.FigureTable;

/** Every seal of the set that counts, in order from the pipe, and its parts. */
final class SealsPane extends VBox {
    private final WaterModel model;
    private final TablesPane tables = new TablesPane();

    SealsPane(WaterModel model) {
        this.model = model;
        setId("water-seals");
        getChildren().setAll(SetsPane.scrolled(new VBox(tables)));
    }

    void refresh() {
        tables.show(model.plan().tables().stream()
                .filter(t -> t.what() == FigureTable.What.SEALS || t.what() == FigureTable.What.PARTS)
                .toList());
    }
}
