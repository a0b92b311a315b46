package mellowflare.app.tee;

import java.util.List;
import javafx.scene.layout.VBox;
import mellowflare.app.entry.ChoiceRow;
import mellowflare.app.entry.Columns;
import mellowflare.app.entry.EntryRow;
import mellowflare.app.entry.FieldState;
import mellowflare.app.entry.Text;
import mellowflare.core.tee.stock.TeeFluid;
import mellowflare.core.tee.stock.TeeMethod;

/** What the line carries, how the tee is joined, and what was measured on both. */
final class TeeMeasurePane extends VBox {
    private final TeeModel model;
    private final ChoiceRow<TeeFluid> fluid;
    private final ChoiceRow<TeeMethod.Id> method;
    private final EntryRow goesIn;

    TeeMeasurePane(TeeModel model) {
        this.model = model;
        setId("tee-measure");
        fluid = new ChoiceRow<>(
                Say.it("tee-measure-pane.carries"),
                List.of(TeeFluid.values()),
                TeeFluid::word,
                f -> null,
                true,
                model::fluid);
        fluid.setId("tee-fluid");
        method = new ChoiceRow<>(
                Say.it("tee-measure-pane.joined"),
                List.of(TeeMethod.Id.values()),
                m -> model.c().stock().method(m).name(),
                m -> null,
                true,
                model::method);
        method.setId("tee-method");
        goesIn = row("tee-goes-in", Say.it("tee-measure-pane.goes-in"), "", model.goesIn());
        VBox line = Text.under(
                Say.it("tee-measure-pane.line"),
                fluid,
                method,
                row("tee-tube", Say.it("tee-measure-pane.tube"), "12", model.tube()));
        VBox tee = Text.under(
                Say.it("tee-measure-pane.tee"),
                row("tee-across", Say.it("tee-measure-pane.across"), "62", model.across()),
                goesIn,
                row("tee-union", Say.it("tee-measure-pane.union"), Say.it("tee-measure-pane.if-needed"), model.union()),
                row("tee-gap", Say.it("tee-measure-pane.gap"), Say.it("tee-measure-pane.still-whole"), model.gap()));
        VBox ends = Text.under(
                Say.it("tee-measure-pane.stubs"),
                row("tee-straight-a", Say.it("tee-measure-pane.straight-a"), "100", model.straightA()),
                row("tee-straight-b", Say.it("tee-measure-pane.straight-b"), "100", model.straightB()),
                row("tee-slack-a", Say.it("tee-measure-pane.slack-a"), "0", model.slackA()),
                row("tee-slack-b", Say.it("tee-measure-pane.slack-b"), "0", model.slackB()));
        for (VBox box : List.of(line, tee, ends)) {
            box.getStyleClass().add("tight");
        }
        getChildren().setAll(new Columns(new double[] {34, 33, 33}, line, tee, ends));
    }

    private static EntryRow row(String id, String word, String hint, FieldState<?> state) {
        EntryRow row = new EntryRow(word, hint, state);
        row.field().setId(id);
        return row;
    }

    void refresh() {
        fluid.show(model.line().fluid());
        method.show(model.line().method());
        goesIn.field().setPromptText(model.usuallyGoesIn());
    }
}
