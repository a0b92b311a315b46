package mellowflare.core.pipe.offset;

import java.util.Optional;
import mellowflare.core.measure.Length;
import mellowflare.core.pipe.makeup.Off;

/**
 * What an offset takes from its parts.
 *
 * @param centreToEnd of the fitting; empty while it is not known
 * @param makeUp of its threads; empty while it is not known
 * @param takeOff of the fitting: centre to end, less make-up; empty while it is not known
 * @param setBackA from the face at A to the pipe's end
 * @param setBackC the same at C
 * @param outside of the pipe, for what it passes; empty while it is not known
 * @param rounding of the cuts
 */
public record OffsetGiven(
        Optional<Length> centreToEnd,
        Optional<Length> makeUp,
        Optional<Off> takeOff,
        Optional<Off> setBackA,
        Optional<Off> setBackC,
        Optional<Length> outside,
        Rounding rounding) {}
