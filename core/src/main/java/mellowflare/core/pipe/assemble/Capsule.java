package mellowflare.core.pipe.assemble;

import mellowflare.core.geometry.Vector;

/**
 * A straight stretch of a part, as thick all along as its radius.
 *
 * @param from one end (mm)
 * @param to the other (mm)
 * @param radius (mm)
 * @param middle between both ends (mm)
 * @param reach from the middle to its furthest point (mm)
 */
record Capsule(Vector from, Vector to, double radius, Vector middle, double reach) {
    Capsule(Vector from, Vector to, double radius) {
        this(from, to, radius, from.plus(to).times(0.5), from.minus(to).length() / 2 + radius);
    }
}
