package mellowflare.core.picture;

import java.util.List;
import mellowflare.core.geometry.Drawing;
import mellowflare.core.geometry.Fill;
import mellowflare.core.geometry.Pen;
import mellowflare.core.geometry.Point;
import mellowflare.core.geometry.Shape;

/** A test by pressure: the gauge with its hand where it must stay, and for how long. */
public final class GaugePicture {
    private static final double DIAL = 36;
    private static final double CLOCK = 22;
    private static final int MARKS = 10;
    /** A gauge is read best in its upper half: the hand stands here (degrees, from the right). */
    private static final double HAND = 35;

    private GaugePicture() {}

    /**
     * @param pressure to which it is brought up
     * @param under what is said of it
     * @param time how long it is held; blank where nobody says
     */
    public static Drawing of(String pressure, String under, String time) {
        Drawing.Sheet sheet = new Drawing.Sheet();
        Point middle = new Point(0, 0);
        sheet.add(new Shape.Disc(middle, DIAL, Pen.OUTLINE, Fill.PAPER));
        sheet.path(
                Pen.OUTLINE,
                Fill.METAL,
                true,
                List.of(
                        new Point(-6, -DIAL - 12),
                        new Point(6, -DIAL - 12),
                        new Point(6, -DIAL + 1),
                        new Point(-6, -DIAL + 1)));
        for (int i = 0; i <= MARKS; i++) {
            double t = Math.toRadians(225 - 270.0 * i / MARKS);
            sheet.line(Pen.FINE, on(middle, DIAL - 6, t), on(middle, DIAL - 1.5, t));
        }
        double hand = Math.toRadians(HAND);
        sheet.line(Pen.STOP, middle, on(middle, DIAL - 8, hand));
        sheet.add(new Shape.Disc(middle, 3, Pen.OUTLINE, Fill.BLACK));
        sheet.label(new Point(DIAL + 14, 12), pressure, under, Shape.Role.NAME, Shape.Anchor.START);
        if (!time.isBlank()) {
            Point clock = new Point(DIAL + 160, 0);
            sheet.add(new Shape.Disc(clock, CLOCK, Pen.OUTLINE, Fill.PAPER));
            sheet.line(Pen.OUTLINE, clock, clock.plus(0, CLOCK - 6));
            sheet.line(Pen.OUTLINE, clock, clock.plus(CLOCK - 11, 0));
            sheet.label(clock.plus(CLOCK + 10, -2), time, "", Shape.Role.NAME, Shape.Anchor.START);
        }
        return sheet.done(-DIAL - 8, -DIAL - 16, DIAL + 300, DIAL + 8);
    }

    private static Point on(Point middle, double radius, double angle) {
        return middle.plus(radius * Math.cos(angle), radius * Math.sin(angle));
    }
}
