package mellowflare.core.pipe.draw;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import mellowflare.core.advice.Figure;
import mellowflare.core.advice.Finding;
import mellowflare.core.advice.Severity;
import mellowflare.core.advice.Subject;
import mellowflare.core.geometry.Drawing;
import mellowflare.core.geometry.Fill;
import mellowflare.core.geometry.Lettering;
import mellowflare.core.geometry.Pen;
import mellowflare.core.geometry.Point;
import mellowflare.core.geometry.Shape;
import mellowflare.core.measure.Length;
import mellowflare.core.pipe.line.PipeCase;
import mellowflare.core.pipe.makeup.EndKind;
import mellowflare.core.pipe.makeup.PipeEnd;
import mellowflare.core.pipe.offset.Clearance;
import mellowflare.core.pipe.offset.Obstruction;
import mellowflare.core.pipe.offset.OffsetFigure;
import mellowflare.core.pipe.offset.OffsetSum;
import mellowflare.core.pipe.offset.OffsetWay;
import mellowflare.core.pipe.offset.Taken;

/**
 * An offset in its own plane: what was measured, dashed and blue; what follows; what is in the way. The figure being worked on is lit. While nothing is measured its shape stands for any, so that it can be seen which
 * figure is which. The field is always the same, so that nothing jumps.
 */
public final class OffsetDrawing {
    private static final double WIDE = 330;
    private static final double HIGH = 190;
    private static final double LEFT = 34;
    private static final double RIGHT = 296;
    private static final double TOP = 128;
    private static final double BOTTOM = 44;
    private static final double REFERENCE = 172;

    /** From a dimension's points to its figure, about; the painter knows it in dots. */
    private static final double TO_FIGURE = 33;

    private static final double UP_AND_DOWN = 14;

    /** Width of a letter of a dimension, about. */
    private static final double FIGURE = 8.5;

    /** Room for a figure between a dimension and what stands before it. */
    private static final double ONE_FIGURE = 28;

    private final PipeCase c;
    private final OffsetSum s;
    private final Optional<OffsetFigure> lit;
    private final Map<Subject, Severity> marks;
    private final Drawing.Sheet sheet = new Drawing.Sheet();
    private final boolean whole;
    private final double a;
    private final double v;
    private final double w;
    private final double o;
    private final double scale;
    private final Lettering lettering;

    private OffsetDrawing(PipeCase c, List<Finding> findings, Optional<OffsetFigure> lit) {
        this.c = c;
        this.s = c.sum().orElseThrow();
        this.lit = lit;
        this.marks = Finding.marks(findings);
        this.whole = s.legA().filter(l -> l.mm() > 0).isPresent()
                && s.legC().filter(l -> l.mm() > 0).isPresent()
                && s.offset().filter(l -> l.mm() > 0).isPresent();
        double angle = s.ask().fitting().radians();
        o = whole ? s.offset().orElseThrow().mm() : 300;
        v = whole ? s.run().orElseThrow().mm() : Math.min(700, 300 / Math.tan(angle));
        a = whole ? s.legA().orElseThrow().mm() : 350;
        w = whole ? a + v + s.legC().orElseThrow().mm() : a + v + 350;
        scale = Math.min((RIGHT - LEFT) / w, (TOP - BOTTOM) / Math.max(o, 1));
        lettering = new Lettering(lines());
    }

    /**
     * The page's picture.
     *
     * @param findings what was judged, for the marks
     * @param lit the figure that is being worked on
     */
    public static Drawing page(PipeCase c, List<Finding> findings, Optional<OffsetFigure> lit) {
        return new OffsetDrawing(c, findings, lit).draw();
    }

    /** What words must keep off: the pipe, the offset's dimension, the edges of what is in the way. */
    private List<Lettering.Line> lines() {
        List<Lettering.Line> all = new ArrayList<>();
        List<Point> pipe = List.of(at(0, 0), at(a, 0), at(a + v, o), at(w, o));
        for (int i = 0; i + 1 < pipe.size(); i++) {
            all.add(new Lettering.Line(pipe.get(i), pipe.get(i + 1), half() + 1));
        }
        double x = offsetStands();
        all.add(new Lettering.Line(new Point(x, at(a, 0).y()), new Point(x, at(w, o).y())));
        all.add(new Lettering.Line(at(a, 0), new Point(x, at(a, 0).y())));
        s.ask().obstruction().filter(b -> whole).ifPresent(b -> {
            Point low = low(b);
            Point high = high(b);
            Point left = new Point(low.x(), high.y());
            Point right = new Point(high.x(), low.y());
            all.add(new Lettering.Line(low, left));
            all.add(new Lettering.Line(left, high));
            all.add(new Lettering.Line(high, right));
            all.add(new Lettering.Line(right, low));
        });
        return all;
    }

