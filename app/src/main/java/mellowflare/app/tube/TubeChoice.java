package mellowflare.app.tube;

import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.function.UnaryOperator;
import mellowflare.app.desk.Desk;
import mellowflare.app.entry.FieldState;
import mellowflare.app.line.AboveZero;
import mellowflare.core.measure.Length;
import mellowflare.core.measure.LengthFormat;
import mellowflare.core.measure.UnitSystem;
import mellowflare.core.tube.TubeLineKind;
import mellowflare.core.tube.line.TubeLine;
import mellowflare.core.tube.line.TubePick;
import mellowflare.core.tube.stock.TubeMaterial;
import mellowflare.core.tube.stock.TubeMaterials;
import mellowflare.core.tube.stock.TubeSize;
import mellowflare.core.tube.stock.TubeSizes;

/** Which tube a line is made of: by what it is called, or measured with a caliper. Without a window. */
public final class TubeChoice {
    private final Desk desk;
    private final FieldState<Length> outside = AboveZero.field();
    private final FieldState<Length> wall = AboveZero.field();
    private String ownRefusal = "";
    private Optional<TubeMaterial> ownMaterial = Optional.empty();

    /**
     * @param desk the open job
     */
    public TubeChoice(Desk desk) {
        this.desk = desk;
        outside.onChange(this::own);
        wall.onChange(this::own);
        desk.currentProperty().addListener((o, was, now) -> refresh());
        refresh();
    }

    public FieldState<Length> outside() {
        return outside;
    }

    public FieldState<Length> wall() {
        return wall;
    }

    /** Why the measured tube is not taken; empty when it is. */
    public String ownRefusal() {
        return ownRefusal;
    }

    /** What answers to a bare size or to a measured diameter; everything while nothing was typed. */
    public List<TubeSize> sizes(String called) {
        return desk.data().get(TubeSizes.KEY).answering(called, desk.units());
    }

    /** Asks which of two tubes is meant when a size names more than one outside diameter; empty otherwise. */
    public Optional<String> asks(String called) {
        List<Length> outsides = called.isBlank()
                ? List.of()
                : sizes(called).stream()
                        .map(s -> s.tube().outside())
                        .sorted(Comparator.naturalOrder())
                        .toList();
        if (outsides.isEmpty()) {
            return called.isBlank()
                    ? Optional.empty()
                    : Optional.of(Say.it("tube-choice.no-tube-tables-called", "called", called.strip()));
        }
        Length least = outsides.get(0);
        Length most = outsides.get(outsides.size() - 1);
        return most.distanceTo(least).mm() < 1
                ? Optional.empty()
                : Optional.of(Say.it(
                        "tube-choice.two-tubes-outside-where",
                        "called",
                        called.strip(),
                        "least",
                        LengthFormat.figure(least, desk.units()),
                        "most",
                        LengthFormat.figure(most, desk.units())));
    }

    public Optional<TubeSize> size() {
        return desk.current().plan(TubeLineKind.TUBE).orElseThrow().c().size();
    }

    public void size(TubeSize size) {
        change(Say.it("tube-choice.tube"), t -> t.withTube(Optional.of(new TubePick.Listed(size.id()))));
    }

    public List<TubeMaterial> materials() {
        return desk.data().get(TubeMaterials.KEY).all();
    }

    public Optional<TubeMaterial> ownMaterial() {
        return ownMaterial;
    }

    public void ownMaterial(TubeMaterial m) {
        ownMaterial = Optional.of(m);
        own();
    }

    /** A tube measured with a caliper is taken when diameter, wall and material are there and leave a bore. */
    private void own() {
        ownRefusal = "";
        if (outside.value().isEmpty() || wall.value().isEmpty() || ownMaterial.isEmpty()) {
            return;
        }
        try {
            TubePick pick = new TubePick.Own(
                    outside.value().get(), wall.value().get(), ownMaterial.get().id());
            change(Say.it("tube-choice.measured-tube"), t -> t.withTube(Optional.of(pick)));
        } catch (IllegalArgumentException e) {
            ownRefusal = e.getMessage() + ".";
        }
    }

    /** What is to be known of the tube at a glance. */
    public String tubeFacts() {
        return desk.current()
                .plan(TubeLineKind.TUBE)
                .orElseThrow()
                .c()
                .tube()
                .map(t -> Say.it(
                        "tube-choice.outside-bore",
                        "outside",
                        LengthFormat.figure(t.outside(), desk.units()),
                        "bore",
                        LengthFormat.figure(t.bore(), desk.units()),
                        "material",
                        t.material().name(),
                        "source",
                        t.source().shown()))
                .orElse(Say.it("tube-choice.say-which-tube-by"));
    }

    private void change(String what, UnaryOperator<TubeLine> change) {
        desk.change(what, "tube" + what, j -> j.change(TubeLineKind.TUBE, change));
    }

    private void refresh() {
        TubeLine t = desk.job().line(TubeLineKind.TUBE);
        UnitSystem u = desk.units();
        Optional<TubePick.Own> own =
                t.tube().filter(TubePick.Own.class::isInstance).map(TubePick.Own.class::cast);
        if (own.isPresent() || t.tube().isPresent()) {
            show(outside, own.map(TubePick.Own::outside), u);
            show(wall, own.map(TubePick.Own::wall), u);
            ownMaterial = own.flatMap(o -> desk.data().get(TubeMaterials.KEY).find(o.material()));
        }
    }

    private static void show(FieldState<Length> field, Optional<Length> value, UnitSystem units) {
        field.show(value.map(v -> LengthFormat.figure(v, units)).orElse(""), value, units);
    }
}
