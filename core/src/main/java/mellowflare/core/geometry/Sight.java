package mellowflare.core.geometry;

import java.util.ArrayList;
import java.util.List;

/**
 * One way of looking at things in space: two directions on the paper, and where the picture lies there.
 *
 * @param right what lies to the right on paper, a unit vector
 * @param up what lies upward on paper, a unit vector
 * @param scale paper over space
 * @param dx shift on the paper
 * @param dy shift on the paper
 */
public record Sight(Vector right, Vector up, double scale, double dx, double dy) {
    /** Forward to the right, left of it upward. */
    public static final Sight ABOVE = plain(new Vector(1, 0, 0), new Vector(0, 1, 0));
    /** Forward to the right, upward up: seen from the right-hand side. */
    public static final Sight FROM_RIGHT = plain(new Vector(1, 0, 0), new Vector(0, 0, 1));
    /** Left to the left, upward up: seen from behind, looking forward. */
    public static final Sight FROM_BEHIND = plain(new Vector(0, -1, 0), new Vector(0, 0, 1));

    private static final int RING = 24;

    private static Sight plain(Vector right, Vector up) {
        return new Sight(right, up, 1, 0, 0);
    }

    /**
     * Turned about the upright and looked down on.
     *
     * @param turn (degrees)
     * @param tilt (degrees), 0 from the side, 90 from above
     */
    public static Sight turned(double turn, double tilt) {
        double a = Math.toRadians(turn);
        double t = Math.toRadians(tilt);
        Vector right = new Vector(Math.cos(a), -Math.sin(a), 0);
        Vector into = new Vector(Math.sin(a), Math.cos(a), 0);
        return plain(right, into.times(Math.sin(t)).plus(new Vector(0, 0, Math.cos(t))));
    }

    /** The place on paper. */
    public Point at(Vector v) {
        return new Point(dx + scale * v.dot(right), dy + scale * v.dot(up));
    }

    /** The same way of looking, so that all of some places just fill a field of the paper, in its middle. */
    public Sight fitted(List<Vector> all, double left, double bottom, double wide, double high) {
        double l = Double.POSITIVE_INFINITY;
        double b = Double.POSITIVE_INFINITY;
        double r = Double.NEGATIVE_INFINITY;
        double t = Double.NEGATIVE_INFINITY;
        for (Vector v : all) {
            double x = v.dot(right);
            double y = v.dot(up);
            l = Math.min(l, x);
            b = Math.min(b, y);
            r = Math.max(r, x);
            t = Math.max(t, y);
        }
        double s = Math.min(wide / Math.max(1, r - l), high / Math.max(1, t - b));
        return new Sight(right, up, s, left + (wide - s * (l + r)) / 2, bottom + (high - s * (b + t)) / 2);
    }

    /**
     * Draws a round bar along a way, with its centre line.
     *
     * @param sheet to draw on
     * @param way places along it with their directions
     * @param half of its width on paper
     */
    public void bar(Drawing.Sheet sheet, List<Pose> way, double half) {
        List<Point> one = new ArrayList<>(way.size());
        List<Point> other = new ArrayList<>(way.size());
        List<Point> centre = new ArrayList<>(way.size());
        for (Pose p : way) {
            Point c = at(p.at());
            double ux = p.toward().dot(right);
            double uy = p.toward().dot(up);
            double n = Math.hypot(ux, uy);
            double nx = n < 1e-6 ? 0 : -uy / n * half;
            double ny = n < 1e-6 ? 0 : ux / n * half;
            one.add(c.plus(nx, ny));
            other.add(c.plus(-nx, -ny));
            centre.add(c);
        }
        // One surface: as many pieces as there are places would cost more to paint than all the rest.
        List<Point> surface = new ArrayList<>(one);
        for (int i = other.size() - 1; i >= 0; i--) {
            surface.add(other.get(i));
        }
        sheet.path(Pen.NONE, Fill.METAL, true, surface);
        sheet.path(Pen.OUTLINE, Fill.NONE, false, one);
        sheet.path(Pen.OUTLINE, Fill.NONE, false, other);
        sheet.path(Pen.CENTRE_LINE, Fill.NONE, false, centre);
    }

    /** A circle in space about a place, square to a direction. */
    public List<Point> ring(Vector about, Vector axis, double radius) {
        Vector u = axis.square();
        Vector w = axis.cross(u);
        List<Point> ring = new ArrayList<>(RING + 1);
        for (int i = 0; i <= RING; i++) {
            double a = 2 * Math.PI * i / RING;
            ring.add(at(about.plus(u.times(Math.cos(a) * radius)).plus(w.times(Math.sin(a) * radius))));
        }
        return ring;
    }
}
