package mellowflare.core.pipe.assemble;

import java.util.Collection;
import java.util.List;
import java.util.Optional;
import mellowflare.core.geometry.Vector;
import mellowflare.core.pipe.layout.Box;

/** Whether what turns about an axis meets anything: every point goes round in a circle. Nothing thicker than half a millimetre slips through. */
final class Swing {
    /** A hand's breadth of nothing: parts may all but touch. */
    private static final double CLEAR_MM = 1;

    /** Nothing is looked at finer than that. */
    private static final double FINE_MM = 0.5;

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

    /** How far from the axis a stretch reaches (mm). */
    double reach(Capsule c) {
        Track t = new Track(c);
        return t.most(0, 1) + c.radius();
    }

    /** How far from the axis they reach (mm). */
    double reach(Collection<Capsule> all) {
        return all.stream().mapToDouble(this::reach).max().orElse(0);
    }

    /** A stretch from its one end, 0, to the other, 1, by how far along the axis and how far from it its points lie. */
    private final class Track {
        private final double from;
        private final double along;
        private final double x;
        private final double y;
        private final double dx;
        private final double dy;
        private final double length;

        Track(Capsule c) {
            Vector start = c.from().minus(at);
            Vector way = c.to().minus(c.from());
            from = start.dot(axis);
            along = way.dot(axis);
            x = start.dot(side);
            y = start.dot(up);
            dx = way.dot(side);
            dy = way.dot(up);
            length = way.length();
        }

        double along(double t) {
            return from + t * along;
        }

        double out(double t) {
            return Math.hypot(x + t * dx, y + t * dy);
        }

        /** Distance from a line is convex: it is greatest at an end, and least where the axis is passed. */
        double most(double low, double high) {
            return Math.max(out(low), out(high));
        }

        double least(double low, double high) {
            double square = dx * dx + dy * dy;
            double passes = square < 1e-12 ? low : -(x * dx + y * dy) / square;
            return out(Math.max(low, Math.min(high, passes)));
        }
    }

    /** How far apart two intervals lie; zero where they overlap. */
    private static double gap(double low, double high, double otherLow, double otherHigh) {
        return Math.max(0, Math.max(otherLow - high, low - otherHigh));
    }

    /** Whether two tracks come nearer than that between these places, halved until it is plain. */
    private static boolean near(Track p, double p0, double p1, Track q, double q0, double q1, double room) {
        double along = gap(
                Math.min(p.along(p0), p.along(p1)),
                Math.max(p.along(p0), p.along(p1)),
                Math.min(q.along(q0), q.along(q1)),
                Math.max(q.along(q0), q.along(q1)));
        double out = gap(p.least(p0, p1), p.most(p0, p1), q.least(q0, q1), q.most(q0, q1));
        if (along * along + out * out >= room * room) {
            return false;
        }
        double pm = (p0 + p1) / 2;
        double qm = (q0 + q1) / 2;
        if (Math.hypot(p.along(pm) - q.along(qm), p.out(pm) - q.out(qm)) < room) {
            return true;
        }
        double pLong = p.length * (p1 - p0);
        double qLong = q.length * (q1 - q0);
        if (Math.max(pLong, qLong) < FINE_MM) {
            return true;
        }
        return pLong >= qLong
                ? near(p, p0, pm, q, q0, q1, room) || near(p, pm, p1, q, q0, q1, room)
                : near(p, p0, p1, q, q0, qm, room) || near(p, p0, p1, q, qm, q1, room);
    }

    /** A stretch that turns, as far as it is the same for all that stands, and the ball that it stays inside, whichever way it points. */
    final class Swept {
        private final Capsule turning;
        private final Track track;
        private final Vector middle;
        private final double radius;

        private Swept(Capsule turning) {
            this.turning = turning;
            this.track = new Track(turning);
            double half = Math.abs(track.along) / 2;
            middle = at.plus(axis.times((track.along(0) + track.along(1)) / 2));
            radius = Math.hypot(half, track.most(0, 1)) + turning.radius();
        }

        /** Middle of the ball that it stays inside (mm). */
        Vector middle() {
            return middle;
        }

        /** Radius of that ball (mm). */
        double radius() {
            return radius;
        }

        /** Whether it meets a stretch that stands: what is far from its ball is passed over unseen. */
        boolean meets(Capsule standing) {
            double x = standing.middle().x() - middle.x();
            double y = standing.middle().y() - middle.y();
            double z = standing.middle().z() - middle.z();
            double reach = radius + standing.reach();
            if (x * x + y * y + z * z >= reach * reach) {
                return false;
            }
            double room = turning.radius() + standing.radius() - CLEAR_MM;
            return near(track, 0, 1, new Track(standing), 0, 1, room);
        }
    }

    Swept sweep(Capsule turning) {
        return new Swept(turning);
    }

    /** The first box that what turns meets. */
    Optional<Box> meets(Capsule turning, List<Box> boxes) {
        return boxes.isEmpty()
                ? Optional.empty()
                : boxes.stream().filter(b -> meets(turning, b)).findFirst();
    }

    /** Point after point, each as far on as nothing can be met before. */
    private boolean meets(Capsule turning, Box box) {
        Track track = new Track(turning);
        double near = turning.radius() - CLEAR_MM;
        double s = 0;
        while (true) {
            double t = track.length > 0 ? s / track.length : 0;
            double room = least(at.plus(axis.times(track.along(t))), track.out(t), box, near) - near;
            if (room < 0) {
                return true;
            }
            if (s >= track.length) {
                return false;
            }
            s = Math.min(track.length, s + Math.max(room, FINE_MM));
        }
    }

    /** The least distance of a circle about the axis from a box; any that is below {@code near} once there is one, and a bound where all of it is far. */
    private double least(Vector centre, double out, Box box, double near) {
        double bound = box.from(centre) - out;
        if (bound >= near || out < FINE_MM) {
            return bound;
        }
        double least = Double.MAX_VALUE;
        double turned = 0;
        while (turned < 2 * Math.PI && least >= near) {
            Vector p = centre.plus(side.times(out * Math.cos(turned))).plus(up.times(out * Math.sin(turned)));
            double from = box.from(p);
            least = Math.min(least, from);
            turned += Math.max(from - near, FINE_MM) / out;
        }
        return least;
    }
}
