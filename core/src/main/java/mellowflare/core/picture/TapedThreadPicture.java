package mellowflare.core.picture;

import java.util.ArrayList;
import java.util.List;
import mellowflare.core.geometry.Drawing;
import mellowflare.core.geometry.Fill;
import mellowflare.core.geometry.Pen;
import mellowflare.core.geometry.Point;
import mellowflare.core.geometry.Shape;

/** A male taper thread with its sealant: wound with the thread, the first thread left bare. */
public final class TapedThreadPicture {
    private static final double BIG = 30;
    private static final double TAPER = 1.0 / 16;
    private static final double PITCH = 12;
    private static final int TURNS = 9;
    private static final double CREST = 5;

    private TapedThreadPicture() {}

    /**
     * @param sealant what goes on the thread
     * @param bare what is said of the first thread
     * @param way which way it is wound
     */
    public static Drawing of(String sealant, String bare, String way) {
        Drawing.Sheet sheet = new Drawing.Sheet();
        sheet.path(Pen.OUTLINE, Fill.METAL, true, Stretch.of(-70, 0, BIG - 6));
        double end = TURNS * PITCH;
        List<Point> outline = new ArrayList<>();
        for (int i = 0; i <= TURNS * 2; i++) {
            double x = i * PITCH / 2;
            outline.add(new Point(x, BIG - x * TAPER - (i % 2 == 0 ? CREST : 0)));
        }
        for (int i = TURNS * 2; i >= 0; i--) {
            double x = i * PITCH / 2;
            outline.add(new Point(x, -(BIG - x * TAPER - (i % 2 == 0 ? CREST : 0))));
        }
        sheet.path(Pen.OUTLINE, Fill.METAL, true, outline);
        double from = PITCH;
        double to = end - PITCH;
        sheet.path(
                Pen.THREAD,
                Fill.PALE,
                true,
                List.of(
                        new Point(from, BIG + 1),
                        new Point(to, BIG - 6),
                        new Point(to, -(BIG - 6)),
                        new Point(from, -(BIG + 1))));
        for (int i = 1; i < TURNS - 1; i++) {
            double x = i * PITCH;
            sheet.line(Pen.FINE, new Point(x + 8, BIG - 1 - x * TAPER), new Point(x - 2, -(BIG - 1 - x * TAPER)));
        }
        sheet.label(new Point((from + to) / 2, BIG + 12), sealant, "", Shape.Role.NAME, Shape.Anchor.MIDDLE);
        sheet.label(new Point(end + 12, -BIG + 2), bare, "", Shape.Role.NAME, Shape.Anchor.START);
        sheet.line(Pen.FINE, new Point(end + 10, -BIG + 4), new Point(end - 5, -BIG + 12));
        round(sheet, end + 60, way);
        return sheet.done(-80, -BIG - 16, end + 210, BIG + 26);
    }

    /** The end looked at from the front, with the arrow that the sealant follows. */
    private static void round(Drawing.Sheet sheet, double x, String way) {
        Point m = new Point(x, 6);
        sheet.add(new Shape.Disc(m, 15, Pen.OUTLINE, Fill.METAL));
        sheet.add(new Shape.Disc(m, 9, Pen.THREAD, Fill.PAPER));
        TurnArrow.draw(sheet, m, 21, 150, -240);
        sheet.label(m.plus(28, -2), way, "", Shape.Role.NAME, Shape.Anchor.START);
    }
}
