package mellowflare.core.tube.end;

import java.util.List;
import mellowflare.core.connection.EndCode;
import mellowflare.core.measure.Angle;
import mellowflare.core.reference.Source;

/**
 * What is known of one kind of tube end.
 *
 * @param kind which
 * @param name as shown
 * @param brief as said in lists
 * @param halfAngle of the cone its flare is pressed on; zero where there is none
 * @param layers 1 single, 2 folded
 * @param made how it is made
 * @param nut which nut stands on the tube
 * @param sleeve whether a sleeve goes on the tube as well
 * @param codes families of ends it is made for
 * @param never families that look like it or take its thread and must not
 * @param sealsAt where it seals, in words
 * @param source who says so
 */
public record EndTraits(
        TubeEndKind kind,
        String name,
        String brief,
        Angle halfAngle,
        int layers,
        Made made,
        Nut nut,
        boolean sleeve,
        List<EndCode> codes,
        List<EndCode> never,
        String sealsAt,
        Source source) {
    public EndTraits {
        codes = List.copyOf(codes);
        never = List.copyOf(never);
    }

    /** How an end is made. */
    public enum Made {
        FLARED,
        FORMED,
        RINGED,
        BRAZED,
        BARE
    }

    /** The nut on the tube. */
    public enum Nut {
        /** Goes over the seat's thread. */
        FEMALE,
        /** Goes into the port, in front of it the flare. */
        MALE,
        NONE
    }

    /** Whether the tube's own metal is pressed into the seal. */
    public boolean flared() {
        return made == Made.FLARED || made == Made.FORMED;
    }
}