    private Point low(Obstruction b) {
        return at(b.along().mm(), b.from().mm());
    }

    private Point high(Obstruction b) {
        return at(b.along().plus(b.length()).mm(), b.from().plus(b.width()).mm());
    }

    /** The offset stands beside the travel, under leg A's centre line carried on. */
    private double offsetStands() {
        Point second = at(a + v, o);
        Point end = at(w, o);
        return Math.min(RIGHT - 8, second.x() + Math.max(26, (end.x() - second.x()) * 0.6));
    }

    private Point at(double along, double across) {
        double left = LEFT + ((RIGHT - LEFT) - scale * w) / 2;
        double top = TOP - ((TOP - BOTTOM) - scale * o) / 2;
        return new Point(left + scale * along, top - scale * across);
    }

    private Drawing draw() {
        for (int i = s.parallel().size() - 1; i > 0; i--) {
            double across = i * s.ask().spread().orElseThrow().mm();
            pipe(s.parallel().get(i).mm(), across, false);
        }
        figures();
        obstruction();
        face(at(0, 0), -1, s.ask().a());
        face(at(w, o), 1, s.ask().c());
        pipe(a, 0, true);
        dimensions();
        if (s.ask().way() == OffsetWay.READINGS) {
            reference();
        }
        if (s.ask().way() == OffsetWay.ROLLING) {
            endView();
        }
        sheet.mark(marks, Subject.OFFSET, mark());
        sheet.mark(marks, Subject.FACES, at(w, o).plus(14, 12));
        sheet.mark(marks, Subject.PIECES, at(a / 2, 0).plus(0, -12));
        return sheet.done(-6, -6, WIDE + 6, HIGH + 6);
    }

    private Point mark() {
        return at(a + v / 2, o / 2).plus(18, 12);
    }

    private void figures() {
        if (marks.containsKey(Subject.OFFSET)) {
            lettering.taken(mark().plus(-8, -8), mark().plus(8, 8));
        }
        keepOff(at(a / 2, 0), follows("A", s.legA(), c));
        keepOff(at((a + v + w) / 2, o), follows("C", s.legC(), c));
        Point first = at(a, 0);
        Point second = at(a + v, o);
        double x = offsetStands();
        double middle = (first.y() + second.y()) / 2;
        double length = FIGURE * follows("O", s.offset(), c).length() / 2;
        lettering.taken(new Point(x - 17, middle - length), new Point(x + 2, middle + length));
        beside(new Point((first.x() + second.x()) / 2, (first.y() + second.y()) / 2), follows("T", s.travel(), c), "");
    }

    /** The figure of a leg stands under it: the painter knows how far, here it is known about. */
    private void keepOff(Point middle, String figure) {
        double half = FIGURE * figure.length() / 2;
        lettering.taken(middle.plus(-half, -TO_FIGURE - UP_AND_DOWN), middle.plus(half, -TO_FIGURE + UP_AND_DOWN));
    }

    private double half() {
        double outside = s.given().outside().map(Length::mm).orElse(w / 40);
        return Math.max(2.2, Math.min(5, outside * scale / 2));
    }

    private void pipe(double legA, double across, boolean main) {
        Point p0 = at(0, across);
        Point p1 = at(legA, across);
        Point p2 = at(legA + v, across + o);
        Point p3 = at(w, across + o);
        Pen pen = !main ? Pen.FINE : whole ? Pen.OUTLINE : Pen.HIDDEN;
        bar(pen, p0, p1);
        bar(pen, p1, p2);
        bar(pen, p2, p3);
        for (Point p : List.of(p1, p2)) {
            sheet.add(new Shape.Disc(p, half() * 1.9, pen, main ? Fill.PAPER : Fill.NONE));
        }
        if (main) {
            sheet.path(Pen.CENTRE_LINE, Fill.NONE, false, List.of(p0, p1, p2, p3));
            seal(p1, p0);
            seal(p1, p2);
            seal(p2, p1);
            seal(p2, p3);
            sheet.spot(Subject.OFFSET, p1.x() - 8, p2.y() - 8, p2.x() + 8, p1.y() + 8);
        }
    }

