package mellowflare.core.picture;

import java.util.List;
import mellowflare.core.geometry.Drawing;
import mellowflare.core.geometry.Fill;
import mellowflare.core.geometry.Pen;
import mellowflare.core.geometry.Point;
import mellowflare.core.geometry.Shape;

/** A piece that goes into another to a mark: before, with how far from its end the mark is, and after, with the mark at the mouth. */
public final class InsertPicture {
    private static final double DEPTH = 70;
    private static final double MOUTH = 78;
    private static final double HALF = 11;
    private static final double WALL = 7;
    private static final double SIDE = 190;

    private InsertPicture() {}

    /**
     * Both moments beside each other.
     *
     * @param figure how deep it goes, as marked on it
     * @param into what it goes into
     * @param fill what the piece looks like
     */
    public static Drawing of(String figure, String into, Fill fill) {
        Drawing.Sheet sheet = new Drawing.Sheet();
        // Before: apart, the mark where the mouth will come to be.
        socket(sheet, 0, into);
        double end = MOUTH + 26;
        piece(sheet, end, end + DEPTH, fill);
        sheet.add(new Shape.Dimension(new Point(end, HALF), new Point(end + DEPTH, HALF), 1, figure, false));
        sheet.label(
                new Point(end + DEPTH, -HALF - 16), Say.it("insert.mark"), "", Shape.Role.NAME, Shape.Anchor.MIDDLE);
        arrow(sheet, MOUTH + 22, MOUTH + 6);
        // After.
        double at = MOUTH + SIDE + 50;
        socket(sheet, at, "");
        piece(sheet, at + MOUTH - DEPTH, at + MOUTH, fill);
        sheet.label(
                new Point(at + MOUTH, -HALF - WALL - 16),
                Say.it("insert.at-the-mouth"),
                "",
                Shape.Role.NAME,
                Shape.Anchor.MIDDLE);
        return sheet.done(-10, -HALF - WALL - 26, at + MOUTH + 70, HALF + WALL + 16);
    }

    /** Cut open: two walls and a bottom. */
    private static void socket(Drawing.Sheet sheet, double x, String into) {
        sheet.path(
                Pen.OUTLINE,
                Fill.METAL_CUT,
                true,
                List.of(
                        new Point(x, -HALF - WALL),
                        new Point(x + MOUTH, -HALF - WALL),
                        new Point(x + MOUTH, -HALF),
                        new Point(x + MOUTH - DEPTH - 1, -HALF),
                        new Point(x + MOUTH - DEPTH - 1, HALF),
                        new Point(x + MOUTH, HALF),
                        new Point(x + MOUTH, HALF + WALL),
                        new Point(x, HALF + WALL)));
        if (!into.isEmpty()) {
            sheet.label(new Point(x, -HALF - WALL - 16), into, "", Shape.Role.NAME, Shape.Anchor.START);
        }
    }

    private static void piece(Drawing.Sheet sheet, double end, double mark, Fill fill) {
        sheet.path(Pen.OUTLINE, fill, true, Stretch.of(end, mark + 62, HALF - 0.6));
        sheet.line(Pen.STOP, new Point(mark, -HALF - 4), new Point(mark, HALF + 4));
    }

    private static void arrow(Drawing.Sheet sheet, double from, double to) {
        sheet.line(Pen.SELECTED, new Point(from, 0), new Point(to + 5, 0));
        sheet.path(
                Pen.SELECTED, Fill.BLACK, true, List.of(new Point(to, 0), new Point(to + 6, 3), new Point(to + 6, -3)));
    }
}
