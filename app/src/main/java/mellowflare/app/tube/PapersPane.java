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
                        Text.under("Parts: ask for them by outside diameter and thread", parts),
                        Text.under(
                                "For the bench, and for other programs",
                                new PaperPresses(model.papers(), model::write),
                                Text.of(
                                        "The template prints over as many sheets as it needs; its ruler shows whether the printer kept the size.",
                                        "soft"))));
        refresh();
    }

    void refresh() {
        Text.fill(parts, model.list().stream().map(PapersPane::words).toList(), "finding-remedy");
    }

    private static String words(TubeParts p) {
        return p.name() + ": " + p.amount();
    }
}
