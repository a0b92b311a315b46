package mellowflare.core.gas.draw;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import mellowflare.core.advice.Figure;
import mellowflare.core.advice.Finding;
import mellowflare.core.advice.Severity;
import mellowflare.core.advice.State;
import mellowflare.core.advice.Subject;
import mellowflare.core.gas.layout.GasWalk;
import mellowflare.core.gas.line.GasSource;
import mellowflare.core.gas.net.GasFlows;
import mellowflare.core.gas.work.GasCase;
import mellowflare.core.gas.work.GasRun;
import mellowflare.core.gas.work.Inlet;
import mellowflare.core.geometry.Drawing;
import mellowflare.core.geometry.Fill;
import mellowflare.core.geometry.Lettering;
import mellowflare.core.geometry.Pen;
import mellowflare.core.geometry.Point;
import mellowflare.core.geometry.Shape;
import mellowflare.core.geometry.Sight;
import mellowflare.core.geometry.Vector;
import mellowflare.core.measure.GaugePressure;
import mellowflare.core.run.walk.Joints;
import mellowflare.core.run.walk.Walked;

/**
 * A gas line in space, seen slanting from above. A pipe is as wide as its flow asks and as dark as its pressure is good; beside each appliance stands a column with what it gets, the least it needs as a line
 * across, and what it had before something was added as a hollow mark. Where the chosen piece seals it glows.
 */
public final class GasDrawing {
    private static final double WIDE = 330;
    private static final double HIGH = 190;
    private static final int LABELLED = 30;
    private static final double THIN = 1.2;
    private static final double FAT = 4.2;
    private static final double COLUMN = 26;

    private final GasCase c;
    private final Optional<String> chosen;
    private final Sight view;
    private final Drawing.Sheet sheet = new Drawing.Sheet();
    private final Map<String, Vector> places = new LinkedHashMap<>();
    private final Map<String, GasRun> runs = new HashMap<>();
    private final Map<String, GasFlows.InPipe> flows = new HashMap<>();
    private final Map<String, Severity> worst = new HashMap<>();
    private final List<Finding> unplaced;
    private final double most;

    private GasDrawing(GasCase c, List<Finding> findings, double turn, double tilt, Optional<String> chosen) {
        this.c = c;
        this.chosen = chosen;
        c.walk().walked().spots().forEach((name, s) -> places.put(name, s.at()));
        c.runs().forEach(r -> runs.put(r.name(), r));
        c.flows().ifPresent(f -> f.pipes().forEach(p -> flows.put(p.pipe().name(), p)));
        most = flows.values().stream()
                .mapToDouble(p -> p.flow().cubicMetresPerHour())
                .max()
                .orElse(0);
        List<Vector> all = new ArrayList<>();
        for (Vector v : places.values()) {
            all.add(v);
            all.add(new Vector(v.x(), v.y(), 0));
        }
        Vector start = places.get(GasWalk.START);
        all.add(start.plus(new Vector(-600, -600, 0)));
        all.add(start.plus(new Vector(600, 600, 0)));
        view = Sight.turned(turn, tilt).fitted(all, 28, 36, WIDE - 56, HIGH - 54);
        Set<String> appliances = c.walk().appliances().keySet();
        for (Finding f : findings) {
            // The shade of a pipe says how full it is: only what is dangerous or cannot work is marked at pipes.
            if (f.state() == State.FAIL && (f.severity() == Severity.STOP || f.about() == Subject.INLETS)) {
                named(f, appliances).forEach(n -> worst.merge(n, f.severity(), (x, y) -> x.compareTo(y) < 0 ? x : y));
            }
        }
        unplaced = findings.stream()
                .filter(f ->
                        f.about() != Subject.GAS_LAYOUT || named(f, appliances).isEmpty())
                .filter(f -> f.about() != Subject.INLETS && f.about() != Subject.SIZES)
                .toList();
    }

    /**
     * The page's picture.
     *
     * @param c the line
     * @param findings what was judged, for the marks
     * @param turn about the upright (degrees)
     * @param tilt how far it is looked down on (degrees)
     * @param chosen the piece that is worked on
     */
    public static Drawing page(GasCase c, List<Finding> findings, double turn, double tilt, Optional<String> chosen) {
        return new GasDrawing(c, findings, turn, tilt, chosen).draw();
    }

