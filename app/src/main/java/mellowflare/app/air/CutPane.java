package mellowflare.app.air;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import javafx.scene.layout.VBox;
import mellowflare.app.entry.ChoiceRow;
import mellowflare.app.entry.Columns;
import mellowflare.app.entry.EntryRow;
import mellowflare.app.entry.Press;
import mellowflare.app.entry.Text;
import mellowflare.core.air.cut.CutWork;
import mellowflare.core.air.main.Making;
import mellowflare.core.air.stock.PipeSystem;
import mellowflare.core.cutting.CutPlan;
import mellowflare.core.measure.LengthFormat;
import mellowflare.core.measure.UnitSystem;

/** What is cut from which bar, what is bought, and how it hangs. */
final class CutPane extends VBox {
    private final AirModel model;
    private final AirWork work;
    private final VBox bars = new VBox(2);
    private final VBox parts = new VBox(2);
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
                        new double[] {33, 32, 35},
                        how,
                        Text.under(Say.it("cut-pane.bars"), bars),
                        Text.under(Say.it("cut-pane.parts"), parts)));
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
            Text.fill(parts, List.of(), "soft");
            return;
        }
        Text.fill(bars, barLines(), "finding-remedy");
        List<String> lines = new ArrayList<>(w.get().parts().stream()
                .map(p -> Say.it(
                        "cut-pane.part",
                        "count",
                        LengthFormat.decimal(p.count(), 1, 0),
                        "by",
                        p.metres() ? "metre" : "piece",
                        "name",
                        p.name(),
                        "price",
                        LengthFormat.decimal(p.price(), 2, 2)))
                .toList());
        lines.add(Say.it(
                "cut-pane.together-catalogue-s-money",
                "price",
                LengthFormat.decimal(w.get().price(), 2, 2)));
        Text.fill(parts, lines, "finding-remedy");
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
        model.c().work().ifPresent(w -> {
            w.stretches().stream()
                    .filter(s -> !w.rods(s).isEmpty())
                    .forEach(s -> lines.add(Say.it(
                            "cut-pane.rods",
                            "name",
                            s.name(),
                            "stream",
                            w.rods(s).stream()
                                    .map(r -> LengthFormat.shop(r.length(), model.units()))
                                    .collect(Collectors.joining(", ")))));
            w.stretches()
                    .forEach(s -> s.nipple()
                            .ifPresent(n -> lines.add(Say.it(
                                    "cut-pane.nipple-for-needed",
                                    "name",
                                    s.name(),
                                    "n",
                                    LengthFormat.figure(n, UnitSystem.INCH),
                                    "shop",
                                    LengthFormat.shop(s.between(), model.units())))));
            w.hoses()
                    .forEach(h -> lines.add(Say.it(
                            "cut-pane.hose-bore",
                            "bore",
                            LengthFormat.figure(h.bore(), model.units()),
                            "name",
                            h.name(),
                            "shop",
                            LengthFormat.shop(h.length(), model.units()))));
        });
        return lines;
    }
}
