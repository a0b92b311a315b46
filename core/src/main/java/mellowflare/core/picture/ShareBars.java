package mellowflare.core.picture;

import java.util.List;
import mellowflare.core.advice.Figure;
import mellowflare.core.geometry.Drawing;
import mellowflare.core.geometry.Fill;
import mellowflare.core.geometry.Pen;
import mellowflare.core.geometry.Point;
import mellowflare.core.geometry.Shape;
import mellowflare.core.measure.UnitSystem;

/** Shares of the whole as bars below each other. */
public final class ShareBars {
    private static final double ROW = 24;
    private static final double BAR = 13;
    private static final double WIDE = 240;
    private static final double NAMES = 250;

    private ShareBars() {}

    /**
     * One of them.
     *
     * @param name at its left
     * @param share 0 to 1, at its right in words
     */
    public record Bar(String name, double share, Fill fill) {}

    public static Drawing of(List<Bar> bars, UnitSystem units) {
        Drawing.Sheet sheet = new Drawing.Sheet();
        for (int i = 0; i < bars.size(); i++) {
            bar(sheet, -i * ROW, bars.get(i), units);
        }
        double foot = -(bars.size() - 1) * ROW;
        sheet.line(Pen.OUTLINE, new Point(0, BAR + 3), new Point(0, foot - 3));
        return sheet.done(-NAMES, foot - 8, WIDE + 46, BAR + 8);
    }

    private static void bar(Drawing.Sheet sheet, double y, Bar b, UnitSystem units) {
        sheet.rect(Pen.THREAD, b.fill, 0, y, Math.max(0.5, b.share * WIDE), y + BAR);
        sheet.label(new Point(-8, y + 3), b.name, "", Shape.Role.NAME, Shape.Anchor.END);
        sheet.label(
                new Point(b.share * WIDE + 8, y + 3),
                new Figure.OfShare(b.share).text(units),
                "",
                Shape.Role.NAME,
                Shape.Anchor.START);
    }
}
