package mellowflare.core.pipe.offset;

import java.util.List;
import java.util.Optional;
import mellowflare.core.geometry.Apart;
import mellowflare.core.geometry.Point;
import mellowflare.core.geometry.Vector;
import mellowflare.core.measure.Length;

/**
 * How an offset passes what stands in its way.
 *
 * @param clear least distance from the pipe's surface to it; below zero where they overlap
 * @param shift shift of the legs that gives the room wanted; empty where none does, or none is needed
 */
public record Clearance(Length clear, Optional<Length> shift) {
    private static final double STEP_MM = 1;

    /** Empty while the sum, or the pipe, is not known, and where nothing stands in the way. */
    public static Optional<Clearance> of(OffsetSum s) {
        if (s.ask().obstruction().isEmpty()
                || s.legA().isEmpty()
                || s.legC().isEmpty()
                || s.given().outside().isEmpty()) {
            return Optional.empty();
        }
        double now = clear(s, 0);
        Optional<Length> shift = now >= s.ask().clear().mm() ? Optional.empty() : shift(s);
        return Optional.of(new Clearance(Length.ofMm(now), shift));
    }

    /** The smallest move of the travel along the run that gives the room wanted, as a shift from equal legs. */
    private static Optional<Length> shift(OffsetSum s) {
        double least = s.given().takeOff().map(o -> o.length().mm()).orElse(0.0) * 2;
        double forth = s.legC().orElseThrow().mm() - least;
        double back = s.legA().orElseThrow().mm() - least;
        for (double by = STEP_MM; by <= Math.max(forth, back); by += STEP_MM) {
            if (by <= forth && clear(s, by) >= s.ask().clear().mm()) {
                return Optional.of(fromEqual(s, by));
            }
            if (by <= back && clear(s, -by) >= s.ask().clear().mm()) {
                return Optional.of(fromEqual(s, -by));
            }
        }
        return Optional.empty();
    }

    private static Length fromEqual(OffsetSum s, double by) {
        double equal = (s.legA().orElseThrow().mm() + s.legC().orElseThrow().mm()) / 2;
        return Length.ofMm(s.legA().orElseThrow().mm() + by - equal);
    }

    private static double clear(OffsetSum s, double by) {
        Obstruction o = s.ask().obstruction().orElseThrow();
        double a = s.legA().orElseThrow().mm() + by;
        double v = s.run().orElseThrow().mm();
        double across = s.offset().orElseThrow().mm();
        double w = a + v + s.legC().orElseThrow().mm() - by;
        List<Point> pipe = List.of(new Point(0, 0), new Point(a, 0), new Point(a + v, across), new Point(w, across));
        double x = o.along().mm();
        double y = o.from().mm();
        double least = Double.MAX_VALUE;
        for (int i = 0; i + 1 < pipe.size(); i++) {
            least = Math.min(
                    least,
                    fromBox(
                            pipe.get(i),
                            pipe.get(i + 1),
                            new Point(x, y),
                            new Point(x + o.length().mm(), y + o.width().mm())));
        }
        return least - s.given().outside().orElseThrow().mm() / 2;
    }

    /** From a straight piece to a box; zero where they meet. */
    private static double fromBox(Point from, Point to, Point low, Point high) {
        if (from.x() >= low.x() && from.x() <= high.x() && from.y() >= low.y() && from.y() <= high.y()) {
            return 0;
        }
        List<Point> corners = List.of(low, new Point(high.x(), low.y()), high, new Point(low.x(), high.y()));
        double least = Double.MAX_VALUE;
        for (int i = 0; i < corners.size(); i++) {
            least = Math.min(
                    least, Apart.between(flat(from), flat(to), flat(corners.get(i)), flat(corners.get((i + 1) % 4))));
        }
        return least;
    }

    private static Vector flat(Point p) {
        return new Vector(p.x(), p.y(), 0);
    }
}
