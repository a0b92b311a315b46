package mellowflare.core.testing;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import mellowflare.core.advice.Figure;
import mellowflare.core.flow.hold.HoldTest;
import mellowflare.core.geometry.Drawing;
import mellowflare.core.geometry.Fill;
import mellowflare.core.geometry.Pen;
import mellowflare.core.geometry.Point;
import mellowflare.core.geometry.Shape;
import mellowflare.core.measure.FreeAir;
import mellowflare.core.measure.GaugePressure;
import mellowflare.core.measure.LengthFormat;
import mellowflare.core.measure.UnitSystem;

/** The readings of a test over its time, with the lines that they are held against; under a pressure hold the leak with its band as it settles. */
public final class TestPlot {
    private static final double WIDE = 420;
    private static final double TOP = 230;
    private static final double FOOT = 100;
    private static final double BAND_TOP = 74;
    private static final double DOT = 1.6;
    private static final int PREFIXES = 60;

    private final TestAsk ask;
    private final TestRecord record;
    private final UnitSystem units;
    private final Drawing.Sheet sheet = new Drawing.Sheet();
    private final boolean vacuum;

    private TestPlot(TestAsk ask, TestRecord record, UnitSystem units) {
        this.ask = ask;
        this.record = record;
        this.units = units;
        this.vacuum = ask.duty().kind().evacuates();
    }

    /** The plot; an empty frame while there are no readings. */
    public static Drawing of(TestAsk ask, TestRecord record, UnitSystem units) {
        return new TestPlot(ask, record, units).draw();
    }

    /** A reading as a place of the plot: seconds since the first, bar above or pascal absolute. */
    private record Dot(double seconds, double value) {}

    private List<Dot> dots() {
        if (vacuum) {
            double from = record.vacuum().isEmpty() ? 0 : record.vacuum().get(0).seconds();
            return record.vacuum().stream()
                    .map(r -> new Dot(r.seconds() - from, r.pressure().pascal()))
                    .toList();
        }
        double from = record.readings().isEmpty() ? 0 : record.readings().get(0).seconds();
        return record.readings().stream()
                .map(r -> new Dot(r.seconds() - from, r.gauge().bar()))
                .toList();
    }

    private Drawing draw() {
        List<Dot> dots = dots();
        double last = dots.isEmpty() ? 0 : dots.get(dots.size() - 1).seconds;
        double seconds = Math.max(Math.max(last, ask.duty().seconds()), 10) * 1.04;
        boolean leak = ask.duty().kind() == TestKind.HOLD;
        double foot = leak ? FOOT : 0;
        Scale scale = scale(dots, seconds, foot);
        frame(scale, seconds);
        limits(scale, seconds);
        sheet.path(
                Pen.OUTLINE,
                Fill.NONE,
                false,
                dots.stream().map(d -> scale.at(d.seconds, d.value)).collect(Collectors.toList()));
        for (Dot d : dots) {
            Point p = scale.at(d.seconds, d.value);
            sheet.rect(Pen.OUTLINE, Fill.BLACK, p.x() - DOT, p.y() - DOT, p.x() + DOT, p.y() + DOT);
        }
        if (leak) {
            settling(seconds);
        }
        return sheet.done(-62, -26, WIDE + 96, TOP + 12);
    }

    /** From figures to places. */
    private record Scale(double seconds, double low, double high, double foot) {
        Point at(double s, double value) {
            return new Point(
                    Math.max(0, Math.min(1, s / seconds)) * WIDE,
                    foot + Math.max(0, Math.min(1, (value - low) / (high - low))) * (TOP - foot));
        }
    }

    private Scale scale(List<Dot> dots, double seconds, double foot) {
        List<Double> values = new ArrayList<>(dots.stream().map(Dot::value).toList());
        if (vacuum) {
            values.add(0.0);
            values.add(ask.duty().level().orElseThrow().pascal());
        } else {
            Proving.target(ask, record).map(GaugePressure::bar).ifPresent(values::add);
        }
        double low = values.stream().mapToDouble(v -> v).min().orElse(0);
        double high = values.stream().mapToDouble(v -> v).max().orElse(1);
        double room = Math.max((high - low) * 0.15, Math.max(high * 0.004, 1e-3));
        return new Scale(seconds, vacuum ? 0 : low - room, high + room, foot);
    }

    private void frame(Scale scale, double seconds) {
        sheet.line(Pen.FINE, new Point(0, scale.foot), new Point(0, TOP));
        sheet.line(Pen.FINE, new Point(0, scale.foot), new Point(WIDE, scale.foot));
        for (int i = 0; i <= 2; i++) {
            double value = scale.low + (scale.high - scale.low) * i / 2;
            Point p = scale.at(0, value);
            sheet.line(Pen.FINE, p, p.plus(-4, 0));
            sheet.label(p.plus(-7, -4), shown(value), "", Shape.Role.NAME, Shape.Anchor.END);
        }
        for (int i = 0; i <= 4; i++) {
            double s = seconds * i / 4;
            Point p = new Point(WIDE * i / 4, 0);
            sheet.line(Pen.FINE, p, p.plus(0, -4));
            sheet.label(p.plus(0, -18), Span.text(Math.round(s)), "", Shape.Role.NAME, Shape.Anchor.MIDDLE);
        }
        sheet.line(Pen.FINE, new Point(0, 0), new Point(WIDE, 0));
    }

