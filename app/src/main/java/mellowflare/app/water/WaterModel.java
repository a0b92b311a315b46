package mellowflare.app.water;

import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.BiFunction;
import java.util.function.Function;
import java.util.function.UnaryOperator;
import javafx.beans.property.ReadOnlyObjectProperty;
import mellowflare.app.desk.Desk;
import mellowflare.app.entry.FieldState;
import mellowflare.app.entry.Numbers;
import mellowflare.app.line.AboveZero;
import mellowflare.book.job.Papers;
import mellowflare.core.advice.Figure;
import mellowflare.core.bag.BagPart;
import mellowflare.core.job.Evaluation;
import mellowflare.core.measure.GaugePressure;
import mellowflare.core.measure.Length;
import mellowflare.core.measure.LengthFormat;
import mellowflare.core.measure.QuantityText;
import mellowflare.core.measure.Temperature;
import mellowflare.core.measure.UnitSystem;
import mellowflare.core.water.WaterPlan;
import mellowflare.core.water.WaterPointKind;
import mellowflare.core.water.choose.WaterSet;
import mellowflare.core.water.line.WaterLine;
import mellowflare.core.water.stock.EquipmentThread;
import mellowflare.core.water.stock.HouseAge;
import mellowflare.core.water.stock.HouseMaterial;
import mellowflare.core.water.work.WaterCase;

/** A water point without a window. */
public final class WaterModel {
    private final Desk desk;
    private final FieldState<Length> outside = AboveZero.field();
    private final FieldState<Length> straight = AboveZero.orZero();
    private final FieldState<Length> distance = AboveZero.field();
    private final FieldState<Length> offset = AboveZero.orZero();
    private final FieldState<Length> depth = AboveZero.orZero();
    private final FieldState<Length> plate = AboveZero.orZero();
    private final FieldState<Length> gap = AboveZero.orZero();
    private final FieldState<GaugePressure> pressure = new FieldState<>(
            (t, u) -> QuantityText.pressure(t, Optional.of(u == UnitSystem.METRIC ? "bar" : "psi")),
            (v, u) -> Figure.of(v).text(u.other()));
    private final FieldState<Temperature> warmest = new FieldState<>(
            (t, u) -> QuantityText.temperature(t, Optional.of(u == UnitSystem.METRIC ? "C" : "F")),
            (v, u) -> Figure.of(v).text(u.other()));

    public WaterModel(Desk desk) {
        this.desk = desk;
        keep(outside, Say.it("water-model.outside"), (l, v) -> l.withOutside(v));
        keep(straight, Say.it("water-model.straight"), (l, v) -> l.withStraight(v));
        keep(distance, Say.it("water-model.distance"), (l, v) -> l.withDistance(v));
        keep(offset, Say.it("water-model.offset"), (l, v) -> l.withOffset(v));
        keep(depth, Say.it("water-model.depth"), (l, v) -> l.withWallDepth(v));
        keep(plate, Say.it("water-model.plate"), (l, v) -> l.withPlate(v));
        keep(gap, Say.it("water-model.gap"), (l, v) -> l.withGap(v));
        keep(pressure, Say.it("water-model.pressure"), (l, v) -> l.withPressure(v));
        keep(warmest, Say.it("water-model.warmest"), (l, v) -> l.withWarmest(v));
        desk.currentProperty().addListener((o, was, now) -> refresh());
        refresh();
    }

    private <T> void keep(FieldState<T> field, String what, BiFunction<WaterLine, Optional<T>, WaterLine> with) {
        field.onChange(() -> change(what, l -> with.apply(l, field.value())));
    }

    public ReadOnlyObjectProperty<Evaluation> currentProperty() {
        return desk.currentProperty();
    }

    /** Whether the open job is a water point. */
    public boolean isWater() {
        return desk.job().is(WaterPointKind.WATER);
    }

    public WaterPlan plan() {
        return desk.current().plan(WaterPointKind.WATER).orElseThrow();
    }

    public WaterCase c() {
        return plan().c();
    }

    public WaterLine line() {
        return desk.job().line(WaterPointKind.WATER);
    }

    public UnitSystem units() {
        return desk.units();
    }

    // --- fields ---

    public FieldState<Length> outside() {
        return outside;
    }

    public FieldState<Length> straight() {
        return straight;
    }

    public FieldState<Length> distance() {
        return distance;
    }

    public FieldState<Length> offset() {
        return offset;
    }

    public FieldState<Length> depth() {
        return depth;
    }

    public FieldState<Length> plate() {
        return plate;
    }

    public FieldState<Length> gap() {
        return gap;
    }

    public FieldState<GaugePressure> pressure() {
        return pressure;
    }

    public FieldState<Temperature> warmest() {
        return warmest;
    }

    // --- choices ---

    public List<EquipmentThread> threads() {
        return c().stock().threads();
    }

    public void equipment(EquipmentThread t) {
        change(
                Say.it("water-model.equipment"),
                l -> l.with()
                        .equipment(Optional.of(t.id()))
                        .plastic(Optional.empty())
                        .build());
    }

    public void material(Optional<HouseMaterial> m) {
        change(Say.it("water-model.material"), l -> l.withMaterial(m));
    }

    public void take(WaterSet set) {
        change(Say.it("water-model.set"), l -> l.withTaken(Optional.of(set.id())));
    }

    public void age(Optional<HouseAge> age) {
        change(Say.it("water-model.age"), l -> l.withAge(age));
    }

    /** Pipe seen elsewhere in the house, or no longer. */
    public void elsewhere(HouseMaterial m) {
        change(Say.it("water-model.elsewhere"), l -> {
            Set<HouseMaterial> seen = new HashSet<>(l.elsewhere());
            if (!seen.remove(m)) {
                seen.add(m);
            }
            return l.withElsewhere(seen);
        });
    }

    /** The parts of the bag, those that get the water back on first. */
    public List<BagPart> packed() {
        return c().bag().map(c().packed()::parts).orElse(List.of());
    }

    void change(String what, UnaryOperator<WaterLine> change) {
        desk.change(what, "water" + what, j -> j.change(WaterPointKind.WATER, change));
    }

    // --- papers ---

    public List<Papers.Offer> papers() {
        return Papers.offered(WaterPointKind.WATER);
    }

    public void write(Papers.Offer paper) {
        desk.write(paper);
    }

    private void refresh() {
        WaterLine l = line();
        UnitSystem u = units();
        boolean metric = u == UnitSystem.METRIC;
        length(outside, l.outside());
        length(straight, l.straight());
        length(distance, l.distance());
        length(offset, l.offset());
        length(depth, l.wallDepth());
        length(plate, l.plate());
        length(gap, l.gap());
        number(pressure, l.pressure(), p -> metric ? p.bar() : p.psi());
        number(warmest, l.warmest(), t -> metric ? t.celsius() : t.fahrenheit());
    }

    private void length(FieldState<Length> field, Optional<Length> value) {
        field.show(value.map(v -> LengthFormat.figure(v, units())).orElse(""), value, units());
    }

    private <T> void number(FieldState<T> field, Optional<T> value, Function<T, Double> number) {
        field.show(value.map(number).map(Numbers::text).orElse(""), value, units());
    }
}
