package mellowflare.app.pipe;

import java.util.List;
import java.util.Optional;
import javafx.scene.control.Button;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;
import mellowflare.app.entry.ChoiceRow;
import mellowflare.app.entry.Columns;
import mellowflare.app.entry.EntryRow;
import mellowflare.app.entry.FieldState;
import mellowflare.app.entry.OverField;
import mellowflare.app.entry.Press;
import mellowflare.app.entry.Text;
import mellowflare.core.pipe.makeup.EndKind;

/** How an offset ends, how its legs share what is left, what it must pass, and how many pipes lie side by side. */
final class LegsPane extends VBox {
    private final OffsetModel model;
    private final ChoiceRow<EndKind> a;
    private final ChoiceRow<EndKind> c;
    private final Button equal;
    private final Button clear;

    LegsPane(OffsetModel model) {
        this.model = model;
        a = ends(Say.it("legs-pane.at-a"), true);
        a.setId("offset-end-a");
        c = ends(Say.it("legs-pane.at-c"), false);
        c.setId("offset-end-c");
        equal = Press.quiet(Say.it("legs-pane.make-equal"), model::makeEqual);
        clear = Press.quiet(Say.it("legs-pane.shift-clear"), model::clearIt);
        clear.setId("offset-clear-it");
        VBox ends = Text.under(
                Say.it("legs-pane.ends"),
                a,
                row("set-back-a", Say.it("legs-pane.set-back-a"), Say.it("legs-pane.by-table"), model.setBack(true)),
                c,
                row("set-back-c", Say.it("legs-pane.set-back-c"), Say.it("legs-pane.by-table"), model.setBack(false)));
        VBox legs = Text.under(
                Say.it("legs-pane.legs"),
                row("leg-a", Say.it("legs-pane.leg-a"), Say.it("legs-pane.as-given"), model.legA()),
                row("leg-shift", Say.it("legs-pane.shift"), Say.it("legs-pane.longer-a"), model.shift()),
                equal,
                row("offset-angle-own", Say.it("legs-pane.own-angle"), "45°", model.angle()),
                row("parallel-pipes", Say.it("legs-pane.pipes"), "1", model.pipes()),
                row("parallel-spread", Say.it("legs-pane.spread"), Say.it("legs-pane.centres"), model.spread()),
                faces(model));
        VBox way = Text.under(
                Say.it("legs-pane.in-the-way"),
                row(
                        "box-name",
                        Say.it("legs-pane.name"),
                        Say.it("legs-pane.hoist-frame"),
                        model.inTheWay().name()),
                row(
                        "box-along",
                        Say.it("legs-pane.along"),
                        Say.it("legs-pane.from-face-a"),
                        model.inTheWay().of(ObstructionFields.Side.ALONG)),
                row(
                        "box-length",
                        Say.it("legs-pane.length"),
                        "",
                        model.inTheWay().of(ObstructionFields.Side.LENGTH)),
                row(
                        "box-from",
                        Say.it("legs-pane.from"),
                        Say.it("legs-pane.from-centre-line"),
                        model.inTheWay().of(ObstructionFields.Side.FROM)),
                row("box-width", Say.it("legs-pane.width"), "", model.inTheWay().of(ObstructionFields.Side.WIDTH)),
                row("box-clear", Say.it("legs-pane.room"), "", model.clear()),
                clear);
        for (VBox each : List.of(ends, legs, way)) {
            each.getStyleClass().add("tight");
        }
        getChildren().setAll(new Columns(new double[] {34, 34, 32}, ends, legs, way));
    }

    /** Face to face, read at four places: whether the flanges are parallel. */
    private static VBox faces(OffsetModel model) {
        List<String> ids = List.of("faces-top", "faces-right", "faces-bottom", "faces-left");
        List<String> words = List.of(
                Say.it("legs-pane.top"),
                Say.it("legs-pane.right"),
                Say.it("legs-pane.bottom"),
                Say.it("legs-pane.left"));
        HBox row = new HBox(6);
        row.getStyleClass().addAll("signed", "four");
        for (int i = 0; i < ids.size(); i++) {
            row.getChildren()
                    .add(new OverField(
                            ids.get(i), words.get(i), "", model.faces().get(i)));
        }
        return Text.under(Say.it("legs-pane.faces"), row);
    }

    private ChoiceRow<EndKind> ends(String word, boolean atA) {
        return new ChoiceRow<>(
                word,
                List.of(EndKind.values()),
                EndKind::word,
                k -> null,
                false,
                k -> k.ifPresent(x -> model.end(atA, x)));
    }

    private static EntryRow row(String id, String word, String hint, FieldState<?> state) {
        EntryRow row = new EntryRow(word, hint, state);
        row.field().setId(id);
        return row;
    }

    void refresh() {
        a.show(Optional.of(model.end(true)));
        c.show(Optional.of(model.end(false)));
        equal.setDisable(model.equal());
        clear.setDisable(!model.canClear());
    }
}
