package mellowflare.app.air;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.function.UnaryOperator;
import mellowflare.app.entry.FieldState;
import mellowflare.app.entry.Numbers;
import mellowflare.core.air.main.Held;
import mellowflare.core.flow.hold.HoldTest;
import mellowflare.core.flow.hold.ReadingText;
import mellowflare.core.measure.FreeAir;
import mellowflare.core.measure.PressureDifference;
import mellowflare.core.measure.Read;
import mellowflare.core.measure.Refusal;
import mellowflare.core.measure.UnitSystem;

/** The readings of a hold test without a window. */
public final class HeldModel {
    private final AirModel model;
    private final FieldState<HoldTest.Reading> reading;
    private final FieldState<Double> allowed = Numbers.field(Say.it("held-model.the-leak-allowed"), 0, 10_000, "L/min");
    private final FieldState<Double> step = Numbers.field(Say.it("held-model.the-step-gauge"), 0.0001, 1, "bar");

    public HeldModel(AirModel model) {
        this.model = model;
        this.reading = new FieldState<>(
                (t, u) -> ReadingText.read(t, u, u == UnitSystem.METRIC ? "bar" : "psi")
                        .then(this::asTheOthers),
                (r, u) -> "");
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
