package mellowflare.core.tube.form;

import java.util.ArrayList;
import java.util.List;
import mellowflare.core.geometry.BentPath;
import mellowflare.core.geometry.Point;
import mellowflare.core.measure.Angle;
import mellowflare.core.measure.Length;

/**
 * Neighbouring bends that lie in one plane: what can be laid on a flat template. A stretch begins in the middle of the straight it shares with the one before.
 *
 * @param first its first bend, counted from 0
 * @param last its last bend
 * @param turn rotation of its plane from that of the stretch before; zero for the first
 * @param centre the centre line in its plane, first straight along +x, first bend toward +y
 * @param from where on the straight tube it begins
 */
public record FlatStretch(int first, int last, Angle turn, List<Point> centre, Length from) {
    /** Planes within this are one (degrees): less than a hand bender holds. */
    private static final double FLAT_DEG = 0.5;

    private static final double PIECE = Math.toRadians(3);

    public FlatStretch {
        centre = List.copyOf(centre);
    }

    /** In how many straight pieces a bend of an angle (radians) is drawn. */
    public static int pieces(double angle) {
        return Math.max(1, (int) Math.ceil(angle / PIECE));
    }

    /** The flat stretches of a tube in order; one for a straight tube or one that lies flat as a whole. */
    public static List<FlatStretch> of(BentPath path) {
        List<FlatStretch> all = new ArrayList<>();
        int n = path.bends().size();
        int first = 0;
        double from = 0;
        while (first < n || n == 0) {
            int last = first;
            while (last + 1 < n && flat(path.bends().get(last + 1).rotation())) {
                last++;
            }
            all.add(stretch(path, first, Math.min(last, n - 1), from));
            if (n == 0 || last + 1 >= n) {
                break;
            }
            from += lengthUpTo(path, first, last);
            first = last + 1;
        }
        return all;
    }

    private static boolean flat(double rotation) {
        double d = Math.abs(Math.toDegrees(rotation));
        return d < FLAT_DEG || d > 180 - FLAT_DEG;
    }

    /** Straight before a bend as the stretch has it: half of what it shares. */
    private static double before(BentPath path, int bend, int first) {
        double s = path.bends().get(bend).straight();
        return bend == first && first > 0 ? s / 2 : s;
    }

    private static double after(BentPath path, int last) {
        return last + 1 < path.bends().size() ? path.straightAfter(last) / 2 : path.straightAfter(last);
    }

    private static double lengthUpTo(BentPath path, int first, int last) {
        double sum = after(path, last);
        for (int i = first; i <= last; i++) {
            sum += before(path, i, first) + path.bends().get(i).arc();
        }
        return sum;
    }

    private static FlatStretch stretch(BentPath path, int first, int last, double from) {
        List<Point> points = new ArrayList<>();
        double x = 0;
        double y = 0;
        double way = 0;
        double side = 1;
        points.add(new Point(0, 0));
        for (int i = first; i <= last; i++) {
            BentPath.Bend b = path.bends().get(i);
            if (i > first && Math.abs(b.rotation()) > Math.PI / 2) {
                side = -side;
            }
            double straight = before(path, i, first);
            x += straight * Math.cos(way);
            y += straight * Math.sin(way);
            points.add(new Point(x, y));
            int steps = pieces(b.angle());
            double cx = x - side * b.radius() * Math.sin(way);
            double cy = y + side * b.radius() * Math.cos(way);
            for (int s = 1; s <= steps; s++) {
                double w = way + side * b.angle() * s / steps;
                points.add(new Point(cx + side * b.radius() * Math.sin(w), cy - side * b.radius() * Math.cos(w)));
            }
            way += side * b.angle();
            x = points.get(points.size() - 1).x();
            y = points.get(points.size() - 1).y();
        }
        double end = path.bends().isEmpty() ? path.last() : after(path, last);
        points.add(new Point(x + end * Math.cos(way), y + end * Math.sin(way)));
        double turn = first == 0 ? 0 : Math.toDegrees(path.bends().get(first).rotation());
        return new FlatStretch(first, last, Angle.ofDegrees(turn), points, Length.ofMm(from));
    }
}
