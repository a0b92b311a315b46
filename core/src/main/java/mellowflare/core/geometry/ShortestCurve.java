package mellowflare.core.geometry;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

/**
 * The shortest curve of arc, straight, arc from one pose to another that is nowhere tighter than a radius; in a plane also arc, arc, arc. In a plane
 * this is the exact shortest of all curves with that limit (L. E. Dubins, 1957). In space the straight's direction is sought from many
 * beginnings, and the shortest curve found is taken.
 */
public final class ShortestCurve {
    private static final double CLOSE = 1e-7;
    private static final int STEPS = 40;
    private static final double NUDGE = 1e-6;
    private final Pose from;
    private final Pose to;
    private final double radius;
    private final double scale;

    private ShortestCurve(Pose from, Pose to, double radius) {
        this.from = from;
        this.to = to;
        this.radius = radius;
        this.scale = radius + to.at().minus(from.at()).length();
    }

    /**
     * @param from where it begins
     * @param to where it must end, with the direction of travel there
     * @param radius smallest radius (mm), above zero
     * @return empty if none was found
     */
    public static Optional<Curve> between(Pose from, Pose to, double radius) {
        if (!(radius > 0) || !Double.isFinite(radius)) {
            throw new IllegalArgumentException("A radius lies above zero, not " + radius);
        }
        ShortestCurve s = new ShortestCurve(from, to, radius);
        Vector n = s.normal();
        // A task in a plane is solved in it: leaving the plane could be shorter, but a hose there lies on what it is
        // clamped to.
        return (s.inPlane(n) ? s.inThePlane(n) : s.arcStraightArc())
                .stream().filter(s::arrives).min(Comparator.comparingDouble(Curve::length));
    }

    private boolean arrives(Curve c) {
        Pose end = c.end();
        return end.at().minus(to.at()).length() < 1e-6 * scale
                && end.toward().minus(to.toward()).length() < 1e-6;
    }

    private boolean inPlane(Vector n) {
        return Math.abs(n.dot(to.toward())) < 1e-9
                && Math.abs(n.dot(from.toward())) < 1e-9
                && Math.abs(n.dot(to.at().minus(from.at()))) < 1e-9 * scale;
    }

    private List<Curve> arcStraightArc() {
        List<Curve> found = new ArrayList<>();
        for (Vector seed : seeds()) {
            for (int signs = 0; signs < 4; signs++) {
                double first = (signs & 1) == 0 ? 1 : -1;
                double second = (signs & 2) == 0 ? 1 : -1;
                solve(seed, first, second)
                        .ifPresent(u -> curve(u, first, second).ifPresent(found::add));
            }
        }
        return found;
    }

    /** Directions to begin the search with: along the way, along both ends, and all about. */
    private List<Vector> seeds() {
        List<Vector> seeds = new ArrayList<>();
        Vector way = to.at().minus(from.at());
        if (way.length() > CLOSE * scale) {
            seeds.add(way.unit());
            seeds.add(way.unit().times(-1));
        }
        Vector normal = normal();
        Vector side = normal.cross(from.toward());
        for (int i = 0; i < 8; i++) {
            double a = Math.PI / 4 * i + 0.1;
            seeds.add(from.toward().times(Math.cos(a)).plus(side.times(Math.sin(a))));
        }
        seeds.add(normal);
        seeds.add(normal.times(-1));
        return seeds;
    }

    /** Square to the plane of the task, as far as it has one. */
    private Vector normal() {
        Vector way = to.at().minus(from.at());
        return Stream.of(from.toward().cross(way), from.toward().cross(to.toward()), way.cross(to.toward()))
                .filter(n -> n.length() > 1e-9 * scale)
                .findFirst()
                .map(Vector::unit)
                .orElseGet(() -> from.toward().square());
    }

    /** From the end of an arc that turns into u: r tan(angle / 2) (d + u), the other way round for a long arc. */
    private Vector reach(Vector d, Vector u, double sign) {
        Vector sum = d.plus(u);
        double cos = sum.length() / 2;
        return cos < 1e-9
                ? d.square().times(2 * radius)
                : sum.times(sign * radius * Math.sqrt(Math.max(0, 1 - cos * cos)) / cos);
    }

    private Vector gap(Vector u, double first, double second) {
        Vector leave = from.at().plus(reach(from.toward(), u, first));
        Vector arrive = to.at().minus(reach(to.toward(), u, second));
        return arrive.minus(leave);
    }

    /** The direction of the straight for which both arcs meet it: Newton on the part of the gap across it. */
    private Optional<Vector> solve(Vector seed, double first, double second) {
        Vector u = seed.unit();
        for (int i = 0; i < STEPS; i++) {
            Vector a = u.square();
            Vector b = u.cross(a);
            Vector g = gap(u, first, second);
            double ga = g.dot(a);
            double gb = g.dot(b);
            if (Math.hypot(ga, gb) < CLOSE * scale * 1e-3) {
                return Optional.of(u);
            }
            Vector ua = u.plus(a.times(NUDGE)).unit();
            Vector ub = u.plus(b.times(NUDGE)).unit();
            Vector acrossA = across(gap(ua, first, second), ua);
            Vector acrossB = across(gap(ub, first, second), ub);
            double aa = (acrossA.dot(a) - ga) / NUDGE;
            double ab = (acrossB.dot(a) - ga) / NUDGE;
            double ba = (acrossA.dot(b) - gb) / NUDGE;
            double bb = (acrossB.dot(b) - gb) / NUDGE;
            double det = aa * bb - ab * ba;
            if (Math.abs(det) < 1e-12 * scale * scale) {
                return Optional.empty();
            }
            double da = (-ga * bb + gb * ab) / det;
            double db = (-gb * aa + ga * ba) / det;
            double step = Math.min(1, 0.6 / Math.max(1e-12, Math.hypot(da, db)));
            u = u.plus(a.times(da * step)).plus(b.times(db * step)).unit();
        }
        return Optional.empty();
    }

