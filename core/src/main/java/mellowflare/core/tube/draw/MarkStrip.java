package mellowflare.core.tube.draw;

import java.util.List;
import java.util.Optional;
import mellowflare.core.advice.Subject;
import mellowflare.core.connection.LineEnd;
import mellowflare.core.geometry.Drawing;
import mellowflare.core.geometry.Fill;
import mellowflare.core.geometry.Pen;
import mellowflare.core.geometry.Point;
import mellowflare.core.geometry.Shape;
import mellowflare.core.measure.LengthFormat;
import mellowflare.core.tube.form.BendMark;
import mellowflare.core.tube.line.TubeCase;
import mellowflare.core.tube.line.TubeCut;
import mellowflare.core.tube.stock.Bender;

/** The straight tube with its marks, as it lies on the bench: to scale along, each bend as a band from where it begins to where it ends, the mark that the bender wants drawn through, and dashed where end B is trimmed later. */
public final class MarkStrip {
    private static final double WIDE = 430;
    private static final double HALF = 9;
    private static final int WITH_FIGURES = 9;

    private MarkStrip() {}

    /**
     * The strip, measured from one end.
     *
     * @return empty while marks or cut are not known
     */
    public static Optional<Drawing> of(TubeCase c, LineEnd from) {
        List<BendMark> marks = c.marks(from);
        if (marks.isEmpty() || c.cut().isEmpty()) {
            return Optional.empty();
        }
        Bender.Mark wanted = c.markWanted();
        TubeCut cut = c.cut().get();
        double whole = cut.asMarked().mm();
        double scale = WIDE / whole;
        Drawing.Sheet sheet = new Drawing.Sheet();
        sheet.rect(Pen.OUTLINE, Fill.METAL, 0, -HALF, WIDE, HALF);
        for (BendMark m : marks) {
            double begin = m.start().mm() * scale;
            double end = begin + 2 * (m.middle().mm() - m.start().mm()) * scale;
            sheet.rect(Pen.FINE, Fill.SOFT, begin, -HALF, end, HALF);
        }
        if (cut.trim().mm() > 0) {
            double at = cut.trim().mm() * scale;
            double x = from == LineEnd.A ? WIDE - at : at;
            sheet.line(Pen.HIDDEN, new Point(x, -HALF - 5), new Point(x, HALF + 5));
        }
        sheet.line(Pen.CENTRE_LINE, new Point(-6, 0), new Point(WIDE + 6, 0));
        for (BendMark m : marks) {
            mark(sheet, c, m, wanted, scale, marks.size() <= WITH_FIGURES);
        }
        String a = from == LineEnd.A ? "A" : "B";
        String b = from == LineEnd.A ? "B" : "A";
        sheet.label(new Point(-14, -4), a, "", Shape.Role.NAME, Shape.Anchor.END);
        sheet.label(new Point(WIDE + 14, -4), b, "", Shape.Role.NAME, Shape.Anchor.START);
        sheet.add(new Shape.Dimension(
                new Point(0, HALF + 44),
                new Point(WIDE, HALF + 44),
                1,
                Say.it("mark-strip.both-ends-squared-up", "both", LengthFormat.both(cut.asMarked(), c.units())),
                false));
        return Optional.of(sheet.done(-24, -46, WIDE + 24, 54));
    }

    private static void mark(
            Drawing.Sheet sheet, TubeCase c, BendMark m, Bender.Mark wanted, double scale, boolean figures) {
        double x = m.at(wanted).mm() * scale;
        boolean up = m.bend() % 2 == 0;
        double tip = up ? HALF + 9 : -HALF - 9;
        sheet.line(Pen.SELECTED, new Point(x, -HALF - 2), new Point(x, HALF + 2));
        sheet.line(Pen.FINE, new Point(x, up ? HALF + 2 : -HALF - 2), new Point(x, tip));
        String number = Integer.toString(m.bend() + 1);
        String text = figures ? number + ": " + LengthFormat.shop(m.at(wanted), c.units()) : number;
        sheet.label(
                new Point(x, up ? tip + 16 : tip - 10),
                text,
                figures ? turn(m) : "",
                Shape.Role.NAME,
                Shape.Anchor.MIDDLE);
        sheet.spot(Subject.BENDS, number, x - 8, -HALF, x + 8, HALF);
    }

    private static String turn(BendMark m) {
        String bend = LengthFormat.decimal(m.angle().degrees(), 1, 0) + "°";
        return Math.abs(m.ambient().degrees()) < 0.05
                ? bend
                : Say.it(
                        "mark-strip.line",
                        "bend",
                        bend,
                        "degrees",
                        LengthFormat.decimal(m.ambient().degrees(), 1, 0));
    }
}
