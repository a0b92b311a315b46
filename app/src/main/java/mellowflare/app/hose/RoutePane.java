package mellowflare.app.hose;

import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import javafx.scene.control.Button;
import javafx.scene.layout.VBox;
import mellowflare.app.entry.ChoiceRow;
import mellowflare.app.entry.Columns;
import mellowflare.app.entry.EntryRow;
import mellowflare.app.entry.Text;
import mellowflare.core.connection.LineEnd;
import mellowflare.core.hose.route.Toward;

/** What is measured of the way: where port B sits seen from port A, where both look, what lies between. */
final class RoutePane extends VBox {
    private final RouteModel model;
    private final Map<LineEnd, ChoiceRow<Toward>> outs = new EnumMap<>(LineEnd.class);
    private final Map<LineEnd, ChoiceRow<Toward>> leaves = new EnumMap<>(LineEnd.class);
    private final VBox entries;
    private final VBox none;
    private final EntryRow forward;

    RoutePane(RouteModel model) {
        super(6);
        this.model = model;
        for (LineEnd w : LineEnd.values()) {
            outs.put(
                    w,
                    new ChoiceRow<>(
                            Say.it("route-pane.looks"),
                            List.of(Toward.values()),
                            Toward::word,
                            t -> null,
                            false,
                            t -> t.ifPresent(x -> model.out(w, x))));
            leaves.put(
                    w,
                    new ChoiceRow<>(
                            Say.it("route-pane.leaves"),
                            List.of(Toward.values()),
                            Toward::word,
                            t -> null,
                            true,
                            t -> model.leaves(w, t)));
        }
        forward = new EntryRow(Say.it("route-pane.forward"), Say.it("route-pane.from-port-a"), model.forward());
        forward.field().setId("way-forward");
        VBox a = Text.under(
                Say.it("route-pane.port-a-everything-measured"),
                outs.get(LineEnd.A),
                leaves.get(LineEnd.A),
                row(Say.it("route-pane.clamps-passed"), "300 -50 120; ...", model.clamps(), "way-clamps"),
                row(Say.it("route-pane.keep-out"), "exhaust 380 -80 20 to 520 120 260", model.keepOuts(), "way-boxes"),
                row(Say.it("route-pane.port-b-moves-by"), "0 0 80; ...", model.motion(), "way-motion"));
        VBox b = Text.under(
                Say.it("route-pane.port-b-its-sealing"),
                forward,
                row(Say.it("route-pane.left-right"), Say.it("route-pane.from-port-a"), model.left(), "way-left"),
                row(Say.it("route-pane.up-down"), Say.it("route-pane.from-port-a"), model.up(), "way-up"),
                outs.get(LineEnd.B),
                leaves.get(LineEnd.B),
                row(
                        Say.it("route-pane.straight-behind"),
                        Say.it("route-pane.one-diameter"),
                        model.straight(),
                        "way-straight"));
        Button forget = new Button(Say.it("route-pane.remove-route"));
        forget.getStyleClass().setAll("quiet-action");
        forget.setOnAction(e -> model.forget());
        b.getChildren().add(forget);
        entries = new VBox(new Columns(new double[] {50, 50}, a, b));
        Button begin = new Button(Say.it("route-pane.measure-route"));
        begin.setId("way-begin");
        begin.getStyleClass().setAll("main-action");
        begin.setOnAction(e -> {
            model.begin();
            forward.field().requestFocus();
        });
        none = new VBox(10, Text.of(Say.it("route-pane.three-figures-say-where"), "soft"), begin);
        refresh();
    }

    private static EntryRow row(String word, String hint, mellowflare.app.entry.FieldState<?> state, String id) {
        EntryRow row = new EntryRow(word, hint, state);
        row.field().setId(id);
        return row;
    }

    void refresh() {
        VBox shown = model.measured() ? entries : none;
        if (!getChildren().equals(List.of(shown))) {
            getChildren().setAll(shown);
        }
        for (LineEnd w : LineEnd.values()) {
            outs.get(w).show(Optional.of(model.out(w)));
            leaves.get(w).show(model.leaves(w));
            leaves.get(w).setVisible(model.elbow(w));
            leaves.get(w).setManaged(model.elbow(w));
        }
    }
}
