package mellowflare.app.gas;

import java.util.Optional;
import java.util.function.Function;
import mellowflare.app.entry.FieldState;
import mellowflare.app.entry.Numbers;
import mellowflare.app.line.AboveZero;
import mellowflare.core.advice.Figure;
import mellowflare.core.gas.line.GasLine;
import mellowflare.core.gas.line.GasSite;
import mellowflare.core.gas.line.GasSource;
import mellowflare.core.measure.Area;
import mellowflare.core.measure.GaugePressure;
import mellowflare.core.measure.HeatingValue;
import mellowflare.core.measure.Length;
import mellowflare.core.measure.LengthFormat;
import mellowflare.core.measure.Power;
import mellowflare.core.measure.PressureDifference;
import mellowflare.core.measure.QuantityText;
import mellowflare.core.measure.Read;
import mellowflare.core.measure.Refusal;
import mellowflare.core.measure.Temperature;
import mellowflare.core.measure.UnitSystem;

/** Figures of a gas line as they are typed. */
public final class GasFields {
    private static final double FARTHEST_UP = 5000;

    private final GasModel model;
    private final FieldState<GaugePressure> pressure = pressures();
    private final FieldState<Power> capacity = powers();
    private final FieldState<Double> count = Numbers.field(Say.it("gas-fields.count"), 1, GasSource.MOST, "");
    private final FieldState<Double> fill = Numbers.field(Say.it("gas-fields.fill"), 0, 100, "%");
    private final FieldState<Temperature> coldest = new FieldState<>(
            (t, u) -> QuantityText.temperature(t, Optional.of(u == UnitSystem.METRIC ? "C" : "F")),
            (v, u) -> Figure.of(v).text(u.other()));
    private final FieldState<Length> altitude = AboveZero.reachOrZero();
    private final FieldState<PressureDifference> drop = new FieldState<>(
            (t, u) -> read(t, u)
                    .then(p -> p.bar() > 0
                            ? Read.of(PressureDifference.ofBar(p.bar()))
                            : Read.refuse(Refusal.OUT_OF_RANGE, Say.it("gas-fields.drop-above-zero"))),
            (v, u) -> new Figure.OfGasDrop(v).text(u.other()));
    private final FieldState<Area> openings =
            new FieldState<>(GasFields::area, (v, u) -> Figure.of(v).text(u.other()));
    private final FieldState<HeatingValue> heating = new FieldState<>(
            (t, u) -> QuantityText.heatingValue(t, Optional.of(u == UnitSystem.METRIC ? "MJ/m3" : "BTU/ft3")),
            (v, u) -> heat(v, u.other()));

    GasFields(GasModel model) {
        this.model = model;
        pressure.onChange(
                () -> model.source(Say.it("gas-fields.feed-pressure"), s -> s.withPressure(pressure.value())));
        capacity.onChange(() -> model.source(Say.it("gas-fields.capacity"), s -> s.withCapacity(capacity.value())));
        count.onChange(() -> model.source(
                Say.it("gas-fields.cylinders"),
                s -> s.withCount(count.value().map(v -> (int) Math.round(v)).orElse(1))));
        fill.onChange(() -> model.source(
                Say.it("gas-fields.filled"),
                s -> s.withFill(fill.value().map(v -> v / 100).orElse(GasSource.UNSAID.fill()))));
        coldest.onChange(() -> model.site(
                Say.it("gas-fields.coldest"),
                s -> s.withColdest(coldest.value()
                        .filter(t -> t.celsius() >= -60 && t.celsius() <= 60)
                        .orElse(GasSite.UNSAID.coldest()))));
        altitude.onChange(() -> model.site(
                Say.it("gas-fields.altitude"),
                s -> s.withAltitude(altitude.value()
                        .filter(l -> l.mm() <= FARTHEST_UP * 1000)
                        .orElse(GasSite.UNSAID.altitude()))));
        drop.onChange(() -> model.change(Say.it("gas-fields.drop"), l -> l.withDrop(drop.value())));
        openings.onChange(() -> model.site(Say.it("gas-fields.openings"), s -> s.withOpenings(openings.value())));
        heating.onChange(() -> model.change(Say.it("gas-fields.heating"), l -> l.withHeating(heating.value())));
        model.currentProperty().addListener((o, was, now) -> refresh());
        refresh();
    }

