package mellowflare.core.tube.line;

import java.util.Optional;
import mellowflare.core.measure.Length;
import mellowflare.core.tube.end.TubeEndKind;

/**
 * One end of a tube as the job keeps it.
 *
 * @param kind how it ends
 * @param tool id of the flaring tool
 * @param stickOut as set by the fitter; empty takes it from the flare bench or the method
 * @param reach how far the tube reaches in past the point that was measured, zero or more
 */
public record TubeEnd(Optional<TubeEndKind> kind, Optional<String> tool, Optional<Length> stickOut, Length reach) {
    public static final TubeEnd UNSAID = new TubeEnd(Optional.empty(), Optional.empty(), Optional.empty(), Length.ZERO);

    public TubeEnd {
        if (reach.mm() < 0 || stickOut.filter(s -> s.mm() < 0).isPresent()) {
            throw new IllegalArgumentException("Stick-out and reach of a tube end are not below zero");
        }
    }

    /** With another kind; tool and stick-out chosen for the old one fall away. */
    public TubeEnd withKind(Optional<TubeEndKind> k) {
        return k.equals(kind) ? this : new TubeEnd(k, Optional.empty(), Optional.empty(), reach);
    }

    /** With another tool; a stick-out set for the old one falls away. */
    public TubeEnd withTool(Optional<String> t) {
        return t.equals(tool) ? this : new TubeEnd(kind, t, Optional.empty(), reach);
    }

    public TubeEnd withStickOut(Optional<Length> s) {
        return new TubeEnd(kind, tool, s, reach);
    }

    public TubeEnd withReach(Length r) {
        return new TubeEnd(kind, tool, stickOut, r);
    }
}
