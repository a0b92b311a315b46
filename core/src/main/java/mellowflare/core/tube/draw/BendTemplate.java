package mellowflare.core.tube.draw;

import java.util.ArrayList;
import java.util.List;
import mellowflare.core.geometry.BentPath;
import mellowflare.core.geometry.Drawing;
import mellowflare.core.geometry.Fill;
import mellowflare.core.geometry.Pen;
import mellowflare.core.geometry.Point;
import mellowflare.core.geometry.Shape;
import mellowflare.core.measure.Length;
import mellowflare.core.measure.LengthFormat;
import mellowflare.core.measure.UnitSystem;
import mellowflare.core.tube.form.FlatStretch;
import mellowflare.core.tube.line.TubeCase;

/**
 * What a tube is laid on to see whether it is bent right: true size, in millimetres, one drawing for each stretch that lies flat, each turned so that it lies as low and wide as it can.
 */
public final class BendTemplate {
    private static final double TURN = Math.toRadians(5);
    private static final double TICK = 4;

    private BendTemplate() {}

    /** True-size drawings of the flat stretches of a tube, in order; none while it cannot be bent. */
    public static List<Drawing> of(TubeCase c) {
        if (c.path().isEmpty() || c.tube().isEmpty()) {
            return List.of();
        }
        BentPath path = c.path().get();
        double half = c.tube().get().outside().mm() / 2;
        List<Drawing> all = new ArrayList<>();
        for (FlatStretch s : FlatStretch.of(path)) {
            all.add(draw(path, s, half, c.units()));
        }
        return all;
    }

    private static Drawing draw(BentPath path, FlatStretch s, double half, UnitSystem units) {
        List<Point> centre = laid(s.centre());
        Drawing.Sheet sheet = new Drawing.Sheet();
        List<Point> one = new ArrayList<>();
        List<Point> other = new ArrayList<>();
        for (int i = 0; i < centre.size(); i++) {
            Point before = centre.get(Math.max(0, i - 1));
            Point after = centre.get(Math.min(centre.size() - 1, i + 1));
            double dx = after.x() - before.x();
            double dy = after.y() - before.y();
            double n = Math.max(1e-9, Math.hypot(dx, dy));
            one.add(centre.get(i).plus(-dy / n * half, dx / n * half));
            other.add(centre.get(i).plus(dy / n * half, -dx / n * half));
        }
        sheet.path(Pen.OUTLINE, Fill.NONE, false, one);
        sheet.path(Pen.OUTLINE, Fill.NONE, false, other);
        sheet.path(Pen.CENTRE_LINE, Fill.NONE, false, centre);
        sheet.line(Pen.OUTLINE, one.get(0), other.get(0));
        sheet.line(Pen.OUTLINE, one.get(one.size() - 1), other.get(other.size() - 1));
        ticks(sheet, path, s, centre, half, units);
        return bounded(sheet, one, other);
    }

    /** Begin and end of each bend as a tick across, its number and angle beside its middle. */
    private static void ticks(
            Drawing.Sheet sheet, BentPath path, FlatStretch s, List<Point> centre, double half, UnitSystem units) {
        int at = 1;
        for (int b = s.first(); b <= s.last(); b++) {
            BentPath.Bend bend = path.bends().get(b);
            int steps = FlatStretch.pieces(bend.angle());
            across(sheet, centre, at, half);
            across(sheet, centre, at + steps, half);
            Point middle = centre.get(at + steps / 2);
            sheet.label(
                    middle.plus(0, half + 5),
                    (b + 1) + ": " + LengthFormat.decimal(Math.toDegrees(bend.angle()), 1, 0) + "°",
                    Say.it("bend-template.radius", "ofMm", LengthFormat.figure(Length.ofMm(bend.radius()), units)),
                    Shape.Role.NAME,
                    Shape.Anchor.MIDDLE);
            at += steps + 1;
        }
    }

    private static void across(Drawing.Sheet sheet, List<Point> centre, int i, double half) {
        int j = Math.min(i, centre.size() - 1);
        Point before = centre.get(Math.max(0, j - 1));
        Point p = centre.get(j);
        double dx = p.x() - before.x();
        double dy = p.y() - before.y();
        double n = Math.max(1e-9, Math.hypot(dx, dy));
        double r = half + TICK;
        sheet.line(Pen.THREAD, p.plus(-dy / n * r, dx / n * r), p.plus(dy / n * r, -dx / n * r));
    }

    /** Turned so that it needs the least height. */
    private static List<Point> laid(List<Point> points) {
        double best = 0;
        double least = Double.POSITIVE_INFINITY;
        for (double a = 0; a < Math.PI; a += TURN) {
            double cos = Math.cos(a);
            double sin = Math.sin(a);
            double low = Double.POSITIVE_INFINITY;
            double high = Double.NEGATIVE_INFINITY;
            for (Point p : points) {
                double y = p.x() * sin + p.y() * cos;
                low = Math.min(low, y);
                high = Math.max(high, y);
            }
            if (high - low < least - 1e-9) {
                least = high - low;
                best = a;
            }
        }
        double cos = Math.cos(best);
        double sin = Math.sin(best);
        return points.stream()
                .map(p -> new Point(p.x() * cos - p.y() * sin, p.x() * sin + p.y() * cos))
                .toList();
    }

    private static Drawing bounded(Drawing.Sheet sheet, List<Point> one, List<Point> other) {
        double l = Double.POSITIVE_INFINITY;
        double b = Double.POSITIVE_INFINITY;
        double r = Double.NEGATIVE_INFINITY;
        double t = Double.NEGATIVE_INFINITY;
        for (List<Point> side : List.of(one, other)) {
            for (Point p : side) {
                l = Math.min(l, p.x());
                b = Math.min(b, p.y());
                r = Math.max(r, p.x());
                t = Math.max(t, p.y());
            }
        }
        return sheet.done(l - TICK, b - TICK, r + TICK, t + TICK);
    }
}
