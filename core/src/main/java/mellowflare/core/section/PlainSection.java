package mellowflare.core.section;

import java.util.ArrayList;
import java.util.List;
import mellowflare.core.connection.Body;
import mellowflare.core.connection.Gender;
import mellowflare.core.geometry.Drawing;
import mellowflare.core.geometry.Fill;
import mellowflare.core.geometry.Pen;
import mellowflare.core.geometry.Point;
import mellowflare.core.geometry.Shape;
import mellowflare.core.identify.Observation;
import mellowflare.core.measure.UnitSystem;

/** An end without a thread in half-section: to scale in the one measure across it, in proportion elsewhere. */
final class PlainSection {
    private static final int BARBS = 4;
    private final Observation seen;
    private final Body body;
    private final double across;
    private final String seals;
    private final UnitSystem units;
    private final Drawing.Sheet sheet = new Drawing.Sheet();

    /**
     * @param seen what was measured, to lie dashed over it
     * @param body no thread
     * @param acrossMm the measure across
     * @param seals where it seals, in words
     */
    PlainSection(Observation seen, Body body, double acrossMm, String seals, UnitSystem units) {
        this.seen = seen;
        this.body = body;
        this.across = acrossMm;
        this.seals = seals;
        this.units = units;
    }

    Drawing draw() {
        boolean male = seen.gender() == Gender.MALE;
        return switch (body) {
            case FLANGE -> male ? flangeHead() : flangePad();
            case BARB -> barbs();
            case TUBE -> male ? tube() : mouth();
            case COUPLER -> male ? plug() : mouth();
            case THREAD -> throw new IllegalStateException("A thread has a section of its own");
        };
    }

    /** The head that the clamp halves hold, with its ring in the face. */
    private Drawing flangeHead() {
        double r = across / 2;
        double bore = 0.45 * r;
        double thick = 0.3 * r;
        double neck = 0.68 * r;
        double right = 2.2 * r;
        double in = 0.62 * r;
        double out = 0.8 * r;
        double deep = 0.12 * r;
        turned(
                List.of(
                        new Point(0, bore),
                        new Point(0, in),
                        new Point(deep, in),
                        new Point(deep, out),
                        new Point(0, out),
                        new Point(0, r),
                        new Point(thick, r),
                        new Point(thick * 1.4, neck),
                        new Point(right, neck),
                        new Point(right, bore)),
                List.of(new Point(0, r), new Point(thick, r), new Point(thick * 1.4, neck), new Point(right, neck)));
        // The clamp half in fine line: what the bolts pull on.
        sheet.path(
                Pen.FINE,
                Fill.NONE,
                true,
                List.of(
                        new Point(thick * 1.05, r * 1.02),
                        new Point(thick * 1.5, neck * 1.04),
                        new Point(thick * 3, neck * 1.04),
                        new Point(thick * 3, r * 1.45),
                        new Point(thick * 0.1, r * 1.45),
                        new Point(thick * 0.1, r * 1.02)));
        Point ring = new Point(deep / 2, (in + out) / 2);
        ring(ring, (out - in) / 2 * 0.92);
        ring(ring.mirrored(), (out - in) / 2 * 0.92);
        return done(ring, right, r * 1.45);
    }

    /** The pad that the flange is bolted to: flat, with its four holes. */
    private Drawing flangePad() {
        double half = across / 2;
        double bore = 0.42 * half;
        double edge = 1.4 * half;
        double right = 1.3 * half;
        double hole = 0.13 * half;
        turned(
                List.of(new Point(0, bore), new Point(0, edge), new Point(right, edge), new Point(right, bore)),
                List.of(new Point(0, edge), new Point(right, edge)));
        for (int side : new int[] {1, -1}) {
            sheet.rect(Pen.OUTLINE, Fill.PAPER, 0, side * half - hole, right * 0.7, side * half + hole);
            sheet.line(Pen.CENTRE_LINE, new Point(-0.1 * half, side * half), new Point(right * 0.8, side * half));
        }
        Point from = new Point(0, bore * 1.25);
        Point to = new Point(0, bore * 1.55);
        both(from, to);
        return done(Marks.middle(from, to), right, edge);
    }

    private Drawing barbs() {
        double r = across / 2;
        double bore = 0.6 * r;
        double each = 0.62 * r;
        List<Point> outline = new ArrayList<>();
        outline.add(new Point(0, 0.8 * r));
        for (int i = 0; i < BARBS; i++) {
            outline.add(new Point((i + 0.9) * each, r));
            outline.add(new Point((i + 1) * each, 0.84 * r));
        }
        double stop = BARBS * each + 0.5 * r;
        double right = stop + 1.2 * r;
        outline.addAll(List.of(new Point(stop, 0.84 * r), new Point(stop, 1.35 * r), new Point(right, 1.35 * r)));
        List<Point> upper = new ArrayList<>(List.of(new Point(0, bore)));
        upper.addAll(outline);
        upper.add(new Point(right, bore));
        turned(upper, outline);
        sheet.line(Pen.FINE, new Point(stop, 0), new Point(stop, -1.35 * r));
        for (int i = 1; i < BARBS; i++) {
            both(new Point((i + 0.45) * each, 0.92 * r), new Point((i + 0.9) * each, r));
        }
        return done(new Point(1.9 * each, r), right, 1.35 * r);
    }

