package mellowflare.app.pipe;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import javafx.geometry.HPos;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.CheckBox;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.layout.ColumnConstraints;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import mellowflare.app.entry.CellField;
import mellowflare.app.entry.ChoiceRow;
import mellowflare.app.entry.Columns;
import mellowflare.app.entry.EntryRow;
import mellowflare.app.entry.FieldState;
import mellowflare.app.entry.Press;
import mellowflare.app.entry.Text;
import mellowflare.core.cutting.CutBar;
import mellowflare.core.cutting.CutPlan;
import mellowflare.core.geometry.Drawing;
import mellowflare.core.measure.Length;
import mellowflare.core.measure.LengthFormat;
import mellowflare.core.measure.UnitSystem;
import mellowflare.core.pipe.cut.NippleOffer;
import mellowflare.core.pipe.cut.PieceCut;
import mellowflare.core.pipe.line.PipeBars;
import mellowflare.core.pipe.line.PipeMaking;
import mellowflare.core.pipe.offset.SumLine;
import mellowflare.core.run.cut.BarStrips;

/** The pieces with their cuts and how far each is made, beside the bars they come out of; under the bars what is cut from. */
final class PiecesPane {
    private static final int COLUMNS = 6;

    private final PipeModel pipe;
    private final PiecesModel model;
    private final PipeWork work;
    private final GridPane table = new GridPane();
    private final VBox nipples = new VBox(2);
    private final VBox old = new VBox(2);
    private final VBox others = new VBox(2);
    private final Label says = Text.of("", "soft");
    private final ChoiceRow<Boolean> trim;
    private final HBox toDo;
    private final ScrollPane beside;
    private final VBox under;
    private List<String> shown = List.of();
    private UnitSystem laidIn;
    private final List<Label[]> figures = new ArrayList<>();
    private final List<Button> states = new ArrayList<>();

    PiecesPane(PipeModel pipe, PiecesModel model, PipeWork work) {
        this.pipe = pipe;
        this.model = model;
        this.work = work;
        table.getStyleClass().add("readings");
        table.setHgap(10);
        table.setVgap(1);
        for (int i = 0; i < COLUMNS; i++) {
            ColumnConstraints c = new ColumnConstraints();
            c.setHgrow(i == 0 ? Priority.ALWAYS : Priority.NEVER);
            if (i > 0) {
                c.setMinWidth(Region.USE_PREF_SIZE);
            }
            if (i == 1 || i == 2 || i == 3) {
                c.setHalignment(HPos.RIGHT);
            }
            table.getColumnConstraints().add(c);
        }
        beside = new ScrollPane(Text.under(Say.it("pieces-pane.pieces"), table, nipples));
        beside.setId("pipe-pieces");
        beside.setFitToWidth(true);
        beside.getStyleClass().addAll("measure", "wide-measure", "slip-inner");
        trim = new ChoiceRow<>(
                Say.it("pieces-pane.ends"),
                List.of(true, false),
                t -> t ? Say.it("pieces-pane.trimmed") : Say.it("pieces-pane.as-comes"),
                t -> null,
                false,
                t -> t.ifPresent(model::trim));
        EntryRow more = row("pipe-old-bar", Say.it("pieces-pane.old-bars"), "2 x 3250", model.oldBar());
        more.onEnter(model::takeOldBar);
        Button cut = Press.quiet(Say.it("pieces-pane.all-cut"), () -> model.cut(work.plans()));
        cut.setId("pipe-all-cut");
        Button write =
                Press.quiet(Say.it("pieces-pane.write"), () -> model.together().write(model.lines(), work.plans()));
        write.setId("pipe-write-together");
        VBox from = tight(
                Say.it("pieces-pane.cut-from"),
                row("pipe-bar", Say.it("pieces-pane.bar"), "", model.bar()),
                row("pipe-kerf", Say.it("pieces-pane.kerf"), "", model.kerf()),
                row(
                        "pipe-allowance",
                        Say.it("pieces-pane.allowance"),
                        Say.it("pieces-pane.each-piece"),
                        model.allowance()),
                row("pipe-step", Say.it("pieces-pane.round-to"), Say.it("pieces-pane.usual-step"), model.step()));
        toDo = new HBox(6, cut, write);
        VBox rack = tight(Say.it("pieces-pane.rack"), trim, more, old, others, toDo);
        under = new VBox(4, says, new Columns(new double[] {44, 56}, from, rack));
    }

    private static VBox tight(String heading, Node... rows) {
        VBox box = Text.under(heading, rows);
        box.getStyleClass().add("tight");
        return box;
    }

    private static EntryRow row(String id, String word, String hint, FieldState<?> state) {
        EntryRow row = new EntryRow(word, hint, state);
        row.field().setId(id);
        return row;
    }

    /** Stands beside the bars. */
    ScrollPane table() {
        return beside;
    }

    /** Stands under the bars. */
    VBox from() {
        return under;
    }

    /** The bars as far as they are planned. */
    Drawing bars() {
        Map<String, CutPlan> bars = new LinkedHashMap<>();
        boolean one = work.plans().size() == 1;
        boolean alike = work.plans().keySet().stream()
                        .map(PipeBars.Kind::pipe)
                        .distinct()
                        .count()
                == 1;
        work.plans().forEach((kind, plan) -> bars.put(one ? "" : alike ? kind.size() : kind.words(), plan));
        return BarStrips.narrow(bars, pipe.units());
    }