    /** The places and appliances that a finding speaks of. */
    private Set<String> named(Finding f, Set<String> appliances) {
        return f.figures().values().stream()
                .filter(Figure.Word.class::isInstance)
                .map(w -> ((Figure.Word) w).text())
                .filter(n -> places.containsKey(n) || appliances.contains(n))
                .collect(Collectors.toUnmodifiableSet());
    }

    private Point paper(String place) {
        return view.at(places.get(place));
    }

    private Drawing draw() {
        shadows();
        c.walk().walked().runs().forEach(this::run);
        arrows();
        glow();
        joints();
        source();
        regulators();
        appliances();
        marks();
        scale();
        return sheet.done(-6, -6, WIDE + 6, HIGH + 6).marked(Finding.marks(unplaced));
    }

    /** On the floor, to hold the eye. */
    private void shadows() {
        for (Walked.Run r : c.walk().walked().runs()) {
            sheet.line(Pen.FINE, floor(r.a()), floor(r.b()));
        }
    }

    private Point floor(Vector v) {
        return view.at(new Vector(v.x(), v.y(), 0));
    }

    private double half(Walked.Run r) {
        GasFlows.InPipe p = flows.get(r.name());
        if (p == null || most == 0) {
            return THIN;
        }
        return THIN + (FAT - THIN) * Math.sqrt(p.flow().cubicMetresPerHour() / most);
    }

    /** How good the pressure at the far end of a stretch is: of all that its stage may lose, how much is left. */
    private Fill fill(Walked.Run r) {
        Optional<GaugePressure> here = c.flows().flatMap(f -> f.at(r.to()));
        Optional<GaugePressure> stage = c.stageOf(r.name());
        Optional<GaugePressure> floor = c.leastOf(r.name());
        if (here.isEmpty() || stage.isEmpty() || floor.isEmpty()) {
            return r.kind() == Walked.Kind.HOSE ? Fill.RUBBER : Fill.METAL;
        }
        double whole = stage.get().bar() - floor.get().bar();
        double left = whole > 0 ? (here.get().bar() - floor.get().bar()) / whole : 0;
        return left < 0 ? Fill.OVER : left < 1 / 3.0 ? Fill.PALE : left < 2 / 3.0 ? Fill.MIDDLE : Fill.DEEP;
    }

    private void run(Walked.Run r) {
        Point a = paper(r.from());
        Point b = paper(r.to());
        double n = Math.hypot(b.x() - a.x(), b.y() - a.y());
        if (n < 1e-6) {
            return;
        }
        double half = half(r);
        double dx = -(b.y() - a.y()) / n * half;
        double dy = (b.x() - a.x()) / n * half;
        boolean here = chosen.filter(r.piece().name()::equals).isPresent();
        boolean known =
                r.kind() == Walked.Kind.HOSE || runs.get(r.name()).size().isPresent();
        Pen pen = here ? Pen.SELECTED : !known ? Pen.MEASURED : Pen.THREAD;
        sheet.path(pen, fill(r), true, List.of(a.plus(dx, dy), b.plus(dx, dy), b.plus(-dx, -dy), a.plus(-dx, -dy)));
        sheet.spot(
                Subject.GAS_LAYOUT,
                r.name(),
                Math.min(a.x(), b.x()) - 3,
                Math.min(a.y(), b.y()) - 3,
                Math.max(a.x(), b.x()) + 3,
                Math.max(a.y(), b.y()) + 3);
        if (here) {
            Point m = new Point((a.x() + b.x()) / 2, (a.y() + b.y()) / 2);
            sheet.label(
                    m.plus(0, half + 4),
                    r.piece().name(),
                    new Figure.OfReach(r.length()).text(c.units())
                            + runs.get(r.name())
                                    .size()
                                    .map(z -> ", " + z.size())
                                    .orElse(""),
                    Shape.Role.OVER,
                    Shape.Anchor.MIDDLE);
        }
    }

