package mellowflare.core.gas.work;

import java.util.Optional;
import mellowflare.core.gas.layout.GasWalk;
import mellowflare.core.gas.layout.Piece;
import mellowflare.core.measure.GasFlow;
import mellowflare.core.measure.GaugePressure;
import mellowflare.core.measure.Power;
import mellowflare.core.measure.PressureDifference;

/**
 * An appliance's inlet, worked out.
 *
 * @param at the appliance and its place
 * @param input that counts: the plate's, or the usual one
 * @param flow at that input
 * @param stage pressure that its stage is set to; empty while nothing feeds it
 * @param regulated whether a regulator, or a house connection, stands between it and the source
 * @param pressure the least that stands there while it burns, in the worst case; empty while it is not known
 * @param before the same without what is new; empty for what is new itself, and while nothing is
 * @param shut pressure when nothing is drawn: its regulator has locked up
 * @param least that it needs
 * @param greatest that it is rated to
 */
public record Inlet(
        GasWalk.At at,
        Optional<Power> input,
        Optional<GasFlow> flow,
        Optional<GaugePressure> stage,
        boolean regulated,
        Optional<GaugePressure> pressure,
        Optional<GaugePressure> before,
        Optional<GaugePressure> shut,
        Optional<GaugePressure> least,
        Optional<GaugePressure> greatest) {
    public String name() {
        return at.appliance().name();
    }

    public Piece.Appliance appliance() {
        return at.appliance();
    }

    /** What is lost from its regulator or meter to it, height counted in. */
    public Optional<PressureDifference> drop() {
        return stage.flatMap(s -> pressure.map(s::minus));
    }

    /** Whether it gets less than it needs. */
    public boolean shortOf() {
        return pressure.isPresent() && least.isPresent() && pressure.get().compareTo(least.get()) < 0;
    }

    /** Whether it had enough before something was added, and has no more. */
    public boolean starvedByNew() {
        return shortOf()
                && before.filter(b -> least.filter(l -> b.compareTo(l) >= 0).isPresent())
                        .isPresent();
    }
}
