package mellowflare.core.picture;

import java.util.List;
import mellowflare.core.geometry.Drawing;
import mellowflare.core.geometry.Fill;
import mellowflare.core.geometry.Pen;
import mellowflare.core.geometry.Point;
import mellowflare.core.geometry.Shape;

/** A ferrule after pressing: the three places along it and the three ways across where its diameter is looked at. */
public final class CrimpPicture {
    private static final double LONG = 120;
    private static final double RADIUS = 24;
    private static final double HOSE = 15;
    private static final int FLATS = 8;
    private static final int WAYS = 3;

    private CrimpPicture() {}

    /**
     * A crimp to be measured.
     *
     * @param figure diameter that it must have, with what it may be out
     * @param hose what the hose looks like
     */
    public static Drawing of(String figure, Fill hose) {
        Drawing.Sheet sheet = new Drawing.Sheet();
        sheet.path(Pen.OUTLINE, hose, true, Stretch.of(LONG, LONG + 90, HOSE));
        sheet.rect(Pen.OUTLINE, Fill.METAL, -34, -10, 0, 10);
        sheet.rect(Pen.OUTLINE, Fill.METAL, 0, -RADIUS, LONG, RADIUS);
        for (double y : List.of(-RADIUS / 2, 0.0, RADIUS / 2)) {
            sheet.line(Pen.FINE, new Point(4, y), new Point(LONG - 4, y));
        }
        for (int i = 1; i <= WAYS; i++) {
            double x = LONG * i / (WAYS + 1);
            sheet.line(Pen.MEASURED, new Point(x, -RADIUS - 9), new Point(x, RADIUS + 9));
        }
        sheet.label(
                new Point(LONG / 2, -RADIUS - 20),
                Say.it("crimp.three-places"),
                "",
                Shape.Role.NAME,
                Shape.Anchor.MIDDLE);
        Point c = new Point(LONG + 160, 0);
        sheet.path(Pen.OUTLINE, Fill.METAL, true, round(c, RADIUS, 2 * FLATS));
        sheet.add(new Shape.Disc(c, HOSE, Pen.OUTLINE, Fill.RUBBER));
        for (int i = 0; i < WAYS; i++) {
            double t = Math.PI * i / WAYS + Math.PI / 2;
            Point out = new Point((RADIUS + 9) * Math.cos(t), (RADIUS + 9) * Math.sin(t));
            sheet.line(Pen.MEASURED, c.plus(out.x(), out.y()), c.plus(-out.x(), -out.y()));
        }
        sheet.label(
                c.plus(RADIUS + 16, 6), figure, Say.it("crimp.over-the-flats"), Shape.Role.NAME, Shape.Anchor.START);
        return sheet.done(-44, -RADIUS - 30, LONG + 300, RADIUS + 14);
    }

    private static List<Point> round(Point c, double radius, int corners) {
        return java.util.stream.IntStream.range(0, corners)
                .mapToObj(i -> {
                    double t = 2 * Math.PI * (i + 0.5) / corners;
                    return c.plus(radius * Math.cos(t), radius * Math.sin(t));
                })
                .toList();
    }
}
