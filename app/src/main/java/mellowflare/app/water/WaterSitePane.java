package mellowflare.app.water;

import java.util.List;
import javafx.scene.layout.VBox;
import mellowflare.app.entry.Columns;
import mellowflare.app.entry.EntryRow;
import mellowflare.app.entry.Questions;
import mellowflare.app.entry.Text;
import mellowflare.core.water.line.WaterLine;

/** Whether the water can be shut off, what may be done there, and what the water is like. */
final class WaterSitePane extends VBox {
    private final WaterModel model;
    private final Questions<WaterLine> questions;

    WaterSitePane(WaterModel model) {
        this.model = model;
        this.questions = new Questions<>(model::change);
        setId("water-site");
        VBox off = Text.under(
                Say.it("water-site-pane.before"),
                questions.asked(
                        "water-main", Say.it("water-site-pane.main"), WaterLine::mainHolds, WaterLine::withMainHolds),
                questions.asked(
                        "water-branch",
                        Say.it("water-site-pane.branch"),
                        WaterLine::branchFirm,
                        WaterLine::withBranchFirm),
                questions.asked(
                        "water-licensed",
                        Say.it("water-site-pane.licensed"),
                        WaterLine::licensed,
                        WaterLine::withLicensed));
        VBox may = Text.under(
                Say.it("water-site-pane.what-may-be"),
                questions.asked(
                        "water-flame",
                        Say.it("water-site-pane.flame"),
                        WaterLine::flameAllowed,
                        WaterLine::withFlameAllowed),
                questions.asked(
                        "water-flexible",
                        Say.it("water-site-pane.flexible"),
                        WaterLine::flexibleAllowed,
                        WaterLine::withFlexibleAllowed),
                questions.asked(
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

    void refresh() {
        questions.show(model.line());
    }
}
