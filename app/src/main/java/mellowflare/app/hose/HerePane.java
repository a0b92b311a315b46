package mellowflare.app.hose;

import javafx.css.PseudoClass;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.VBox;
import mellowflare.app.entry.Columns;
import mellowflare.app.entry.EntryRow;
import mellowflare.app.entry.Text;
import mellowflare.app.line.AmbientEntries;
import mellowflare.app.line.ToolPresses;
import mellowflare.core.connection.LineEnd;
import mellowflare.core.hose.Ways;
import mellowflare.core.measure.LengthFormat;

/** Tools at hand, room at the joints, the panel to pass, and whether to make it here at all. */
final class HerePane extends VBox {
    private static final PseudoClass CHOSEN = PseudoClass.getPseudoClass("chosen");
    private final HereModel model;
    private final ToolPresses tools;
    private final FlowPane wrenches = new FlowPane(4, 4);
    private final VBox ways = new VBox(5);
    private final Button guarded = new Button();
    private final AmbientEntries ambient;

    HerePane(HereModel model, AmbientEntries ambient) {
        this.model = model;
        this.ambient = ambient;
        this.tools = new ToolPresses(model::tools, model::has, model::press);
        guarded.getStyleClass().setAll("choice");
        guarded.setOnAction(e -> model.guarded(!model.guarded()));
        EntryRow hole = new EntryRow(Say.it("here-pane.hole-pass"), Say.it("here-pane.diameter"), model.hole());
        hole.field().setId("hole");
        EntryRow roomA =
                new EntryRow(Say.it("here-pane.room-at-end-a"), Say.it("here-pane.clear"), model.room(LineEnd.A));
        roomA.field().setId("room-A");
        getChildren()
                .setAll(new Columns(
                        new double[] {34, 34, 32},
                        Text.under(
                                Say.it("here-pane.tools-work-asks-for"),
                                tools,
                                Text.of(Say.it("here-pane.wrenches"), "small-heading"),
                                wrenches),
                        Text.under(Say.it("here-pane.where-lies"), ambient),
                        Text.under(
                                Say.it("here-pane.room-panel"),
                                roomA,
                                new EntryRow(
                                        Say.it("here-pane.room-at-end-b"),
                                        Say.it("here-pane.clear"),
                                        model.room(LineEnd.B)),
                                new EntryRow(Say.it("here-pane.cut-place"), Say.it("here-pane.clear"), model.roomCut()),
                                hole,
                                guarded,
                                Text.of(Say.it("here-pane.make-or-send-out"), "small-heading"),
                                ways)));
        refresh();
    }

    void refresh() {
        ambient.refresh();
        tools.refresh();
        wrenches.getChildren()
                .setAll(model.wrenches().stream().map(this::wrench).toList());
        guarded.setText(model.guarded() ? Say.it("here-pane.edge-hole-guarded") : Say.it("here-pane.edge-hole-bare"));
        guarded.pseudoClassStateChanged(CHOSEN, model.guarded());
        guarded.setVisible(model.hole().value().isPresent());
        guarded.setManaged(guarded.isVisible());
        ways.getChildren().setAll(model.ways().stream().map(HerePane::way).toList());
    }

    private Node wrench(String size) {
        boolean has = model.hasWrench(size);
        Button b = ToolPresses.toggle(has ? size : Say.it("here-pane.missing", "tool", size), has, !has);
        b.setOnAction(e -> model.pressWrench(size));
        return b;
    }

    private static Node way(Ways.Way w) {
        String figures = Say.it(
                "here-pane.about-min",
                "name",
                w.name(),
                "minutes",
                LengthFormat.decimal(w.minutes(), 0, 0),
                "money",
                PartsModel.money(w.cost()));
        return w.possible()
                ? Text.of(figures, "finding-remedy")
                : new VBox(
                        0,
                        Text.of(figures, "soft"),
                        Text.of(Say.it("here-pane.not-as-stands", "hindered", w.hindered()), "finding-brief"));
    }
}
