package mellowflare.app.pipe;

import javafx.geometry.HPos;
import javafx.scene.control.Label;
import javafx.scene.layout.ColumnConstraints;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import mellowflare.app.entry.Columns;
import mellowflare.app.entry.Text;
import mellowflare.app.line.PaperPresses;
import mellowflare.core.measure.LengthFormat;
import mellowflare.core.pipe.line.PipePart;

/** What the line is made of, and the papers and files that go along. */
final class PapersPane extends VBox {
    private final PipeModel model;
    private final GridPane parts = new GridPane();

    PapersPane(PipeModel model) {
        this.model = model;
        parts.setHgap(12);
        parts.getStyleClass().add("readings");
        for (int i = 0; i < 4; i++) {
            ColumnConstraints c = new ColumnConstraints();
            c.setHgrow(i == 1 ? Priority.ALWAYS : Priority.NEVER);
            if (i != 1) {
                c.setHalignment(HPos.RIGHT);
            }
            parts.getColumnConstraints().add(c);
        }
        getChildren()
                .setAll(new Columns(
                        new double[] {60, 40},
                        Text.under(Say.it("papers-pane.parts"), parts),
                        Text.under(Say.it("papers-pane.papers"), new PaperPresses(model.papers(), model::write))));
    }

    void refresh() {
        parts.getChildren().clear();
        parts.addRow(
                0,
                Text.of(Say.it("papers-pane.amount"), "soft"),
                Text.of(Say.it("papers-pane.part"), "soft"),
                Text.of(Say.it("papers-pane.each"), "soft"),
                Text.of(Say.it("papers-pane.price"), "soft"));
        double all = 0;
        int at = 1;
        for (PipePart p : model.c().partsList()) {
            parts.addRow(
                    at++,
                    figure(LengthFormat.decimal(p.count(), 2, 0) + (p.metres() ? " m" : "")),
                    Text.of(p.name(), "sum-says"),
                    figure(p.each().map(e -> LengthFormat.decimal(e, 2, 2)).orElse("–")),
                    figure(p.price().map(e -> LengthFormat.decimal(e, 2, 2)).orElse("–")));
            all += p.price().orElse(0.0);
        }
        Label sum = figure(LengthFormat.decimal(all, 2, 2));
        sum.getStyleClass().add("sum-begins");
        parts.add(Text.of(Say.it("papers-pane.together"), "soft"), 1, at);
        parts.add(sum, 3, at);
    }

    private static Label figure(String text) {
        return Text.figure(text);
    }
}