    private void arrows() {
        for (GasFlows.InPipe p : flows.values()) {
            GasRun s = runs.get(p.pipe().name());
            if (s == null || s.run().kind() == Walked.Kind.HOSE || p.flow().cubicMetresPerHour() <= 0) {
                continue;
            }
            Point a = paper(p.forward() ? s.run().from() : s.run().to());
            Point b = paper(p.forward() ? s.run().to() : s.run().from());
            double n = Math.hypot(b.x() - a.x(), b.y() - a.y());
            if (n < 14) {
                continue;
            }
            double ux = (b.x() - a.x()) / n;
            double uy = (b.y() - a.y()) / n;
            double size = half(s.run()) + 1.3;
            Point tip = new Point((a.x() + b.x()) / 2 + ux * size, (a.y() + b.y()) / 2 + uy * size);
            sheet.path(
                    Pen.NONE,
                    Fill.BLACK,
                    true,
                    List.of(
                            tip,
                            tip.plus(-1.9 * size * ux - size * uy, -1.9 * size * uy + size * ux),
                            tip.plus(-1.9 * size * ux + size * uy, -1.9 * size * uy - size * ux)));
        }
    }

    /** Where the chosen piece seals: across the pipe at both of its ends. */
    private void glow() {
        for (Walked.Run r : c.walk().walked().runs()) {
            if (chosen.filter(r.piece().name()::equals).isEmpty()) {
                continue;
            }
            Point a = paper(r.from());
            Point b = paper(r.to());
            double n = Math.hypot(b.x() - a.x(), b.y() - a.y());
            if (n < 8) {
                continue;
            }
            double ux = (b.x() - a.x()) / n;
            double uy = (b.y() - a.y()) / n;
            double half = half(r) + 0.8;
            for (Point p : List.of(a.plus(3 * ux, 3 * uy), b.plus(-3 * ux, -3 * uy))) {
                sheet.glow(p.plus(-uy * half, ux * half), p.plus(uy * half, -ux * half));
            }
        }
    }

    private void joints() {
        Set<String> open = Set.copyOf(c.openEnds());
        for (Joints.Joint j : c.joints().all()) {
            Point p = paper(j.spot().name());
            if (j.kind() == Joints.Kind.NONE || open.contains(j.spot().name())) {
                sheet.add(new Shape.Disc(p, 3.4, Pen.STOP, Fill.NONE));
            } else if (j.kind() == Joints.Kind.ELBOW
                    || j.kind() == Joints.Kind.TEE
                    || j.kind() == Joints.Kind.TWO_TEES) {
                sheet.add(new Shape.Disc(p, 2, Pen.THREAD, Fill.METAL));
            }
            if (j.spot().cap()) {
                sheet.rect(Pen.OUTLINE, Fill.METAL, p.x() - 2.2, p.y() - 2.2, p.x() + 2.2, p.y() + 2.2);
            }
            if (j.spot().valve()) {
                sheet.path(
                        Pen.THREAD,
                        Fill.PAPER,
                        true,
                        List.of(p.plus(-3, -2), p.plus(3, 2), p.plus(3, -2), p.plus(-3, 2)));
            }
        }
    }

    private void source() {
        Point p = paper(GasWalk.START);
        if (c.line().source().feed() == GasSource.Feed.CYLINDER) {
            int shown = Math.min(4, c.line().source().count());
            for (int i = 0; i < shown; i++) {
                GasFigures.cylinder(sheet, p.plus(-9 - 10 * i, -15), 9, 20, Pen.THREAD, Fill.METAL);
            }
        } else {
            sheet.rect(Pen.THREAD, Fill.METAL, p.x() - 17, p.y() - 8, p.x() - 2, p.y() + 7);
            sheet.add(new Shape.Disc(p.plus(-9.5, 1), 4, Pen.THREAD, Fill.PAPER));
        }
        sheet.spot(Subject.SOURCE, p.x() - 20, p.y() - 16, p.x(), p.y() + 10);
        sheet.label(
                p.plus(-9, -22),
                c.feed().map(x -> new Figure.OfGasPressure(x).text(c.units())).orElse("?"),
                "",
                Shape.Role.OVER,
                Shape.Anchor.MIDDLE);
    }

    private void regulators() {
        for (GasWalk.Reduced r : c.walk().reduces()) {
            Point p = paper(r.place());
            sheet.add(new Shape.Disc(p, 4.4, Pen.OUTLINE, Fill.PAPER));
            sheet.line(Pen.OUTLINE, p.plus(0, 4.4), p.plus(0, 7.4));
            sheet.line(Pen.OUTLINE, p.plus(-2.4, 7.4), p.plus(2.4, 7.4));
            c.stock()
                    .regulator(r.piece().regulator())
                    .ifPresent(g -> sheet.label(
                            p.plus(0, 12),
                            new Figure.OfGasPressure(g.out()).text(c.units()),
                            "",
                            Shape.Role.OVER,
                            Shape.Anchor.MIDDLE));
        }
    }

