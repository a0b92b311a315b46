package mellowflare.core.picture;

import java.util.List;
import mellowflare.core.geometry.Drawing;
import mellowflare.core.geometry.Fill;
import mellowflare.core.geometry.Pen;
import mellowflare.core.geometry.Point;
import mellowflare.core.geometry.Shape;

/** An extractor in what is left of a broken part: how far it goes in, and which way it takes it out. Cut open. */
public final class ExtractorPicture {
    private static final double HALF = 20;
    private static final double WALL = 14;
    private static final double DEEP = 70;

    private ExtractorPicture() {}

    /**
     * @param tool which extractor
     * @param way which way it is turned
     * @param stump what is left inside
     */
    public static Drawing of(String tool, String way, String stump) {
        Drawing.Sheet sheet = new Drawing.Sheet();
        for (int side : new int[] {1, -1}) {
            sheet.path(
                    Pen.OUTLINE,
                    Fill.METAL_CUT,
                    true,
                    List.of(
                            new Point(0, side * HALF),
                            new Point(DEEP, side * HALF),
                            new Point(DEEP, side * (HALF + WALL)),
                            new Point(0, side * (HALF + WALL))));
            sheet.path(
                    Pen.STOP,
                    Fill.SOFT,
                    true,
                    List.of(
                            new Point(10, side * 9),
                            new Point(DEEP - 4, side * 9),
                            new Point(DEEP - 6, side * (HALF - 1)),
                            new Point(10, side * (HALF - 1))));
        }
        // A tapered square, and the head that a wrench takes.
        sheet.path(
                Pen.OUTLINE,
                Fill.METAL,
                true,
                List.of(new Point(24, 7), new Point(DEEP + 70, 14), new Point(DEEP + 70, -14), new Point(24, -7)));
        sheet.path(Pen.OUTLINE, Fill.METAL, true, Stretch.of(DEEP + 70, DEEP + 104, 10));
        TurnArrow.draw(sheet, new Point(DEEP + 87, 0), 28, -60, 130);
        sheet.label(new Point(DEEP + 128, 10), tool, way, Shape.Role.NAME, Shape.Anchor.START);
        sheet.label(new Point(0, -HALF - WALL - 12), stump, "", Shape.Role.NAME, Shape.Anchor.START);
        return sheet.done(-8, -HALF - WALL - 22, DEEP + 290, HALF + WALL + 10);
    }
}
