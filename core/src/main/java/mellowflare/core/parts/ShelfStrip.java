package mellowflare.core.parts;

import java.util.List;
import mellowflare.core.geometry.Drawing;
import mellowflare.core.geometry.Fill;
import mellowflare.core.geometry.Pen;
import mellowflare.core.geometry.Point;
import mellowflare.core.geometry.Shape;
import mellowflare.core.measure.Length;
import mellowflare.core.measure.LengthFormat;
import mellowflare.core.measure.UnitSystem;

/** What lies there of one part, drawn: lengths to one scale, pieces one by one. */
public final class ShelfStrip {
    /** What the longest shelf of all takes (drawing units). */
    private static final double WIDE = 220;

    private static final double HALF = 7;
    private static final double BIN = 11;
    private static final double APART = 3;
    /** More than so many are a figure, not a picture. */
    private static final int MOST = 15;

    private static final double WORDED = 30;

    private ShelfStrip() {}

    /**
     * @param line the part
     * @param most metres that fill the width; all strips beside each other are drawn to it
     * @param units of the lengths written in
     */
    public static Drawing of(ShelfLine line, double most, UnitSystem units) {
        Drawing.Sheet sheet = new Drawing.Sheet();
        if (line.metres()) {
            lengths(sheet, line.held().pieces(), most, units);
        } else {
            bins(sheet, (int) line.held().amount());
        }
        return sheet.done(-2, -HALF - 2, WIDE + 2, HALF + 2);
    }

    private static void lengths(Drawing.Sheet sheet, List<Length> pieces, double most, UnitSystem units) {
        double scale = (WIDE - APART * Math.max(0, pieces.size() - 1)) / Math.max(most * 1000, 1);
        double x = 0;
        for (Length p : pieces) {
            double w = Math.max(1, p.mm() * scale);
            sheet.rect(Pen.OUTLINE, Fill.METAL, x, -HALF, x + w, HALF);
            if (w > WORDED) {
                sheet.label(
                        new Point(x + w / 2, 0), LengthFormat.shop(p, units), "", Shape.Role.NAME, Shape.Anchor.MIDDLE);
            }
            x += w + APART;
        }
    }

    private static void bins(Drawing.Sheet sheet, int count) {
        for (int i = 0; i < Math.min(count, MOST); i++) {
            double x = i * (BIN + APART);
            sheet.rect(Pen.OUTLINE, Fill.METAL, x, -BIN / 2, x + BIN, BIN / 2);
        }
    }
}
