package mellowflare.app.gauge;

import java.util.HashMap;
import java.util.Map;
import java.util.Optional;
import java.util.function.UnaryOperator;
import mellowflare.app.entry.FieldState;
import mellowflare.core.identify.Observation;
import mellowflare.core.identify.SecondDiameter;
import mellowflare.core.line.Port;
import mellowflare.core.measure.Angle;
import mellowflare.core.measure.Length;
import mellowflare.core.measure.LengthFormat;
import mellowflare.core.measure.LengthText;
import mellowflare.core.measure.QuantityText;
import mellowflare.core.measure.Read;
import mellowflare.core.measure.Refusal;
import mellowflare.core.measure.UnitSystem;
import mellowflare.core.thread.Pitch;
import mellowflare.core.thread.PitchReading;

/** The readings of Gauge as they are typed. */
public final class GaugeFields {
    private final FieldState<Length> diameter = length();
    private final FieldState<PitchReading> pitch = new FieldState<>(PitchReading::read, (p, u) -> p.understood());
    private final FieldState<SecondDiameter> second =
            new FieldState<>(SecondDiameter::read, (s, u) -> s.text(u.other()));
    private final FieldState<Length> hex = measure();
    private final FieldState<Length> tube = measure();
    private final FieldState<Angle> seatAngle =
            FieldState.of(GaugeFields::readAngle, a -> Say.it("gauge-fields.from-axis-or-included"));
    private FieldState<Length> measuring = diameter;

    /** Where a change of a reading goes. */
    interface Seen {
        /**
         * @param what which reading
         * @param change what it changes in what was seen
         */
        void see(String what, UnaryOperator<Observation> change);
    }

    /** Says who hears of each reading. */
    void onChange(Seen seen) {
        diameter.onChange(() -> seen.see(Say.it("gauge-fields.diameter"), o -> o.withDiameter(diameter.value())));
        pitch.onChange(() -> seen.see(Say.it("gauge-fields.pitch"), o -> o.withPitchReading(pitch.value())));
        second.onChange(() -> seen.see(Say.it("gauge-fields.second-diameter"), o -> o.withSecond(second.value())));
        hex.onChange(() -> seen.see(Say.it("gauge-fields.hex"), o -> o.withHex(hex.value())));
        tube.onChange(() -> seen.see(Say.it("gauge-fields.tube"), o -> o.withTube(tube.value())));
        seatAngle.onChange(() -> seen.see(Say.it("gauge-fields.seat-angle"), o -> o.withSeatAngle(seatAngle.value())));
    }

    private static FieldState<Length> length() {
        return new FieldState<>(GaugeFields::readDiameter, (v, u) -> LengthFormat.figure(v, u.other()));
    }

    private static FieldState<Length> measure() {
        return new FieldState<>(
                (t, u) -> LengthText.read(t, u)
                        .then(l -> Observation.isMeasure(l)
                                ? Read.of(l)
                                : Read.refuse(
                                        Refusal.OUT_OF_RANGE,
                                        Say.it("gauge-fields.no-size-hex-or", "l", LengthFormat.figure(l, u)))),
                (v, u) -> LengthFormat.figure(v, u.other()));
    }

    private static Read<Length> readDiameter(String text, UnitSystem units) {
        return LengthText.read(text, units)
                .then(l -> Observation.isDiameter(l)
                        ? Read.of(l)
                        : Read.refuse(
                                Refusal.OUT_OF_RANGE,
                                Say.it("gauge-fields.no-size-fitting-expected", "l", LengthFormat.figure(l, units))));
    }

    private static Read<Angle> readAngle(String text) {
        return QuantityText.angle(text, Optional.of("deg"))
                .then(a -> a.degrees() >= 5 && a.degrees() <= 130
                        ? Read.of(a)
                        : Read.refuse(Refusal.OUT_OF_RANGE, Say.it("gauge-fields.a-seat-angle-lies")));
    }

    public FieldState<Length> diameter() {
        return diameter;
    }

    public FieldState<PitchReading> pitch() {
        return pitch;
    }

    public FieldState<SecondDiameter> second() {
        return second;
    }

    public FieldState<Length> hex() {
        return hex;
    }

    public FieldState<Length> tube() {
        return tube;
    }

    public FieldState<Angle> seatAngle() {
        return seatAngle;
    }

    /** The field that the next reading of a caliper goes into; across the end while no other was entered last. */
    public void measuring(FieldState<Length> field) {
        measuring = field;
    }

    FieldState<Length> measuring() {
        return measuring;
    }

    /** The texts as typed, by field, so that reopening shows them. */
    Map<String, String> typed() {
        Map<String, String> typed = new HashMap<>();
        typed.put("diameter", diameter.textProperty().get());
        typed.put("pitch", pitch.textProperty().get());
        typed.put("second", second.textProperty().get());
        typed.put("hex", hex.textProperty().get());
        typed.put("tube", tube.textProperty().get());
        typed.put("seatAngle", seatAngle.textProperty().get());
        return typed;
    }

    /** Shows what a port holds, as it was typed where that still stands. */
    void show(Port port, Observation seen, UnitSystem units) {
        diameter.show(
                typedOr(port, "diameter", seen.diameter().map(d -> LengthFormat.figure(d, units))),
                seen.diameter(),
                units);
        pitch.show(typedOr(port, "pitch", seen.pitch().map(Pitch::text)), seen.pitchReading(), units);
        second.show(typedOr(port, "second", seen.second().map(s -> s.text(units))), seen.second(), units);
        hex.show(typedOr(port, "hex", seen.hex().map(h -> LengthFormat.figure(h, units))), seen.hex(), units);
        tube.show(typedOr(port, "tube", seen.tube().map(t -> LengthFormat.figure(t, units))), seen.tube(), units);
        seatAngle.show(
                typedOr(port, "seatAngle", seen.seatAngle().map(a -> LengthFormat.decimal(a.degrees(), 1, 0))),
                seen.seatAngle(),
                units);
    }

    private static String typedOr(Port port, String field, Optional<String> value) {
        return value.isEmpty() ? "" : port.typed().getOrDefault(field, value.get());
    }
}
