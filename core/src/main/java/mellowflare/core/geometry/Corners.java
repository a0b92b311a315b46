package mellowflare.core.geometry;

import java.util.ArrayList;
import java.util.List;

/** Turns the corners of a centre line into straights, rotations and bends. */
public final class Corners {
    /** Corners nearer than this are one (mm). */
    private static final double TOGETHER = 1e-6;
    /** A turn below this is straight on (radians): a hundredth of a degree is beyond any bender. */
    private static final double STRAIGHT_ON = Math.toRadians(0.01);
    /** A turn within this of half a turn goes back on itself (radians). */
    private static final double BACK = Math.toRadians(4);
    /** Bends may touch; less than this of overlap is rounding (mm). */
    private static final double TOUCH = 1e-6;

    private Corners() {}

    /** What came of it. */
    public sealed interface Result {}

    /**
     * The path.
     *
     * @param path straights and bends
     * @param passed corners that the path goes through straight on, counted from 0 over all corners
     */
    public record Formed(BentPath path, List<Integer> passed) implements Result {
        public Formed {
            passed = List.copyOf(passed);
        }
    }

    /**
     * Why there is none.
     *
     * @param what kind of trouble
     * @param corner the corner it is at, counted from 0 over all corners; of two, the first
     * @param missing by how much a leg is too short (mm), for overlapping bends
     */
    public record Trouble(What what, int corner, double missing) implements Result {}

    /** Kinds of trouble. */
    public enum What {
        TOO_FEW,
        COINCIDENT,
        REVERSED,
        /** The leg that begins at the corner is shorter than what its two bends take. */
        OVERLAP
    }

    /**
     * The path through corners, all bends with the same radius.
     *
     * @param corners both ends included (mm)
     * @param radius of the centre line (mm), above zero
     */
    public static Result path(List<Vector> corners, double radius) {
        if (corners.size() < 2) {
            return new Trouble(What.TOO_FEW, 0, 0);
        }
        List<Vector> ways = new ArrayList<>();
        List<Double> legs = new ArrayList<>();
        List<Integer> at = new ArrayList<>();
        List<Integer> passed = new ArrayList<>();
        for (int i = 1; i < corners.size(); i++) {
            Vector leg = corners.get(i).minus(corners.get(i - 1));
            double length = leg.length();
            if (!(length > TOGETHER)) {
                return new Trouble(What.COINCIDENT, i - 1, 0);
            }
            Vector way = leg.times(1 / length);
            int before = ways.size() - 1;
            double turn = before < 0 ? Math.PI / 2 : between(ways.get(before), way);
            if (turn > Math.PI - BACK) {
                return new Trouble(What.REVERSED, i - 1, 0);
            }
            if (turn < STRAIGHT_ON) {
                passed.add(i - 1);
                legs.set(before, legs.get(before) + length);
            } else {
                ways.add(way);
                legs.add(length);
                at.add(i - 1);
            }
        }
        return bent(ways, legs, at, passed, radius);
    }

    private static Result bent(
            List<Vector> ways, List<Double> legs, List<Integer> at, List<Integer> passed, double radius) {
        List<BentPath.Bend> bends = new ArrayList<>();
        Vector normal = null;
        double before = 0;
        for (int i = 0; i + 1 < ways.size(); i++) {
            double angle = between(ways.get(i), ways.get(i + 1));
            Vector n = ways.get(i).cross(ways.get(i + 1)).unit();
            double rotation = normal == null ? 0 : Math.atan2(normal.cross(n).dot(ways.get(i)), normal.dot(n));
            double setback = radius * Math.tan(angle / 2);
            double straight = legs.get(i) - before - setback;
            if (straight < -TOUCH) {
                return new Trouble(What.OVERLAP, at.get(i), -straight);
            }
            bends.add(new BentPath.Bend(Math.max(0, straight), rotation, angle, radius));
            normal = n;
            before = setback;
        }
        double last = legs.get(legs.size() - 1) - before;
        if (last < -TOUCH) {
            return new Trouble(What.OVERLAP, at.get(at.size() - 1), -last);
        }
        return new Formed(new BentPath(bends, Math.max(0, last)), passed);
    }

    /** The angle between two unit vectors, exact for small ones too. */
    private static double between(Vector a, Vector b) {
        return Math.atan2(a.cross(b).length(), a.dot(b));
    }
}
