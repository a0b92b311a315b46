package mellowflare.core.pipe.layout;

import mellowflare.core.geometry.Vector;

/**
 * A box that is in the way, its sides along the three directions. A wall is a thin, wide one.
 *
 * @param name as it is called
 * @param low its least corner (mm): ahead, left, up from the start
 * @param high its greatest corner (mm), above the least in each direction
 */
public record Box(String name, Vector low, Vector high) {
    public Box {
        name = name.strip();
        if (!(low.x() < high.x() && low.y() < high.y() && low.z() < high.z())) {
            throw new IllegalArgumentException("A box runs from its least to its greatest corner");
        }
    }

    /** How far a point lies from it (mm); zero inside. */
    public double from(Vector p) {
        double x = Math.max(0, Math.max(low.x() - p.x(), p.x() - high.x()));
        double y = Math.max(0, Math.max(low.y() - p.y(), p.y() - high.y()));
        double z = Math.max(0, Math.max(low.z() - p.z(), p.z() - high.z()));
        return Math.sqrt(x * x + y * y + z * z);
    }
}
