package mellowflare.app.broken;

import javafx.scene.control.Label;
import javafx.scene.layout.VBox;
import mellowflare.app.entry.Columns;
import mellowflare.app.entry.Text;
import mellowflare.core.broken.work.Attempt;

/** The rungs, the gentlest first, with why one may not be tried; beside them the ladder against cutting back. */
final class LadderPane extends VBox {
    private final BrokenModel model;
    private final VBox rungs = new VBox(2);
    private final VBox against = new VBox(2);

    LadderPane(BrokenModel model) {
        this.model = model;
        setId("broken-ladder");
        VBox list = Text.under(Say.it("ladder-pane.rungs"), rungs);
        VBox compared = Text.under(Say.it("ladder-pane.against"), against);
        list.getStyleClass().add("tight");
        compared.getStyleClass().add("tight");
        getChildren().setAll(new Columns(new double[] {62, 38}, list, compared));
    }

    void refresh() {
        rungs.getChildren().clear();
        if (model.c().attempts().isEmpty()) {
            rungs.getChildren().add(wrapped(Say.it("ladder-pane.say-how-it-stands"), "sum-says"));
        }
        for (Attempt a : model.c().attempts()) {
            rungs.getChildren().add(wrapped(model.says(a), a.never() ? "caution" : "sum-says"));
        }
        against.getChildren()
                .setAll(
                        wrapped(
                                Say.it(
                                        "ladder-pane.ladder",
                                        "takes",
                                        model.compared(
                                                model.c().ladderMinutes(),
                                                model.c().ladderCost())),
                                "sum-says"),
                        wrapped(
                                Say.it(
                                        "ladder-pane.cut-back",
                                        "takes",
                                        model.compared(
                                                model.c().cutBackMinutes(),
                                                model.c().cutBackCost())),
                                "sum-says"),
                        wrapped(Say.it("ladder-pane.guesses"), "sum-says"),
                        wrapped(Say.it("ladder-pane.replacement"), "sum-says"));
    }

    private static Label wrapped(String text, String style) {
        Label label = Text.of(text, style);
        label.setWrapText(true);
        return label;
    }
}
