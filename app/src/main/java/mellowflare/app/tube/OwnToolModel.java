package mellowflare.app.tube;

import java.time.LocalDate;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import mellowflare.app.desk.Desk;
import mellowflare.app.entry.FieldState;
import mellowflare.app.line.AboveZero;
import mellowflare.book.parts.OwnCatalogue;
import mellowflare.core.advice.Finding;
import mellowflare.core.connection.LineEnd;
import mellowflare.core.job.ShippedData;
import mellowflare.core.measure.Length;
import mellowflare.core.measure.UnitSystem;
import mellowflare.core.reference.Confidence;
import mellowflare.core.reference.Source;
import mellowflare.core.tube.TubeLineKind;
import mellowflare.core.tube.flare.FlareCalibration;
import mellowflare.core.tube.flare.FlareFindings;
import mellowflare.core.tube.flare.FlareTool;
import mellowflare.core.tube.flare.FlareToolFile;
import mellowflare.core.tube.flare.OwnFlareTools;
import mellowflare.core.tube.flare.StickOutTable;
import mellowflare.core.tube.line.TubeSide;
import mellowflare.core.tube.stock.Tube;
import mellowflare.core.tube.stock.TubeSize;
import mellowflare.core.tube.stock.TubeSizes;

/** The shop's own flaring tool, without a window: three scrap flares tell its sink, which is kept with the shop's lists; and how far tube stands out of each tool. */
public final class OwnToolModel {
    /** One scrap flare as it is typed. */
    public record ScrapEntry(FieldState<Length> stickOut, FieldState<Length> diameter) {}

    private final Desk desk;
    private final List<ScrapEntry> flares = new ArrayList<>();
    private LineEnd which = LineEnd.A;
    private Runnable changed = () -> {};

    public OwnToolModel(Desk desk) {
        this.desk = desk;
        for (int i = 0; i < FlareCalibration.LEAST; i++) {
            ScrapEntry e = new ScrapEntry(AboveZero.orZero(), AboveZero.field());
            e.stickOut.onChange(() -> changed.run());
            e.diameter.onChange(() -> changed.run());
            flares.add(e);
        }
    }

    /** Called when a figure changes. */
    public void onChange(Runnable action) {
        changed = action;
    }

    /** Which end's tool and tube it is about. */
    public void which(LineEnd w) {
        which = w;
    }

    public List<ScrapEntry> flares() {
        return List.copyOf(flares);
    }

    public UnitSystem units() {
        return desk.units();
    }

    private TubeSide side() {
        return desk.current().plan(TubeLineKind.TUBE).orElseThrow().c().side(which);
    }

    private Optional<Tube> tube() {
        return desk.current().plan(TubeLineKind.TUBE).orElseThrow().c().tube();
    }

    public Optional<FlareTool> tool() {
        return side().tool();
    }

    /** What the flares tell; empty until all three are typed and wider than the tube. */
    public Optional<FlareCalibration> told() {
        List<FlareCalibration.Scrap> typed = new ArrayList<>();
        for (ScrapEntry e : flares) {
            if (e.stickOut.value().isPresent() && e.diameter.value().isPresent()) {
                typed.add(new FlareCalibration.Scrap(
                        e.stickOut.value().get(), e.diameter.value().get()));
            }
        }
        return typed.size() < FlareCalibration.LEAST
                        || noFlare().isPresent()
                        || side().bench().isEmpty()
                ? Optional.empty()
                : tube().map(t -> FlareCalibration.of(t, side().traits().orElseThrow(), typed));
    }

    /** The first diameter that is none of a flare. */
    public Optional<Length> noFlare() {
        return tube().flatMap(t -> flares.stream()
                .flatMap(e -> e.diameter.value().stream())
                .filter(d -> d.compareTo(t.outside()) <= 0)
                .findFirst());
    }

    public Optional<Finding> finding() {
        return told().map(FlareFindings::of);
    }

    /** How far a flare by it may lie to either side of what is worked out; empty for a house figure. */
    public Optional<Length> eitherSide() {
        return tool().flatMap(FlareTool::spread)
                .map(s -> FlareCalibration.eitherSide(s, side().traits().orElseThrow()));
    }

    /** Keeps the tool as it was told, in the place of the house's on this tube. */
    public void keep() {
        Optional<FlareTool> own = told().filter(FlareCalibration::sound).flatMap(c -> tool().map(t -> c.of(t, who())));
        own.ifPresent(t -> desk.keeper()
                .ask(
                        book -> new OwnCatalogue(book.folder(), ShippedData.get())
                                .keep(OwnFlareTools.LISTS, FlareToolFile.KIND, List.of(t)),
                        taken -> {
                            desk.take(taken.data());
                            flares.forEach(e -> {
                                e.stickOut.show("", Optional.empty(), desk.units());
                                e.diameter.show("", Optional.empty(), desk.units());
                            });
                            desk.tell(Say.it("own-tool-model.the-kept-as-your", "name", t.name()));
                            changed.run();
                        },
                        desk::tell));
    }

    private Source who() {
        String name = desk.personProperty().get();
        LocalDate day = LocalDate.ofInstant(desk.clock().instant(), ZoneId.systemDefault());
        return new Source("three scrap flares, " + (name.isBlank() ? "" : name + ", ") + day, Confidence.SURE);
    }

    /** How far tube of this material stands out of each tool for this kind of flare; empty while the end is no flare. */
    public Optional<StickOutTable> table() {
        Optional<String> material = tube().map(t -> t.material().id());
        List<Tube> tubes = desk.data().get(TubeSizes.KEY).all().stream()
                .map(TubeSize::tube)
                .filter(t -> material.filter(t.material().id()::equals).isPresent())
                .toList();
        return side().traits()
                .filter(t -> t.flared())
                .map(t -> StickOutTable.of(
                        t.kind(),
                        side().part()
                                .map(e -> e.id().code())
                                .filter(c -> t.codes().contains(c)),
                        tubes,
                        desk.data()));
    }

    /** Outside diameter of the tube in the job, to mark its row. */
    public Optional<Length> outside() {
        return tube().map(Tube::outside);
    }
}
