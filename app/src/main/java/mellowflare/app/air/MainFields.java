package mellowflare.app.air;

import java.util.Optional;
import java.util.function.BiFunction;
import java.util.function.Function;
import java.util.function.UnaryOperator;
import mellowflare.app.desk.Desk;
import mellowflare.app.entry.FieldState;
import mellowflare.app.entry.Numbers;
import mellowflare.app.line.AboveZero;
import mellowflare.core.advice.Figure;
import mellowflare.core.air.AirMainKind;
import mellowflare.core.air.demand.Use;
import mellowflare.core.air.main.AirMain;
import mellowflare.core.air.main.Making;
import mellowflare.core.air.main.Plant;
import mellowflare.core.air.main.Shop;
import mellowflare.core.measure.AbsolutePressure;
import mellowflare.core.measure.Length;
import mellowflare.core.measure.LengthFormat;
import mellowflare.core.measure.PressureDifference;
import mellowflare.core.measure.QuantityText;
import mellowflare.core.measure.Temperature;
import mellowflare.core.measure.UnitSystem;
import mellowflare.core.run.walk.Station;

/** Figures of a main as they are typed: room, compressor, use, making. */
public final class MainFields {
    private final Desk desk;
    private final FieldState<Length> roomLength = AboveZero.reach();
    private final FieldState<Length> roomWidth = AboveZero.reach();
    private final FieldState<Length> roomHeight = AboveZero.reach();
    private final FieldState<Temperature> roomAir = new FieldState<>(
            (t, u) -> QuantityText.temperature(t, Optional.of(u == UnitSystem.METRIC ? "C" : "F")),
            (v, u) -> Figure.of(v).text(u.other()));
    private final FieldState<Double> humidity = Numbers.field(Say.it("main-fields.humidity"), 0, 100, "%");
    private final FieldState<Double> barometer = Numbers.field("A barometer", 400, 1200, "mbar");
    private final FieldState<Double> lost = Numbers.field(Say.it("main-fields.what-dryer-filters-take"), 0, 5, "bar");
    private final FieldState<Length> toEars = AboveZero.reach();
    private final FieldState<Double> fall = Numbers.field("A fall", 0, 50, "mm/m");
    private final FieldState<Double> leak = Numbers.field(Say.it("main-fields.the-share-that-leaks"), 0, 100, "%");
    private final FieldState<Double> growth = Numbers.field(Say.it("main-fields.growth"), 0, 300, "%");
    private final FieldState<Double> hours = Numbers.field(Say.it("main-fields.a-working-day"), 0.1, 24, "h");
    private final FieldState<Double> days =
            Numbers.field(Say.it("main-fields.a-working-year"), 1, 366, Say.it("main-fields.days"));
    private final FieldState<Double> kilowattHour =
            Numbers.field(Say.it("main-fields.the-price"), 0, 1000, Say.it("main-fields.each"));
    private final FieldState<Double> drained =
            Numbers.field(Say.it("main-fields.the-time-between-drainings"), 1, 90, Say.it("main-fields.days"));
    private final FieldState<Length> along = AboveZero.reachOrZero();
    private final FieldState<Length> across = AboveZero.reachOrZero();
    private final FieldState<Length> stands = AboveZero.reachOrZero();
    private final FieldState<Length> kerf = AboveZero.upTo("A kerf", Making.WIDEST_KERF);
    private final FieldState<Length> rod = AboveZero.upTo("A rod", Making.LONGEST_ROD);

    /**
     * @param desk the open job
     */
    public MainFields(Desk desk) {
        this.desk = desk;
        roomLength.onChange(this::roomSize);
        roomWidth.onChange(this::roomSize);
        roomHeight.onChange(this::roomSize);
        along.onChange(this::station);
        across.onChange(this::station);
        stands.onChange(this::station);
        roomAir.onChange(() -> shop(
                Say.it("main-fields.room-air"), s -> s.withAir(roomAir.value().orElse(Shop.USUAL.air()))));
        humidity.onChange(() -> shop(
                Say.it("main-fields.humidity-word"),
                s -> s.withHumidity(humidity.value().map(v -> v / 100).orElse(Shop.USUAL.humidity()))));
        barometer.onChange(() -> shop(
                Say.it("main-fields.barometer"),
                s -> s.withBarometer(barometer
                        .value()
                        .map(v -> AbsolutePressure.ofBar(v / 1000))
                        .orElse(Shop.USUAL.barometer()))));
        lost.onChange(() -> plant(
                Say.it("main-fields.dryer-filters"),
                p -> p.withLost(PressureDifference.ofBar(lost.value().orElse(0.0)))));
        toEars.onChange(() -> plant(Say.it("main-fields.distance-ears"), p -> p.withToEars(toEars.value())));
        fall.onChange(() ->
                main(Say.it("main-fields.fall"), m -> m.withFall(fall.value().orElse(AirMain.USUAL_FALL))));
        use(leak, Say.it("main-fields.leaks"), (u, v) -> u.withLeak(v / 100), u -> u.leak() * 100);
        use(growth, Say.it("main-fields.growth-word"), (u, v) -> u.withGrowth(v / 100), u -> u.growth() * 100);
        use(hours, Say.it("main-fields.hours-day"), Use::withHours, Use::hoursADay);
        use(days, Say.it("main-fields.days-year"), (u, v) -> u.withDays((int) Math.round(v)), u ->
                (double) u.daysAYear());
        use(kilowattHour, Say.it("main-fields.price-energy"), Use::withKilowattHour, Use::kilowattHour);
        use(drained, Say.it("main-fields.drained-every"), (u, v) -> u.withDrainedEvery((int) Math.round(v)), u ->
                (double) u.drainedEvery());
        kerf.onChange(() ->
                making(Say.it("main-fields.kerf"), m -> m.withKerf(kerf.value().orElse(Making.USUAL.kerf()))));
        rod.onChange(() ->
                making(Say.it("main-fields.rods"), m -> m.withRod(rod.value().orElse(Making.USUAL.rod()))));
        desk.currentProperty().addListener((o, was, now) -> refresh());
        refresh();
    }

