package mellowflare.app.tube;

import java.util.List;
import java.util.Optional;
import java.util.function.UnaryOperator;
import mellowflare.app.desk.Desk;
import mellowflare.app.entry.FieldState;
import mellowflare.core.measure.Angle;
import mellowflare.core.measure.LengthFormat;
import mellowflare.core.measure.QuantityText;
import mellowflare.core.measure.UnitSystem;
import mellowflare.core.tube.TubeLineKind;
import mellowflare.core.tube.form.SpringBack;
import mellowflare.core.tube.line.TubeLine;

/** Two trial bends as they are typed: how far the lever went, and what stayed. Without a window. */
public final class TrialBends {
    private final Desk desk;
    private final FieldState<Angle> lever = degrees(1, 180);
    private final FieldState<Angle> kept = degrees(1, 180);
    private final FieldState<Angle> lever2 = degrees(1, 180);
    private final FieldState<Angle> kept2 = degrees(1, 180);
    private String trialRefusal = "";

    /**
     * @param desk the open job
     */
    public TrialBends(Desk desk) {
        this.desk = desk;
        for (FieldState<Angle> f : List.of(lever, kept, lever2, kept2)) {
            f.onChange(this::trials);
        }
        desk.currentProperty().addListener((o, was, now) -> refresh());
        refresh();
    }

    private static FieldState<Angle> degrees(double least, double most) {
        return FieldState.of(t -> QuantityText.angle(t, Optional.of("deg"), least, most), a -> "");
    }

    /** How far the lever went in a trial bend, counted from 0. */
    public FieldState<Angle> lever(int trial) {
        return trial == 0 ? lever : lever2;
    }

    /** What stayed of a trial bend, counted from 0. */
    public FieldState<Angle> kept(int trial) {
        return trial == 0 ? kept : kept2;
    }

    /** Why the trial bends are not taken; empty when they are. */
    public String refusal() {
        return trialRefusal;
    }

    private void trials() {
        try {
            SpringBack s = new SpringBack(trial(lever, kept), trial(lever2, kept2));
            trialRefusal = "";
            change(Say.it("trial-bends.trial-bends"), t -> t.withSpring(s));
        } catch (IllegalArgumentException e) {
            trialRefusal = e.getMessage() + ".";
        }
    }

    private static Optional<SpringBack.Trial> trial(FieldState<Angle> commanded, FieldState<Angle> measured) {
        return commanded.value().flatMap(c -> measured.value().map(m -> new SpringBack.Trial(c, m)));
    }

    private void change(String what, UnaryOperator<TubeLine> change) {
        desk.change(what, "tube" + what, j -> j.change(TubeLineKind.TUBE, change));
    }

    private void refresh() {
        TubeLine t = desk.job().line(TubeLineKind.TUBE);
        UnitSystem u = desk.units();
        if (trialRefusal.isEmpty()) {
            angle(lever, t.spring().first().map(SpringBack.Trial::commanded), u);
            angle(kept, t.spring().first().map(SpringBack.Trial::measured), u);
            angle(lever2, t.spring().second().map(SpringBack.Trial::commanded), u);
            angle(kept2, t.spring().second().map(SpringBack.Trial::measured), u);
        }
    }

    /** Half a trial bend stays as typed until its other half is there. */
    private static void angle(FieldState<Angle> field, Optional<Angle> value, UnitSystem units) {
        if (value.isPresent()) {
            field.show(LengthFormat.decimal(value.get().degrees(), 1, 0), value, units);
        }
    }
}