    private void appliances() {
        List<Lettering.Line> strokes = new ArrayList<>();
        for (Walked.Run r : c.walk().walked().runs()) {
            strokes.add(new Lettering.Line(paper(r.from()), paper(r.to()), half(r)));
            strokes.add(new Lettering.Line(floor(r.a()), floor(r.b())));
        }
        Lettering lettering = new Lettering(strokes);
        Point start = paper(GasWalk.START);
        lettering.taken(start.plus(-46, -24), start.plus(2, 12));
        lettering.taken(new Point(0, -6), new Point(170, 4));
        boolean labelled = c.inlets().size() <= LABELLED;
        for (Inlet i : c.inlets()) {
            Point p = paper(i.at().place());
            sheet.add(new Shape.Disc(p, 6, Pen.OUTLINE, Fill.PAPER));
            GasFigures.flame(sheet, p.plus(0, -4), 8);
            sheet.spot(Subject.INLETS, i.name(), p.x() - 7, p.y() - 7, p.x() + 7, p.y() + 7);
            lettering.taken(p.plus(-7, -11 - COLUMN), p.plus(9, 7));
            boolean told = worst.containsKey(i.name());
            if (labelled || told) {
                String under = pressures(i);
                Lettering.Place place = lettering.beside(p, i.name(), under);
                sheet.label(place.at(), i.name(), under, Shape.Role.OVER, place.anchor());
            }
            if (labelled) {
                column(i, p.plus(-2, -10 - COLUMN));
            }
        }
    }

    private String pressures(Inlet i) {
        if (i.pressure().isEmpty()) {
            return i.input().map(x -> Figure.of(x).text(c.units())).orElse("");
        }
        String now = new Figure.OfGasPressure(i.pressure().get()).text(c.units());
        return i.before()
                .map(b -> Say.it(
                        "gas-drawing.before-now", "before", new Figure.OfGasPressure(b).text(c.units()), "now", now))
                .orElse(now);
    }

    /** What it gets as a column up to what it may get at most, the least it needs across, what it had before as a hollow mark. */
    private void column(Inlet i, Point foot) {
        if (i.pressure().isEmpty() || i.stage().isEmpty()) {
            return;
        }
        double top = Math.max(
                        i.stage().get().bar(),
                        i.greatest().map(GaugePressure::bar).orElse(0.0))
                * 1.05;
        double now = Math.max(0, Math.min(1, i.pressure().get().bar() / top)) * COLUMN;
        sheet.rect(Pen.FINE, Fill.PAPER, foot.x(), foot.y(), foot.x() + 4, foot.y() + COLUMN);
        sheet.rect(Pen.NONE, i.shortOf() ? Fill.OVER : Fill.DEEP, foot.x(), foot.y(), foot.x() + 4, foot.y() + now);
        i.least().ifPresent(l -> {
            double y = foot.y() + Math.min(1, l.bar() / top) * COLUMN;
            sheet.line(Pen.OUTLINE, new Point(foot.x() - 2, y), new Point(foot.x() + 6, y));
        });
        i.before().ifPresent(b -> {
            double y = foot.y() + Math.max(0, Math.min(1, b.bar() / top)) * COLUMN;
            sheet.add(new Shape.Disc(new Point(foot.x() + 7.5, y), 1.4, Pen.THREAD, Fill.PAPER));
        });
    }

    private void marks() {
        worst.forEach((name, severity) -> {
            GasWalk.At a = c.walk().appliances().get(name);
            String place = a == null ? name : a.place();
            if (severity != Severity.NOTE && places.containsKey(place)) {
                sheet.mark(severity, paper(place).plus(0, 11));
            }
        });
    }

    /** What the shades say. */
    private void scale() {
        if (flows.isEmpty()) {
            return;
        }
        double x = 0;
        Fill[] fills = {Fill.DEEP, Fill.MIDDLE, Fill.PALE, Fill.OVER};
        for (Fill f : fills) {
            sheet.rect(Pen.FINE, f, x, -4, x + 9, -1);
            x += 9;
        }
        sheet.label(
                new Point(x + 3, -3.4),
                Say.it("gas-drawing.scale"),
                Say.it("gas-drawing.column"),
                Shape.Role.NAME,
                Shape.Anchor.START);
    }
}
