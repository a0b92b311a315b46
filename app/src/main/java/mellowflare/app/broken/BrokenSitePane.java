package mellowflare.app.broken;

import java.util.List;
import javafx.scene.layout.VBox;
import mellowflare.app.entry.Columns;
import mellowflare.app.entry.Questions;
import mellowflare.app.entry.Text;
import mellowflare.core.broken.line.BrokenLine;

/** What is asked before anything is turned or heated. */
final class BrokenSitePane extends VBox {
    private final BrokenModel model;
    private final Questions<BrokenLine> questions;

    BrokenSitePane(BrokenModel model) {
        this.model = model;
        this.questions = new Questions<>(model::change);
        setId("broken-site");
        VBox turn = Text.under(
                Say.it("broken-site-pane.before-the-pull"),
                questions.asked(
                        "broken-isolated",
                        Say.it("broken-site-pane.isolated"),
                        BrokenLine::isolated,
                        BrokenLine::withIsolated),
                questions.asked(
                        "broken-branch",
                        Say.it("broken-site-pane.branch"),
                        BrokenLine::branchFirm,
                        BrokenLine::withBranchFirm),
                questions.asked(
                        "broken-licensed",
                        Say.it("broken-site-pane.licensed"),
                        BrokenLine::licensed,
                        BrokenLine::withLicensed));
        VBox heat = Text.under(
                Say.it("broken-site-pane.before-heat"),
                questions.asked(
                        "broken-filled", Say.it("broken-site-pane.filled"), BrokenLine::filled, BrokenLine::withFilled),
                questions.asked(
                        "broken-near", Say.it("broken-site-pane.near"), BrokenLine::near, BrokenLine::withNear));
        VBox place = Text.under(
                Say.it("broken-site-pane.the-place"),
                questions.asked("broken-room", Say.it("broken-site-pane.room"), BrokenLine::room, BrokenLine::withRoom),
                questions.asked(
                        "broken-power", Say.it("broken-site-pane.power"), BrokenLine::power, BrokenLine::withPower));
        for (VBox box : List.of(turn, heat, place)) {
            box.getStyleClass().add("tight");
        }
        getChildren().setAll(new Columns(new double[] {36, 34, 30}, turn, heat, place));
    }

    void refresh() {
        questions.show(model.line());
    }
}
