package mellowflare.app.tube;

import java.util.Optional;
import mellowflare.app.desk.Desk;
import mellowflare.app.entry.FieldState;
import mellowflare.app.line.AboveZero;
import mellowflare.core.connection.LineEnd;
import mellowflare.core.measure.Length;
import mellowflare.core.measure.UnitSystem;
import mellowflare.core.tube.TubeLineKind;
import mellowflare.core.tube.form.FitChance;
import mellowflare.core.tube.line.Redo;
import mellowflare.core.tube.line.TubeCase;

/** Whether the tube drops in, and what becomes of it when a flare is cut off, without a window. */
public final class FitModel {
    private final Desk desk;
    private final FieldState<Length> off = AboveZero.taped();
    private final FieldState<Length> spare = AboveZero.orZero();
    private LineEnd which = LineEnd.A;
    private boolean bent = true;
    private Runnable changed = () -> {};

    public FitModel(Desk desk) {
        this.desk = desk;
        off.onChange(() -> changed.run());
        spare.onChange(() -> changed.run());
    }

    public void onChange(Runnable action) {
        changed = action;
    }

    /** How much is cut off with the bad flare. */
    public FieldState<Length> off() {
        return off;
    }

    /** How much too long the tube still is at that end. */
    public FieldState<Length> spare() {
        return spare;
    }

    public LineEnd which() {
        return which;
    }

    public void which(LineEnd w) {
        which = w;
        changed.run();
    }

    public boolean bent() {
        return bent;
    }

    public void bent(boolean is) {
        bent = is;
        changed.run();
    }

    private TubeCase c() {
        return desk.current().plan(TubeLineKind.TUBE).orElseThrow().c();
    }

    public UnitSystem units() {
        return desk.units();
    }

    public Optional<FitChance> fit() {
        return c().fit();
    }

    /** What rounding does where it matters, as the rule says it. */
    public String roundingSays() {
        return desk.current()
                .plan(TubeLineKind.TUBE)
                .orElseThrow()
                .says("fit.rounding", desk.units())
                .orElse(Say.it("fit-model.nothing-rounded-yet"));
    }

    public Optional<Redo> redo() {
        return off.value()
                .flatMap(o -> Redo.of(c(), which, o, bent, spare.value().orElse(Length.ZERO)));
    }
}
