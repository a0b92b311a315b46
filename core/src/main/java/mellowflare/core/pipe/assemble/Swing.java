package mellowflare.core.pipe.assemble;

import java.util.ArrayList;
import java.util.Collection;
import java.util.List;
import java.util.Optional;
import java.util.function.Predicate;
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

    /** Whether a stretch that turns meets one that stands. */
    boolean meets(Capsule turning, Capsule standing) {
        double room = turning.radius() + standing.radius() - CLEAR_MM;
        List<Ring> a = rings(turning);
        List<Ring> b = rings(standing);
        for (int i = 0; i + 1 < a.size(); i++) {
            for (int j = 0; j + 1 < b.size(); j++) {
                if (apart(a.get(i), a.get(i + 1), b.get(j), b.get(j + 1)) < room) {
                    return true;
                }
            }
        }
        return false;
    }

    /** The ball that what turns stays inside, whichever way it points. */
    private record Ball(Vector middle, double radius) {}

    private Ball ball(Capsule turning) {
        Ring a = ring(turning.from());
        Ring b = ring(turning.to());
        double out = Math.max(a.out(), b.out());
        double half = Math.abs(a.along() - b.along()) / 2;
        return new Ball(
                at.plus(axis.times((a.along() + b.along()) / 2)),
                Math.sqrt(half * half + out * out) + turning.radius());
    }

    /** What of a body that stands may be met by a stretch that turns: a first look, much cheaper than the second. */
    Predicate<Capsule> near(Capsule turning) {
        Ball ball = ball(turning);
        return standing -> {
            Vector d = standing.middle().minus(ball.middle());
            double room = ball.radius() + standing.reach();
            return d.dot(d) < room * room;
        };
    }

    private static double apart(Ring a0, Ring a1, Ring b0, Ring b1) {
        return Apart.between(
                new Vector(a0.along(), a0.out(), 0),
                new Vector(a1.along(), a1.out(), 0),
                new Vector(b0.along(), b0.out(), 0),
                new Vector(b1.along(), b1.out(), 0));
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
