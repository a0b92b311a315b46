package mellowflare.app.tube;

import javafx.scene.layout.VBox;
import mellowflare.app.entry.Columns;
import mellowflare.app.entry.TablesPane;
import mellowflare.app.entry.Text;
import mellowflare.app.line.PaperPresses;

/** What the line is made of, and the papers and files that go along. */
final class PapersPane extends VBox {
    private final PapersModel model;
    private final TablesPane parts = new TablesPane();

    PapersPane(PapersModel model) {
        this.model = model;
        getChildren()
                .setAll(new Columns(
                        new double[] {56, 44},
                        parts,
                        Text.under(
                                Say.it("papers-pane.for-bench-for-other"),
                                new PaperPresses(model.papers(), model::write),
                                Text.of(Say.it("papers-pane.the-template-prints-over"), "soft"))));
        refresh();
    }

    void refresh() {
        parts.show(model.tables());
    }
}
