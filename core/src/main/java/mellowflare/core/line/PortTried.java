package mellowflare.core.line;

import java.util.Optional;
import mellowflare.core.measure.Length;

/**
 * What was tried at a port that should have a ring housing in its mouth.
 *
 * @param homeByHand whether a fitting turns home in it by hand; empty while nobody tried
 * @param ringShows whether the ring peeps out when the fitting is tight; empty while nobody looked
 * @param mouth diameter of the mouth at the face; empty while nobody measured
 */
public record PortTried(Optional<Boolean> homeByHand, Optional<Boolean> ringShows, Optional<Length> mouth) {
    public static final PortTried NOT = new PortTried(Optional.empty(), Optional.empty(), Optional.empty());

    public PortTried {
        if (mouth.filter(m -> m.mm() <= 0).isPresent()) {
            throw new IllegalArgumentException("The mouth of a port has a diameter above zero");
        }
    }

    public PortTried withHomeByHand(Optional<Boolean> does) {
        return new PortTried(does, ringShows, mouth);
    }

    public PortTried withRingShows(Optional<Boolean> does) {
        return new PortTried(homeByHand, does, mouth);
    }

    public PortTried withMouth(Optional<Length> measured) {
        return new PortTried(homeByHand, ringShows, measured);
    }
}
