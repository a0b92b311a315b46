package mellowflare.app.line.tube;

import java.util.Optional;
import mellowflare.app.desk.Desk;
import mellowflare.app.entry.FieldState;
import mellowflare.app.line.AboveZero;
import mellowflare.core.connection.Which;
import mellowflare.core.measure.Length;
import mellowflare.core.measure.UnitSystem;
import mellowflare.core.tube.Redo;
import mellowflare.core.tube.TubeCase;
import mellowflare.core.tube.form.FitChance;

/** Whether the tube drops in, and what becomes of it when a flare is cut off, without a window. */
public final class FitModel {
    private final Desk desk;
    private final FieldState<Length> off = AboveZero.field();
    private final FieldState<Length> spare = AboveZero.orZero();
    private Which which = Which.A;
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

    public Which which() {
        return which;
    }

    public void which(Which w) {
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
        return desk.current().tube().orElseThrow().c();
    }

    public UnitSystem units() {
        return desk.units();
    }

    public Optional<FitChance> fit() {
        return c().fit();
    }

    /** What rounding does where it matters, as the rule says it. */
    public String roundingSays() {
        return desk.current().tube().orElseThrow().says("fit.rounding").orElse("Nothing is rounded yet.");
    }

    public Optional<Redo> redo() {
        return off.value()
                .flatMap(o -> Redo.of(c(), which, o, bent, spare.value().orElse(Length.ZERO)));
    }
}
