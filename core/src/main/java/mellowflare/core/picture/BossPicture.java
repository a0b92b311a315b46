package mellowflare.core.picture;

import java.util.List;
import mellowflare.core.geometry.Drawing;
import mellowflare.core.geometry.Fill;
import mellowflare.core.geometry.Pen;
import mellowflare.core.geometry.Point;
import mellowflare.core.geometry.Shape;

/** An elbow with a jam nut in a port with a ring, in its four moments: nut right back, in by hand, back to its direction, nut tight. Cut open. */
public final class BossPicture {
    private static final double STEP = 116;
    private static final double PORT = 34;
    private static final double BORE = 11;
    private static final double STUD = 9.5;

    private BossPicture() {}

    /**
     * @param moments what is said of each, four in order of work
     * @throws IllegalArgumentException if there are not four
     */
    public static Drawing of(List<String> moments) {
        if (moments.size() != 4) {
            throw new IllegalArgumentException("four moments");
        }
        Drawing.Sheet sheet = new Drawing.Sheet();
        double[] sunk = {-16, 0, -2.5, -2.5};
        double[] nut = {30, 30, 30, 3};
        for (int i = 0; i < 4; i++) {
            moment(sheet, i * STEP, sunk[i], nut[i]);
            sheet.label(
                    new Point(i * STEP, -PORT - 14), Integer.toString(i + 1), "", Shape.Role.NAME, Shape.Anchor.MIDDLE);
        }
        for (int i = 0; i < 4; i += 2) {
            sheet.label(
                    new Point(3 * STEP + 74, 66 - i * 44),
                    Say.it("boss.moment", "number", i + 1, "says", moments.get(i)),
                    Say.it("boss.moment", "number", i + 2, "says", moments.get(i + 1)),
                    Shape.Role.NAME,
                    Shape.Anchor.START);
        }
        TurnArrow.draw(sheet, new Point(STEP, 62), 24, 200, 250);
        TurnArrow.draw(sheet, new Point(2 * STEP, 62), 24, -20, -200);
        TurnArrow.draw(sheet, new Point(3 * STEP, 10), 34, 210, 120);
        return sheet.done(-52, -PORT - 22, 3 * STEP + 330, 92);
    }

    /** The port's face lies at zero; {@code sunk} is how far the washer is from it, {@code nut} how far the nut is above the washer. */
    private static void moment(Drawing.Sheet sheet, double x, double sunk, double nut) {
        for (int side : new int[] {1, -1}) {
            sheet.path(
                    Pen.OUTLINE,
                    Fill.METAL_CUT,
                    true,
                    List.of(
                            new Point(x + side * BORE, -PORT),
                            new Point(x + side * BORE, -6),
                            new Point(x + side * (BORE + 6), 0),
                            new Point(x + side * 42, 0),
                            new Point(x + side * 42, -PORT)));
        }
        double lift = -sunk;
        block(sheet, x, STUD, lift - 28, lift + 46, Fill.METAL);
        block(sheet, x, 15, lift + 0.5, lift + 3, Fill.METAL);
        for (int side : new int[] {1, -1}) {
            sheet.add(new Shape.Disc(new Point(x + side * (STUD + 2.2), lift - 3), 3.2, Pen.OUTLINE, Fill.BLACK));
        }
        double base = lift + nut;
        block(sheet, x, 19, base, base + 11, Fill.METAL);
        // The elbow's arm.
        sheet.path(
                Pen.OUTLINE,
                Fill.METAL,
                true,
                List.of(
                        new Point(x - STUD, lift + 46),
                        new Point(x - STUD, lift + 66),
                        new Point(x + 40, lift + 66),
                        new Point(x + 40, lift + 48),
                        new Point(x + STUD, lift + 48),
                        new Point(x + STUD, lift + 46)));
    }

    private static void block(Drawing.Sheet sheet, double x, double half, double low, double high, Fill fill) {
        sheet.path(
                Pen.OUTLINE,
                fill,
                true,
                List.of(
                        new Point(x - half, low),
                        new Point(x + half, low),
                        new Point(x + half, high),
                        new Point(x - half, high)));
    }
}
