package mellowflare.app.tube;

import java.util.List;
import java.util.Optional;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Label;
import javafx.scene.layout.VBox;
import mellowflare.app.entry.ChoiceRow;
import mellowflare.app.entry.Columns;
import mellowflare.app.entry.EntryRow;
import mellowflare.app.entry.TablesPane;
import mellowflare.app.entry.Text;
import mellowflare.app.entry.WordCell;
import mellowflare.core.connection.LineEnd;
import mellowflare.core.measure.LengthFormat;
import mellowflare.core.table.FigureTable;
import mellowflare.core.tube.stock.Bender;

/** Bender and spring-back, and the bends in the order in which they are made with their marks and levers. */
final class BendsPane extends VBox {
    private final TubeModel model;
    private final ComboBox<Bender> bender = new ComboBox<>();
    private final Label facts = Text.of("", "soft");
    private final Label refused = Text.of("", "entry-refusal");
    private final Label usual = Text.of("", "soft");
    private final ChoiceRow<LineEnd> from;
    private final Label open = Text.of(Say.it("bends-pane.marks-follow-from-way"), "soft");
    private final TablesPane order = new TablesPane();
    private LineEnd end = LineEnd.A;
    private boolean showing;

    /**
     * @param changed called when the marks shall be counted from the other end
     */
    BendsPane(TubeModel model, Runnable changed) {
        this.model = model;
        getStyleClass().add("tight");
        bender.setId("bender");
        bender.setMaxWidth(Double.MAX_VALUE);
        WordCell.dress(bender, Bender::name, Say.it("bends-pane.by-hand-or-which"));
        bender.setAccessibleText(Say.it("bends-pane.bender"));
        bender.valueProperty().addListener((o, was, now) -> {
            if (!showing) {
                model.bender(Optional.ofNullable(now));
            }
        });
        EntryRow radius = new EntryRow(Say.it("bends-pane.bend-radius"), Say.it("bends-pane.former"), model.radius());
        radius.field().setId("bend-radius");
        radius.setTooltipText(Say.it("bends-pane.on-centre-line-as"));
        from = new ChoiceRow<>(
                Say.it("bends-pane.from"), List.of(LineEnd.values()), LineEnd::name, w -> null, false, w -> {
                    end = w.orElse(LineEnd.A);
                    refresh();
                    changed.run();
                });
        EntryRow lever =
                new EntryRow(Say.it("bends-pane.lever"), "90", model.trials().lever(0));
        lever.field().setId("trial-lever");
        EntryRow kept =
                new EntryRow(Say.it("bends-pane.stayed"), "87", model.trials().kept(0));
        kept.field().setId("trial-kept");
        for (int i = 0; i < 2; i++) {
            model.trials()
                    .lever(i)
                    .valueProperty()
                    .addListener((o, was, now) -> refused.setText(model.trials().refusal()));
            model.trials()
                    .kept(i)
                    .valueProperty()
                    .addListener((o, was, now) -> refused.setText(model.trials().refusal()));
        }
        refused.managedProperty().bind(refused.textProperty().isNotEmpty());
        getChildren()
                .setAll(new Columns(
                        new double[] {33, 24, 43},
                        Text.under(
                                Say.it("bends-pane.bender"),
                                bender,
                                radius,
                                new EntryRow(
                                        Say.it("bends-pane.square-up"),
                                        Say.it("bends-pane.each-end"),
                                        model.squareUp()),
                                facts),
                        Text.under(
                                Say.it("bends-pane.trial-bend-on-scrap"),
                                lever,
                                kept,
                                new EntryRow(
                                        Say.it("bends-pane.second"),
                                        "45",
                                        model.trials().lever(1)),
                                new EntryRow(
                                        Say.it("bends-pane.stayed"),
                                        "43",
                                        model.trials().kept(1)),
                                refused,
                                usual),
                        new VBox(6, from, open, order)));
        refresh();
    }

    /** The end that the marks are counted from. */
    LineEnd from() {
        return end;
    }

    void refresh() {
        showing = true;
        List<Bender> benders = model.benders();
        if (!benders.equals(bender.getItems())) {
            bender.getItems().setAll(benders);
        }
        bender.setValue(model.c().bender().orElse(null));
        showing = false;
        from.show(Optional.of(end));
        facts.setText(model.c()
                .bender()
                .map(b -> Say.it(
                        "bends-pane.radius-holds-behind-needs",
                        "radius",
                        LengthFormat.figure(b.radius(), model.units()),
                        "grip",
                        LengthFormat.figure(b.grip(), model.units()),
                        "shoe",
                        LengthFormat.figure(b.shoe(), model.units()),
                        "mark",
                        b.mark().words(),
                        "source",
                        b.source().shown()))
                .orElse(Say.it("bends-pane.without-bender-only-soft")));
        usual.setText(model.plan().says("bends.spring-back", model.units()).orElse(""));
        order();
    }

    private void order() {
        FigureTable bends = model.plan().order(end);
        boolean none = bends.rows().isEmpty();
        open.setVisible(none);
        open.setManaged(none);
        order.show(none ? List.of() : List.of(bends));
    }
}
