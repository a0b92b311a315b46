package mellowflare.app.pipe;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import javafx.geometry.HPos;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.layout.ColumnConstraints;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import mellowflare.app.entry.CellField;
import mellowflare.app.entry.ChoiceRow;
import mellowflare.app.entry.Columns;
import mellowflare.app.entry.EntryRow;
import mellowflare.app.entry.Press;
import mellowflare.app.entry.Text;
import mellowflare.core.cutting.CutBar;
import mellowflare.core.cutting.CutPlan;
import mellowflare.core.measure.LengthFormat;
import mellowflare.core.measure.UnitSystem;
import mellowflare.core.pipe.cut.NippleOffer;
import mellowflare.core.pipe.cut.PieceCut;
import mellowflare.core.pipe.line.PipeMaking;
import mellowflare.core.pipe.offset.SumLine;

/** The pieces with their cuts and how far each is made; beside them the bars they come out of. */
final class PiecesPane extends VBox {
    private static final int COLUMNS = 6;

    private final PipeModel pipe;
    private final PiecesModel model;
    private final PipeWork work;
    private final GridPane table = new GridPane();
    private final VBox nipples = new VBox(2);
    private final VBox bars = new VBox(2);
    private final VBox old = new VBox(2);
    private final ChoiceRow<Boolean> trim;
    private final Button back;
    private List<String> shown = List.of();
    private final List<Label[]> figures = new ArrayList<>();
    private final List<Button> states = new ArrayList<>();

    PiecesPane(PipeModel pipe, PiecesModel model, PipeWork work) {
        this.pipe = pipe;
        this.model = model;
        this.work = work;
        setId("pipe-pieces");
        table.getStyleClass().add("readings");
        table.setHgap(10);
        table.setVgap(1);
        for (int i = 0; i < COLUMNS; i++) {
            ColumnConstraints c = new ColumnConstraints();
            c.setHgrow(i == 0 ? Priority.ALWAYS : Priority.NEVER);
            if (i == 2 || i == 3) {
                c.setHalignment(HPos.RIGHT);
            }
            table.getColumnConstraints().add(c);
        }
        trim = new ChoiceRow<>(
                Say.it("pieces-pane.ends"),
                List.of(true, false),
                t -> t ? Say.it("pieces-pane.trimmed") : Say.it("pieces-pane.as-comes"),
                t -> null,
                false,
                t -> t.ifPresent(model::trim));
        EntryRow more = row("pipe-old-bar", Say.it("pieces-pane.old-bars"), "2 x 3250", model.oldBar());
        more.onEnter(model::takeOldBar);
        back = Press.quiet(Say.it("pieces-pane.put-back"), () -> model.putBack(work.plans()));
        back.setId("pipe-put-back");
        VBox from = Text.under(
                Say.it("pieces-pane.cut-from"),
                row("pipe-bar", Say.it("pieces-pane.bar"), "", model.bar()),
                row("pipe-kerf", Say.it("pieces-pane.kerf"), "", model.kerf()),
                row(
                        "pipe-allowance",
                        Say.it("pieces-pane.allowance"),
                        Say.it("pieces-pane.each-piece"),
                        model.allowance()),
                row("pipe-step", Say.it("pieces-pane.round-to"), Say.it("pieces-pane.usual-step"), model.step()),
                trim,
                more,
                old,
                back);
        from.getStyleClass().add("tight");
        getChildren()
                .setAll(new Columns(
                        new double[] {46, 28, 26},
                        Text.under(Say.it("pieces-pane.pieces"), table, nipples),
                        Text.under(Say.it("pieces-pane.bars"), bars),
                        from));
    }

    private static EntryRow row(String id, String word, String hint, mellowflare.app.entry.FieldState<?> state) {
        EntryRow row = new EntryRow(word, hint, state);
        row.field().setId(id);
        return row;
    }

    void refresh() {
        List<PieceCut> pieces = model.pieces();
        List<String> names = pieces.stream().map(PieceCut::name).toList();
        if (!names.equals(shown) || table.getChildren().isEmpty()) {
            shown = names;
            lay(pieces);
        }
        UnitSystem u = pipe.units();
        for (int i = 0; i < pieces.size(); i++) {
            PieceCut p = pieces.get(i);
            Label[] cells = figures.get(i);
            cells[0].setText(p.size());
            cells[1].setText(p.exact().map(l -> exact(l, u)).orElse("–"));
            cells[2].setText(p.shop().map(l -> SumLine.marked(l, u)).orElse("–"));
            states.get(i)
                    .setText(
                            p.bought()
                                    ? Say.it("pieces-pane.bought")
                                    : model.state(p.name()).done().word());
            states.get(i).setDisable(p.bought());
        }
        nipples(pieces, u);
        work.pack(pipe.c());
        bars(u);
        trim.show(Optional.of(model.trim()));
        old.getChildren().clear();
        for (PipeMaking.OldBar o : model.old()) {
            old.getChildren()
                    .add(Press.quiet(
                            Say.it(
                                    "pieces-pane.old",
                                    "count",
                                    o.count(),
                                    "length",
                                    LengthFormat.figure(o.length(), u),
                                    "size",
                                    o.size()),
                            () -> model.remove(o)));
        }
        back.setDisable(work.plans().isEmpty());
    }

