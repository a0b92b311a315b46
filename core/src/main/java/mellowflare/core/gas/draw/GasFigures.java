package mellowflare.core.gas.draw;

import java.util.List;
import mellowflare.core.geometry.Drawing;
import mellowflare.core.geometry.Fill;
import mellowflare.core.geometry.Pen;
import mellowflare.core.geometry.Point;
import mellowflare.core.geometry.Shape;

/** Small figures of gas: a cylinder, a flame. */
final class GasFigures {
    private GasFigures() {}

    /** A cylinder standing on a point. */
    static void cylinder(Drawing.Sheet sheet, Point foot, double wide, double high, Pen pen, Fill fill) {
        double half = wide / 2;
        double neck = wide * 0.14;
        sheet.path(
                pen,
                fill,
                true,
                List.of(
                        foot.plus(-half, 0),
                        foot.plus(half, 0),
                        foot.plus(half, high * 0.72),
                        foot.plus(half * 0.8, high * 0.86),
                        foot.plus(neck, high * 0.93),
                        foot.plus(neck, high),
                        foot.plus(-neck, high),
                        foot.plus(-neck, high * 0.93),
                        foot.plus(-half * 0.8, high * 0.86),
                        foot.plus(-half, high * 0.72)));
        sheet.rect(pen, fill, foot.x() - wide * 0.3, foot.y() + high, foot.x() + wide * 0.3, foot.y() + high * 1.12);
    }

    /** A flame standing on a point. */
    static void flame(Drawing.Sheet sheet, Point foot, double high) {
        double w = high * 0.36;
        sheet.path(
                Pen.THREAD,
                Fill.PAPER,
                true,
                List.of(
                        foot.plus(-w * 0.5, 0),
                        foot.plus(w * 0.5, 0),
                        foot.plus(w, high * 0.32),
                        foot.plus(w * 0.62, high * 0.66),
                        foot.plus(0, high),
                        foot.plus(-w * 0.75, high * 0.6),
                        foot.plus(-w, high * 0.3)));
        sheet.add(new Shape.Disc(foot.plus(0, high * 0.28), high * 0.09, Pen.FINE, Fill.NONE));
    }
}
