package mellowflare.core.parts;

import java.util.Optional;
import mellowflare.core.connection.End;
import mellowflare.core.measure.Angle;
import mellowflare.core.measure.GaugePressure;
import mellowflare.core.measure.Length;

/**
 * What adapters are asked for.
 *
 * @param from the end that is there
 * @param to the end that must be joined to it
 * @param shelfOnly whether only what lies on the shelf counts
 * @param angle the turn that is wanted; empty for straight
 * @param working the pressure that every part must bear
 * @param bore the bore that no part may be below
 */
public record AdapterAsk(
        End from,
        End to,
        boolean shelfOnly,
        Optional<Angle> angle,
        Optional<GaugePressure> working,
        Optional<Length> bore) {
    public static AdapterAsk of(End from, End to) {
        return new AdapterAsk(from, to, false, Optional.empty(), Optional.empty(), Optional.empty());
    }

    AdapterAsk to(End other) {
        return new AdapterAsk(from, other, shelfOnly, angle, working, bore);
    }

    public AdapterAsk fromShelf() {
        return new AdapterAsk(from, to, true, angle, working, bore);
    }

    public AdapterAsk turning(Angle a) {
        return new AdapterAsk(from, to, shelfOnly, Optional.of(a), working, bore);
    }

    public AdapterAsk bearing(GaugePressure p) {
        return new AdapterAsk(from, to, shelfOnly, angle, Optional.of(p), bore);
    }

    /** Whether a part may stand in a chain at all. */
    boolean admits(AdapterPart part) {
        return (!shelfOnly || part.onShelf() > 0)
                && working.filter(w -> part.rating().bar() < w.bar()).isEmpty()
                && bore.filter(b -> part.bore().compareTo(b) < 0).isEmpty()
                && (part.straight() || angle.filter(part.angle()::equals).isPresent());
    }
}
