package mellowflare.core.hose;

import java.util.Optional;
import mellowflare.core.sealing.SealAdvice;

/**
 * How one joint of a line is sealed.
 *
 * @param side the side it is on
 * @param advice what goes on it; empty while the port and the seat are not settled
 */
public record JointPlan(Side side, Optional<SealAdvice> advice) {}