    /** The part of a gap across its own direction. */
    private static Vector across(Vector gap, Vector u) {
        return gap.minus(u.times(gap.dot(u)));
    }

    private Optional<Curve> curve(Vector u, double first, double second) {
        double straight = gap(u, first, second).dot(u);
        if (straight < -CLOSE * scale) {
            return Optional.empty();
        }
        return Optional.of(new Curve(
                from,
                List.of(
                        arc(from.toward(), u, first),
                        new Curve.Straight(Math.max(0, straight)),
                        arc(u, to.toward(), second))));
    }

    private Curve.Arc arc(Vector d, Vector u, double sign) {
        Vector axis = d.cross(u);
        double angle = Math.atan2(axis.length(), d.dot(u));
        Vector unit = axis.length() < 1e-12 ? d.square() : axis.unit();
        return sign > 0
                ? new Curve.Arc(unit, radius, angle)
                : new Curve.Arc(unit.times(-1), radius, 2 * Math.PI - angle);
    }

    /** The words of a plane: arc, straight, arc with either turn at either end, and three arcs, the middle one the other way. */
    private List<Curve> inThePlane(Vector n) {
        List<Curve> found = new ArrayList<>();
        for (int first : new int[] {1, -1}) {
            Vector axis = n.times(first);
            Vector c1 = centre(from, axis);
            for (int second : new int[] {1, -1}) {
                Vector c2 = centre(to, n.times(second));
                tangent(n, c1, first, c2, second).ifPresent(found::add);
            }
            found.addAll(threeArcs(n, axis, c1, centre(to, axis)));
        }
        return found;
    }

    private Vector centre(Pose pose, Vector axis) {
        return pose.at().plus(axis.cross(pose.toward()).times(radius));
    }

    /** The straight that touches both circles in the sense in which they are travelled; inner ones need room between the circles. */
    private Optional<Curve> tangent(Vector n, Vector c1, int first, Vector c2, int second) {
        Vector d = c2.minus(c1);
        double apart = d.length();
        if (first == second) {
            Vector u = apart < 1e-9 * scale ? from.toward() : d.unit();
            return Optional.of(straightBetween(n, c1, first, c2, second, u, apart));
        }
        if (apart < 2 * radius) {
            return Optional.empty();
        }
        double straight = Math.sqrt(apart * apart - 4 * radius * radius);
        double lean = Math.atan2(2 * radius, straight) * first;
        return Optional.of(straightBetween(n, c1, first, c2, second, d.unit().turned(n, lean), straight));
    }

    private Curve straightBetween(Vector n, Vector c1, int first, Vector c2, int second, Vector u, double straight) {
        Vector leave = n.times(first).cross(u).times(-radius);
        Vector arrive = n.times(second).cross(u).times(-radius);
        return new Curve(
                from,
                List.of(
                        new Curve.Arc(
                                n.times(first),
                                radius,
                                turn(n.times(first), from.at().minus(c1), leave)),
                        new Curve.Straight(straight),
                        new Curve.Arc(
                                n.times(second),
                                radius,
                                turn(n.times(second), arrive, to.at().minus(c2)))));
    }

    private List<Curve> threeArcs(Vector n, Vector axis, Vector c1, Vector c3) {
        Vector d = c3.minus(c1);
        double apart = d.length();
        List<Curve> found = new ArrayList<>();
        if (apart > 1e-9 * scale && apart <= 4 * radius) {
            double height = Math.sqrt(Math.max(0, 4 * radius * radius - apart * apart / 4));
            for (int side : new int[] {1, -1}) {
                Vector c2 = c1.plus(d.times(0.5)).plus(n.cross(d.unit()).times(side * height));
                found.add(through(axis, c1, c2, c3));
            }
        }
        return found;
    }

    private Curve through(Vector axis, Vector c1, Vector c2, Vector c3) {
        Vector first = c1.plus(c2).times(0.5);
        Vector second = c2.plus(c3).times(0.5);
        return new Curve(
                from,
                List.of(
                        new Curve.Arc(axis, radius, turn(axis, from.at().minus(c1), first.minus(c1))),
                        new Curve.Arc(axis.times(-1), radius, turn(axis.times(-1), first.minus(c2), second.minus(c2))),
                        new Curve.Arc(
                                axis,
                                radius,
                                turn(axis, second.minus(c3), to.at().minus(c3)))));
    }

    /** Angle from one spoke to another about an axis, 0 to 2 pi; a hair short of a whole turn is none. */
    private static double turn(Vector axis, Vector spoke, Vector other) {
        double angle = Math.atan2(axis.dot(spoke.cross(other)), spoke.dot(other));
        return angle < -1e-9 ? angle + 2 * Math.PI : Math.max(0, angle);
    }
}
