package mellowflare.app.hose;

import java.util.List;
import java.util.Optional;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import mellowflare.app.entry.Columns;
import mellowflare.app.entry.EntryRow;
import mellowflare.app.entry.ShareBar;
import mellowflare.app.entry.TablesPane;
import mellowflare.app.entry.Text;
import mellowflare.core.advice.Figure;
import mellowflare.core.hose.line.Repair;
import mellowflare.core.hose.line.ToleranceBudget;
import mellowflare.core.measure.LengthFormat;

/** How long the hose is made: the three methods side by side, the chance that it fits, and a cut-out repair. */
final class LengthPane extends VBox {
    private static final double BAR = 150;
    private final LengthModel model;
    private final VBox ways = new VBox(4);
    private final TablesPane sum = new TablesPane();
    private final VBox budget = new VBox(3);
    private final VBox repairs = new VBox(4);

    LengthPane(LengthModel model) {
        this.model = model;
        EntryRow old = new EntryRow(Say.it("length-pane.old-hose"), Say.it("length-pane.as-lay"), model.old());
        old.field().setId("old-hose");
        EntryRow laid = new EntryRow(Say.it("length-pane.bare-hose"), Say.it("length-pane.as-marked"), model.laid());
        laid.field().setId("laid-out");
        EntryRow damaged =
                new EntryRow(Say.it("length-pane.damaged-piece"), Say.it("length-pane.cut-out"), model.damaged());
        damaged.field().setId("damaged");
        model.damaged().valueProperty().addListener((o, was, now) -> repairs());
        getChildren()
                .setAll(new Columns(
                        new double[] {36, 30, 34},
                        Text.under(
                                Say.it("length-pane.how-long-three-methods"),
                                ways,
                                laid,
                                old,
                                new EntryRow(Say.it("length-pane.allowance"), "2 in 100", model.allowance())),
                        new VBox(10, sum, Text.under(Say.it("length-pane.does-come-out-right"), budget)),
                        Text.under(Say.it("length-pane.repair-instead-cut-damage"), damaged, repairs)));
        refresh();
    }

    void refresh() {
        ways.getChildren().setAll(model.ways().stream().map(this::way).toList());
        sum.show(model.sum());
        budget();
        repairs();
    }

    private Node way(LengthModel.ByWay w) {
        boolean chosen = w.method().equals(model.method());
        Label figure = new Label(
                w.length().map(l -> LengthFormat.shop(l, model.units())).orElse(w.lacks()));
        figure.getStyleClass().add(w.length().isPresent() ? "answer-share" : "soft");
        figure.setMinWidth(Region.USE_PREF_SIZE);
        Label other = new Label(
                w.length().map(l -> LengthFormat.shop(l, model.units().other())).orElse(""));
        other.getStyleClass().add("soft");
        Button take = new Button(Say.it("length-pane.take"));
        take.getStyleClass().setAll("quiet-action");
        take.setId("take-" + w.method());
        take.setMinWidth(Region.USE_PREF_SIZE);
        take.setVisible(model.takes(w));
        take.setOnAction(e -> model.take(w));
        HBox head = new HBox(8, figure, other, Text.spring(), take);
        head.setAlignment(Pos.BASELINE_LEFT);
        return new VBox(
                0,
                Text.of(chosen ? Say.it("length-pane.this-job-s-method", "method", w.name()) : w.name(), "soft"),
                head);
    }

    private void budget() {
        Optional<ToleranceBudget> b = model.budget();
        if (b.isEmpty()) {
            budget.getChildren().setAll(Text.of(Say.it("length-pane.needs-cut-length-finished"), "soft"));
            return;
        }
        ToleranceBudget t = b.get();
        budget.getChildren()
                .setAll(Text.of(
                        Say.it(
                                "length-pane.within-what-doubt-made",
                                "tolerance",
                                LengthFormat.figure(t.tolerance(), model.units()),
                                "chance",
                                new Figure.OfShare(t.chance()).text(model.units())),
                        "seal-text"));
        t.causes().forEach(c -> budget.getChildren().add(cause(c)));
        budget.getChildren()
                .add(Text.of(
                        Say.it(
                                "length-pane.first-order-house-scatter",
                                "deviation",
                                LengthFormat.figure(t.deviation(), model.units())),
                        "soft"));
    }

    private Node cause(ToleranceBudget.Cause c) {
        return new VBox(
                1,
                Text.of(c.what() + ", " + LengthFormat.figure(c.deviation(), model.units()), "finding-brief"),
                new ShareBar(c.share(), BAR));
    }

    private void repairs() {
        List<Repair> all = model.repairs();
        if (all.isEmpty()) {
            repairs.getChildren()
                    .setAll(Text.of(
                            model.damaged().value().isEmpty()
                                    ? Say.it("length-pane.two-splice-ends-replace")
                                    : Say.it("length-pane.the-catalogue-holds-no"),
                            "soft"));
            return;
        }
        repairs.getChildren().setAll(all.stream().map(this::repair).toList());
    }

    private Node repair(Repair r) {
        String ends = Say.it(
                "length-pane.splice-ends",
                "part",
                r.one().part(),
                "partB",
                r.other().part(),
                "partToo",
                r.joiner().map(j -> String.valueOf(j.part())).orElse("none"));
        String cut = Say.it(
                "length-pane.cut-out-they-put",
                "both",
                LengthFormat.both(r.cut().takeOut(), model.units()),
                "adds",
                LengthFormat.figure(r.cut().adds(), model.units()),
                "shortBy",
                r.cut().shortBy().mm() > 0 ? LengthFormat.figure(r.cut().shortBy(), model.units()) : "none");
        return new VBox(0, Text.of(ends, "finding-says"), Text.of(cut, "finding-remedy"));
    }
}