    private static String exact(mellowflare.core.measure.Length l, UnitSystem u) {
        return u == UnitSystem.METRIC ? LengthFormat.decimal(l.mm(), 2, 0) : LengthFormat.decimal(l.inches(), 3, 0);
    }

    private void lay(List<PieceCut> pieces) {
        table.getChildren().clear();
        figures.clear();
        states.clear();
        String unit = pipe.units() == UnitSystem.METRIC ? "mm" : "in";
        table.addRow(
                0,
                Text.of(Say.it("pieces-pane.piece"), "soft"),
                Text.of(Say.it("pieces-pane.size"), "soft"),
                Text.of(Say.it("pieces-pane.exact", "unit", unit), "soft"),
                Text.of(Say.it("pieces-pane.shop", "unit", unit), "soft"),
                Text.of(Say.it("pieces-pane.marked"), "soft"),
                Text.of(Say.it("pieces-pane.how-far"), "soft"));
        table.getChildren().forEach(n -> ((Label) n).setWrapText(false));
        int at = 1;
        for (PieceCut p : pieces) {
            Label[] cells = {Text.of("", "soft"), Text.figure(""), Text.figure("", "sum-shop")};
            figures.add(cells);
            Button state = Press.quiet("", () -> model.next(p.name()));
            state.setId("piece-state-" + p.name());
            states.add(state);
            Node marked = p.bought()
                    ? Text.of("", "soft")
                    : new CellField(
                            "piece-marked-" + p.name(),
                            Say.it("pieces-pane.marked-of", "piece", p.name()),
                            model.marked(p.name()));
            table.addRow(at++, Text.of(p.name(), "sum-says"), cells[0], cells[1], cells[2], marked, state);
        }
    }

    /** Where a stock nipple does instead of cutting and threading. */
    private void nipples(List<PieceCut> pieces, UnitSystem u) {
        List<String> lines = new ArrayList<>();
        for (PieceCut p : pieces) {
            p.nipple()
                    .filter(NippleOffer::serves)
                    .ifPresent(n -> lines.add(Say.it(
                            "pieces-pane.nipple",
                            "piece",
                            p.name(),
                            "nipple",
                            LengthFormat.figure(n.length(), UnitSystem.INCH),
                            "over",
                            n.over().mm() < 0 ? "short" : "long",
                            "by",
                            LengthFormat.figure(
                                    mellowflare.core.measure.Length.ofMm(
                                            Math.abs(n.over().mm())),
                                    u),
                            "price",
                            LengthFormat.decimal(n.price(), 2, 2),
                            "cutPrice",
                            LengthFormat.decimal(n.cutPrice(), 2, 2),
                            "minutes",
                            LengthFormat.decimal(n.cutMinutes(), 0, 0))));
        }
        Text.fill(nipples, lines, "finding-remedy");
    }

    private void bars(UnitSystem u) {
        List<String> lines = new ArrayList<>();
        int number = 1;
        for (Map.Entry<String, CutPlan> e : work.plans().entrySet()) {
            lines.add(Say.it(
                    "pieces-pane.plan",
                    "pipe",
                    e.getKey(),
                    "bars",
                    e.getValue().bars().size(),
                    "proven",
                    e.getValue().proven() ? "yes" : "no"));
            for (CutBar b : e.getValue().bars()) {
                lines.add(Say.it(
                        "pieces-pane.one-bar",
                        "number",
                        number++,
                        "stock",
                        b.stock().name(),
                        "length",
                        LengthFormat.figure(b.stock().length(), u),
                        "pieces",
                        b.pieces().stream()
                                .map(p -> p.name() + " " + LengthFormat.figure(p.length(), u))
                                .reduce((x, y) -> x + ", " + y)
                                .orElse(""),
                        "left",
                        LengthFormat.figure(b.remnant(), u)));
            }
        }
        if (lines.isEmpty()) {
            lines.add(model.pieces().isEmpty() ? Say.it("pieces-pane.nothing") : Say.it("pieces-pane.packing"));
        }
        Text.fill(bars, lines, "finding-remedy");
    }
}
