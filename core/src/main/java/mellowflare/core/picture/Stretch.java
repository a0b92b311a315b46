package mellowflare.core.picture;

import java.util.ArrayList;
import java.util.List;
import mellowflare.core.geometry.Point;

/** The outline of a straight piece: its upper edge, then its lower one back, each of as many points, as the wires of a braid are drawn between them. */
final class Stretch {
    private static final double BRAID = 9;

    private Stretch() {}

    static List<Point> of(double left, double right, double half) {
        return of(left, right, half, 0, 0);
    }

    /**
     * A piece with slanted ends.
     *
     * @param slantLeft how far its left end leans to the right at the top, and to the left at the bottom
     * @param slantRight the same of its right end
     */
    static List<Point> of(double left, double right, double half, double slantLeft, double slantRight) {
        int parts = (int) Math.ceil((right - left) / BRAID);
        List<Point> all = new ArrayList<>();
        for (int i = 0; i <= parts; i++) {
            all.add(new Point(between(left + slantLeft, right + slantRight, i, parts), half));
        }
        for (int i = parts; i >= 0; i--) {
            all.add(new Point(between(left - slantLeft, right - slantRight, i, parts), -half));
        }
        return all;
    }

    private static double between(double from, double to, int i, int parts) {
        return from + (to - from) * i / parts;
    }
}
