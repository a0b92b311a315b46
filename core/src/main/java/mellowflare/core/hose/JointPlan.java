package mellowflare.core.hose;

import java.util.List;
import java.util.Optional;
import mellowflare.core.hose.line.Fitted;
import mellowflare.core.hose.line.Side;
import mellowflare.core.sealing.SealAdvice;

/**
 * How the joint of one side is sealed, and how each adapter behind it is.
 *
 * @param side the side it is on
 * @param advice what goes on the hose end's joint; empty while what it goes on and the seat are not settled
 * @param adapters the joints of the adapters, the one on the port first
 */
public record JointPlan(Side side, Optional<SealAdvice> advice, List<AdapterJoint> adapters) {
    public JointPlan {
        adapters = List.copyOf(adapters);
    }

    /**
     * The joint of an adapter toward the port.
     *
     * @param adapter the adapter
     * @param advice what goes on it; empty when it does not mate
     */
    public record AdapterJoint(Fitted adapter, Optional<SealAdvice> advice) {}
}
