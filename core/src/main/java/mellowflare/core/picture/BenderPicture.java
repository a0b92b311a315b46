package mellowflare.core.picture;

import java.util.ArrayList;
import java.util.List;
import mellowflare.core.geometry.Drawing;
import mellowflare.core.geometry.Fill;
import mellowflare.core.geometry.Pen;
import mellowflare.core.geometry.Point;
import mellowflare.core.geometry.Shape;

/** A tube in its bender with the mark at the bender's line, and how far the lever goes. */
public final class BenderPicture {
    private static final double FORMER = 40;
    private static final double TUBE = 6;
    private static final double LEVER = 128;
    /** Where the lever begins, and how far it is shown to go (degrees). */
    private static final double FROM = 62;

    private static final double SWEEP = 74;

    private BenderPicture() {}

    /**
     * @param line what stands at the bender's line
     * @param lever how far the lever goes
     */
    public static Drawing of(String line, String lever) {
        Drawing.Sheet sheet = new Drawing.Sheet();
        // Lever and its roller, with where it goes to in dashes.
        arm(sheet, FROM, Pen.OUTLINE);
        arm(sheet, FROM - SWEEP, Pen.HIDDEN);
        sheet.path(
                Pen.OUTLINE,
                Fill.METAL,
                true,
                Stretch.of(-150, 96, TUBE).stream()
                        .map(p -> p.plus(0, FORMER + TUBE))
                        .toList());
        sheet.add(new Shape.Disc(new Point(0, 0), FORMER, Pen.OUTLINE, Fill.METAL));
        sheet.add(new Shape.Disc(new Point(0, 0), 6, Pen.OUTLINE, Fill.PAPER));
        // Its own handle, and the hook that holds the tube.
        sheet.path(
                Pen.OUTLINE,
                Fill.METAL,
                true,
                List.of(new Point(-30, -27), new Point(-150, -52), new Point(-152, -40), new Point(-38, -14)));
        sheet.path(
                Pen.OUTLINE,
                Fill.SOFT,
                true,
                List.of(
                        new Point(-62, FORMER + 2 * TUBE + 6),
                        new Point(-46, FORMER + 2 * TUBE + 6),
                        new Point(-46, FORMER - 6),
                        new Point(-62, FORMER - 6)));
        sheet.line(Pen.STOP, new Point(0, FORMER - 12), new Point(0, FORMER + 2 * TUBE + 8));
        sheet.line(Pen.FINE, new Point(-3, FORMER + 2 * TUBE + 10), new Point(-20, FORMER + 2 * TUBE + 26));
        sheet.label(new Point(-24, FORMER + 2 * TUBE + 26), line, "", Shape.Role.NAME, Shape.Anchor.END);
        TurnArrow.draw(sheet, new Point(0, 0), LEVER + 12, FROM, -SWEEP);
        sheet.label(new Point(LEVER + 34, 40), lever, "", Shape.Role.NAME, Shape.Anchor.START);
        return sheet.done(-210, -60, LEVER + 190, LEVER + 12);
    }

    private static void arm(Drawing.Sheet sheet, double degrees, Pen pen) {
        double c = Math.cos(Math.toRadians(degrees));
        double s = Math.sin(Math.toRadians(degrees));
        List<Point> bar = new ArrayList<>();
        for (double[] p : new double[][] {{0, 5}, {LEVER, 4}, {LEVER, -4}, {0, -5}}) {
            bar.add(new Point(p[0] * c - p[1] * s, p[0] * s + p[1] * c));
        }
        sheet.path(pen, Fill.NONE, true, bar);
        double reach = FORMER + 2 * TUBE + 9;
        sheet.add(new Shape.Disc(new Point(reach * c, reach * s), 9, pen, pen == Pen.OUTLINE ? Fill.METAL : Fill.NONE));
    }
}
