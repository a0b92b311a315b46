package mellowflare.core.picture;

import java.util.List;
import mellowflare.core.geometry.Drawing;
import mellowflare.core.geometry.Fill;
import mellowflare.core.geometry.Pen;
import mellowflare.core.geometry.Point;
import mellowflare.core.geometry.Shape;

/** Pipe under its clips or hangers, with the most that may be between two. */
public final class HangerPicture {
    private static final double SPAN = 130;
    private static final double HALF = 8;
    private static final double ROD = 46;

    private HangerPicture() {}

    /**
     * @param most how far apart at most
     * @param turn what is said of a turn
     */
    public static Drawing of(String most, String turn) {
        Drawing.Sheet sheet = new Drawing.Sheet();
        double corner = 2 * SPAN + 46;
        sheet.path(
                Pen.OUTLINE,
                Fill.METAL,
                true,
                List.of(
                        new Point(-40, HALF),
                        new Point(corner + HALF, HALF),
                        new Point(corner + HALF, -44),
                        new Point(corner - HALF, -44),
                        new Point(corner - HALF, -HALF),
                        new Point(-40, -HALF)));
        sheet.line(Pen.OUTLINE, new Point(-50, ROD), new Point(corner + 30, ROD));
        for (int i = 0; i <= 2; i++) {
            double x = i * SPAN;
            sheet.line(Pen.OUTLINE, new Point(x, ROD), new Point(x, HALF));
            sheet.path(
                    Pen.OUTLINE,
                    Fill.SOFT,
                    true,
                    List.of(
                            new Point(x - 6, HALF + 5),
                            new Point(x + 6, HALF + 5),
                            new Point(x + 6, -HALF - 5),
                            new Point(x - 6, -HALF - 5)));
        }
        sheet.add(new Shape.Dimension(new Point(0, -HALF - 5), new Point(SPAN, -HALF - 5), -1, most, false));
        sheet.label(new Point(corner - HALF - 8, -34), turn, "", Shape.Role.NAME, Shape.Anchor.END);
        return sheet.done(-54, -50, corner + 40, ROD + 8);
    }
}
