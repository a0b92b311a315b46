package mellowflare.app.tube;

import javafx.scene.layout.VBox;
import mellowflare.app.entry.Columns;
import mellowflare.app.entry.Text;
import mellowflare.app.line.PaperPresses;
import mellowflare.core.tube.TubeParts;

/** What the line is made of, and the papers and files that go along. */
final class PapersPane extends VBox {
    private final PapersModel model;
    private final VBox parts = new VBox(3);

    PapersPane(PapersModel model) {
        this.model = model;
        getChildren()
                .setAll(new Columns(
                        new double[] {56, 44},
                        Text.under(Say.it("papers-pane.parts-ask-for-them"), parts),
                        Text.under(
                                Say.it("papers-pane.for-bench-for-other"),
                                new PaperPresses(model.papers(), model::write),
                                Text.of(Say.it("papers-pane.the-template-prints-over"), "soft"))));
        refresh();
    }

    void refresh() {
        Text.fill(parts, model.list().stream().map(PapersPane::words).toList(), "finding-remedy");
    }

    private static String words(TubeParts p) {
        return p.name() + ": " + p.amount();
    }
}
