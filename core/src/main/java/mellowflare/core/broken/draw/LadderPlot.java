package mellowflare.core.broken.draw;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import mellowflare.core.advice.Figure;
import mellowflare.core.advice.Finding;
import mellowflare.core.advice.Severity;
import mellowflare.core.advice.Subject;
import mellowflare.core.broken.stock.Rung;
import mellowflare.core.broken.stock.StuckState;
import mellowflare.core.broken.work.BrokenCase;
import mellowflare.core.geometry.Drawing;
import mellowflare.core.geometry.Fill;
import mellowflare.core.geometry.Pen;
import mellowflare.core.geometry.Point;
import mellowflare.core.geometry.Shape;
import mellowflare.core.measure.LengthFormat;

/** The chance that the part is out over the minutes spent, rung by rung, with the minutes of cutting back at once as an upright line. */
public final class LadderPlot {
    private static final double WIDE = 320;
    private static final double HIGH = 130;
    private static final double TURN = 60;

    private LadderPlot() {}

    /** The page's picture; empty axes while nothing is known. */
    public static Drawing page(BrokenCase c, List<Finding> findings) {
        Drawing.Sheet sheet = new Drawing.Sheet();
        sheet.line(Pen.OUTLINE, new Point(0, 0), new Point(WIDE, 0));
        sheet.line(Pen.OUTLINE, new Point(0, 0), new Point(0, HIGH));
        for (int percent = 25; percent <= 100; percent += 25) {
            double y = HIGH * percent / 100;
            sheet.line(Pen.FINE, new Point(0, y), new Point(WIDE, y));
            sheet.label(new Point(-4, y - 3), percent + " %", "", Shape.Role.NAME, Shape.Anchor.END);
        }
        sheet.label(new Point(WIDE, -24), Say.it("ladder-plot.minutes"), "", Shape.Role.NAME, Shape.Anchor.END);
        double all = Math.max(
                c.cutBackMinutes(), c.open().stream().mapToDouble(Rung::minutes).sum());
        double scale = WIDE / (all * 1.06);
        double back = c.cutBackMinutes() * scale;
        sheet.line(Pen.MEASURED, new Point(back, 0), new Point(back, HIGH));
        sheet.label(
                new Point(back, HIGH + 12),
                Say.it("ladder-plot.cut-back"),
                Say.it("ladder-plot.in-minutes", "minutes", LengthFormat.decimal(c.cutBackMinutes(), 0, 0)),
                Shape.Role.NAME,
                Shape.Anchor.END);
        stair(sheet, c, scale);
        sheet.spot(Subject.STUCK, 0, 0, WIDE, HIGH);
        Map<Subject, Severity> marks = Finding.marks(findings);
        sheet.mark(marks, Subject.STUCK, new Point(12, HIGH - 10));
        return sheet.done(-34, -30, WIDE + 14, HIGH + 30);
    }

    private static void stair(Drawing.Sheet sheet, BrokenCase c, double scale) {
        List<Point> stair = new ArrayList<>(List.of(new Point(0, 0)));
        double minutes = 0;
        double left = 1;
        for (Rung r : c.open()) {
            double y = HIGH * (1 - left);
            minutes += r.minutes();
            left *= 1 - r.chance();
            stair.add(new Point(minutes * scale, y));
            stair.add(new Point(minutes * scale, HIGH * (1 - left)));
        }
        if (stair.size() > 1) {
            sheet.path(Pen.SELECTED, Fill.NONE, false, stair);
        }
        minutes = 0;
        left = 1;
        for (Rung r : c.open()) {
            minutes += r.minutes();
            left *= 1 - r.chance();
            Point p = new Point(minutes * scale, HIGH * (1 - left));
            sheet.add(new Shape.Disc(p, 2.2, Pen.OUTLINE, Fill.BLACK));
            sheet.label(
                    new Point(p.x(), -11),
                    LengthFormat.decimal(minutes, 0, 0),
                    "",
                    Shape.Role.NAME,
                    Shape.Anchor.MIDDLE);
            boolean right = p.x() < WIDE / 2;
            sheet.label(
                    p.plus(right ? 5 : -5, -8),
                    r.name(),
                    new Figure.OfShare(1 - left).text(c.units()),
                    Shape.Role.NAME,
                    right ? Shape.Anchor.START : Shape.Anchor.END);
        }
    }

    /** The small strip of the band: the fitting, and the part as it stands. */
    public static Drawing band(BrokenCase c) {
        Drawing.Sheet sheet = new Drawing.Sheet();
        boolean known = c.line().state().isPresent();
        Pen pen = known ? Pen.OUTLINE : Pen.SELECTED;
        sheet.rect(pen, Fill.METAL, -TURN, -6, -12, 6);
        sheet.rect(pen, Fill.PAPER, -14, -11, 12, 11);
        StuckState state = c.line().state().orElse(StuckState.STUCK);
        double out = switch (state) {
            case STUCK -> TURN;
            case STUMP -> 24;
            case FLUSH -> 12;
        };
        sheet.rect(pen, Fill.METAL, 0, -6, out, 6);
        if (state != StuckState.STUCK) {
            sheet.path(
                    Pen.MEASURED,
                    Fill.NONE,
                    false,
                    List.of(
                            new Point(out, -6),
                            new Point(out - 3, -3),
                            new Point(out, 0),
                            new Point(out - 3, 3),
                            new Point(out, 6)));
        }
        sheet.line(Pen.CENTRE_LINE, new Point(-TURN - 6, 0), new Point(TURN + 6, 0));
        sheet.label(
                new Point(-TURN - 10, 2),
                c.fluid().map(f -> f.name()).orElse(Say.it("ladder-plot.fluid-not-said")),
                "",
                Shape.Role.NAME,
                Shape.Anchor.END);
        sheet.label(
                new Point(TURN + 10, 2),
                c.material().map(m -> m.name()).orElse(Say.it("ladder-plot.material-not-said")),
                c.line().state().map(StuckState::word).orElse(""),
                Shape.Role.NAME,
                Shape.Anchor.START);
        return sheet.done(-TURN - 130, -20, TURN + 140, 20);
    }
}
