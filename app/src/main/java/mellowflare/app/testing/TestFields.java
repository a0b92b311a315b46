package mellowflare.app.testing;

import java.time.LocalDate;
import java.util.Optional;
import java.util.function.BiFunction;
import java.util.function.Function;
import mellowflare.app.entry.Days;
import mellowflare.app.entry.FieldState;
import mellowflare.app.entry.Numbers;
import mellowflare.core.advice.Figure;
import mellowflare.core.flow.hold.HoldTest;
import mellowflare.core.flow.hold.ReadingText;
import mellowflare.core.measure.AbsolutePressure;
import mellowflare.core.measure.FreeAir;
import mellowflare.core.measure.GaugePressure;
import mellowflare.core.measure.LengthFormat;
import mellowflare.core.measure.PressureDifference;
import mellowflare.core.measure.QuantityText;
import mellowflare.core.measure.Read;
import mellowflare.core.measure.Refusal;
import mellowflare.core.measure.UnitSystem;
import mellowflare.core.measure.Volume;
import mellowflare.core.testing.TestGauge;
import mellowflare.core.testing.TestRecord;
import mellowflare.core.testing.Tested;
import mellowflare.core.testing.VacuumReading;
import mellowflare.core.testing.VacuumText;

/** The fields of a test record. */
public final class TestFields {
    private final FieldState<GaugePressure> target;
    private final FieldState<String> gauge = text();
    private final FieldState<String> number = text();
    private final FieldState<GaugePressure> upTo;
    private final FieldState<Double> step;
    private final FieldState<LocalDate> until;
    private final FieldState<Double> volume;
    private final FieldState<AbsolutePressure> barometer;
    private final FieldState<Double> allowed;
    private final FieldState<HoldTest.Reading> reading;
    private final FieldState<VacuumReading> vacuum;
    private final FieldState<String> by = text();
    private final FieldState<String> witness = text();
    private final FieldState<LocalDate> on;

    TestFields(TestsModel m) {
        target = pressure();
        upTo = pressure();
        step = Numbers.field(Say.it("test-fields.step"), 0.000001, 100, "bar");
        until = Days.field();
        volume = Numbers.field(Say.it("test-fields.volume"), 0.001, 1e6, "L");
        barometer = FieldState.of(QuantityText::barometer, b -> "");
        allowed = Numbers.field(Say.it("test-fields.allowed"), 0, 100_000, "L/min");
        reading = new FieldState<>(
                (t, u) -> ReadingText.read(t, u, u == UnitSystem.METRIC ? "bar" : "psi")
                        .then(r -> asTheOthers(m, r)),
                (r, u) -> "");
        vacuum = FieldState.of(VacuumText::read, r -> "");
        on = Days.field();
        told(m, target, Say.it("test-fields.target"), (t, v) -> t.withTarget(v));
        told(
                m,
                gauge,
                Say.it("test-fields.gauge"),
                (t, v) -> t.withGauge(t.gauge().withName(v.orElse(""))));
        told(
                m,
                number,
                Say.it("test-fields.number"),
                (t, v) -> t.withGauge(t.gauge().withNumber(v.orElse(""))));
        told(
                m,
                upTo,
                Say.it("test-fields.range"),
                (t, v) -> t.withGauge(t.gauge().withUpTo(v)));
        told(
                m,
                step,
                Say.it("test-fields.gauge-step"),
                (t, v) -> t.withGauge(t.gauge().withStep(v.map(PressureDifference::ofBar))));
        told(
                m,
                until,
                Say.it("test-fields.until"),
                (t, v) -> t.withGauge(t.gauge().withCalibratedUntil(v)));
        told(m, volume, Say.it("test-fields.shut-in"), (t, v) -> t.withVolume(v.map(Volume::ofLitres)));
        told(m, barometer, Say.it("test-fields.barometer"), (t, v) -> t.withBarometer(v));
        told(m, allowed, Say.it("test-fields.passes"), (t, v) -> t.withAllowed(v.map(FreeAir::ofLitresPerMinute)));
        told(m, by, Say.it("test-fields.by"), (t, v) -> t.withBy(v.orElse("")));
        told(m, witness, Say.it("test-fields.witness"), (t, v) -> t.withWitness(v.orElse("")));
        told(m, on, Say.it("test-fields.day"), (t, v) -> t.withOn(v));
    }

