package mellowflare.core.pipe.stock;

import java.util.Optional;
import mellowflare.core.measure.Length;
import mellowflare.core.reference.Source;

/**
 * One size of a system of fittings.
 *
 * @param system under which its dimensions are listed
 * @param size name of the size, a label and no length
 * @param centre90 centre to face of elbow, tee and cross
 * @param centre45 centre to face of the 45 degree elbow; empty where there is none or none is confirmed
 * @param coupling length of a coupling; empty where the standard has none
 * @param socket depth of the socket that pipe is pushed into; empty for threads
 * @param more street elbows and caps; empty where none are listed
 * @param source standard
 */
public record FittingSize(
        String system,
        String size,
        Length centre90,
        Optional<Length> centre45,
        Optional<Length> coupling,
        Optional<Length> socket,
        Optional<More> more,
        Source source) {

    /**
     * What only some systems list.
     *
     * @param street90 centre to the male end of a 90 degree street elbow
     * @param street45 the same at 45 degrees
     * @param cap height of a cap
     * @param source standard
     */
    public record More(Optional<Length> street90, Optional<Length> street45, Optional<Length> cap, Source source) {}

    FittingSize with(Optional<More> listed) {
        return new FittingSize(system, size, centre90, centre45, coupling, socket, listed, source);
    }
}