    private void bar(Pen pen, Point from, Point to) {
        double n = Math.max(1e-6, Math.hypot(to.x() - from.x(), to.y() - from.y()));
        double dx = -(to.y() - from.y()) / n * half();
        double dy = (to.x() - from.x()) / n * half();
        sheet.path(
                pen,
                whole ? Fill.METAL : Fill.NONE,
                true,
                List.of(from.plus(dx, dy), to.plus(dx, dy), to.plus(-dx, -dy), from.plus(-dx, -dy)));
    }

    /** The thread round the pipe, where it enters the fitting. */
    private void seal(Point fitting, Point toward) {
        double n = Math.max(1e-6, Math.hypot(toward.x() - fitting.x(), toward.y() - fitting.y()));
        double ux = (toward.x() - fitting.x()) / n;
        double uy = (toward.y() - fitting.y()) / n;
        Point p = fitting.plus(ux * half() * 1.9, uy * half() * 1.9);
        double h = half() + 0.6;
        sheet.glow(p.plus(-uy * h, ux * h), p.plus(uy * h, -ux * h));
    }

    private void face(Point at, int side, PipeEnd end) {
        double high = half() + 9;
        if (end.kind() == EndKind.OPEN) {
            sheet.line(Pen.HIDDEN, at.plus(0, -high), at.plus(0, high));
            return;
        }
        sheet.rect(
                Pen.OUTLINE,
                Fill.METAL_CUT,
                Math.min(at.x(), at.x() + side * 7),
                at.y() - high,
                Math.max(at.x(), at.x() + side * 7),
                at.y() + high);
        sheet.glow(at.plus(0, -half() - 0.6), at.plus(0, half() + 0.6));
    }

    private void obstruction() {
        s.ask().obstruction().filter(x -> whole).ifPresent(x -> {
            Point low = low(x);
            Point high = high(x);
            sheet.rect(Pen.HIDDEN, Fill.PAPER, low.x(), high.y(), high.x(), low.y());
            String clear = c.clearance()
                    .map(Clearance::clear)
                    .map(k -> k.mm() < 0
                            ? Say.it("offset-drawing.hits")
                            : Say.it(
                                    "offset-drawing.clear-by",
                                    "clear",
                                    Figure.of(Length.ofMm(Math.rint(k.mm()))).text(c.units())))
                    .orElse("");
            beside(new Point((low.x() + high.x()) / 2, (low.y() + high.y()) / 2), name(x), clear);
        });
    }

    private void beside(Point p, String words, String under) {
        Lettering.Place place = lettering.beside(p, words, under);
        sheet.label(place.at(), words, under, Shape.Role.OVER, place.anchor());
    }

    private static String name(Obstruction x) {
        return x.name().isEmpty() ? Say.it("offset-drawing.in-the-way") : x.name();
    }

    private String figure(OffsetFigure f) {
        return c.line()
                .offset()
                .figure(f)
                .map(Taken::value)
                .map(l -> f.symbol() + " " + Figure.of(l).text(c.units()))
                .orElse(f.symbol());
    }

    private static String follows(String symbol, Optional<Length> l, PipeCase c) {
        return l.map(x -> symbol + " "
                        + Figure.of(Length.ofMm(Math.rint(x.mm() * 10) / 10)).text(c.units()))
                .orElse(symbol);
    }

    private void dimensions() {
        Point start = at(0, 0);
        Point end = at(w, o);
        Point first = at(a, 0);
        Point second = at(a + v, o);
        double high = TOP + 27;
        dimension(
                OffsetFigure.OVERALL,
                new Point(start.x(), high),
                new Point(end.x(), high),
                figure(OffsetFigure.OVERALL));
        sheet.line(Pen.FINE, start.plus(0, half() + 10), new Point(start.x(), high + 3));
        sheet.line(Pen.FINE, new Point(end.x(), high + 3), end.plus(0, half() + 10));
        sheet.add(new Shape.Dimension(start, first, -1, follows("A", s.legA(), c), false));
        sheet.add(new Shape.Dimension(second, end, -1, follows("C", s.legC(), c), false));
        double x = offsetStands();
        sheet.line(Pen.FINE, first.plus(half() * 2, 0), new Point(x + 4, first.y()));
        boolean measured = s.ask().way() == OffsetWay.OFFSET;
        dimension(
                measured ? OffsetFigure.OFFSET : OffsetFigure.READING_1,
                measured,
                new Point(x, first.y()),
                new Point(x, second.y()),
                measured ? figure(OffsetFigure.OFFSET) : follows("O", s.offset(), c));
    }

