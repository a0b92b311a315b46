package mellowflare.core.pipe.draw;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import mellowflare.core.advice.Figure;
import mellowflare.core.advice.Finding;
import mellowflare.core.advice.Severity;
import mellowflare.core.advice.State;
import mellowflare.core.advice.Subject;
import mellowflare.core.geometry.Drawing;
import mellowflare.core.geometry.Fill;
import mellowflare.core.geometry.Lettering;
import mellowflare.core.geometry.Pen;
import mellowflare.core.geometry.Point;
import mellowflare.core.geometry.Shape;
import mellowflare.core.geometry.Sight;
import mellowflare.core.geometry.Vector;
import mellowflare.core.measure.Length;
import mellowflare.core.pipe.layout.Box;
import mellowflare.core.pipe.line.PipeCase;
import mellowflare.core.pipe.offset.SumLine;
import mellowflare.core.pipe.space.Fitted;
import mellowflare.core.pipe.space.Laid;
import mellowflare.core.pipe.space.Spool;

/** A run in space: pipes with the measures that were called out, each in the plane it measures; what is in its way; what cannot be made up is marked at its place. */
public final class RunDrawing {
    /** The isometric as it first lies, on the page and on paper (degrees). */
    public static final double FIRST_TURN = 30;

    public static final double FIRST_TILT = 28;

    private static final double WIDE = 330;

    /** The field that a picture fills. */
    public enum Layout {
        WIDE(190),
        TALL(330);

        private final double high;

        Layout(double high) {
            this.high = high;
        }
    }

    private static final int LABELLED = 24;
    private static final int DETAILED = 70;

    private final PipeCase c;
    private final Laid laid;
    private final Optional<String> chosen;
    private final Sight view;
    private final Drawing.Sheet sheet = new Drawing.Sheet();
    private final List<Finding> findings;
    private final double floor;
    private final double high;

    private RunDrawing(
            PipeCase c,
            Laid laid,
            List<Finding> findings,
            double turn,
            double tilt,
            Optional<String> chosen,
            Layout layout) {
        this.high = layout.high;
        this.c = c;
        this.laid = laid;
        this.chosen = chosen;
        this.findings = findings;
        List<Vector> all = new ArrayList<>();
        laid.fittings().forEach(f -> all.add(f.at()));
        double low = all.stream().mapToDouble(Vector::z).min().orElse(0);
        this.floor = low - 60;
        laid.fittings().forEach(f -> all.add(new Vector(f.at().x(), f.at().y(), floor)));
        for (Box b : boxes()) {
            all.addAll(corners(b));
        }
        this.view = Sight.turned(turn, tilt).fitted(all, 22, 16, WIDE - 44, high - 32);
    }

    /**
     * The page's picture.
     *
     * @param findings what was judged, for the marks
     * @param turn about the upright (degrees)
     * @param tilt how far it is looked down on (degrees)
     * @param chosen the piece that is worked on
     * @param layout the field it fills
     */
    public static Drawing page(
            PipeCase c, List<Finding> findings, double turn, double tilt, Optional<String> chosen, Layout layout) {
        return c.laid()
                .map(l -> new RunDrawing(c, l, findings, turn, tilt, chosen, layout).draw())
                .orElseGet(() -> empty(layout));
    }

    private static Drawing empty(Layout layout) {
        Drawing.Sheet sheet = new Drawing.Sheet();
        sheet.add(new Shape.Disc(new Point(60, 60), 6, Pen.SELECTED, Fill.PAPER));
        sheet.path(Pen.HIDDEN, Fill.NONE, false, List.of(new Point(66, 64), new Point(220, 140)));
        sheet.label(
                new Point(60, 40),
                Say.it("run-drawing.you-stand-here"),
                Say.it("run-drawing.looking-ahead"),
                Shape.Role.NAME,
                Shape.Anchor.START);
        return sheet.done(-6, -6, WIDE + 6, layout.high + 6);
    }

    /** The boxes that were drawn; of an offset those are in its plane and not here. */
    private List<Box> boxes() {
        return c.run().map(r -> r.boxes()).orElse(List.of());
    }

    private static List<Vector> corners(Box b) {
        List<Vector> all = new ArrayList<>();
        for (double x : new double[] {b.low().x(), b.high().x()}) {
            for (double y : new double[] {b.low().y(), b.high().y()}) {
                for (double z : new double[] {b.low().z(), b.high().z()}) {
                    all.add(new Vector(x, y, z));
                }
            }
        }
        return all;
    }