    private static <T> void told(
            TestsModel m, FieldState<T> field, String what, BiFunction<TestRecord, Optional<T>, TestRecord> into) {
        field.onChange(() -> m.change(what, t -> into.apply(t, field.value())));
    }

    private static FieldState<String> text() {
        return FieldState.of(t -> Read.of(t.strip()), t -> "");
    }

    private static FieldState<GaugePressure> pressure() {
        return new FieldState<>(
                (t, u) -> QuantityText.pressure(t, Optional.of(u == UnitSystem.METRIC ? "bar" : "psi")),
                (p, u) -> Figure.of(p).text(u.other()));
    }

    /** With its temperature if the others have theirs, without if they have none. */
    private static Read<HoldTest.Reading> asTheOthers(TestsModel m, HoldTest.Reading r) {
        boolean odd = m.record().stream()
                .flatMap(t -> t.readings().stream())
                .anyMatch(x -> x.seconds() != r.seconds()
                        && x.air().isPresent() != r.air().isPresent());
        return odd
                ? Read.refuse(
                        Refusal.OUT_OF_RANGE,
                        Say.it("test-fields.every-reading", "part", r.air().isPresent() ? "yes" : "no"))
                : Read.of(r);
    }

    /** Shows the record that is written on. */
    void show(Optional<Tested.One> one) {
        TestRecord r =
                one.map(t -> t.last().orElseGet(() -> TestRecord.of(t.ask()))).orElse(null);
        if (r == null) {
            return;
        }
        TestGauge g = r.gauge();
        show(target, r.target(), p -> Figure.of(p).text(UnitSystem.METRIC));
        show(gauge, some(g.name()), t -> t);
        show(number, some(g.number()), t -> t);
        show(upTo, g.upTo(), p -> Figure.of(p).text(UnitSystem.METRIC));
        show(step, g.step().map(PressureDifference::bar), TestFields::figure);
        show(until, g.calibratedUntil(), LocalDate::toString);
        show(volume, r.volume().map(Volume::litres), Numbers::text);
        show(barometer, r.barometer(), b -> figure(b.bar()) + " bar");
        show(allowed, r.allowed().map(FreeAir::litresPerMinute), TestFields::figure);
        show(by, some(r.by()), t -> t);
        show(witness, some(r.witness()), t -> t);
        show(on, r.on(), LocalDate::toString);
    }

    /** Fine enough to be read back the same. */
    private static String figure(double v) {
        return LengthFormat.decimal(v, 6, 0);
    }

    private static Optional<String> some(String text) {
        return Optional.of(text).filter(t -> !t.isBlank());
    }

    private static <T> void show(FieldState<T> field, Optional<T> now, Function<T, String> text) {
        field.show(now.map(text).orElse(""), now, UnitSystem.METRIC);
    }

    public FieldState<GaugePressure> target() {
        return target;
    }

    public FieldState<String> gauge() {
        return gauge;
    }

    public FieldState<String> number() {
        return number;
    }

    public FieldState<GaugePressure> upTo() {
        return upTo;
    }

    public FieldState<Double> step() {
        return step;
    }

    public FieldState<LocalDate> until() {
        return until;
    }

    public FieldState<Double> volume() {
        return volume;
    }

    public FieldState<AbsolutePressure> barometer() {
        return barometer;
    }

    public FieldState<Double> allowed() {
        return allowed;
    }

    public FieldState<HoldTest.Reading> reading() {
        return reading;
    }

    public FieldState<VacuumReading> vacuum() {
        return vacuum;
    }

    public FieldState<String> by() {
        return by;
    }

    public FieldState<String> witness() {
        return witness;
    }

    public FieldState<LocalDate> on() {
        return on;
    }
}