    private void use(
            FieldState<Double> field, String what, BiFunction<Use, Double, Use> with, Function<Use, Double> usual) {
        field.onChange(() ->
                main(what, m -> m.withUse(with.apply(m.use(), field.value().orElse(usual.apply(Use.USUAL))))));
    }

    private void roomSize() {
        shop(
                Say.it("main-fields.measures-room"),
                s -> s.withSize(roomLength.value(), roomWidth.value(), roomHeight.value()));
    }

    private void station() {
        Station usual = Station.CORNER;
        main(
                Say.it("main-fields.where-compressor-stands"),
                m -> m.withStation(new Station(
                        along.value().orElse(usual.along()),
                        across.value().orElse(usual.across()),
                        stands.value().orElse(usual.height()),
                        m.station().heading())));
    }

    public FieldState<Length> roomLength() {
        return roomLength;
    }

    public FieldState<Length> roomWidth() {
        return roomWidth;
    }

    public FieldState<Length> roomHeight() {
        return roomHeight;
    }

    public FieldState<Temperature> roomAir() {
        return roomAir;
    }

    public FieldState<Double> humidity() {
        return humidity;
    }

    public FieldState<Double> barometer() {
        return barometer;
    }

    public FieldState<Double> lost() {
        return lost;
    }

    public FieldState<Length> toEars() {
        return toEars;
    }

    public FieldState<Double> fall() {
        return fall;
    }

    public FieldState<Double> leak() {
        return leak;
    }

    public FieldState<Double> growth() {
        return growth;
    }

    public FieldState<Double> hours() {
        return hours;
    }

    public FieldState<Double> days() {
        return days;
    }

    public FieldState<Double> kilowattHour() {
        return kilowattHour;
    }

    public FieldState<Double> drained() {
        return drained;
    }

    public FieldState<Length> along() {
        return along;
    }

    public FieldState<Length> across() {
        return across;
    }

    public FieldState<Length> stands() {
        return stands;
    }

    public FieldState<Length> kerf() {
        return kerf;
    }

    public FieldState<Length> rod() {
        return rod;
    }

    private void main(String what, UnaryOperator<AirMain> change) {
        desk.change(what, "air" + what, j -> j.change(AirMainKind.AIR, change));
    }

    private void shop(String what, UnaryOperator<Shop> change) {
        main(what, m -> m.withShop(change.apply(m.shop())));
    }

    private void plant(String what, UnaryOperator<Plant> change) {
        main(what, m -> m.withPlant(change.apply(m.plant())));
    }

    private void making(String what, UnaryOperator<Making> change) {
        main(what, m -> m.withMaking(change.apply(m.making())));
    }

    private void refresh() {
        AirMain m = desk.job().line(AirMainKind.AIR);
        UnitSystem u = desk.units();
        show(roomLength, m.shop().length(), u);
        show(roomWidth, m.shop().width(), u);
        show(roomHeight, m.shop().height(), u);
        show(toEars, m.plant().toEars(), u);
        show(along, Optional.of(m.station().along()), u);
        show(across, Optional.of(m.station().across()), u);
        show(stands, Optional.of(m.station().height()), u);
        show(kerf, Optional.of(m.making().kerf()), u);
        show(rod, Optional.of(m.making().rod()), u);
        Temperature t = m.shop().air();
        roomAir.show(
                u == UnitSystem.METRIC ? Numbers.text(t.celsius()) : Numbers.text(t.fahrenheit()), Optional.of(t), u);
        number(humidity, m.shop().humidity() * 100, u);
        number(barometer, m.shop().barometer().bar() * 1000, u);
        number(lost, m.plant().lost().bar(), u);
        number(fall, m.fall(), u);
        number(leak, m.use().leak() * 100, u);
        number(growth, m.use().growth() * 100, u);
        number(hours, m.use().hoursADay(), u);
        number(days, m.use().daysAYear(), u);
        number(kilowattHour, m.use().kilowattHour(), u);
        number(drained, m.use().drainedEvery(), u);
    }

    private static void show(FieldState<Length> field, Optional<Length> value, UnitSystem units) {
        field.show(value.map(v -> LengthFormat.figure(v, units)).orElse(""), value, units);
    }

    private static void number(FieldState<Double> field, double value, UnitSystem units) {
        field.show(Numbers.text(value), Optional.of(value), units);
    }
}
