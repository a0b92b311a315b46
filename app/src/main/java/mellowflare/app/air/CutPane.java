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
                "bars",
                List.of(false, true),
                p -> p ? "as parcel, short" : "by truck, long",
                p -> null,
                false,
                p -> p.ifPresent(model::parcel));
        trim = new ChoiceRow<>(
                "ends",
                List.of(true, false),
                t -> t ? "trimmed" : "as it comes",
                t -> null,
                false,
                t -> t.ifPresent(model::trim));
        hung = new ChoiceRow<>(
                "hung",
                List.of(Making.Hung.values()),
                Making.Hung::word,
                h -> null,
                false,
                h -> h.ifPresent(model::hung));
        threads = new ChoiceRow<>(
                "threads",
                List.of(false, true),
                n -> n ? "bought nipples" : "cut here",
                n -> null,
                false,
                n -> n.ifPresent(model::nipples));
        EntryRow more = new EntryRow("old bars", "2 x 3250 of 40", model.oldBar());
        more.field().setId("old-bar");
        more.onEnter(model::takeOldBar);
        VBox how = Text.under(
                "How it is cut and hung",
                parcel,
                trim,
                new EntryRow("kerf", "width of the cut", model.fields().kerf()),
                hung,
                new EntryRow("rods", "length", model.fields().rod()),
                threads,
                more,
                old);
        how.getStyleClass().add("tight");
        getChildren()
                .setAll(new Columns(
                        new double[] {33, 32, 35}, how, Text.under("Bars", bars), Text.under("Parts", parts)));
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
                            o.count() + " x " + LengthFormat.figure(o.length(), model.units()) + " of " + o.size()
                                    + "  ×",
                            () -> model.removeOldBar(o)));
        }
        Optional<CutWork> w = model.c().work();
        if (w.isEmpty()) {
            Text.fill(bars, List.of("Say what the main is made of."), "soft");
            Text.fill(parts, List.of(), "soft");
            return;
        }
        Text.fill(bars, barLines(), "finding-remedy");
        List<String> lines = new ArrayList<>(w.get().parts().stream()
                .map(p -> LengthFormat.decimal(p.count(), 1, 0) + (p.metres() ? " m " : " ") + p.name() + ": "
                        + LengthFormat.decimal(p.price(), 2, 2))
                .toList());
        lines.add("Together " + LengthFormat.decimal(w.get().price(), 2, 2) + " in the catalogue's money.");
        Text.fill(parts, lines, "finding-remedy");
    }

    private List<String> barLines() {
        List<String> lines = new ArrayList<>();
        for (Map.Entry<String, CutPlan> e : work.bars().entrySet()) {
            CutPlan p = e.getValue();
            lines.add("size " + e.getKey() + ": " + p.bought() + " to buy"
                    + (p.atHand() > 0 ? ", " + p.atHand() + " at hand" : "")
                    + (p.proven() ? "; no cheaper plan exists; " : "; a cheaper plan is not ruled out; ")
                    + LengthFormat.decimal(p.waste() * 100, 1, 0) + " % lost"
                    + (p.remnants().isEmpty()
                            ? ""
                            : "; keep "
                                    + p.remnants().stream()
                                            .map(r -> LengthFormat.shop(r, model.units()))
                                            .reduce((a, b) -> a + ", " + b)
                                            .orElse("")));
        }
        model.c()
                .work()
                .ifPresent(w -> lines.add(w.hangers() + " hangers, "
                        + model.line().making().hung().how()
                        + "; pipe weighs " + LengthFormat.decimal(w.kilograms(), 1, 0) + " kg; " + w.joints()
                        + " joints seal."));
        model.c().work().ifPresent(w -> {
            w.stretches().stream()
                    .filter(s -> !w.rods(s).isEmpty())
                    .forEach(s -> lines.add("Rods of " + s.name() + ": "
                            + w.rods(s).stream()
                                    .map(r -> LengthFormat.shop(r.length(), model.units()))
                                    .collect(Collectors.joining(", "))));
            w.stretches()
                    .forEach(s -> s.nipple()
                            .ifPresent(n -> lines.add("Nipple for " + s.name() + ": "
                                    + LengthFormat.figure(n, UnitSystem.INCH) + ", "
                                    + LengthFormat.shop(s.between(), model.units()) + " needed")));
            w.hoses()
                    .forEach(h -> lines.add("Hose " + LengthFormat.figure(h.bore(), model.units()) + " bore, "
                            + h.name() + ": " + LengthFormat.shop(h.length(), model.units())));
        });
        return lines;
    }
}
