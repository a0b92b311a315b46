package mellowflare.core.pipe.chance;

import mellowflare.core.geometry.Vector;
import mellowflare.core.measure.Length;

/**
 * One thing that moves the far end.
 *
 * @param cause what it is
 * @param reading whether it is a measured figure, which a second reading betters
 * @param scatter one standard deviation
 * @param direction in which it moves the far end, its length the share that arrives
 */
public record Part(Cause cause, boolean reading, Length scatter, Vector direction) {
    /** Its variance over all three directions (mm2). */
    double variance() {
        double s = scatter.mm();
        return s * s * direction.dot(direction);
    }
}