    static Read<GaugePressure> read(String text, UnitSystem u) {
        return QuantityText.pressure(text, Optional.of(u == UnitSystem.METRIC ? "mbar" : "inwc"));
    }

    /** A field for a pressure of gas. */
    static FieldState<GaugePressure> pressures() {
        return new FieldState<>(GasFields::read, (v, u) -> new Figure.OfGasPressure(v).text(u.other()));
    }

    /** A field for a power. */
    static FieldState<Power> powers() {
        return new FieldState<>(
                (t, u) -> QuantityText.power(t, Optional.of(u == UnitSystem.METRIC ? "kW" : "BTU/h")),
                (v, u) -> Figure.of(v).text(u.other()));
    }

    private static Read<Area> area(String text, UnitSystem u) {
        String t = text.strip().replaceAll("\\s*(cm2|cm²|in2|in²)$", "");
        boolean inches = text.contains("in") || !text.contains("cm") && u == UnitSystem.INCH;
        try {
            double v = Double.parseDouble(t);
            return v >= 0 && v <= 1e6
                    ? Read.of(inches ? Area.ofSquareInches(v) : Area.ofSquareCentimetres(v))
                    : Read.refuse(Refusal.OUT_OF_RANGE, Say.it("gas-fields.area-range"));
        } catch (NumberFormatException e) {
            return Read.refuse(Refusal.NOT_A_NUMBER, Say.it("gas-fields.no-area", "text", text.strip()));
        }
    }

    private static String heat(HeatingValue v, UnitSystem u) {
        return u == UnitSystem.METRIC
                ? LengthFormat.decimal(v.megajoulesPerCubicMetre(), 2, 0) + " MJ/m³"
                : LengthFormat.decimal(v.btuPerCubicFoot(), 0, 0) + " Btu/ft³";
    }

    public FieldState<GaugePressure> pressure() {
        return pressure;
    }

    public FieldState<Power> capacity() {
        return capacity;
    }

    public FieldState<Double> count() {
        return count;
    }

    public FieldState<Double> fill() {
        return fill;
    }

    public FieldState<Temperature> coldest() {
        return coldest;
    }

    public FieldState<Length> altitude() {
        return altitude;
    }

    public FieldState<PressureDifference> drop() {
        return drop;
    }

    public FieldState<Area> openings() {
        return openings;
    }

    public FieldState<HeatingValue> heating() {
        return heating;
    }

    private void refresh() {
        GasLine l = model.line();
        UnitSystem u = model.units();
        boolean metric = u == UnitSystem.METRIC;
        show(pressure, l.source().pressure(), p -> metric ? p.millibar() : p.inchesOfWater(), u);
        show(capacity, l.source().capacity(), p -> metric ? p.kilowatts() : p.btuPerHour(), u);
        show(count, Optional.of((double) l.source().count()), v -> v, u);
        show(fill, Optional.of(l.source().fill() * 100), v -> v, u);
        show(coldest, Optional.of(l.site().coldest()), t -> metric ? t.celsius() : t.fahrenheit(), u);
        altitude.show(
                new Figure.OfReach(l.site().altitude()).text(u),
                Optional.of(l.site().altitude()),
                u);
        show(drop, l.drop(), d -> metric ? d.millibar() : d.inchesOfWater(), u);
        show(openings, l.site().openings(), a -> metric ? a.squareCentimetres() : a.squareInches(), u);
        show(heating, l.heating(), h -> metric ? h.megajoulesPerCubicMetre() : h.btuPerCubicFoot(), u);
    }

    /** Shows a value as its number in the job's units. */
    static <T> void show(FieldState<T> field, Optional<T> value, Function<T, Double> number, UnitSystem u) {
        field.show(value.map(number).map(GasFields::text).orElse(""), value, u);
    }

    private static String text(double v) {
        return LengthFormat.decimal(v, v < 100 ? 3 : 1, 0).replace(" ", "");
    }
}