    void refresh() {
        List<PieceCut> pieces = model.pieces();
        List<String> names = pieces.stream().map(PieceCut::name).toList();
        if (!names.equals(shown) || laidIn != pipe.units()) {
            shown = names;
            laidIn = pipe.units();
            lay(pieces);
        }
        UnitSystem u = pipe.units();
        work.pack(model.lines());
        Map<String, String> sawn = sawn();
        for (int i = 0; i < pieces.size(); i++) {
            PieceCut p = pieces.get(i);
            Label[] cells = figures.get(i);
            cells[0].setText(p.exact().map(l -> exact(l, u)).orElse("–"));
            cells[2].setText(sawn.getOrDefault(model.lines().get(0).marked(p), ""));
            cells[1].setText(p.shop().map(l -> SumLine.marked(l, u)).orElse("–"));
            states.get(i)
                    .setText(
                            p.bought()
                                    ? Say.it("pieces-pane.bought")
                                    : model.state(p.name()).done().word());
            states.get(i).setDisable(p.bought());
        }
        nipples(pieces, u);
        says.setText(says());
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
        others();
        toDo.setVisible(!work.plans().isEmpty());
    }

    /** Where each piece is cut: number of its bar, and its place in it. */
    private Map<String, String> sawn() {
        Map<String, String> all = new HashMap<>();
        int bar = 1;
        for (CutPlan plan : work.plans().values()) {
            for (CutBar b : plan.bars()) {
                for (int i = 0; i < b.pieces().size(); i++) {
                    all.put(b.pieces().get(i).name(), Say.it("pieces-pane.bar-and-cut", "bar", bar, "cut", i + 1));
                }
                bar++;
            }
        }
        return all;
    }

    private String says() {
        if (work.searching()) {
            return Say.it("pieces-pane.packing");
        }
        if (work.plans().isEmpty()) {
            if (pipe.c().held()) {
                return Say.it("pieces-pane.held");
            }
            return model.pieces().isEmpty() ? Say.it("pieces-pane.nothing") : Say.it("pieces-pane.nothing-left");
        }
        return work.plans().entrySet().stream()
                .map(e -> Say.it(
                        "pieces-pane.plan",
                        "pipe",
                        e.getKey().words(),
                        "bars",
                        e.getValue().bars().size(),
                        "proven",
                        e.getValue().proven() ? "yes" : "no",
                        "unplaced",
                        e.getValue().unplaced().size()))
                .collect(Collectors.joining(" "));
    }

    /** Other jobs to be cut from the same bars: looked up when asked for. */
    private void others() {
        Together t = model.together();
        others.getChildren().clear();
        if (!t.asked()) {
            Button look = Press.quiet(Say.it("pieces-pane.cut-with"), t::look);
            look.setId("pipe-cut-with");
            others.getChildren().add(look);
            return;
        }
        if (t.offered().isEmpty()) {
            others.getChildren().add(Text.of(Say.it("pieces-pane.no-others"), "soft"));
        }
        for (Together.Other o : t.offered()) {
            CheckBox with = new CheckBox(Say.it(
                    "pieces-pane.other", "number", o.number(), "job", o.job().title()));
            with.setId("pipe-with-" + o.job().id());
            with.setSelected(t.chosen(o));
            with.setOnAction(e -> t.press(o));
            others.getChildren().add(with);
        }
    }

    private static String exact(Length l, UnitSystem u) {
        return u == UnitSystem.METRIC ? LengthFormat.decimal(l.mm(), 2, 0) : LengthFormat.decimal(l.inches(), 3, 0);
    }

    /** Behind the name stand its size, where it is not that of the line, and what its ends are, where not both are threaded. */
    private String named(PieceCut p) {
        boolean usual = pipe.line().size().filter(p.size()::equals).isPresent();
        return Say.it(
                "pieces-pane.named",
                "piece",
                p.name(),
                "size",
                usual ? "none" : p.size(),
                "ends",
                p.endsWord().isEmpty() ? "none" : p.endsWord());
    }

    private void lay(List<PieceCut> pieces) {
        table.getChildren().clear();
        figures.clear();
        states.clear();
        String unit = pipe.units() == UnitSystem.METRIC ? "mm" : "in";
        table.addRow(
                0,
                Text.of(Say.it("pieces-pane.piece"), "soft"),
                Text.of(Say.it("pieces-pane.exact", "unit", unit), "soft", "spare"),
                Text.of(Say.it("pieces-pane.shop", "unit", unit), "soft"),
                Text.of(Say.it("pieces-pane.at-saw"), "soft"),
                Text.of(Say.it("pieces-pane.marked"), "soft"),
                Text.of(Say.it("pieces-pane.how-far"), "soft"));
        table.getChildren().forEach(n -> ((Label) n).setWrapText(false));
        int at = 1;
        for (PieceCut p : pieces) {
            Label[] cells = {Text.figure("", "spare"), Text.figure("", "sum-shop"), Text.of("", "soft")};
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
            table.addRow(at++, Text.of(named(p), "sum-says"), cells[0], cells[1], cells[2], marked, state);
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
                            LengthFormat.figure(Length.ofMm(Math.abs(n.over().mm())), u),
                            "price",
                            LengthFormat.decimal(n.price(), 2, 2),
                            "cutPrice",
                            LengthFormat.decimal(n.cutPrice(), 2, 2),
                            "minutes",
                            LengthFormat.decimal(n.cutMinutes(), 0, 0))));
        }
        Text.fill(nipples, lines, "finding-remedy");
    }
}
