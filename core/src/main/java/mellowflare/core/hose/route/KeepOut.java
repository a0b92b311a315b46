package mellowflare.core.hose.route;

import mellowflare.core.geometry.Vector;

/**
 * A box in space that a hose must stay out of: an exhaust, a moving arm, a sharp plate. Its sides lie along the axes.
 *
 * @param name what it is
 * @param low its corner with the smallest coordinates (mm)
 * @param high its corner with the largest (mm)
 */
public record KeepOut(String name, Vector low, Vector high) {
    public KeepOut {
        if (!PortAt.near(low) || !PortAt.near(high)) {
            throw new IllegalArgumentException("What a hose must stay out of lies within 100 m");
        }
        if (!low.isFinite() || !high.isFinite() || !(low.x() < high.x() && low.y() < high.y() && low.z() < high.z())) {
            throw new IllegalArgumentException(
                    "A keep-out runs from its low corner to its high one in all three directions");
        }
    }

    /** The box between any two opposite corners. */
    public static KeepOut between(String name, Vector one, Vector other) {
        return new KeepOut(
                name,
                new Vector(Math.min(one.x(), other.x()), Math.min(one.y(), other.y()), Math.min(one.z(), other.z())),
                new Vector(Math.max(one.x(), other.x()), Math.max(one.y(), other.y()), Math.max(one.z(), other.z())));
    }

    /** How far a place lies from the box (mm); inside it below zero, by how deep it lies. */
    public double distance(Vector p) {
        double deep = Math.min(
                Math.min(Math.min(p.x() - low.x(), high.x() - p.x()), Math.min(p.y() - low.y(), high.y() - p.y())),
                Math.min(p.z() - low.z(), high.z() - p.z()));
        if (deep > 0) {
            return -deep;
        }
        double dx = Math.max(0, Math.max(low.x() - p.x(), p.x() - high.x()));
        double dy = Math.max(0, Math.max(low.y() - p.y(), p.y() - high.y()));
        double dz = Math.max(0, Math.max(low.z() - p.z(), p.z() - high.z()));
        return Math.sqrt(dx * dx + dy * dy + dz * dz);
    }

    Vector middle() {
        return low.plus(high).times(0.5);
    }
}
