package mellowflare.core.picture;

import java.util.List;
import mellowflare.core.geometry.Drawing;
import mellowflare.core.geometry.Fill;
import mellowflare.core.geometry.Pen;
import mellowflare.core.geometry.Point;
import mellowflare.core.geometry.Shape;

/** A run that falls, under a level that says so: how much on each metre and where to. The fall is drawn much steeper than it is. */
public final class FallPicture {
    private static final double LONG = 340;
    private static final double DROP = 26;
    private static final double HALF = 7;

    private FallPicture() {}

    /**
     * @param figure the fall with what it is measured over, such as “10 mm”
     * @param over what it is measured over, and where the water runs
     */
    public static Drawing of(String figure, String over) {
        Drawing.Sheet sheet = new Drawing.Sheet();
        for (double share : new double[] {0.08, 0.5, 0.92}) {
            Point at = on(share);
            sheet.line(Pen.THREAD, at.plus(0, HALF), new Point(at.x(), DROP + 42));
        }
        sheet.line(Pen.FINE, new Point(0, DROP + 42), new Point(LONG, DROP + 42));
        sheet.path(
                Pen.OUTLINE,
                Fill.METAL,
                true,
                List.of(on(0).plus(0, HALF), on(1).plus(0, HALF), on(1).plus(0, -HALF), on(0).plus(0, -HALF)));
        // What level would be, and how much lower it is.
        sheet.line(Pen.CENTRE_LINE, on(0), new Point(LONG + 8, DROP));
        sheet.add(new Shape.Dimension(new Point(LONG + 8, 0), new Point(LONG + 8, DROP), 0, figure, true));
        level(sheet);
        Point from = on(0.62).plus(0, -HALF - 9);
        Point tip = on(0.8).plus(0, -HALF - 9);
        sheet.line(Pen.SELECTED, from, tip);
        sheet.path(Pen.SELECTED, Fill.BLACK, true, List.of(tip.plus(6, -0.5), tip.plus(-1, 3), tip.plus(-1, -3.4)));
        sheet.label(on(0.62).plus(-6, -HALF - 13), over, "", Shape.Role.NAME, Shape.Anchor.END);
        return sheet.done(-14, -34, LONG + 50, DROP + 50);
    }

    private static Point on(double share) {
        return new Point(share * LONG, DROP * (1 - share));
    }

    /** On the pipe, its bubble towards the high end. */
    private static void level(Drawing.Sheet sheet) {
        Point a = on(0.18).plus(0, HALF);
        Point b = on(0.42).plus(0, HALF);
        sheet.path(Pen.OUTLINE, Fill.PAPER, true, List.of(a, b, b.plus(0, 13), a.plus(0, 13)));
        Point glass = on(0.3).plus(0, HALF + 6.5);
        sheet.path(
                Pen.THREAD,
                Fill.SOFT,
                true,
                List.of(glass.plus(-16, 4.6), glass.plus(16, 2.2), glass.plus(16, -3.4), glass.plus(-16, -1)));
        sheet.add(new Shape.Disc(glass.plus(-8, 1.1), 2.3, Pen.SELECTED, Fill.PAPER));
    }
}
