package mellowflare.core.picture;

import mellowflare.core.geometry.Drawing;
import mellowflare.core.geometry.Fill;
import mellowflare.core.geometry.Pen;
import mellowflare.core.geometry.Point;
import mellowflare.core.geometry.Shape;

/** A tape along a piece: its zero at the end that counts, a line all round where the figure is, what falls off beyond. */
public final class TapePicture {
    private static final double MARK = 300;
    private static final double END = 352;
    private static final double HALF = 13;
    private static final double TAPE = 11;
    private static final double TICK = 12;
    private static final double BREAK = 160;
    private static final double SLANT = 5;

    private TapePicture() {}

    /**
     * A mark to be made.
     *
     * @param figure where it is, as marked
     * @param from what the zero of the tape lies at
     * @param fill what the piece looks like
     */
    public static Drawing marked(String figure, String from, Fill fill) {
        Drawing.Sheet sheet = piece(fill, END);
        tape(sheet, END);
        sheet.line(Pen.STOP, new Point(MARK, -HALF - 8), new Point(MARK, HALF + TAPE + 6));
        sheet.label(new Point(MARK, -HALF - 18), Say.it("tape.mark"), "", Shape.Role.NAME, Shape.Anchor.MIDDLE);
        return done(sheet, figure, from);
    }

    /**
     * A piece to be measured from end to end.
     *
     * @param figure what it must be
     * @param from what the zero of the tape lies at
     * @param fill what the piece looks like
     */
    public static Drawing measured(String figure, String from, Fill fill) {
        Drawing.Sheet sheet = piece(fill, MARK);
        tape(sheet, END);
        return done(sheet, figure, from);
    }

    private static Drawing.Sheet piece(Fill fill, double end) {
        Drawing.Sheet sheet = new Drawing.Sheet();
        // It is longer than it is drawn.
        sheet.path(Pen.OUTLINE, fill, true, Stretch.of(0, BREAK - 8, HALF, 0, -SLANT));
        sheet.path(Pen.OUTLINE, fill, true, Stretch.of(BREAK + 8, end, HALF, -SLANT, 0));
        return sheet;
    }

    private static void tape(Drawing.Sheet sheet, double end) {
        sheet.rect(Pen.OUTLINE, Fill.PAPER, 0, HALF, end, HALF + TAPE);
        for (double x = TICK; x < end; x += TICK) {
            boolean long_ = Math.round(x / TICK) % 5 == 0;
            sheet.line(Pen.FINE, new Point(x, HALF), new Point(x, HALF + (long_ ? TAPE * 0.7 : TAPE * 0.4)));
        }
        // The hook, over the end that counts.
        sheet.rect(Pen.OUTLINE, Fill.BLACK, -3, HALF - 8, 0, HALF + TAPE);
    }

    private static Drawing done(Drawing.Sheet sheet, String figure, String from) {
        sheet.label(
                new Point(0, -HALF - 18), Say.it("tape.zero", "end", from), "", Shape.Role.NAME, Shape.Anchor.START);
        sheet.add(new Shape.Dimension(new Point(0, HALF + TAPE), new Point(MARK, HALF + TAPE), 1, figure, false));
        return sheet.done(-14, -HALF - 28, END + 8, HALF + TAPE + 12);
    }
}
