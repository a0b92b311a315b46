package mellowflare.core.picture;

import java.util.List;
import mellowflare.core.geometry.Drawing;
import mellowflare.core.geometry.Fill;
import mellowflare.core.geometry.Pen;
import mellowflare.core.geometry.Point;
import mellowflare.core.geometry.Shape;

/** Nut, and sleeve where there is one, on the tube before its end is made: each the right way round. Cut open. */
public final class NutPicture {
    private static final double TUBE = 9;
    private static final double NUT = 20;
    private static final double BORE = 14;
    private static final double END = 250;

    private NutPicture() {}

    /**
     * @param nut which way round the nut goes
     * @param sleeve which way round the sleeve goes; empty where there is none
     */
    public static Drawing of(String nut, String sleeve) {
        Drawing.Sheet sheet = new Drawing.Sheet();
        sheet.path(Pen.OUTLINE, Fill.METAL, true, Stretch.of(0, END, TUBE));
        sheet.line(Pen.CENTRE_LINE, new Point(-10, 0), new Point(END + 14, 0));
        for (int side : new int[] {1, -1}) {
            half(sheet, side, sleeve.isEmpty());
        }
        if (!sleeve.isEmpty()) {
            for (int side : new int[] {1, -1}) {
                sheet.path(
                        Pen.OUTLINE,
                        Fill.METAL_CUT,
                        true,
                        List.of(
                                new Point(138, side * (TUBE + 0.6)),
                                new Point(138, side * 12.5),
                                new Point(158, side * 12.5),
                                new Point(166, side * 17),
                                new Point(176, side * 17),
                                new Point(170, side * (TUBE + 0.6))));
            }
            sheet.label(new Point(158, -NUT - 15), sleeve, "", Shape.Role.NAME, Shape.Anchor.MIDDLE);
        }
        sheet.label(new Point(86, NUT + 9), nut, "", Shape.Role.NAME, Shape.Anchor.MIDDLE);
        sheet.line(Pen.SELECTED, new Point(END - 40, 0), new Point(END - 8, 0));
        sheet.path(
                Pen.SELECTED,
                Fill.BLACK,
                true,
                List.of(new Point(END - 2, 0), new Point(END - 9, 3.4), new Point(END - 9, -3.4)));
        return sheet.done(-16, -NUT - 26, END + 30, NUT + 24);
    }

    /** One half of the nut: closed shoulder at the left, threaded mouth towards the end. */
    private static void half(Drawing.Sheet sheet, int side, boolean alone) {
        double bottom = alone ? TUBE + 0.8 : 13;
        sheet.path(
                Pen.OUTLINE,
                Fill.METAL_CUT,
                true,
                List.of(
                        new Point(56, side * bottom),
                        new Point(56, side * NUT),
                        new Point(116, side * NUT),
                        new Point(116, side * BORE),
                        new Point(78, side * BORE),
                        new Point(70, side * bottom)));
        for (double x = 82; x < 114; x += 5) {
            sheet.line(Pen.THREAD, new Point(x, side * BORE), new Point(x + 2.5, side * (BORE + 2.4)));
            sheet.line(Pen.THREAD, new Point(x + 2.5, side * (BORE + 2.4)), new Point(x + 5, side * BORE));
        }
    }
}
