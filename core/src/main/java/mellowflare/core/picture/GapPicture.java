package mellowflare.core.picture;

import mellowflare.core.geometry.Drawing;
import mellowflare.core.geometry.Fill;
import mellowflare.core.geometry.Pen;
import mellowflare.core.geometry.Point;
import mellowflare.core.geometry.Shape;

/** A nipple drawn into its socket: what is left between them, and the mark that shows whether the hose crept out. */
public final class GapPicture {
    private static final double HALF = 13;
    private static final double SOCKET = 22;
    private static final double LONG = 80;
    private static final double GAP = 16;
    private static final double HEX = 26;

    private GapPicture() {}

    /**
     * @param gap what is left, as measured; blank where the halves meet
     * @param witness what is said of the mark at the socket's mouth
     */
    public static Drawing of(String gap, String witness, Fill hose) {
        Drawing.Sheet sheet = new Drawing.Sheet();
        double left = gap.isBlank() ? 0 : GAP;
        sheet.path(Pen.OUTLINE, hose, true, Stretch.of(LONG, LONG + 110, HALF));
        sheet.path(Pen.OUTLINE, Fill.METAL, true, Stretch.of(0, LONG, SOCKET));
        // Thread between the two.
        if (left > 0) {
            sheet.path(Pen.THREAD, Fill.METAL, true, Stretch.of(-left, 0, HALF - 1));
        }
        sheet.path(Pen.OUTLINE, Fill.METAL, true, Stretch.of(-left - 30, -left, HEX));
        sheet.line(Pen.FINE, new Point(-left - 30, HEX * 0.5), new Point(-left, HEX * 0.5));
        sheet.line(Pen.FINE, new Point(-left - 30, -HEX * 0.5), new Point(-left, -HEX * 0.5));
        sheet.path(Pen.OUTLINE, Fill.METAL, true, Stretch.of(-left - 66, -left - 30, HALF - 3));
        if (left > 0) {
            sheet.add(new Shape.Dimension(new Point(-left, HEX), new Point(0, SOCKET), 1, gap, false));
        }
        sheet.line(Pen.STOP, new Point(LONG + 1, -HALF - 3), new Point(LONG + 1, HALF + 3));
        sheet.line(Pen.FINE, new Point(LONG + 4, -HALF - 2), new Point(LONG + 18, -HEX - 6));
        sheet.label(new Point(LONG + 20, -HEX - 10), witness, "", Shape.Role.NAME, Shape.Anchor.START);
        return sheet.done(-left - 74, -HEX - 22, LONG + 220, HEX + 20);
    }
}
