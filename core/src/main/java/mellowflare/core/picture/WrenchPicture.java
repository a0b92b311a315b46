package mellowflare.core.picture;

import java.util.ArrayList;
import java.util.List;
import mellowflare.core.geometry.Drawing;
import mellowflare.core.geometry.Fill;
import mellowflare.core.geometry.Pen;
import mellowflare.core.geometry.Point;
import mellowflare.core.geometry.Shape;

/** Two wrenches on a joint, looked at along the nut: one holds the body, the other turns, with which way and how far. */
public final class WrenchPicture {
    private static final double NUT = 26;
    private static final double JAW = 31;
    private static final double ARM = 118;
    private static final double THICK = 8;
    private static final double SWEEP = 44;

    private WrenchPicture() {}

    /**
     * A joint to be tightened clockwise.
     *
     * @param figure how far, or to what
     * @param turns what is turned
     * @param holds what is held
     */
    public static Drawing of(String figure, String turns, String holds) {
        Drawing.Sheet sheet = new Drawing.Sheet();
        wrench(sheet, Math.toRadians(205), Pen.HIDDEN, Fill.NONE);
        wrench(sheet, Math.toRadians(25), Pen.OUTLINE, Fill.METAL);
        sheet.path(Pen.OUTLINE, Fill.PAPER, true, hex(NUT));
        sheet.add(new Shape.Disc(new Point(0, 0), NUT * 0.5, Pen.OUTLINE, Fill.METAL));
        TurnArrow.draw(sheet, new Point(0, 0), ARM + 16, 25, -SWEEP);
        sheet.label(new Point(-ARM - 100, 84), figure, turns, Shape.Role.NAME, Shape.Anchor.START);
        sheet.label(new Point(-ARM - 8, -34), Say.it("wrench.hold"), holds, Shape.Role.NAME, Shape.Anchor.END);
        return sheet.done(-ARM - 104, -70, ARM + 40, 100);
    }

    private static List<Point> hex(double radius) {
        List<Point> all = new ArrayList<>();
        for (int i = 0; i < 6; i++) {
            all.add(new Point(radius * Math.cos(Math.PI / 3 * i), radius * Math.sin(Math.PI / 3 * i)));
        }
        return all;
    }

    /** An open end round the flats and its arm. */
    private static void wrench(Drawing.Sheet sheet, double angle, Pen pen, Fill fill) {
        double c = Math.cos(angle);
        double s = Math.sin(angle);
        double[][] outline = {
            {-12, JAW},
            {14, JAW},
            {JAW, THICK},
            {ARM, THICK},
            {ARM, -THICK},
            {JAW, -THICK},
            {14, -JAW},
            {-12, -JAW},
            {-12, -NUT * 0.9},
            {2, -NUT * 0.9},
            {NUT, -8},
            {NUT, 8},
            {2, NUT * 0.9},
            {-12, NUT * 0.9}
        };
        List<Point> points = new ArrayList<>();
        for (double[] p : outline) {
            points.add(new Point(p[0] * c - p[1] * s, p[0] * s + p[1] * c));
        }
        sheet.path(pen, fill, true, points);
    }
}
