package mellowflare.core.tube.end;

import mellowflare.core.measure.Length;
import mellowflare.core.reference.Source;

/**
 * The nut on a tube, and its sleeve or ring.
 *
 * @param length of the nut
 * @param sleeve length of the sleeve or ring; zero where there is none
 * @param hex across the flats
 * @param source who says so
 */
public record NutSize(Length length, Length sleeve, Length hex, Source source) {
    /** Straight tube that both take. */
    public Length together() {
        return length.plus(sleeve);
    }
}