    /** A square-cut tube with the mark that shows when it is home. */
    private Drawing tube() {
        double r = across / 2;
        double bore = 0.8 * r;
        double right = 4.2 * r;
        double mark = 2.1 * r;
        turned(
                List.of(
                        new Point(0, bore),
                        new Point(0, 0.95 * r),
                        new Point(0.08 * r, r),
                        new Point(right, r),
                        new Point(right, bore)),
                List.of(new Point(0, 0.95 * r), new Point(0.08 * r, r), new Point(right, r)));
        sheet.line(Pen.FINE, new Point(mark, 0), new Point(mark, -r));
        Point from = new Point(0.7 * r, r);
        Point to = new Point(1.1 * r, r);
        both(from, to);
        return done(Marks.middle(from, to), right, 1.1 * r);
    }

    /** The pocket that takes a tube or plug, with the ring that seals on it. */
    private Drawing mouth() {
        double r = across / 2;
        double outer = 1.75 * r;
        double deep = 2.2 * r;
        double bore = 0.78 * r;
        double right = 3.4 * r;
        double at = 1.2 * r;
        double section = 0.2 * r;
        turned(
                List.of(
                        new Point(0, 1.06 * r),
                        new Point(0, outer),
                        new Point(right, outer),
                        new Point(right, bore),
                        new Point(deep, bore),
                        new Point(deep, r),
                        new Point(at + section, r),
                        new Point(at + section, r + 1.8 * section),
                        new Point(at - section, r + 1.8 * section),
                        new Point(at - section, r),
                        new Point(0.1 * r, r)),
                List.of(new Point(0, outer), new Point(right, outer)));
        // Teeth that hold what was pushed in.
        sheet.path(
                Pen.FINE,
                Fill.NONE,
                false,
                List.of(new Point(0.3 * r, r * 1.02), new Point(0.62 * r, 0.96 * r), new Point(0.62 * r, r * 1.02)));
        Point ring = new Point(at, r + 0.85 * section);
        ring(ring, section * 0.92);
        return done(ring, right, outer);
    }

    private Drawing plug() {
        double r = across / 2;
        double bore = 0.34 * r;
        double nose = 0.66 * r;
        double right = 5.4 * r;
        List<Point> outline = List.of(
                new Point(0, nose * 0.86),
                new Point(0.2 * r, nose),
                new Point(1.2 * r, nose),
                new Point(1.2 * r, r),
                new Point(2 * r, r),
                new Point(2.3 * r, 0.72 * r),
                new Point(2.9 * r, 0.72 * r),
                new Point(2.9 * r, r),
                new Point(3.5 * r, r),
                new Point(3.5 * r, 1.3 * r),
                new Point(right, 1.3 * r));
        List<Point> upper = new ArrayList<>(List.of(new Point(0, bore)));
        upper.addAll(outline);
        upper.add(new Point(right, bore));
        turned(upper, outline);
        for (double x : new double[] {1.2, 2, 2.9, 3.5}) {
            sheet.line(Pen.FINE, new Point(x * r, 0), new Point(x * r, -0.72 * r));
        }
        Point from = new Point(0.45 * r, nose);
        Point to = new Point(0.95 * r, nose);
        both(from, to);
        return done(Marks.middle(from, to), right, 1.3 * r);
    }

    /** Upper half cut, lower half outside. */
    private void turned(List<Point> upper, List<Point> outline) {
        sheet.path(Pen.OUTLINE, Fill.METAL_CUT, true, upper);
        List<Point> lower = new ArrayList<>();
        lower.add(new Point(outline.get(0).x(), 0));
        outline.stream().map(Point::mirrored).forEach(lower::add);
        lower.add(new Point(outline.get(outline.size() - 1).x(), 0));
        sheet.path(Pen.OUTLINE, Fill.PAPER, true, lower);
    }

    private void ring(Point centre, double radius) {
        sheet.add(new Shape.Disc(centre, radius, Pen.OUTLINE, Fill.RUBBER));
        sheet.add(new Shape.Glow(Marks.circle(centre, radius)));
    }

    private void both(Point from, Point to) {
        sheet.glow(from, to);
        sheet.glow(from.mirrored(), to.mirrored());
    }

    private Drawing done(Point seal, double right, double top) {
        double left = -0.12 * across;
        sheet.add(new Shape.Leader(
                new Point(seal.x() + 0.12 * across, top * 1.16),
                seal,
                Say.it("plain-section.seals-here", "seals", seals)));
        sheet.line(Pen.CENTRE_LINE, new Point(left, 0), new Point(right - left * 0.5, 0));
        seen.diameter().ifPresent(d -> {
            double r = d.mm() / 2;
            sheet.line(Pen.MEASURED, new Point(left * 0.5, r), new Point(right * 0.6, r));
            sheet.line(Pen.MEASURED, new Point(left * 0.5, -r), new Point(right * 0.6, -r));
            sheet.add(new Shape.Dimension(
                    new Point(left * 0.5, r), new Point(left * 0.5, -r), 1, Marks.figure(d, units), true));
        });
        return sheet.done(-0.1 * across, -top, right, top);
    }
}
