package mellowflare.core.run.cut;

import java.util.ArrayList;
import java.util.List;
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
    private static final double WIDE = 280;
    private static final double APART = 62;
    private static final double STEP = 18.5;
    private static final double HALF = 8.2;
    /** From this many bars on only the first ones are drawn; the list has them all. */
    private static final int MOST = 40;

    private static final int MOST_NARROW = 14;
    /** Room for the words before a numbered bar. */
    private static final double NUMBERED = 72;

    /** So many bars stand below each other before they go on beside. */
    private static final int ONE_COLUMN = 5;

    private record Bar(String size, CutBar bar) {}

    private final UnitSystem units;
    private final boolean numbered;

    private BarStrips(UnitSystem units, boolean numbered) {
        this.units = units;
        this.numbered = numbered;
    }

    /**
     * @param bars by what is written before them: the size of the pipe
     * @param units of the lengths written in them
     */
    public static Drawing of(Map<String, CutPlan> bars, UnitSystem units) {
        return new BarStrips(units, false).draw(bars, 2, MOST);
    }

    /** All in one column and numbered, for a narrow place. */
    public static Drawing narrow(Map<String, CutPlan> bars, UnitSystem units) {
        return new BarStrips(units, true).draw(bars, 1, MOST_NARROW);
    }

    private Drawing draw(Map<String, CutPlan> bars, int mostColumns, int most) {
        Drawing.Sheet sheet = new Drawing.Sheet();
        List<Bar> all = new ArrayList<>();
        bars.forEach((size, plan) -> plan.bars().forEach(b -> all.add(new Bar(size, b))));
        double longest =
                all.stream().mapToDouble(b -> b.bar.stock().length().mm()).max().orElse(1);
        int drawn = Math.min(most, all.size());
        int columns = drawn > ONE_COLUMN ? mostColumns : 1;
        int rows = (drawn + columns - 1) / columns;
        for (int i = 0; i < drawn; i++) {
            bar(sheet, all.get(i), i + 1, i / rows * (WIDE + APART), -(i % rows) * STEP, WIDE / longest);
        }
        double foot = -rows * STEP;
        if (all.size() > drawn) {
            sheet.label(
                    new Point(0, foot),
                    Say.it("bar-strips.more-see-list", "count", all.size() - drawn),
                    "",
                    Shape.Role.NAME,
                    Shape.Anchor.START);
            foot -= STEP;
        }
        return sheet.done(numbered ? -NUMBERED : -56, foot + STEP / 2, columns * WIDE + (columns - 1) * APART + 4, 10);
    }

    private void bar(Drawing.Sheet sheet, Bar at, int number, double left, double y, double scale) {
        CutBar b = at.bar;
        sheet.rect(
                Pen.HIDDEN, Fill.NONE, left, y - HALF, left + b.stock().length().mm() * scale, y + HALF);
        sheet.label(
                new Point(left - 3, y),
                numbered
                        ? number(at, number)
                        : b.stock().count().isPresent() ? Say.it("bar-strips.at-hand", "size", at.size) : at.size,
                "",
                Shape.Role.NAME,
                Shape.Anchor.END);
        double x = left;
        for (CutTask.Piece p : b.pieces()) {
            double w = p.length().mm() * scale;
            sheet.rect(Pen.OUTLINE, Fill.METAL, x, y - HALF, x + w, y + HALF);
            if (w > 70) {
                sheet.label(
                        new Point(x + w / 2, y),
                        p.name() + "  " + mark(p.length(), units),
                        "",
                        Shape.Role.NAME,
                        Shape.Anchor.MIDDLE);
            } else if (w > 22) {
                sheet.label(new Point(x + w / 2, y), mark(p.length(), units), "", Shape.Role.NAME, Shape.Anchor.MIDDLE);
            }
            x += w + 0.4;
        }
    }

    private static String number(Bar at, int number) {
        return Say.it(
                "bar-strips.numbered",
                "number",
                number,
                "size",
                at.size.isEmpty() ? "none" : at.size,
                "hand",
                at.bar.stock().count().isPresent() ? "yes" : "no");
    }

    private static String mark(Length l, UnitSystem units) {
        return LengthFormat.shop(l, units).replace(" mm", "");
    }
}
