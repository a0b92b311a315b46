package mellowflare.app.pipe;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import javafx.css.PseudoClass;
import javafx.geometry.HPos;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.layout.ColumnConstraints;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import mellowflare.app.entry.CellField;
import mellowflare.app.entry.ChoiceRow;
import mellowflare.app.entry.OverField;
import mellowflare.app.entry.Press;
import mellowflare.app.entry.Text;
import mellowflare.core.measure.Angle;
import mellowflare.core.measure.LengthFormat;
import mellowflare.core.pipe.offset.OffsetFigure;
import mellowflare.core.pipe.offset.OffsetWay;

/** The figures of an offset as they are taken: each written, read a second time and called; the one being worked on is lit. */
final class ReadingsPane extends VBox {
    private static final PseudoClass LIT = PseudoClass.getPseudoClass("lit");

    private final OffsetModel model;
    private final ChoiceRow<OffsetWay> way;
    private final ChoiceRow<Double> angle;
    private final GridPane table = new GridPane();
    private final Map<OffsetFigure, List<Node>> rows = new EnumMap<>(OffsetFigure.class);
    private final Map<OffsetFigure, Label> names = new EnumMap<>(OffsetFigure.class);
    private final Label of = Text.of("", "soft");
    private final Label refused = Text.of("", "entry-refusal");
    private final HBox signed;
    private List<OffsetFigure> shown = List.of();

    /**
     * @param lit called when another figure is worked on
     */
    ReadingsPane(OffsetModel model, Runnable lit) {
        super(5);
        this.model = model;
        setId("offset-readings");
        getStyleClass().add("tight");
        way = new ChoiceRow<>(
                Say.it("readings-pane.measured"),
                List.of(OffsetWay.values()),
                OffsetWay::word,
                w -> null,
                false,
                w -> w.ifPresent(model::way));
        way.setId("offset-way");
        angle = new ChoiceRow<>(
                Say.it("readings-pane.fitting"),
                OffsetModel.ANGLES,
                a -> LengthFormat.decimal(a, 2, 0) + "°",
                a -> null,
                false,
                a -> a.ifPresent(x -> model.angle(Angle.ofDegrees(x))));
        angle.setId("offset-angle");
        table.getStyleClass().add("readings");
        table.setHgap(4);
        table.setVgap(1);
        ColumnConstraints name = new ColumnConstraints();
        name.setHgrow(Priority.ALWAYS);
        table.getColumnConstraints().add(name);
        for (OffsetFigure f : OffsetFigure.values()) {
            rows.put(f, row(f, lit));
        }
        refused.setWrapText(true);
        refused.managedProperty().bind(refused.textProperty().isNotEmpty());
        OverField caller = new OverField("offset-called-by", Say.it("readings-pane.called-by"), "", model.calledBy());
        OverField writer =
                new OverField("offset-written-by", Say.it("readings-pane.written-by"), "", model.writtenBy());
        OverField from = new OverField(
                "offset-reference",
                Say.it("readings-pane.from"),
                Say.it("readings-pane.post-string"),
                model.reference());
        signed = new HBox(10, of, caller, writer, from);
        signed.setAlignment(Pos.CENTER_LEFT);
        signed.getStyleClass().add("signed");
        for (OverField each : List.of(caller, writer, from)) {
            HBox.setHgrow(each, Priority.ALWAYS);
        }
        Button back = Press.quiet(Say.it("readings-pane.read-back"), model::readBack);
        back.setId("offset-read-back");
        getChildren().setAll(way, angle, table, refused, signed, back);
    }

    private List<Node> row(OffsetFigure f, Runnable lit) {
        Label name = Text.of(Say.it("readings-pane.named", "symbol", f.symbol(), "word", f.word()), "reading-name");
        name.setWrapText(false);
        names.put(f, name);
        CellField written =
                cell("offset-" + f.symbol(), Say.it("readings-pane.written-of", "word", f.word()), f, model.written(f));
        CellField second =
                cell("second-" + f.symbol(), Say.it("readings-pane.second-of", "word", f.word()), f, model.second(f));
        CellField called =
                cell("called-" + f.symbol(), Say.it("readings-pane.called-of", "word", f.word()), f, model.called(f));
        for (CellField field : List.of(written, second, called)) {
            field.focusedProperty().addListener((o, was, now) -> {
                if (now) {
                    model.light(f);
                    lit.run();
                    refresh();
                }
            });
        }
        return new ArrayList<>(List.of(name, written, second, called));
    }

    private CellField cell(String id, String words, OffsetFigure f, mellowflare.app.entry.FieldState<?> state) {
        CellField field = new CellField(id, words, state);
        state.refusalProperty()
                .addListener((o, was, now) -> refused.setText(
                        now.isEmpty() ? "" : Say.it("readings-pane.refused", "symbol", f.symbol(), "says", now)));
        return field;
    }

    void refresh() {
        way.show(Optional.of(model.way()));
        angle.show(OffsetModel.ANGLES.stream().filter(a -> a == model.degrees()).findFirst());
        List<OffsetFigure> asked = model.asked();
        if (!asked.equals(shown)) {
            shown = asked;
            lay();
        }
        Optional<OffsetFigure> lit = model.litProperty().get().filter(asked::contains);
        names.forEach((f, label) ->
                label.pseudoClassStateChanged(LIT, lit.filter(f::equals).isPresent()));
        of.setText(lit.map(f -> Say.it("readings-pane.who", "symbol", f.symbol()))
                .orElse(Say.it("readings-pane.press-a-figure")));
        signed.setDisable(lit.isEmpty());
    }

    private void lay() {
        table.getChildren().clear();
        table.addRow(
                0,
                Text.of("", "soft"),
                Text.of(Say.it("readings-pane.written"), "soft"),
                Text.of(Say.it("readings-pane.second"), "soft"),
                Text.of(Say.it("readings-pane.called"), "soft"));
        int at = 1;
        for (OffsetFigure f : shown) {
            table.addRow(at++, rows.get(f).toArray(Node[]::new));
        }
        table.getChildren().forEach(n -> GridPane.setHalignment(n, HPos.LEFT));
    }

    void takeFocus() {
        rows.get(shown.isEmpty() ? OffsetFigure.OVERALL : shown.get(0)).get(1).requestFocus();
    }
}
