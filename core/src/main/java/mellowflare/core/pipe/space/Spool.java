package mellowflare.core.pipe.space;

import java.util.Optional;
import mellowflare.core.geometry.Vector;
import mellowflare.core.measure.Length;

/**
 * A piece of pipe between two fittings.
 *
 * @param name of the piece that was called out, or one made for a nipple that nobody called
 * @param from number of the fitting where it begins
 * @param fromMouth number of the mouth there
 * @param to number of the fitting where it ends
 * @param toMouth number of the mouth there
 * @param size of the pipe
 * @param swaged size of its other end, where it is a swage nipple; empty where both ends are alike
 * @param points from the point of one fitting to that of the other
 * @param exact end to end; empty while what its fittings take is not known
 * @param bought length of the nipple that is bought for it; empty where it is cut
 * @param implied whether nobody called it: a close nipple between two fittings
 * @param direction from its beginning to its end
 */
public record Spool(
        String name,
        int from,
        int fromMouth,
        int to,
        int toMouth,
        String size,
        Optional<String> swaged,
        Length points,
        Optional<Length> exact,
        Optional<Length> bought,
        boolean implied,
        Vector direction) {}
