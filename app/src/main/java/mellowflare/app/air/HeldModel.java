package mellowflare.app.air;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import java.util.function.UnaryOperator;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import mellowflare.app.entry.FieldState;
import mellowflare.core.air.main.Held;
import mellowflare.core.flow.hold.HoldTest;
import mellowflare.core.measure.AbsolutePressure;
import mellowflare.core.measure.FreeAir;
import mellowflare.core.measure.GaugePressure;
import mellowflare.core.measure.PressureDifference;
import mellowflare.core.measure.QuantityText;
import mellowflare.core.measure.Read;
import mellowflare.core.measure.Refusal;
import mellowflare.core.measure.Temperature;
import mellowflare.core.measure.UnitSystem;

/** The readings of a hold test without a window. */
public final class HeldModel {
    private static final Pattern LINE = Pattern.compile(
            "\\s*(\\d+(?:\\.\\d+)?)\\s*(min|h|s)?[\\s,;]+(\\d+(?:\\.\\d+)?\\s*(?:bar|psi|kPa)?)(?:[\\s,;]+(-?\\d+(?:\\.\\d+)?\\s*[°]?[CFcf]?))?(?:[\\s,;]+(\\d+(?:\\.\\d+)?\\s*(?:hPa|mbar|bar|inHg)))?\\s*");

    private final AirModel model;
    private final FieldState<HoldTest.Reading> reading;
    private final FieldState<Double> allowed = Numbers.field(Say.it("held-model.the-leak-allowed"), 0, 10_000, "L/min");
    private final FieldState<Double> step = Numbers.field(Say.it("held-model.the-step-gauge"), 0.0001, 1, "bar");

    public HeldModel(AirModel model) {
        this.model = model;
        this.reading = new FieldState<>((t, u) -> read(t, u).then(this::asTheOthers), (r, u) -> "");
        allowed.onChange(() -> held(
                Say.it("held-model.leak-allowed"),
                h -> h.withAllowed(
                        allowed.value().map(FreeAir::ofLitresPerMinute).orElse(Held.NOT_YET.allowed()))));
        step.onChange(() -> held(
                Say.it("held-model.step-gauge"),
                h -> h.withGaugeStep(step.value().map(PressureDifference::ofBar).orElse(Held.NOT_YET.gaugeStep()))));
        model.currentProperty().addListener((o, was, now) -> refresh());
        refresh();
    }

    /** Reads “60 min 7.9 bar 17 C”; minutes, the job's pressure and temperature where no unit stands. */
    static Read<HoldTest.Reading> read(String text, UnitSystem units) {
        Matcher m = LINE.matcher(text);
        if (!m.matches()) {
            return Read.refuse(Refusal.NOT_A_NUMBER, Say.it("held-model.a-reading-time-pressure"));
        }
        double factor = "h".equals(m.group(2)) ? 3600 : "s".equals(m.group(2)) ? 1 : 60;
        double seconds = Double.parseDouble(m.group(1)) * factor;
        if (seconds > HoldTest.Reading.LONGEST_SECONDS) {
            return Read.refuse(Refusal.OUT_OF_RANGE, Say.it("held-model.no-test-tightness-lasts"));
        }
        boolean metric = units == UnitSystem.METRIC;
        Read<GaugePressure> bar = QuantityText.pressure(m.group(3), Optional.of(metric ? "bar" : "psi"));
        Read<Optional<Temperature>> air =
                ifGiven(m.group(4), t -> QuantityText.temperature(t, Optional.of(metric ? "C" : "F")));
        Read<Optional<AbsolutePressure>> ambient = ifGiven(m.group(5), QuantityText::barometer);
        return bar.then(p -> air.then(t -> ambient.then(a -> Read.of(new HoldTest.Reading(seconds, p, t, a)))));
    }

    private static <T> Read<Optional<T>> ifGiven(String text, Function<String, Read<T>> reader) {
        return text == null ? Read.of(Optional.empty()) : reader.apply(text).then(x -> Read.of(Optional.of(x)));
    }

    /** With its temperature if the others have theirs, without if they have none. */
    private Read<HoldTest.Reading> asTheOthers(HoldTest.Reading r) {
        return model.line().held().readings().stream()
                        .anyMatch(x -> x.seconds() != r.seconds()
                                && x.air().isPresent() != r.air().isPresent())
                ? Read.refuse(
                        Refusal.OUT_OF_RANGE,
                        Say.it(
                                "held-model.every-reading-hold-test",
                                "part",
                                r.air().isPresent() ? "yes" : "no"))
                : Read.of(r);
    }

    public FieldState<HoldTest.Reading> reading() {
        return reading;
    }

    public FieldState<Double> allowed() {
        return allowed;
    }

    public FieldState<Double> step() {
        return step;
    }

    /** Takes the typed reading in, in its place by time. */
    public void take() {
        Optional<HoldTest.Reading> typed = reading.value();
        if (typed.isEmpty()) {
            return;
        }
        HoldTest.Reading r = typed.get();
        List<HoldTest.Reading> all = new ArrayList<>(model.line().held().readings());
        // What is read again within a second replaces the reading.
        all.removeIf(x -> Math.abs(x.seconds() - r.seconds()) < HoldTest.LEAST_APART);
        all.add(r);
        all.sort(Comparator.comparingDouble(HoldTest.Reading::seconds));
        held(Say.it("held-model.reading"), h -> h.withReadings(all));
        reading.clear();
    }

    public void remove(HoldTest.Reading r) {
        List<HoldTest.Reading> less = new ArrayList<>(model.line().held().readings());
        less.remove(r);
        held(Say.it("held-model.reading-taken-out"), h -> h.withReadings(less));
    }

    public void receiver(boolean is) {
        held(Say.it("held-model.what-shut"), h -> h.withReceiver(is));
    }

    private void held(String what, UnaryOperator<Held> change) {
        model.main(what, m -> m.withHeld(change.apply(m.held())));
    }

    private void refresh() {
        Held h = model.line().held();
        allowed.show(
                Numbers.text(h.allowed().litresPerMinute()),
                Optional.of(h.allowed().litresPerMinute()),
                model.units());
        step.show(Numbers.text(h.gaugeStep().bar()), Optional.of(h.gaugeStep().bar()), model.units());
    }
}
