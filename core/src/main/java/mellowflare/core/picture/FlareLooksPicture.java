package mellowflare.core.picture;

import java.util.List;
import mellowflare.core.geometry.Drawing;
import mellowflare.core.geometry.Fill;
import mellowflare.core.geometry.Pen;
import mellowflare.core.geometry.Point;
import mellowflare.core.geometry.Shape;

/** A good flare beside the usual bad ones, each from the side. */
public final class FlareLooksPicture {
    private static final double APART = 96;
    private static final double TUBE = 14;
    private static final double LIP = 12;

    private FlareLooksPicture() {}

    /**
     * What is said under each.
     *
     * @param good full and even, with its diameter where it is known
     * @param small too little stick-out
     * @param lopsided higher on one side
     * @param cracked split at the rim
     */
    public static Drawing of(String good, String small, String lopsided, String cracked) {
        Drawing.Sheet sheet = new Drawing.Sheet();
        flare(sheet, 0, LIP, LIP, good);
        flare(sheet, APART, LIP * 0.4, LIP * 0.4, small);
        flare(sheet, 2 * APART, LIP * 1.25, LIP * 0.6, lopsided);
        flare(sheet, 3 * APART, LIP, LIP, cracked);
        Point rim = new Point(3 * APART + 10, 30);
        sheet.path(Pen.STOP, Fill.NONE, false, List.of(rim, rim.plus(-3, -6), rim.plus(1, -9), rim.plus(-2, -16)));
        for (int i = 1; i <= 3; i++) {
            Point m = new Point(i * APART + 34, 26);
            sheet.line(Pen.STOP, m.plus(-5, -5), m.plus(5, 5));
            sheet.line(Pen.STOP, m.plus(-5, 5), m.plus(5, -5));
        }
        Point tick = new Point(34, 26);
        sheet.path(Pen.SELECTED, Fill.NONE, false, List.of(tick.plus(-6, 0), tick.plus(-1, -5), tick.plus(7, 6)));
        return sheet.done(-44, -58, 3 * APART + 48, 40);
    }

    private static void flare(Drawing.Sheet sheet, double x, double left, double right, String words) {
        sheet.path(
                Pen.OUTLINE,
                Fill.METAL,
                true,
                List.of(
                        new Point(x - TUBE, -34),
                        new Point(x - TUBE, 12),
                        new Point(x - TUBE - left, 12 + left * 1.3),
                        new Point(x - TUBE - left + 3, 15 + left * 1.3),
                        new Point(x + TUBE + right - 3, 15 + right * 1.3),
                        new Point(x + TUBE + right, 12 + right * 1.3),
                        new Point(x + TUBE, 12),
                        new Point(x + TUBE, -34)));
        sheet.line(Pen.CENTRE_LINE, new Point(x, -40), new Point(x, 34));
        sheet.label(new Point(x, -52), words, "", Shape.Role.NAME, Shape.Anchor.MIDDLE);
    }
}
