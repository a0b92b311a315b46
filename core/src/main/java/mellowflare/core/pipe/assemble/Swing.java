package mellowflare.core.pipe.assemble;

import java.util.ArrayList;
import java.util.Collection;
import java.util.List;
import java.util.Optional;
import mellowflare.core.geometry.Apart;
import mellowflare.core.geometry.Vector;
import mellowflare.core.pipe.layout.Box;

/** Whether what turns about an axis meets anything: every point goes round in a circle, and a stretch is looked at point by point. */
final class Swing {
    /** So many points of a stretch, and so many places of a circle, are looked at. */
    private static final int POINTS = 9;

    private static final int PLACES = 36;

    /** A hand's breadth of nothing: parts may all but touch. */
    private static final double CLEAR_MM = 1;

    private final Vector at;
    private final Vector axis;
    private final Vector side;
    private final Vector up;

    Swing(Vector at, Vector axis) {
        this.at = at;
        this.axis = axis;
        this.side = axis.square().unit();
        this.up = axis.cross(side);
    }

    /** A point by how far along the axis and how far from it it lies. */
    private record Ring(double along, double out) {}

    private Ring ring(Vector p) {
        Vector from = p.minus(at);
        double along = from.dot(axis);
        return new Ring(along, from.minus(axis.times(along)).length());
    }

    private List<Ring> rings(Capsule c) {
        List<Ring> all = new ArrayList<>(POINTS);
        for (int i = 0; i < POINTS; i++) {
            double t = (double) i / (POINTS - 1);
            all.add(ring(c.from().plus(c.to().minus(c.from()).times(t))));
        }
        return all;
    }

    /** How far from the axis it reaches (mm). */
    double reach(Capsule c) {
        return Math.max(ring(c.from()).out(), ring(c.to()).out()) + c.radius();
    }

    /** How far from the axis they reach (mm). */
    double reach(Collection<Capsule> all) {
        return all.stream().mapToDouble(this::reach).max().orElse(0);
    }

    /**
     * A stretch that turns, as far as it is the same for all that stands: its points by how far along the axis and how far from it they lie, and the ball that it stays inside, whichever way it points.
     */
    final class Swept {
        private final Capsule turning;
        private final double[] along = new double[POINTS];
        private final double[] out = new double[POINTS];
        private final double lowest;
        private final double highest;
        private final double outermost;
        /** Of all its points; looked for when something is near. */
        private double innermost = Double.NaN;

        private final Vector middle;
        private final double radius;

        private Swept(Capsule turning) {
            this.turning = turning;
            Ring from = ring(turning.from());
            Ring to = ring(turning.to());
            lowest = Math.min(from.along, to.along);
            highest = Math.max(from.along, to.along);
            // Distance from a line is convex: it is greatest at an end.
            outermost = Math.max(from.out, to.out);
            middle = at.plus(axis.times((lowest + highest) / 2));
            radius = Math.hypot((highest - lowest) / 2, outermost) + turning.radius();
        }

        /** Middle of the ball that it stays inside (mm). */
        Vector middle() {
            return middle;
        }

        /** Radius of that ball (mm). */
        double radius() {
            return radius;
        }

        /** Whether it meets a stretch that stands: what is far from its ball or its ring is passed over unseen. */
        boolean meets(Capsule standing) {
            double x = standing.middle().x() - middle.x();
            double y = standing.middle().y() - middle.y();
            double z = standing.middle().z() - middle.z();
            double reach = radius + standing.reach();
            if (x * x + y * y + z * z >= reach * reach) {
                return false;
            }
            if (Double.isNaN(innermost)) {
                points(turning, along, out);
                innermost = least(out);
            }
            double room = turning.radius() + standing.radius() - CLEAR_MM;
            double[] a = new double[POINTS];
            double[] o = new double[POINTS];
            points(standing, a, o);
            if (Math.min(a[0], a[POINTS - 1]) - highest > room
                    || lowest - Math.max(a[0], a[POINTS - 1]) > room
                    || least(o) - outermost > room
                    || innermost - Math.max(o[0], o[POINTS - 1]) > room) {
                return false;
            }
            for (int i = 0; i + 1 < POINTS; i++) {
                for (int j = 0; j + 1 < POINTS; j++) {
                    if (apart(i, a, o, j) < room) {
                        return true;
                    }
                }
            }
            return false;
        }

        private double apart(int i, double[] a, double[] o, int j) {
            return Apart.between(
                    new Vector(along[i], out[i], 0),
                    new Vector(along[i + 1], out[i + 1], 0),
                    new Vector(a[j], o[j], 0),
                    new Vector(a[j + 1], o[j + 1], 0));
        }
    }

    Swept sweep(Capsule turning) {
        return new Swept(turning);
    }

    private static double least(double[] all) {
        double least = all[0];
        for (double d : all) {
            least = Math.min(least, d);
        }
        return least;
    }

    private void points(Capsule c, double[] along, double[] out) {
        double dx = c.to().x() - c.from().x();
        double dy = c.to().y() - c.from().y();
        double dz = c.to().z() - c.from().z();
        for (int i = 0; i < POINTS; i++) {
            double t = (double) i / (POINTS - 1);
            double x = c.from().x() + t * dx - at.x();
            double y = c.from().y() + t * dy - at.y();
            double z = c.from().z() + t * dz - at.z();
            double a = x * axis.x() + y * axis.y() + z * axis.z();
            x -= a * axis.x();
            y -= a * axis.y();
            z -= a * axis.z();
            along[i] = a;
            out[i] = Math.sqrt(x * x + y * y + z * z);
        }
    }

    /** The first box that what turns meets. */
    Optional<Box> meets(Capsule turning, List<Box> boxes) {
        if (boxes.isEmpty()) {
            return Optional.empty();
        }
        for (Ring r : rings(turning)) {
            Vector centre = at.plus(axis.times(r.along()));
            for (Box b : boxes) {
                if (b.from(centre) > r.out() + turning.radius()) {
                    continue;
                }
                for (int k = 0; k < PLACES; k++) {
                    double t = 2 * Math.PI * k / PLACES;
                    Vector p = centre.plus(side.times(r.out() * Math.cos(t))).plus(up.times(r.out() * Math.sin(t)));
                    if (b.from(p) < turning.radius() - CLEAR_MM) {
                        return Optional.of(b);
                    }
                }
            }
        }
        return Optional.empty();
    }
}
