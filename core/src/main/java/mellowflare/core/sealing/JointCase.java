package mellowflare.core.sealing;

import java.util.Optional;
import mellowflare.core.advice.Subject;
import mellowflare.core.connection.End;
import mellowflare.core.connection.Seat;
import mellowflare.core.fluid.Fluid;
import mellowflare.core.reference.ReferenceData;

/**
 * One joint with what the rules of sealing look at.
 *
 * @param end either side of it
 * @param seat how it seals
 * @param fluid what runs in it
 * @param about which joint of a line
 * @param data must hold {@link JointLimits#KEY} and the compatibility of elastomers
 */
public record JointCase(End end, Seat seat, Optional<Fluid> fluid, Subject about, ReferenceData data) {}
