package mellowflare.core.picture;

import java.util.List;
import mellowflare.core.geometry.Drawing;
import mellowflare.core.geometry.Fill;
import mellowflare.core.geometry.Pen;
import mellowflare.core.geometry.Point;
import mellowflare.core.geometry.Shape;

/** A drop of a workshop main: out of its top, down, the valve, and a leg below the outlet with its drain. */
public final class DropPicture {
    private static final double HALF = 6;
    private static final double OUT = 60;

    private DropPicture() {}

    /**
     * @param top what is said of the take-off
     * @param outlet of the outlet with its valve
     * @param leg of the leg and its drain
     */
    public static Drawing of(String top, String outlet, String leg) {
        Drawing.Sheet sheet = new Drawing.Sheet();
        sheet.path(Pen.OUTLINE, Fill.METAL, true, Stretch.of(-90, 20, 14));
        // Goose neck.
        double[][] way = {{-50, 14}, {-50, 40}, {-40, 52}, {OUT - 10, 52}, {OUT, 40}, {OUT, -96}};
        for (int i = 1; i < way.length; i++) {
            sheet.path(Pen.OUTLINE, Fill.METAL, true, bar(way[i - 1], way[i]));
        }
        sheet.path(Pen.OUTLINE, Fill.METAL, true, bar(new double[] {OUT, -52}, new double[] {OUT + 42, -52}));
        valve(sheet, new Point(OUT + 26, -52));
        valve(sheet, new Point(OUT, -84));
        sheet.label(new Point(-50, 62), top, "", Shape.Role.NAME, Shape.Anchor.MIDDLE);
        sheet.label(new Point(OUT + 64, -54), outlet, "", Shape.Role.NAME, Shape.Anchor.START);
        sheet.label(new Point(OUT + 24, -88), leg, "", Shape.Role.NAME, Shape.Anchor.START);
        TurnArrow.draw(sheet, new Point(5, 46), 22, 150, -110);
        return sheet.done(-130, -104, OUT + 220, 76);
    }

    private static List<Point> bar(double[] a, double[] b) {
        double length = Math.hypot(b[0] - a[0], b[1] - a[1]);
        double nx = -(b[1] - a[1]) / length * HALF;
        double ny = (b[0] - a[0]) / length * HALF;
        return List.of(
                new Point(a[0] + nx, a[1] + ny),
                new Point(b[0] + nx, b[1] + ny),
                new Point(b[0] - nx, b[1] - ny),
                new Point(a[0] - nx, a[1] - ny));
    }

    private static void valve(Drawing.Sheet sheet, Point at) {
        sheet.path(
                Pen.OUTLINE, Fill.PAPER, true, List.of(at.plus(-9, 8), at.plus(9, -8), at.plus(9, 8), at.plus(-9, -8)));
    }
}