    /** The edges of a box, by its corners. */
    private static final int[][] EDGES = {
        {0, 1}, {0, 2}, {0, 4}, {1, 3}, {1, 5}, {2, 3}, {2, 6}, {3, 7}, {4, 5}, {4, 6}, {5, 7}, {6, 7}
    };

    private Drawing draw() {
        boolean detailed = laid.spools().size() <= DETAILED;
        boxes().forEach(this::box);
        if (detailed) {
            laid.spools().forEach(this::shadow);
        }
        laid.spools().forEach(s -> pipe(s, detailed));
        laid.fittings().forEach(f -> fitting(f, detailed));
        laid.spools().stream().filter(this::here).forEach(this::seals);
        lettering(laid.spools().size() <= LABELLED);
        Set<Subject> placed = marks();
        Drawing done = sheet.done(-6, -6, WIDE + 6, high + 6);
        return done.marked(Finding.marks(
                findings.stream().filter(f -> !placed.contains(f.about())).toList()));
    }

    private boolean here(Spool s) {
        return chosen.filter(s.name()::equals).isPresent();
    }

    private List<List<Point>> edges(Box b) {
        List<Vector> v = corners(b);
        return Arrays.stream(EDGES)
                .map(e -> List.of(view.at(v.get(e[0])), view.at(v.get(e[1]))))
                .toList();
    }

    private void box(Box b) {
        edges(b).forEach(e -> sheet.line(Pen.HIDDEN, e.get(0), e.get(1)));
        sheet.label(view.at(b.low().plus(b.high()).times(0.5)), b.name(), "", Shape.Role.OVER, Shape.Anchor.MIDDLE);
    }

    private void shadow(Spool s) {
        Vector a = laid.from(s).at();
        Vector b = laid.to(s).at();
        sheet.line(Pen.FINE, view.at(new Vector(a.x(), a.y(), floor)), view.at(new Vector(b.x(), b.y(), floor)));
    }

    private double half(String size) {
        double outside = c.parts().wall(size).map(w -> w.outside().mm()).orElse(33.4);
        return Math.max(1.1, Math.min(3.4, outside / 16));
    }

    private void pipe(Spool s, boolean detailed) {
        Point a = view.at(laid.from(s).at());
        Point b = view.at(laid.to(s).at());
        double n = Math.hypot(b.x() - a.x(), b.y() - a.y());
        if (n < 1e-6) {
            return;
        }
        double half = detailed ? half(s.size()) : half(s.size()) / 2;
        double dx = -(b.y() - a.y()) / n * half;
        double dy = (b.x() - a.x()) / n * half;
        boolean bad = s.exact().filter(e -> e.mm() <= 0).isPresent();
        Pen pen = bad ? Pen.STOP : here(s) ? Pen.SELECTED : s.exact().isPresent() ? Pen.OUTLINE : Pen.MEASURED;
        sheet.path(pen, Fill.METAL, true, List.of(a.plus(dx, dy), b.plus(dx, dy), b.plus(-dx, -dy), a.plus(-dx, -dy)));
        sheet.spot(
                Subject.RUN,
                s.name(),
                Math.min(a.x(), b.x()) - 3,
                Math.min(a.y(), b.y()) - 3,
                Math.max(a.x(), b.x()) + 3,
                Math.max(a.y(), b.y()) + 3);
    }

    private void fitting(Fitted f, boolean detailed) {
        Point p = view.at(f.at());
        double r = detailed
                ? half(f.mouths().get(0).size()) * 1.7
                : half(f.mouths().get(0).size());
        Pen pen = detailed ? Pen.OUTLINE : Pen.THREAD;
        switch (f.kind()) {
            case END -> {
                if (f.fixed()) {
                    sheet.rect(pen, Fill.METAL_CUT, p.x() - r - 1, p.y() - r - 1, p.x() + r + 1, p.y() + r + 1);
                } else {
                    sheet.add(new Shape.Disc(p, r, Pen.HIDDEN, Fill.PAPER));
                }
            }
            case UNION, DIELECTRIC, FLANGES -> {
                sheet.rect(pen, Fill.PAPER, p.x() - r, p.y() - r, p.x() + r, p.y() + r);
                sheet.glow(p.plus(-r, -r), p.plus(r, r));
            }
            case VALVE ->
                sheet.path(
                        pen,
                        Fill.PAPER,
                        true,
                        List.of(p.plus(-r, -r * 0.7), p.plus(r, r * 0.7), p.plus(r, -r * 0.7), p.plus(-r, r * 0.7)));
            case FLEX -> sheet.add(new Shape.Disc(p, r, pen, Fill.RUBBER));
            default -> sheet.add(new Shape.Disc(p, r, pen, Fill.METAL));
        }
    }

