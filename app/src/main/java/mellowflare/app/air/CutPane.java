package mellowflare.app.air;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;
import javafx.scene.layout.VBox;
import mellowflare.app.entry.ChoiceRow;
import mellowflare.app.entry.Columns;
import mellowflare.app.entry.EntryRow;
import mellowflare.app.entry.Press;
import mellowflare.app.entry.TablesPane;
import mellowflare.app.entry.Text;
import mellowflare.core.air.cut.CutWork;
import mellowflare.core.air.main.Making;
import mellowflare.core.air.stock.PipeSystem;
import mellowflare.core.cutting.CutPlan;
import mellowflare.core.measure.LengthFormat;
import mellowflare.core.table.FigureTable;

/** What is cut from which bar, what is bought, and how it hangs. */
final class CutPane extends VBox {
    private final AirModel model;
    private final AirWork work;
    private final VBox bars = new VBox(2);
    private final TablesPane parts = new TablesPane();
    private final TablesPane pieces = new TablesPane();
    private final VBox old = new VBox(2);
    private final ChoiceRow<Boolean> parcel;
    private final ChoiceRow<Boolean> trim;
    private final ChoiceRow<Making.Hung> hung;
    private final ChoiceRow<Boolean> threads;

    CutPane(AirModel model, AirWork work) {
        this.model = model;
        this.work = work;
        setId("air-cut");
        parcel = new ChoiceRow<>(
                Say.it("cut-pane.bars-word"),
                List.of(false, true),
                p -> p ? Say.it("cut-pane.as-parcel-short") : Say.it("cut-pane.by-truck-long"),
                p -> null,
                false,
                p -> p.ifPresent(model::parcel));
        trim = new ChoiceRow<>(
                Say.it("cut-pane.ends"),
                List.of(true, false),
                t -> t ? Say.it("cut-pane.trimmed") : Say.it("cut-pane.as-comes"),
                t -> null,
                false,
                t -> t.ifPresent(model::trim));
        hung = new ChoiceRow<>(
                Say.it("cut-pane.hung"),
                List.of(Making.Hung.values()),
                Making.Hung::word,
                h -> null,
                false,
                h -> h.ifPresent(model::hung));
        threads = new ChoiceRow<>(
                Say.it("cut-pane.threads"),
                List.of(false, true),
                n -> n ? Say.it("cut-pane.bought-nipples") : Say.it("cut-pane.cut-here"),
                n -> null,
                false,
                n -> n.ifPresent(model::nipples));
        EntryRow more = new EntryRow(Say.it("cut-pane.old-bars"), "2 x 3250 of 40", model.oldBar());
        more.field().setId("old-bar");
        more.onEnter(model::takeOldBar);
        VBox how = Text.under(
                Say.it("cut-pane.how-cut-hung"),
                parcel,
                trim,
                new EntryRow(
                        Say.it("cut-pane.kerf"),
                        Say.it("cut-pane.width-cut"),
                        model.fields().kerf()),
                hung,
                new EntryRow(
                        Say.it("cut-pane.rods-word"),
                        Say.it("cut-pane.length"),
                        model.fields().rod()),
                threads,
                more,
                old);
        how.getStyleClass().add("tight");
        getChildren()
                .setAll(new Columns(
                        new double[] {33, 32, 35}, how, Text.under(Say.it("cut-pane.bars"), bars, pieces), parts));
    }

    void refresh() {
        Making m = model.line().making();
        parcel.show(Optional.of(m.parcel()));
        trim.show(Optional.of(m.trim()));
        hung.show(Optional.of(m.hung()));
        threads.show(Optional.of(m.nipples()));
        boolean bought = model.system().filter(PipeSystem::nipples).isPresent();
        threads.setVisible(bought);
        threads.setManaged(bought);
        old.getChildren().clear();
        for (Making.OldBar o : m.old()) {
            old.getChildren()
                    .add(Press.quiet(
                            Say.it(
                                    "cut-pane.x",
                                    "count",
                                    o.count(),
                                    "length",
                                    LengthFormat.figure(o.length(), model.units()),
                                    "size",
                                    o.size()),
                            () -> model.removeOldBar(o)));
        }
        Optional<CutWork> w = model.c().work();
        if (w.isEmpty()) {
            Text.fill(bars, List.of(Say.it("cut-pane.say-what-main-made")), "soft");
            pieces.show(List.of());
            parts.show(List.of());
            return;
        }
        Text.fill(bars, barLines(), "finding-remedy");
        pieces.show(tables(FigureTable.What.NIPPLES, FigureTable.What.HOSES, FigureTable.What.RODS));
        parts.show(tables(FigureTable.What.PARTS));
    }

    private List<FigureTable> tables(FigureTable.What... wanted) {
        return Stream.of(wanted).flatMap(w -> model.plan().table(w).stream()).toList();
    }

    private List<String> barLines() {
        List<String> lines = new ArrayList<>();
        for (Map.Entry<String, CutPlan> e : work.bars().entrySet()) {
            CutPlan p = e.getValue();
            lines.add(Say.it(
                    "cut-pane.size-buy-lost",
                    "key",
                    e.getKey(),
                    "bought",
                    p.bought(),
                    "atHand",
                    p.atHand() > 0 ? p.atHand() : "none",
                    "partB",
                    p.proven() ? "yes" : "no",
                    "size",
                    LengthFormat.decimal(p.waste() * 100, 1, 0),
                    "reduce",
                    p.remnants().isEmpty()
                            ? "none"
                            : p.remnants().stream()
                                    .map(r -> LengthFormat.shop(r, model.units()))
                                    .reduce((a, b) -> a + ", " + b)
                                    .orElse("")));
        }
        model.c()
                .work()
                .ifPresent(w -> lines.add(Say.it(
                        "cut-pane.hangers-pipe-weighs-kg",
                        "hangers",
                        w.hangers(),
                        "how",
                        model.line().making().hung().how(),
                        "kilograms",
                        LengthFormat.decimal(w.kilograms(), 1, 0),
                        "joints",
                        w.joints())));
        return lines;
    }
}
