package mellowflare.core.picture;

import java.util.ArrayList;
import java.util.List;
import mellowflare.core.geometry.Drawing;
import mellowflare.core.geometry.Fill;
import mellowflare.core.geometry.Pen;
import mellowflare.core.geometry.Point;

/** Which way something is turned: an arc with a head. */
final class TurnArrow {
    private static final int PARTS = 14;
    private static final double HEAD = 7;

    private TurnArrow() {}

    /**
     * Draws one.
     *
     * @param from where it begins (degrees, counter-clockwise from the right)
     * @param sweep how far it goes (degrees); below zero it goes clockwise
     */
    static void draw(Drawing.Sheet sheet, Point centre, double radius, double from, double sweep) {
        List<Point> arc = new ArrayList<>();
        for (int i = 0; i <= PARTS; i++) {
            double t = Math.toRadians(from + sweep * i / PARTS);
            arc.add(centre.plus(radius * Math.cos(t), radius * Math.sin(t)));
        }
        sheet.path(Pen.SELECTED, Fill.NONE, false, arc);
        double end = Math.toRadians(from + sweep);
        double way = Math.signum(sweep);
        Point along = new Point(-Math.sin(end) * way, Math.cos(end) * way);
        Point tip = arc.get(PARTS);
        sheet.path(
                Pen.SELECTED,
                Fill.BLACK,
                true,
                List.of(
                        tip.plus(HEAD * along.x(), HEAD * along.y()),
                        tip.plus(-0.55 * HEAD * along.y(), 0.55 * HEAD * along.x()),
                        tip.plus(0.55 * HEAD * along.y(), -0.55 * HEAD * along.x())));
    }
}
