package mellowflare.app.tee;

import javafx.scene.layout.VBox;
import mellowflare.app.entry.Columns;
import mellowflare.app.entry.Questions;
import mellowflare.app.entry.Text;
import mellowflare.core.tee.line.TeeLine;

/** What is asked before the first cut. */
final class TeeSitePane extends VBox {
    private final TeeModel model;
    private final Questions<TeeLine> questions;

    TeeSitePane(TeeModel model) {
        this.model = model;
        this.questions = new Questions<>(model::change);
        setId("tee-site");
        VBox dead = Text.under(
                Say.it("tee-site-pane.before"),
                questions.asked(
                        "tee-isolated", Say.it("tee-site-pane.isolated"), TeeLine::isolated, TeeLine::withIsolated),
                questions.asked("tee-plug", Say.it("tee-site-pane.plug"), TeeLine::plugged, TeeLine::withPlugged));
        VBox who = Text.under(
                Say.it("tee-site-pane.who-and-where"),
                questions.asked(
                        "tee-licensed", Say.it("tee-site-pane.licensed"), TeeLine::licensed, TeeLine::withLicensed),
                questions.asked("tee-room", Say.it("tee-site-pane.room"), TeeLine::room, TeeLine::withRoom));
        dead.getStyleClass().add("tight");
        who.getStyleClass().add("tight");
        getChildren().setAll(new Columns(new double[] {50, 50}, dead, who));
    }

    void refresh() {
        questions.show(model.line());
    }
}
