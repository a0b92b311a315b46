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
        EntryRow hole = new EntryRow("hole to pass", "diameter", model.hole());
        hole.field().setId("hole");
        EntryRow roomA = new EntryRow("room at end A", "clear", model.room(LineEnd.A));
        roomA.field().setId("room-A");
        getChildren()
                .setAll(new Columns(
                        new double[] {34, 34, 32},
                        Text.under(
                                "Tools the work asks for: press what is missing",
                                tools,
                                Text.of("Wrenches", "small-heading"),
                                wrenches),
                        Text.under("Where it lies", ambient),
                        Text.under(
                                "Room and panel",
                                roomA,
                                new EntryRow("room at end B", "clear", model.room(LineEnd.B)),
                                new EntryRow("to cut in place", "clear", model.roomCut()),
                                hole,
                                guarded,
                                Text.of("Make it, or send it out?", "small-heading"),
                                ways)));
        refresh();
    }

    void refresh() {
        ambient.refresh();
        tools.refresh();
        wrenches.getChildren()
                .setAll(model.wrenches().stream().map(this::wrench).toList());
        guarded.setText(model.guarded() ? "edge of the hole is guarded" : "edge of the hole is bare");
        guarded.pseudoClassStateChanged(CHOSEN, model.guarded());
        guarded.setVisible(model.hole().value().isPresent());
        guarded.setManaged(guarded.isVisible());
        ways.getChildren().setAll(model.ways().stream().map(HerePane::way).toList());
    }

    private Node wrench(String size) {
        boolean has = model.hasWrench(size);
        Button b = ToolPresses.toggle(has ? size : size + ": missing", has, !has);
        b.setOnAction(e -> model.pressWrench(size));
        return b;
    }

    private static Node way(Ways.Way w) {
        String figures =
                w.name() + ": about " + LengthFormat.decimal(w.minutes(), 0, 0) + " min, " + PartsModel.money(w.cost());
        return w.possible()
                ? Text.of(figures, "finding-remedy")
                : new VBox(
                        0,
                        Text.of(figures, "soft"),
                        Text.of("Not as it stands: " + w.hindered() + ".", "finding-brief"));
    }
}
