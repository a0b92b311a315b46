package mellowflare.app.tee;

import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Optional;
import java.util.function.BiFunction;
import java.util.function.Function;
import javafx.scene.layout.VBox;
import mellowflare.app.entry.Answers;
import mellowflare.app.entry.ChoiceRow;
import mellowflare.app.entry.Columns;
import mellowflare.app.entry.Text;
import mellowflare.core.tee.line.TeeLine;

/** What is asked before the first cut. */
final class TeeSitePane extends VBox {
    private final TeeModel model;
    private final Map<ChoiceRow<Boolean>, Function<TeeLine, Optional<Boolean>>> answers = new LinkedHashMap<>();

    TeeSitePane(TeeModel model) {
        this.model = model;
        setId("tee-site");
        VBox dead = Text.under(
                Say.it("tee-site-pane.before"),
                asked("tee-isolated", Say.it("tee-site-pane.isolated"), TeeLine::isolated, TeeLine::withIsolated),
                asked("tee-plug", Say.it("tee-site-pane.plug"), TeeLine::plugged, TeeLine::withPlugged));
        VBox who = Text.under(
                Say.it("tee-site-pane.who-and-where"),
                asked("tee-licensed", Say.it("tee-site-pane.licensed"), TeeLine::licensed, TeeLine::withLicensed),
                asked("tee-room", Say.it("tee-site-pane.room"), TeeLine::room, TeeLine::withRoom));
        dead.getStyleClass().add("tight");
        who.getStyleClass().add("tight");
        getChildren().setAll(new Columns(new double[] {50, 50}, dead, who));
    }

    private VBox asked(
            String id,
            String question,
            Function<TeeLine, Optional<Boolean>> is,
            BiFunction<TeeLine, Optional<Boolean>, TeeLine> with) {
        ChoiceRow<Boolean> row = Answers.yesNo(id, "", told -> model.change(question, l -> with.apply(l, told)));
        row.setAccessibleText(question);
        answers.put(row, is);
        return Answers.asked(question, row);
    }

    void refresh() {
        answers.forEach((row, is) -> row.show(is.apply(model.line())));
    }
}
