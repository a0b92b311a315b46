package mellowflare.core.hose.route;

import java.util.Optional;
import mellowflare.core.geometry.Pose;
import mellowflare.core.geometry.Vector;
import mellowflare.core.parts.HoseEndPart;

/**
 * Where a port sits.
 *
 * @param at its sealing point (mm)
 * @param out the direction out of it, toward the hose; not nothing
 * @param leaves with an elbow on it, where the hose shall leave toward; only its part square to {@code out} counts
 */
public record PortAt(Vector at, Vector out, Optional<Vector> leaves) {
    /** No hose is laid through more of the world (mm). */
    private static final double FURTHEST_MM = 100_000;

    public PortAt {
        if (!near(at)) {
            throw new IllegalArgumentException("A port sits within 100 m of the other");
        }
        if (!at.isFinite() || !out.isFinite() || !(out.length() > 0)) {
            throw new IllegalArgumentException("A port sits at a place and looks somewhere: " + at + ", " + out);
        }
        // What is a direction already stays as it is, to the last digit.
        out = Math.abs(out.length() - 1) < 1e-12 ? out : out.unit();
    }

    /** Whether a place is one that a hose can come to. */
    static boolean near(Vector place) {
        return Math.abs(place.x()) <= FURTHEST_MM
                && Math.abs(place.y()) <= FURTHEST_MM
                && Math.abs(place.z()) <= FURTHEST_MM;
    }

    /**
     * Where the hose's axis begins and whither it goes with an end on this port. For an elbow of angle w that is the foot of the perpendicular from the
     * sealing point on the axis, which is what the overall length counts to.
     *
     * @param part the hose end; empty counts as straight
     * @param other the other port, toward which an elbow points when nothing else is said
     */
    public Pose axis(Optional<HoseEndPart> part, Vector other) {
        double angle = part.map(p -> p.angle().radians()).orElse(0.0);
        if (angle == 0) {
            return new Pose(at, out);
        }
        Vector aside = across(leaves.orElse(other.minus(at)));
        if (aside.length() < 1e-6) {
            aside = across(other.minus(at));
        }
        Vector side = aside.length() < 1e-6 ? out.square() : aside.unit();
        Vector along = out.times(Math.cos(angle)).plus(side.times(Math.sin(angle)));
        Vector up = out.minus(along.times(out.dot(along)));
        double drop = part.flatMap(HoseEndPart::drop).map(d -> d.mm()).orElse(0.0);
        return new Pose(up.length() < 1e-9 ? at : at.plus(up.unit().times(drop)), along);
    }

    private Vector across(Vector v) {
        return v.minus(out.times(v.dot(out)));
    }
}
