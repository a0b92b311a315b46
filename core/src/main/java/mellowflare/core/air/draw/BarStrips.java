package mellowflare.core.air.draw;

import java.util.Map;
import mellowflare.core.cutting.CutBar;
import mellowflare.core.cutting.CutPlan;
import mellowflare.core.cutting.CutTask;
import mellowflare.core.geometry.Drawing;
import mellowflare.core.geometry.Fill;
import mellowflare.core.geometry.Pen;
import mellowflare.core.geometry.Point;
import mellowflare.core.geometry.Shape;
import mellowflare.core.measure.Length;
import mellowflare.core.measure.LengthFormat;
import mellowflare.core.measure.UnitSystem;

/** The bars with what is cut from each, to scale against each other. */
public final class BarStrips {
    private static final double WIDE = 400;
    private static final double STEP = 17;
    private static final double HALF = 4;
    /** From this many bars on only the first ones are drawn; the list has them all. */
    private static final int MOST = 24;

    private BarStrips() {}

    /**
     * @param bars by size of the pipe
     * @param units of the lengths written in them
     */
    public static Drawing of(Map<String, CutPlan> bars, UnitSystem units) {
        Drawing.Sheet sheet = new Drawing.Sheet();
        double longest = bars.values().stream()
                .flatMap(p -> p.bars().stream())
                .mapToDouble(b -> b.stock().length().mm())
                .max()
                .orElse(1);
        double scale = WIDE / longest;
        double y = 0;
        int drawn = 0;
        for (Map.Entry<String, CutPlan> e : bars.entrySet()) {
            for (CutBar b : e.getValue().bars()) {
                if (drawn++ < MOST) {
                    bar(sheet, b, e.getKey(), y, scale, units);
                    y -= STEP;
                }
            }
        }
        if (drawn > MOST) {
            sheet.label(
                    new Point(0, y),
                    "and " + (drawn - MOST) + " more: see the list",
                    "",
                    Shape.Role.NAME,
                    Shape.Anchor.START);
            y -= STEP;
        }
        return sheet.done(-58, Math.min(y + STEP / 2, -STEP), WIDE + 8, 12);
    }

    private static void bar(Drawing.Sheet sheet, CutBar b, String size, double y, double scale, UnitSystem units) {
        double end = b.stock().length().mm() * scale;
        sheet.rect(Pen.HIDDEN, Fill.NONE, 0, y - HALF, end, y + HALF);
        sheet.label(new Point(-4, y - 3), size, b.stock().name(), Shape.Role.NAME, Shape.Anchor.END);
        double x = 0;
        for (CutTask.Piece p : b.pieces()) {
            double w = p.length().mm() * scale;
            sheet.rect(Pen.OUTLINE, Fill.METAL, x, y - HALF, x + w, y + HALF);
            if (w > 62) {
                sheet.label(
                        new Point(x + w / 2, y - 3),
                        p.name() + "  " + mark(p.length(), units),
                        "",
                        Shape.Role.NAME,
                        Shape.Anchor.MIDDLE);
            } else if (w > 26) {
                sheet.label(
                        new Point(x + w / 2, y - 3), mark(p.length(), units), "", Shape.Role.NAME, Shape.Anchor.MIDDLE);
            }
            x += w + 1.2;
        }
    }

    private static String mark(Length l, UnitSystem units) {
        return LengthFormat.shop(l, units).replace(" mm", "");
    }
}