    /** Where the chosen piece seals: round the pipe at both of its ends. */
    private void seals(Spool s) {
        Point a = view.at(laid.from(s).at());
        Point b = view.at(laid.to(s).at());
        double n = Math.hypot(b.x() - a.x(), b.y() - a.y());
        if (n < 8) {
            return;
        }
        double ux = (b.x() - a.x()) / n;
        double uy = (b.y() - a.y()) / n;
        double h = half(s.size()) + 0.8;
        for (Point p : List.of(a.plus(4 * ux, 4 * uy), b.plus(-4 * ux, -4 * uy))) {
            sheet.glow(p.plus(-uy * h, ux * h), p.plus(uy * h, -ux * h));
        }
    }

    /** Measures beside the pipes, as they were called out; names where two pieces are not enough to tell them apart. */
    private void lettering(boolean labelled) {
        Lettering lettering = new Lettering(lines());
        for (Spool s : laid.spools()) {
            if (s.implied() || !labelled && !here(s)) {
                continue;
            }
            measure(s);
            Vector middle = laid.from(s).at().plus(laid.to(s).at()).times(0.5).plus(out(s).times(reach()));
            String text = Say.it("run-drawing.piece", "piece", s.name(), "length", bare(s.points()));
            String under = c.piece(s.name())
                    .flatMap(p -> p.shop())
                    .map(l -> Say.it("run-drawing.cut", "cut", SumLine.marked(l, c.units())))
                    .orElse("");
            Lettering.Place place = lettering.beside(view.at(middle), text, under);
            sheet.label(place.at(), text, under, Shape.Role.OVER, place.anchor());
        }
        for (Fitted f : laid.fittings()) {
            boolean named = f.kind().opens() || f.kind() == Fitted.Kind.VALVE || f.kind() == Fitted.Kind.TEE;
            if (named && labelled) {
                Lettering.Place place = lettering.beside(view.at(f.at()), f.name(), "");
                sheet.label(place.at(), f.name(), "", Shape.Role.OVER, place.anchor());
            }
        }
    }

    /** What words keep off: pipes as thick as they are drawn, and the edges of boxes. */
    private List<Lettering.Line> lines() {
        List<Lettering.Line> lines = new ArrayList<>();
        laid.spools()
                .forEach(s -> lines.add(new Lettering.Line(
                        view.at(laid.from(s).at()), view.at(laid.to(s).at()), half(s.size()) + 0.5)));
        boxes().forEach(b -> edges(b).forEach(e -> lines.add(new Lettering.Line(e.get(0), e.get(1)))));
        return lines;
    }

    private String bare(Length l) {
        return SumLine.bare(l, c.units());
    }

    /** How far from the pipe its measure stands (mm of the room). */
    private double reach() {
        return 9 / view.scale();
    }

    /** The direction in which a measure stands off its pipe: level, or for an upright pipe to the side that is seen. */
    private Vector out(Spool s) {
        Vector d = s.direction();
        boolean upright = Math.abs(d.x()) + Math.abs(d.y()) < 1e-6;
        return upright ? new Vector(view.right().x(), view.right().y(), 0).unit() : new Vector(-d.y(), d.x(), 0).unit();
    }

    /** A thin measure line beside the pipe, with its two feet, in the plane that it measures. */
    private void measure(Spool s) {
        Vector off = out(s).times(reach());
        Vector a = laid.from(s).at();
        Vector b = laid.to(s).at();
        sheet.line(Pen.FINE, view.at(a), view.at(a.plus(off.times(1.15))));
        sheet.line(Pen.FINE, view.at(b), view.at(b.plus(off.times(1.15))));
        sheet.line(Pen.FINE, view.at(a.plus(off)), view.at(b.plus(off)));
    }

    /** What failed about a piece or a place, marked there; the rest is marked beside the drawing. */
    private Set<Subject> marks() {
        Set<Subject> placed = new HashSet<>();
        for (Finding f : findings) {
            if (f.state() != State.FAIL || f.severity() == Severity.NOTE) {
                continue;
            }
            for (Figure figure : f.figures().values()) {
                if (figure instanceof Figure.Word word) {
                    laid.spools().stream()
                            .filter(s -> s.name().equals(word.text()))
                            .findFirst()
                            .map(s -> laid.from(s).at().plus(laid.to(s).at()).times(0.5))
                            .or(() -> laid.at(word.text()).map(Fitted::at))
                            .ifPresent(v -> {
                                sheet.mark(f.severity(), view.at(v).plus(-8, 7));
                                placed.add(f.about());
                            });
                }
            }
        }
        return placed;
    }
}
