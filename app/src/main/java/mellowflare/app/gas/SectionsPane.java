package mellowflare.app.gas;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import mellowflare.app.entry.EntryRow;
import mellowflare.app.entry.Press;
import mellowflare.app.entry.TablesPane;
import mellowflare.app.entry.Text;
import mellowflare.core.gas.GasTables;
import mellowflare.core.gas.net.CheapestSizes;
import mellowflare.core.measure.LengthFormat;

/** Every stretch with its load, what the code's methods let it carry, and what it loses; over it the cheapest sizes that serve. */
final class SectionsPane extends VBox {
    private final GasModel model;
    private final SizeSearch search;
    private final TablesPane table = new TablesPane();
    private final Label says = Text.of("", "finding-remedy");
    private final Button take;

    SectionsPane(GasModel model, SizeSearch search) {
        super(6);
        this.model = model;
        this.search = search;
        setId("gas-sizes");
        EntryRow drop = new EntryRow(
                Say.it("sections-pane.drop"),
                Say.it("sections-pane.by-code"),
                model.fields().drop());
        drop.field().setId("gas-drop");
        drop.setMinWidth(290);
        drop.setMaxWidth(290);
        take = Press.quiet(Say.it("sections-pane.take"), () -> search.found().ifPresent(model::take));
        take.setId("gas-take-sizes");
        HBox head = new HBox(12, drop, take, says);
        head.setAlignment(Pos.CENTER_LEFT);
        says.setWrapText(true);
        HBox.setHgrow(says, Priority.ALWAYS);
        getChildren().setAll(head, table);
    }

    void refresh() {
        search.search(model.c());
        Optional<CheapestSizes.Found> found = search.found();
        take.setDisable(found.isEmpty() || found.get().sizes().isEmpty());
        says.setText(says(found));
        table.show(List.of(GasTables.sizing(
                model.c(), found.map(CheapestSizes.Found::sizes).orElse(Map.of()))));
    }

    private String says(Optional<CheapestSizes.Found> found) {
        if (model.c().net().isEmpty()) {
            return Say.it("sections-pane.nothing-flows");
        }
        if (search.searching()) {
            return Say.it("sections-pane.searching");
        }
        if (found.isEmpty()) {
            return Say.it("sections-pane.none-serves");
        }
        CheapestSizes.Found f = found.get();
        if (f.price() == 0) {
            return Say.it("sections-pane.as-it-is");
        }
        String price = LengthFormat.decimal(f.price(), 0, 0);
        return f.proven()
                ? Say.it("sections-pane.cheapest", "price", price)
                : Say.it("sections-pane.cheap", "price", price);
    }
}
