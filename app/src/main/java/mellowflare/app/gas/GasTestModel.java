package mellowflare.app.gas;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.UnaryOperator;
import mellowflare.app.entry.FieldState;
import mellowflare.app.entry.Numbers;
import mellowflare.core.flow.hold.HoldTest;
import mellowflare.core.flow.hold.ReadingText;
import mellowflare.core.gas.line.GasTest;
import mellowflare.core.gas.work.SoapJoint;
import mellowflare.core.measure.FreeAir;
import mellowflare.core.measure.PressureDifference;
import mellowflare.core.measure.Read;
import mellowflare.core.measure.Refusal;
import mellowflare.core.measure.UnitSystem;

/** The pressure hold and the soap list without a window. */
public final class GasTestModel {
    private static final double HOUR = 60;

    private final GasModel model;
    private final FieldState<HoldTest.Reading> reading;
    private final FieldState<Double> allowed =
            Numbers.field(Say.it("gas-test-model.the-leak-allowed"), 0, 10_000, "L/h");
    private final FieldState<Double> step = Numbers.field(Say.it("gas-test-model.the-step-gauge"), 0.01, 1000, "mbar");

    public GasTestModel(GasModel model) {
        this.model = model;
        this.reading = new FieldState<>(
                (t, u) -> ReadingText.read(t, u, u == UnitSystem.METRIC ? "mbar" : "inwc")
                        .then(this::asTheOthers),
                (r, u) -> "");
        allowed.onChange(() -> test(
                Say.it("gas-test-model.leak-allowed"),
                t -> t.withAllowed(allowed.value()
                        .map(v -> FreeAir.ofLitresPerMinute(v / HOUR))
                        .orElse(GasTest.NOT_YET.allowed()))));
        step.onChange(() -> test(
                Say.it("gas-test-model.step-gauge"),
                t -> t.withGaugeStep(
                        step.value().map(PressureDifference::ofMillibar).orElse(GasTest.NOT_YET.gaugeStep()))));
        model.currentProperty().addListener((o, was, now) -> refresh());
        refresh();
    }

    /** With its temperature if the others have theirs, without if they have none. */
    private Read<HoldTest.Reading> asTheOthers(HoldTest.Reading r) {
        return readings().stream()
                        .anyMatch(x -> x.seconds() != r.seconds()
                                && x.air().isPresent() != r.air().isPresent())
                ? Read.refuse(
                        Refusal.OUT_OF_RANGE,
                        Say.it("gas-test-model.every-reading", "part", r.air().isPresent() ? "yes" : "no"))
                : Read.of(r);
    }

    public List<HoldTest.Reading> readings() {
        return model.line().test().readings();
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
        reading.value().ifPresent(r -> {
            List<HoldTest.Reading> all = new ArrayList<>(readings());
            // What is read again within a second replaces the reading.
            all.removeIf(x -> Math.abs(x.seconds() - r.seconds()) < HoldTest.LEAST_APART);
            all.add(r);
            all.sort(Comparator.comparingDouble(HoldTest.Reading::seconds));
            test(Say.it("gas-test-model.reading"), t -> t.withReadings(all));
            reading.clear();
        });
    }

    public void remove(HoldTest.Reading r) {
        List<HoldTest.Reading> less = new ArrayList<>(readings());
        less.remove(r);
        test(Say.it("gas-test-model.reading-taken-out"), t -> t.withReadings(less));
    }

    public void apart(Optional<Boolean> is) {
        test(Say.it("gas-test-model.shut-off"), t -> t.withApart(is));
    }

    public List<SoapJoint> joints() {
        return model.c().soapList();
    }

    public boolean soaped(SoapJoint j) {
        return model.line().test().soaped().contains(j.id());
    }

    /** Ticks a joint, or takes the tick away. */
    public void soap(SoapJoint j) {
        Set<String> ids = new HashSet<>(model.line().test().soaped());
        if (!ids.remove(j.id())) {
            ids.add(j.id());
        }
        test(Say.it("gas-test-model.soaped", "joint", j.what()), t -> t.withSoaped(ids));
    }

    private void test(String what, UnaryOperator<GasTest> change) {
        model.change(what, l -> l.withTest(change.apply(l.test())));
    }

    private void refresh() {
        GasTest t = model.line().test();
        double litres = t.allowed().litresPerMinute() * HOUR;
        allowed.show(Numbers.text(litres), Optional.of(litres), model.units());
        step.show(
                Numbers.text(t.gaugeStep().millibar()),
                Optional.of(t.gaugeStep().millibar()),
                model.units());
    }
}
