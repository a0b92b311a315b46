package mellowflare.core.geometry;

import java.util.ArrayList;
import java.util.List;

/**
 * A centre line of straights and round bends, written as a bender wants it: before each bend a straight, the rotation of the bend's plane from the plane
 * of the bend before it (right-hand rule about the direction of travel; 0 at the first), and the bend as deflection. After the last bend a straight alone.
 * Conventions as in the trade's tables of length, rotation and angle; lengths in mm, angles in radians.
 *
 * @param bends in order of travel
 * @param last the straight after the last bend (mm), not below zero
 */
public record BentPath(List<Bend> bends, double last) {
    /** Figures in files are rounded; a straight that is short by less than this is none. */
    private static final double NOTHING = 1e-9;

    public BentPath {
        bends = List.copyOf(bends);
        if (!(last >= -NOTHING) || !Double.isFinite(last)) {
            throw new IllegalArgumentException("A straight is not below zero, not " + last + " mm");
        }
        last = Math.max(0, last);
    }

    /**
     * A bend with the straight before it.
     *
     * @param straight between the bend before, or the start, and this bend (mm), not below zero
     * @param rotation of the plane from the one before (radians), above -pi, at most pi
     * @param angle deflection (radians), above 0, below pi
     * @param radius of the centre line (mm), above zero
     */
    public record Bend(double straight, double rotation, double angle, double radius) {
        public Bend {
            if (!(straight >= -NOTHING) || !Double.isFinite(straight)) {
                throw new IllegalArgumentException("A straight is not below zero, not " + straight + " mm");
            }
            if (!Double.isFinite(rotation)) {
                throw new IllegalArgumentException("A rotation is an angle, not " + rotation);
            }
            if (!(angle > 0 && angle < Math.PI)) {
                throw new IllegalArgumentException(
                        "A bend lies between 0 and 180 degrees, not " + Math.toDegrees(angle));
            }
            if (!(radius > 0) || !Double.isFinite(radius)) {
                throw new IllegalArgumentException("A bend radius lies above zero, not " + radius + " mm");
            }
            straight = Math.max(0, straight);
            rotation = plusMinusPi(rotation);
        }

        /** Length of the centre line in the bend (mm): radius times angle. */
        public double arc() {
            return radius * angle;
        }

        /** From the tangent point to the corner (mm): radius times tan(angle / 2). */
        public double setback() {
            return radius * Math.tan(angle / 2);
        }

        /** What the bend saves against going round the corner (mm): two setbacks less the arc. */
        public double gain() {
            return 2 * setback() - arc();
        }
    }

    /** The same turn within -pi (left out) to pi. */
    public static double plusMinusPi(double angle) {
        double a = Math.IEEEremainder(angle, 2 * Math.PI);
        return a <= -Math.PI + 1e-12 ? Math.PI : a;
    }

    /** Of the straight tube (mm): all straights and arcs, the neutral axis taken on the centre line. */
    public double developed() {
        double sum = last;
        for (Bend b : bends) {
            sum += b.straight + b.arc();
        }
        return sum;
    }

    /** The legs, corner to corner (mm): one more than there are bends. */
    public List<Double> legs() {
        List<Double> legs = new ArrayList<>();
        double before = 0;
        for (Bend b : bends) {
            legs.add(before + b.straight + b.setback());
            before = b.setback();
        }
        legs.add(before + last);
        return legs;
    }

    /** The straight after a bend (mm), counted from 0. */
    public double straightAfter(int bend) {
        return bend + 1 < bends.size() ? bends.get(bend + 1).straight : last;
    }

    /** The corners, ends included, with the first leg along +X and the first bend toward +Y. */
    public List<Vector> corners() {
        return corners(Vector.ZERO, new Vector(1, 0, 0), new Vector(0, 0, 1));
    }

    /**
     * The corners, ends included, from a given beginning.
     *
     * @param at where it starts (mm)
     * @param toward unit direction of the first leg
     * @param normal unit vector square to it: the first bend turns about it by the right-hand rule
     */
    public List<Vector> corners(Vector at, Vector toward, Vector normal) {
        List<Vector> corners = new ArrayList<>(bends.size() + 2);
        Vector p = at;
        Vector d = toward;
        Vector n = normal;
        corners.add(p);
        double before = 0;
        for (int i = 0; i < bends.size(); i++) {
            Bend b = bends.get(i);
            n = normal(d, n, i == 0 ? 0 : b.rotation);
            p = p.plus(d.times(before + b.straight + b.setback()));
            corners.add(p);
            d = way(d, n, b.angle);
            before = b.setback();
        }
        corners.add(p.plus(d.times(before + last)));
        return corners;
    }

    /** The centre line as straights and arcs, from a given beginning; see {@link #corners(Vector, Vector, Vector)}. */
    public Curve curve(Vector at, Vector toward, Vector normal) {
        List<Curve.Piece> pieces = new ArrayList<>(2 * bends.size() + 1);
        Vector d = toward;
        Vector n = normal;
        for (int i = 0; i < bends.size(); i++) {
            Bend b = bends.get(i);
            n = normal(d, n, i == 0 ? 0 : b.rotation);
            pieces.add(new Curve.Straight(b.straight));
            pieces.add(new Curve.Arc(n, b.radius, b.angle));
            d = way(d, n, b.angle);
        }
        pieces.add(new Curve.Straight(last));
        return new Curve(new Pose(at, toward), pieces);
    }

    /** The bend's normal turned about the way, kept square to it: small errors would grow from bend to bend. */
    static Vector normal(Vector way, Vector normal, double rotation) {
        Vector n = normal.times(Math.cos(rotation)).plus(way.cross(normal).times(Math.sin(rotation)));
        return n.minus(way.times(way.dot(n))).unit();
    }

    /** The way after a bend about its normal. */
    static Vector way(Vector way, Vector normal, double angle) {
        return way.times(Math.cos(angle))
                .plus(normal.cross(way).times(Math.sin(angle)))
                .unit();
    }

    /** The same tube looked at from its other end. */
    public BentPath reversed() {
        List<Bend> turned = new ArrayList<>(bends.size());
        double straight = last;
        for (int i = bends.size() - 1; i >= 0; i--) {
            Bend b = bends.get(i);
            // Going the other way the bends keep their sense and so do the rotations between neighbours.
            double rotation = i + 1 < bends.size() ? bends.get(i + 1).rotation : 0;
            turned.add(new Bend(straight, rotation, b.angle, b.radius));
            straight = b.straight;
        }
        return new BentPath(turned, straight);
    }

    /** The same path with the first rotation put to 0, as nothing lies before it. */
    public BentPath fromFirstPlane() {
        if (bends.isEmpty() || bends.get(0).rotation == 0) {
            return this;
        }
        List<Bend> all = new ArrayList<>(bends);
        Bend f = all.get(0);
        all.set(0, new Bend(f.straight, 0, f.angle, f.radius));
        return new BentPath(all, last);
    }
}
