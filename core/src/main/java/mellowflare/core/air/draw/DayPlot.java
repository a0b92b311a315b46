package mellowflare.core.air.draw;

import java.util.ArrayList;
import java.util.List;
import mellowflare.core.advice.Figure;
import mellowflare.core.air.day.DayRun;
import mellowflare.core.air.work.AirCase;
import mellowflare.core.geometry.Drawing;
import mellowflare.core.geometry.Fill;
import mellowflare.core.geometry.Pen;
import mellowflare.core.geometry.Point;
import mellowflare.core.geometry.Shape;
import mellowflare.core.measure.FreeAir;
import mellowflare.core.measure.GaugePressure;
import mellowflare.core.measure.LengthFormat;

/** A day's run over the hours: pressure of the receivers with cut-in and cut-out, what is drawn below it, and when the compressor runs. */
public final class DayPlot {
    private static final double WIDE = 380;
    private static final double TOP = 190;
    private static final double FOOT = 96;
    private static final double DRAWN_TOP = 78;
    private static final double RUNS = -14;

    private final AirCase c;
    private final DayRun run;
    private final Drawing.Sheet sheet = new Drawing.Sheet();

    private DayPlot(AirCase c, DayRun run) {
        this.c = c;
        this.run = run;
    }

    /** The plot. */
    public static Drawing of(AirCase c, DayRun run) {
        return new DayPlot(c, run).draw();
    }

    private Drawing draw() {
        double seconds = run.hours() * 3600;
        double most =
                run.samples().stream().mapToDouble(s -> s.high().bar()).max().orElse(1);
        double least = Math.max(0, Math.floor(run.lowest().bar() - 0.5));
        double cutIn = c.compressor().map(k -> k.cutIn().bar()).orElse(least);
        least = Math.min(least, Math.floor(cutIn - 0.5));
        double span = Math.max(0.5, most - least);
        axes(least, span);
        List<Point> band = new ArrayList<>();
        List<Point> low = new ArrayList<>();
        for (DayRun.Sample s : run.samples()) {
            double x = s.seconds() / seconds * WIDE;
            band.add(new Point(x, FOOT + (s.high().bar() - least) / span * (TOP - FOOT)));
            low.add(new Point(x, FOOT + (s.low().bar() - least) / span * (TOP - FOOT)));
        }
        for (int i = low.size() - 1; i >= 0; i--) {
            band.add(low.get(i));
        }
        double base = least;
        c.compressor().ifPresent(k -> {
            level(k.cutIn(), base, span, Say.it("day-plot.cuts"));
            level(k.cutOut(), base, span, Say.it("day-plot.cuts-out"));
        });
        sheet.path(Pen.OUTLINE, Fill.METAL, true, band);
        drawn(seconds);
        return sheet.done(-34, RUNS - 22, WIDE + 40, TOP + 12);
    }

    private void axes(double least, double span) {
        for (int bar = (int) Math.ceil(least); bar <= least + span; bar++) {
            double y = FOOT + (bar - least) / span * (TOP - FOOT);
            sheet.line(Pen.FINE, new Point(-3, y), new Point(0, y));
            sheet.label(
                    new Point(-5, y - 2.5),
                    Figure.of(GaugePressure.ofBar(bar)).text(c.units()),
                    "",
                    Shape.Role.NAME,
                    Shape.Anchor.END);
        }
        sheet.line(Pen.FINE, new Point(0, FOOT), new Point(0, TOP));
        sheet.line(Pen.FINE, new Point(0, 0), new Point(WIDE, 0));
        int step = run.hours() > 12 ? 4 : run.hours() > 5 ? 2 : 1;
        for (int h = 0; h <= run.hours() + 1e-9; h += step) {
            double x = h / run.hours() * WIDE;
            sheet.line(Pen.FINE, new Point(x, 0), new Point(x, -3));
            sheet.label(new Point(x, RUNS - 14), h + " h", "", Shape.Role.NAME, Shape.Anchor.MIDDLE);
        }
    }

    private void level(GaugePressure p, double least, double span, String word) {
        double y = FOOT + (p.bar() - least) / span * (TOP - FOOT);
        sheet.line(Pen.MEASURED, new Point(0, y), new Point(WIDE, y));
        sheet.label(new Point(WIDE + 3, y - 2.5), word, "", Shape.Role.NAME, Shape.Anchor.START);
    }

    /** What is drawn, as a skyline, and below it bars while a compressor runs. */
    private void drawn(double seconds) {
        double most = Math.max(
                1,
                run.samples().stream()
                        .mapToDouble(s -> s.drawn().litresPerMinute())
                        .max()
                        .orElse(1));
        List<Point> line = new ArrayList<>();
        line.add(new Point(0, 0));
        double from = -1;
        double before = 0;
        for (DayRun.Sample s : run.samples()) {
            double x = s.seconds() / seconds * WIDE;
            line.add(new Point(before, s.drawn().litresPerMinute() / most * DRAWN_TOP));
            line.add(new Point(x, s.drawn().litresPerMinute() / most * DRAWN_TOP));
            if (s.running() > 0 && from < 0) {
                from = before;
            } else if (s.running() == 0 && from >= 0) {
                sheet.rect(Pen.NONE, Fill.BLACK, from, RUNS, x, RUNS + 4);
                from = -1;
            }
            before = x;
        }
        if (from >= 0) {
            sheet.rect(Pen.NONE, Fill.BLACK, from, RUNS, WIDE, RUNS + 4);
        }
        line.add(new Point(before, 0));
        sheet.path(Pen.THREAD, Fill.PAPER, true, line);
        FreeAir made = c.delivered();
        double y = made.litresPerMinute() / most * DRAWN_TOP;
        if (y < DRAWN_TOP + 8) {
            sheet.line(Pen.MEASURED, new Point(0, y), new Point(WIDE, y));
            sheet.label(new Point(WIDE + 3, y - 2.5), Say.it("day-plot.made"), "", Shape.Role.NAME, Shape.Anchor.START);
        }
        sheet.label(
                new Point(-5, DRAWN_TOP - 6),
                LengthFormat.decimal(most, 0, 0),
                "L/min",
                Shape.Role.NAME,
                Shape.Anchor.END);
        sheet.label(new Point(WIDE + 3, RUNS), Say.it("day-plot.runs"), "", Shape.Role.NAME, Shape.Anchor.START);
    }
}
