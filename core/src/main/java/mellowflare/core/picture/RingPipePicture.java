package mellowflare.core.picture;

import java.util.List;
import mellowflare.core.geometry.Drawing;
import mellowflare.core.geometry.Fill;
import mellowflare.core.geometry.Pen;
import mellowflare.core.geometry.Point;
import mellowflare.core.geometry.Shape;

/** What goes on a plain pipe end before it goes into a ring fitting, in its order and the right way round, and how deep the pipe goes. */
public final class RingPipePicture {
    private static final double HALF = 12;

    private RingPipePicture() {}

    /**
     * @param depth how deep the pipe goes in
     * @param parts names of nut, grip ring, washer and ring, in the order in which they go on
     * @throws IllegalArgumentException if there are not four
     */
    public static Drawing of(String depth, List<String> parts) {
        if (parts.size() != 4) {
            throw new IllegalArgumentException("four parts");
        }
        Drawing.Sheet sheet = new Drawing.Sheet();
        sheet.path(Pen.OUTLINE, Fill.METAL, true, Stretch.of(-40, 250, HALF));
        sheet.add(new Shape.Dimension(new Point(176, HALF), new Point(250, HALF), 1, depth, false));
        sheet.line(Pen.STOP, new Point(176, -HALF - 4), new Point(176, HALF + 4));
        for (int side : new int[] {1, -1}) {
            // Nut, open towards the end.
            sheet.path(
                    Pen.OUTLINE,
                    Fill.METAL_CUT,
                    true,
                    List.of(
                            new Point(-14, side * (HALF + 1)),
                            new Point(-14, side * (HALF + 14)),
                            new Point(26, side * (HALF + 14)),
                            new Point(26, side * (HALF + 9)),
                            new Point(-4, side * (HALF + 9)),
                            new Point(-4, side * (HALF + 1))));
            // Grip ring: its teeth away from the end.
            sheet.path(
                    Pen.OUTLINE,
                    Fill.METAL,
                    true,
                    List.of(
                            new Point(50, side * HALF),
                            new Point(58, side * (HALF + 8)),
                            new Point(64, side * (HALF + 8)),
                            new Point(64, side * (HALF + 5))));
            sheet.path(
                    Pen.OUTLINE,
                    Fill.SOFT,
                    true,
                    List.of(
                            new Point(92, side * (HALF + 1)),
                            new Point(92, side * (HALF + 9)),
                            new Point(97, side * (HALF + 9)),
                            new Point(97, side * (HALF + 1))));
            sheet.add(new Shape.Disc(new Point(132, side * (HALF + 4)), 4, Pen.OUTLINE, Fill.BLACK));
        }
        double[] at = {6, 58, 95, 132};
        for (int i = 0; i < 4; i++) {
            double down = i % 2 == 0 ? 20 : 32;
            sheet.line(Pen.FINE, new Point(at[i], -HALF - 15), new Point(at[i], -HALF - down + 2));
            sheet.label(new Point(at[i], -HALF - down - 8), parts.get(i), "", Shape.Role.NAME, Shape.Anchor.MIDDLE);
        }
        return sheet.done(-50, -HALF - 48, 276, HALF + 20);
    }
}
