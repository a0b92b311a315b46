package mellowflare.core.trouble;

import mellowflare.core.advice.Figure;
import mellowflare.core.geometry.Drawing;
import mellowflare.core.geometry.Fill;
import mellowflare.core.geometry.Pen;
import mellowflare.core.geometry.Point;
import mellowflare.core.geometry.Shape;
import mellowflare.core.measure.UnitSystem;

/** The likeliest causes as bars below each other, and last what is in no table. */
public final class CausePlot {
    private static final int MOST = 6;
    private static final double ROW = 24;
    private static final double BAR = 13;
    private static final double WIDE = 240;
    private static final double NAMES = 250;

    private CausePlot() {}

    /** Bars of shares of the whole, each with its name at the left and its share at the right. */
    public static Drawing of(Diagnosis d, UnitSystem units) {
        Drawing.Sheet sheet = new Drawing.Sheet();
        int row = 0;
        for (Diagnosis.Suspect s :
                d.suspects().subList(0, Math.min(MOST, d.suspects().size()))) {
            boolean named = d.named().filter(s::equals).isPresent();
            bar(sheet, row++, s.cause().name(), s.share(), named ? Fill.DEEP : Fill.MIDDLE, units);
        }
        bar(sheet, row++, Say.it("cause-plot.unknown"), d.unknown(), Fill.PALE, units);
        sheet.line(Pen.OUTLINE, new Point(0, BAR + 3), new Point(0, -(row - 1) * ROW - 3));
        return sheet.done(-NAMES, -(row - 1) * ROW - 8, WIDE + 46, BAR + 8);
    }

    private static void bar(Drawing.Sheet sheet, int row, String name, double share, Fill fill, UnitSystem units) {
        double y = -row * ROW;
        sheet.rect(Pen.THREAD, fill, 0, y, Math.max(0.5, share * WIDE), y + BAR);
        sheet.label(new Point(-8, y + 3), name, "", Shape.Role.NAME, Shape.Anchor.END);
        sheet.label(
                new Point(share * WIDE + 8, y + 3),
                new Figure.OfShare(share).text(units),
                "",
                Shape.Role.NAME,
                Shape.Anchor.START);
    }
}
