package mellowflare.core.section;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import mellowflare.core.geometry.Point;
import mellowflare.core.measure.Length;
import mellowflare.core.measure.LengthFormat;
import mellowflare.core.measure.UnitSystem;

/** What every section of an end needs. */
final class Marks {
    private static final int CORNERS = 24;

    private Marks() {}

    /** The text of a dimension in the job's system. */
    static String figure(Length length, UnitSystem units) {
        return units == UnitSystem.METRIC
                ? LengthFormat.decimal(length.mm(), 2, 0)
                : LengthFormat.decimal(length.inches(), 3, 3);
    }

    static Point middle(Point a, Point b) {
        return new Point((a.x() + b.x()) / 2, (a.y() + b.y()) / 2);
    }

    static List<Point> circle(Point centre, double radius) {
        List<Point> points = new ArrayList<>();
        for (int i = 0; i <= CORNERS; i++) {
            double t = Math.PI * 2 * i / CORNERS;
            points.add(centre.plus(radius * Math.cos(t), radius * Math.sin(t)));
        }
        return Collections.unmodifiableList(points);
    }
}
