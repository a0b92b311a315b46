package mellowflare.app.broken;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.BiFunction;
import java.util.function.Function;
import javafx.scene.layout.VBox;
import mellowflare.app.entry.Answers;
import mellowflare.app.entry.ChoiceRow;
import mellowflare.app.entry.Columns;
import mellowflare.app.entry.Text;
import mellowflare.core.broken.line.BrokenLine;

/** What is asked before anything is turned or heated. */
final class BrokenSitePane extends VBox {
    private final BrokenModel model;
    private final Map<ChoiceRow<Boolean>, Function<BrokenLine, Optional<Boolean>>> answers = new LinkedHashMap<>();

    BrokenSitePane(BrokenModel model) {
        this.model = model;
        setId("broken-site");
        VBox turn = Text.under(
                Say.it("broken-site-pane.before-the-pull"),
                asked(
                        "broken-isolated",
                        Say.it("broken-site-pane.isolated"),
                        BrokenLine::isolated,
                        BrokenLine::withIsolated),
                asked(
                        "broken-branch",
                        Say.it("broken-site-pane.branch"),
                        BrokenLine::branchFirm,
                        BrokenLine::withBranchFirm),
                asked(
                        "broken-licensed",
                        Say.it("broken-site-pane.licensed"),
                        BrokenLine::licensed,
                        BrokenLine::withLicensed));
        VBox heat = Text.under(
                Say.it("broken-site-pane.before-heat"),
                asked("broken-filled", Say.it("broken-site-pane.filled"), BrokenLine::filled, BrokenLine::withFilled),
                asked("broken-near", Say.it("broken-site-pane.near"), BrokenLine::near, BrokenLine::withNear));
        VBox place = Text.under(
                Say.it("broken-site-pane.the-place"),
                asked("broken-room", Say.it("broken-site-pane.room"), BrokenLine::room, BrokenLine::withRoom),
                asked("broken-power", Say.it("broken-site-pane.power"), BrokenLine::power, BrokenLine::withPower));
        for (VBox box : List.of(turn, heat, place)) {
            box.getStyleClass().add("tight");
        }
        getChildren().setAll(new Columns(new double[] {36, 34, 30}, turn, heat, place));
    }

    private VBox asked(
            String id,
            String question,
            Function<BrokenLine, Optional<Boolean>> is,
            BiFunction<BrokenLine, Optional<Boolean>, BrokenLine> with) {
        ChoiceRow<Boolean> row = Answers.yesNo(id, "", told -> model.change(question, l -> with.apply(l, told)));
        row.setAccessibleText(question);
        answers.put(row, is);
        return Answers.asked(question, row);
    }

    void refresh() {
        answers.forEach((row, is) -> row.show(is.apply(model.line())));
    }
}
