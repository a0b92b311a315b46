package mellowflare.core.tube.line;

import java.util.Optional;
import mellowflare.core.measure.Length;

/**
 * Room on the job for what only tube needs. What has not been said stays empty.
 *
 * @param cutter clear radius round the tube for the cutter's swing
 * @param bar clear room beside the tube for flaring bar and yoke
 * @param bender clear room beside the tube for the bender's handle
 */
public record TubeRoom(Optional<Length> cutter, Optional<Length> bar, Optional<Length> bender) {
    public static final TubeRoom UNSAID = new TubeRoom(Optional.empty(), Optional.empty(), Optional.empty());

    public TubeRoom withCutter(Optional<Length> l) {
        return new TubeRoom(l, bar, bender);
    }

    public TubeRoom withBar(Optional<Length> l) {
        return new TubeRoom(cutter, l, bender);
    }

    public TubeRoom withBender(Optional<Length> l) {
        return new TubeRoom(cutter, bar, l);
    }
}