    private String shown(double value) {
        return vacuum
                ? Say.it("test-rules.pascal", "pa", LengthFormat.decimal(value, 0, 0))
                : FinePressure.text(GaugePressure.ofBar(Math.max(-1, value)), units);
    }

    private void limits(Scale scale, double seconds) {
        if (vacuum) {
            double level = ask.duty().level().orElseThrow().pascal();
            level(scale, level, Say.it("test-plot.level"));
        } else {
            Proving.target(ask, record)
                    .filter(t -> t.bar() > 0)
                    .ifPresent(t -> level(scale, t.bar(), Say.it("test-plot.target")));
        }
        if (ask.duty().seconds() > 0 && ask.duty().seconds() < seconds) {
            double x = ask.duty().seconds() / seconds * WIDE;
            sheet.line(Pen.MEASURED, new Point(x, scale.foot), new Point(x, TOP));
            sheet.label(new Point(x, TOP + 3), Say.it("test-plot.least"), "", Shape.Role.NAME, Shape.Anchor.MIDDLE);
        }
        allowedFall(scale, seconds);
    }

    private void level(Scale scale, double value, String word) {
        Point p = scale.at(scale.seconds, value);
        sheet.line(Pen.MEASURED, new Point(0, p.y()), new Point(WIDE, p.y()));
        sheet.label(new Point(WIDE + 5, p.y() - 4), word, "", Shape.Role.NAME, Shape.Anchor.START);
    }

    /** Where the pressure would be with the largest leak that passes, temperature and barometer staying. */
    private void allowedFall(Scale scale, double seconds) {
        if (ask.duty().kind() != TestKind.HOLD
                || record.volume().isEmpty()
                || record.readings().isEmpty()) {
            return;
        }
        double start = record.readings().get(0).gauge().bar();
        // One litre of free air by ISO 1217 in one litre raises it by its bar: p V = m R T, near enough for a line to
        // look at.
        double perSecond = HoldProof.allowed(ask, record).litresPerMinute()
                / 60
                / record.volume().get().litres();
        double until = Math.min(seconds, (start - scale.low) / perSecond);
        sheet.line(Pen.WARN, scale.at(0, start), scale.at(until, start - perSecond * until));
    }

    /** The leak with its band after each reading: wide first, narrower with every look. */
    private void settling(double seconds) {
        List<HoldTest.Reading> all = record.readings();
        Optional<HoldTest> whole = HoldProof.test(ask, record);
        if (whole.isEmpty() || all.size() < 3) {
            return;
        }
        FreeAir allowed = whole.get().allowed();
        double step = Math.max(1, all.size() / (double) PREFIXES);
        List<Point> upper = new ArrayList<>();
        List<Point> lower = new ArrayList<>();
        List<HoldTest.Result> results = new ArrayList<>();
        List<Double> times = new ArrayList<>();
        for (double n = 3; n < all.size() + step; n += step) {
            int size = (int) Math.min(all.size(), Math.round(n));
            results.add(new HoldTest(
                            all.subList(0, size),
                            whole.get().volume(),
                            whole.get().surroundings(),
                            whole.get().gaugeStep(),
                            allowed)
                    .result());
            times.add(all.get(size - 1).seconds() - all.get(0).seconds());
        }
        HoldTest.Result now = results.get(results.size() - 1);
        double most = Math.max(2 * allowed.litresPerMinute(), Math.abs(now.litresPerMinute()) + 2 * now.plusMinus());
        for (int i = 0; i < results.size(); i++) {
            HoldTest.Result r = results.get(i);
            double x = times.get(i) / seconds * WIDE;
            upper.add(new Point(x, leak(r.litresPerMinute() + r.plusMinus(), most)));
            lower.add(0, new Point(x, leak(r.litresPerMinute() - r.plusMinus(), most)));
        }
        List<Point> band = new ArrayList<>(upper);
        band.addAll(lower);
        sheet.path(Pen.THREAD, Fill.PALE, true, band);
        double y = leak(allowed.litresPerMinute(), most);
        sheet.line(Pen.WARN, new Point(0, y), new Point(WIDE, y));
        sheet.label(
                new Point(WIDE + 5, y - 4),
                Say.it("test-plot.allowed", "leak", Figure.of(allowed).text(units)),
                "",
                Shape.Role.NAME,
                Shape.Anchor.START);
        sheet.line(Pen.FINE, new Point(0, leak(0, most)), new Point(WIDE, leak(0, most)));
        sheet.label(
                new Point(-7, leak(0, most) - 4), Say.it("test-plot.no-leak"), "", Shape.Role.NAME, Shape.Anchor.END);
    }

    private static double leak(double litresPerMinute, double most) {
        return BAND_TOP / 2 + Math.max(-1, Math.min(1, litresPerMinute / most)) * BAND_TOP / 2;
    }
}
