package mellowflare.app.tee;

import java.util.List;
import java.util.Optional;
import java.util.function.BiFunction;
import java.util.function.UnaryOperator;
import javafx.beans.property.ReadOnlyObjectProperty;
import mellowflare.app.desk.Desk;
import mellowflare.app.entry.FieldState;
import mellowflare.app.line.AboveZero;
import mellowflare.book.job.Papers;
import mellowflare.core.job.Evaluation;
import mellowflare.core.measure.Length;
import mellowflare.core.measure.LengthFormat;
import mellowflare.core.measure.UnitSystem;
import mellowflare.core.tee.TeeInKind;
import mellowflare.core.tee.TeePlan;
import mellowflare.core.tee.line.TeeLine;
import mellowflare.core.tee.stock.TeeFluid;
import mellowflare.core.tee.stock.TeeMethod;
import mellowflare.core.tee.work.TeeCase;

/** A tee into a standing line without a window. */
public final class TeeModel {
    private final Desk desk;
    private final FieldState<Length> tube = AboveZero.field();
    private final FieldState<Length> across = AboveZero.field();
    private final FieldState<Length> goesIn = AboveZero.orZero();
    private final FieldState<Length> gap = AboveZero.orZero();
    private final FieldState<Length> slackA = AboveZero.orZero();
    private final FieldState<Length> slackB = AboveZero.orZero();
    private final FieldState<Length> straightA = AboveZero.orZero();
    private final FieldState<Length> straightB = AboveZero.orZero();
    private final FieldState<Length> union = AboveZero.field();

    public TeeModel(Desk desk) {
        this.desk = desk;
        keep(tube, Say.it("tee-model.tube"), (l, v) -> l.withTube(v));
        keep(across, Say.it("tee-model.across"), (l, v) -> l.withAcross(v));
        keep(goesIn, Say.it("tee-model.goes-in"), (l, v) -> l.withGoesIn(v));
        keep(gap, Say.it("tee-model.gap"), (l, v) -> l.withGap(v));
        keep(slackA, Say.it("tee-model.slack-a"), (l, v) -> l.withSlackA(v));
        keep(slackB, Say.it("tee-model.slack-b"), (l, v) -> l.withSlackB(v));
        keep(straightA, Say.it("tee-model.straight-a"), (l, v) -> l.withStraightA(v));
        keep(straightB, Say.it("tee-model.straight-b"), (l, v) -> l.withStraightB(v));
        keep(union, Say.it("tee-model.union"), (l, v) -> l.withUnionAcross(v));
        desk.currentProperty().addListener((o, was, now) -> refresh());
        refresh();
    }

    private void keep(FieldState<Length> field, String what, BiFunction<TeeLine, Optional<Length>, TeeLine> with) {
        field.onChange(() -> change(what, l -> with.apply(l, field.value())));
    }

    public ReadOnlyObjectProperty<Evaluation> currentProperty() {
        return desk.currentProperty();
    }

    /** Whether the open job is a tee-in. */
    public boolean isTee() {
        return desk.job().is(TeeInKind.TEE);
    }

    public TeePlan plan() {
        return desk.current().plan(TeeInKind.TEE).orElseThrow();
    }

    public TeeCase c() {
        return plan().c();
    }

    public TeeLine line() {
        return desk.job().line(TeeInKind.TEE);
    }

    public UnitSystem units() {
        return desk.units();
    }

    // --- fields ---

    public FieldState<Length> tube() {
        return tube;
    }

    public FieldState<Length> across() {
        return across;
    }

    public FieldState<Length> goesIn() {
        return goesIn;
    }

    public FieldState<Length> gap() {
        return gap;
    }

    public FieldState<Length> slackA() {
        return slackA;
    }

    public FieldState<Length> slackB() {
        return slackB;
    }

    public FieldState<Length> straightA() {
        return straightA;
    }

    public FieldState<Length> straightB() {
        return straightB;
    }

    public FieldState<Length> union() {
        return union;
    }

    // --- choices ---

    /** What a joint takes in where nothing is typed; empty while no joint is chosen. */
    public String usuallyGoesIn() {
        return c().method().map(m -> LengthFormat.figure(m.goesIn(), units())).orElse("");
    }

    public void fluid(Optional<TeeFluid> fluid) {
        change(Say.it("tee-model.fluid"), l -> l.withFluid(fluid));
    }

    /** Another joint takes in another length: what was measured on the one before is forgotten. */
    public void method(Optional<TeeMethod.Id> method) {
        change(
                Say.it("tee-model.method"),
                l -> l.method().equals(method)
                        ? l
                        : l.with().method(method).goesIn(Optional.empty()).build());
    }

    void change(String what, UnaryOperator<TeeLine> change) {
        desk.change(what, "tee" + what, j -> j.change(TeeInKind.TEE, change));
    }

    // --- papers ---

    public List<Papers.Offer> papers() {
        return Papers.offered(TeeInKind.TEE);
    }

    public void write(Papers.Offer paper) {
        desk.write(paper);
    }

    private void refresh() {
        TeeLine l = line();
        length(tube, l.tube());
        length(across, l.across());
        length(goesIn, l.goesIn());
        length(gap, l.gap());
        length(slackA, l.slackA());
        length(slackB, l.slackB());
        length(straightA, l.straightA());
        length(straightB, l.straightB());
        length(union, l.unionAcross());
    }

    private void length(FieldState<Length> field, Optional<Length> value) {
        field.show(value.map(v -> LengthFormat.figure(v, units())).orElse(""), value, units());
    }
}
