package mellowflare.app.water;

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
import mellowflare.app.entry.EntryRow;
import mellowflare.app.entry.Text;
import mellowflare.core.water.line.WaterLine;

/** Whether the water can be shut off, what may be done there, and what the water is like. */
final class WaterSitePane extends VBox {
    private final WaterModel model;
    private final Map<ChoiceRow<Boolean>, Function<WaterLine, Optional<Boolean>>> answers = new LinkedHashMap<>();

    WaterSitePane(WaterModel model) {
        this.model = model;
        setId("water-site");
        VBox off = Text.under(
                Say.it("water-site-pane.before"),
                asked("water-main", Say.it("water-site-pane.main"), WaterLine::mainHolds, WaterLine::withMainHolds),
                asked(
                        "water-branch",
                        Say.it("water-site-pane.branch"),
                        WaterLine::branchFirm,
                        WaterLine::withBranchFirm),
                asked(
                        "water-licensed",
                        Say.it("water-site-pane.licensed"),
                        WaterLine::licensed,
                        WaterLine::withLicensed));
        VBox may = Text.under(
                Say.it("water-site-pane.what-may-be"),
                asked(
                        "water-flame",
                        Say.it("water-site-pane.flame"),
                        WaterLine::flameAllowed,
                        WaterLine::withFlameAllowed),
                asked(
                        "water-flexible",
                        Say.it("water-site-pane.flexible"),
                        WaterLine::flexibleAllowed,
                        WaterLine::withFlexibleAllowed),
                asked(
                        "water-approved",
                        Say.it("water-site-pane.approved"),
                        WaterLine::approved,
                        WaterLine::withApproved));
        EntryRow pressure = new EntryRow(Say.it("water-site-pane.pressure"), "4", model.pressure());
        EntryRow warmest = new EntryRow(Say.it("water-site-pane.warmest"), "15", model.warmest());
        VBox water = Text.under(Say.it("water-site-pane.water"), pressure, warmest);
        for (VBox box : List.of(off, may, water)) {
            box.getStyleClass().add("tight");
        }
        getChildren().setAll(new Columns(new double[] {36, 36, 28}, off, may, water));
    }

    private VBox asked(
            String id,
            String question,
            Function<WaterLine, Optional<Boolean>> is,
            BiFunction<WaterLine, Optional<Boolean>, WaterLine> with) {
        ChoiceRow<Boolean> row = Answers.yesNo(id, "", told -> model.change(question, l -> with.apply(l, told)));
        row.setAccessibleText(question);
        answers.put(row, is);
        return Answers.asked(question, row);
    }

    void refresh() {
        answers.forEach((row, is) -> row.show(is.apply(model.line())));
    }
}
