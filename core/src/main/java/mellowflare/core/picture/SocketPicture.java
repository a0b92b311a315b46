package mellowflare.core.picture;

import java.util.ArrayList;
import java.util.List;
import mellowflare.core.geometry.Drawing;
import mellowflare.core.geometry.Fill;
import mellowflare.core.geometry.Pen;
import mellowflare.core.geometry.Point;
import mellowflare.core.geometry.Shape;

/** A socket that goes on a hose with a left-hand thread, to its stop and then back a little: cut open, and from the open end with both turns. */
public final class SocketPicture {
    private static final double HALF = 15;
    private static final double WALL = 8;
    private static final double DEEP = 92;
    private static final double FACE = 30;

    private SocketPicture() {}

    /**
     * @param depth how deep the hose goes in
     * @param on which way it goes on
     * @param back how far it is backed off
     */
    public static Drawing of(String depth, String on, String back, Fill hose) {
        Drawing.Sheet sheet = new Drawing.Sheet();
        sheet.path(Pen.OUTLINE, hose, true, Stretch.of(6, DEEP + 96, HALF - 1));
        for (int side : new int[] {1, -1}) {
            List<Point> wall =
                    new ArrayList<>(List.of(new Point(0, side * (HALF + WALL)), new Point(DEEP, side * (HALF + WALL))));
            // The teeth of its thread bite into the cover.
            for (double x = DEEP; x > 8; x -= 8) {
                wall.add(new Point(x, side * HALF));
                wall.add(new Point(x - 4, side * (HALF - 2.5)));
            }
            wall.add(new Point(0, side * HALF));
            sheet.path(Pen.OUTLINE, Fill.METAL_CUT, true, wall);
        }
        sheet.add(new Shape.Dimension(new Point(6, HALF + WALL), new Point(DEEP, HALF + WALL), 1, depth, false));
        Point face = new Point(DEEP + 190, 0);
        sheet.add(new Shape.Disc(face, HALF + WALL, Pen.OUTLINE, Fill.METAL));
        sheet.add(new Shape.Disc(face, HALF, Pen.OUTLINE, hose));
        TurnArrow.draw(sheet, face, FACE + 6, -50, 260);
        TurnArrow.draw(sheet, face, FACE - 3, 150, -100);
        sheet.label(face.plus(FACE + 18, 16), on, "", Shape.Role.NAME, Shape.Anchor.START);
        sheet.label(face.plus(FACE + 18, -8), back, "", Shape.Role.NAME, Shape.Anchor.START);
        return sheet.done(-6, -FACE - 12, face.x() + FACE + 190, FACE + 14);
    }
}
