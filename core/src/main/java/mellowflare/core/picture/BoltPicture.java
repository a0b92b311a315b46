package mellowflare.core.picture;

import java.util.ArrayList;
import java.util.List;
import mellowflare.core.geometry.Drawing;
import mellowflare.core.geometry.Fill;
import mellowflare.core.geometry.Pen;
import mellowflare.core.geometry.Point;
import mellowflare.core.geometry.Shape;

/** The bolts of a flange, seen from the front: their holes on both sides of the centre line, and in which order they are drawn up. */
public final class BoltPicture {
    private static final double RIM = 58;
    private static final double CIRCLE = 44;
    private static final double BOLT = 7;
    private static final double BORE = 22;
    /** Of the numbers, outside the rim. */
    private static final double NUMBER = 26;

    private static final int QUARTERS = 4;

    private BoltPicture() {}

    /**
     * @param bolts how many, a multiple of four as flanges have them
     * @param says what is said beside it
     * @param under the rest of it
     * @throws IllegalArgumentException if bolts are no multiple of four
     */
    public static Drawing of(int bolts, String says, String under) {
        List<Integer> order = star(bolts);
        Drawing.Sheet sheet = new Drawing.Sheet();
        Point middle = new Point(0, 0);
        sheet.add(new Shape.Disc(middle, RIM, Pen.OUTLINE, Fill.METAL));
        sheet.add(new Shape.Disc(middle, BORE, Pen.OUTLINE, Fill.PAPER));
        sheet.line(Pen.CENTRE_LINE, new Point(0, -RIM - 8), new Point(0, RIM + 8));
        sheet.line(Pen.CENTRE_LINE, new Point(-RIM - 8, 0), new Point(RIM + 8, 0));
        for (int i = 0; i < bolts; i++) {
            double t = Math.PI / 2 - 2 * Math.PI * (i + 0.5) / bolts;
            Point at = new Point(CIRCLE * Math.cos(t), CIRCLE * Math.sin(t));
            sheet.add(new Shape.Disc(at, BOLT, Pen.OUTLINE, Fill.PAPER));
            sheet.label(
                    new Point((RIM + NUMBER) * Math.cos(t), (RIM + NUMBER) * Math.sin(t)),
                    Integer.toString(order.get(i)),
                    "",
                    Shape.Role.NAME,
                    Shape.Anchor.MIDDLE);
        }
        sheet.label(new Point(RIM + 56, 14), says, under, Shape.Role.NAME, Shape.Anchor.START);
        return sheet.done(-RIM - 50, -RIM - 50, RIM + 270, RIM + 50);
    }

    /**
     * When each bolt's turn comes, clockwise from the first right of the top: always the one across next, then a quarter round (the crosswise pattern of ASME PCC-1).
     *
     * @throws IllegalArgumentException if bolts are no multiple of four
     */
    public static List<Integer> star(int bolts) {
        if (bolts < QUARTERS || bolts % QUARTERS != 0) {
            throw new IllegalArgumentException(bolts + " bolts");
        }
        int quarter = bolts / QUARTERS;
        List<Integer> starts = new ArrayList<>();
        // Each group of four begins as far from those before as there is room.
        while (starts.size() < quarter) {
            int best = 0;
            int far = -1;
            for (int i = 0; i < quarter; i++) {
                int at = i;
                int near = starts.stream()
                        .mapToInt(s -> Math.min(Math.abs(s - at), quarter - Math.abs(s - at)))
                        .min()
                        .orElse(quarter);
                if (near > far) {
                    far = near;
                    best = i;
                }
            }
            starts.add(best);
        }
        Integer[] turn = new Integer[bolts];
        int number = 1;
        for (int start : starts) {
            for (int q : new int[] {0, 2, 1, 3}) {
                turn[(start + q * quarter) % bolts] = number++;
            }
        }
        return List.of(turn);
    }
}