    private void dimension(OffsetFigure f, Point from, Point to, String text) {
        dimension(f, true, from, to, text);
    }

    private void dimension(OffsetFigure f, boolean measured, Point from, Point to, String text) {
        if (measured && lit.filter(f::equals).isPresent()) {
            light(from, to);
        }
        sheet.add(new Shape.Dimension(from, to, 0, text, measured));
    }

    /** A band behind the figure that is being worked on. */
    private void light(Point from, Point to) {
        double n = Math.max(1e-6, Math.hypot(to.x() - from.x(), to.y() - from.y()));
        double dx = -(to.y() - from.y()) / n * 3;
        double dy = (to.x() - from.x()) / n * 3;
        sheet.path(
                Pen.SELECTED,
                Fill.PAPER,
                true,
                List.of(from.plus(dx, dy), to.plus(dx, dy), to.plus(-dx, -dy), from.plus(-dx, -dy)));
    }

    /** The straight reference that both readings count from: as far away as there is room, which is not to scale. */
    private void reference() {
        Point start = at(0, 0);
        Point end = at(w, o);
        sheet.path(
                Pen.MEASURED,
                Fill.NONE,
                false,
                List.of(new Point(start.x() - 14, REFERENCE), new Point(end.x() + ONE_FIGURE, REFERENCE)));
        String name = c.line()
                .offset()
                .figure(OffsetFigure.READING_1)
                .map(Taken::reference)
                .orElse("");
        sheet.label(
                new Point((start.x() + end.x()) / 2, REFERENCE + 9),
                name.isEmpty() ? Say.it("offset-drawing.reference") : name,
                "",
                Shape.Role.OVER,
                Shape.Anchor.MIDDLE);
        // The nearer centre has the shorter reading.
        double x1 = start.x() - 14;
        double x2 = end.x() + ONE_FIGURE;
        dimension(
                OffsetFigure.READING_1,
                new Point(x1, REFERENCE),
                new Point(x1, start.y()),
                figure(OffsetFigure.READING_1));
        dimension(
                OffsetFigure.READING_2,
                new Point(x2, REFERENCE),
                new Point(x2, end.y()),
                figure(OffsetFigure.READING_2));
        sheet.line(Pen.FINE, start.plus(-18, 0), start.plus(-8, 0));
        sheet.line(Pen.FINE, end.plus(8, 0), end.plus(ONE_FIGURE + 4, 0));
    }

    /** Looking along the run: rise and roll, and the offset between them. */
    private void endView() {
        double rise = s.ask().figure(OffsetFigure.RISE).map(t -> t.value().mm()).orElse(310.0);
        double roll = s.ask().figure(OffsetFigure.ROLL).map(t -> t.value().mm()).orElse(240.0);
        double k = 34 / Math.max(rise, roll);
        Point from = new Point(66, 4);
        Point up = from.plus(0, rise * k);
        Point to = up.plus(roll * k, 0);
        measuredLeg(OffsetFigure.RISE, from, up, from.plus(-4, rise * k / 2 - 2), Shape.Anchor.END);
        measuredLeg(OffsetFigure.ROLL, up, to, up.plus(roll * k / 2, 6), Shape.Anchor.MIDDLE);
        sheet.path(Pen.OUTLINE, Fill.NONE, false, List.of(from, to));
        sheet.add(new Shape.Disc(from, 3, Pen.OUTLINE, Fill.METAL));
        sheet.add(new Shape.Disc(to, 3, Pen.OUTLINE, Fill.METAL));
        sheet.label(
                to.plus(10, -12),
                Say.it("offset-drawing.along-the-run"),
                s.offset().isPresent()
                        ? Say.it(
                                "offset-drawing.roll-angle",
                                "angle",
                                Figure.of(s.rollAngle()).text(c.units()))
                        : "",
                Shape.Role.NAME,
                Shape.Anchor.START);
    }

    /** Rise or roll, as a measured line with its figure beside it. */
    private void measuredLeg(OffsetFigure f, Point from, Point to, Point figure, Shape.Anchor anchor) {
        if (lit.filter(f::equals).isPresent()) {
            light(from, to);
        }
        sheet.path(Pen.MEASURED, Fill.NONE, false, List.of(from, to));
        sheet.label(figure, figure(f), "", Shape.Role.OVER, anchor);
    }
}
