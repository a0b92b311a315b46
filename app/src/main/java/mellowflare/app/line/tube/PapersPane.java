package mellowflare.app.line.tube;

import javafx.scene.control.Button;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.VBox;
import mellowflare.app.entry.Columns;
import mellowflare.app.entry.Text;
import mellowflare.core.tube.TubeParts;

/** What the line is made of, and the papers and files that go along. */
final class PapersPane extends VBox {
    private final PapersModel model;
    private final VBox parts = new VBox(3);

    PapersPane(PapersModel model) {
        this.model = model;
        FlowPane papers = new FlowPane(
                4,
                2,
                quiet("bending template, true size (PDF)", model::template),
                quiet("parts list (CSV)", model::parts),
                quiet("tag with code (PDF)", model::tag));
        FlowPane files = new FlowPane(
                4,
                2,
                quiet("straights, rotations, bends (CSV)", model::lra),
                quiet("centre line and template (DXF)", model::dxf),
                quiet("drawing (SVG)", model::drawing));
        getChildren()
                .setAll(new Columns(
                        new double[] {46, 27, 27},
                        Text.under("Parts: ask for them by outside diameter and thread", parts),
                        Text.under(
                                "For the bench",
                                papers,
                                Text.of(
                                        "The template prints over as many sheets as it needs; its ruler shows whether the printer kept the size.",
                                        "soft")),
                        Text.under("For other programs", files)));
        refresh();
    }

    private static Button quiet(String word, Runnable action) {
        Button b = new Button(word);
        b.getStyleClass().setAll("quiet-action");
        b.setMinWidth(USE_PREF_SIZE);
        b.setOnAction(e -> action.run());
        return b;
    }

    void refresh() {
        Text.fill(parts, model.list().stream().map(PapersPane::words).toList(), "finding-remedy");
    }

    private static String words(TubeParts p) {
        return p.name() + ": " + p.amount();
    }
}
