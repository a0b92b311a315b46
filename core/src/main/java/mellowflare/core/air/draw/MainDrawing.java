package mellowflare.core.air.draw;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import mellowflare.core.advice.Figure;
import mellowflare.core.advice.Finding;
import mellowflare.core.advice.Severity;
import mellowflare.core.advice.State;
import mellowflare.core.advice.Subject;
import mellowflare.core.air.layout.AirWalk;
import mellowflare.core.air.layout.Piece;
import mellowflare.core.air.main.Shop;
import mellowflare.core.air.work.AirCase;
import mellowflare.core.flow.network.NetworkFlow;
import mellowflare.core.geometry.Drawing;
import mellowflare.core.geometry.Fill;
import mellowflare.core.geometry.Pen;
import mellowflare.core.geometry.Point;
import mellowflare.core.geometry.Shape;
import mellowflare.core.geometry.Sight;
import mellowflare.core.geometry.Vector;
import mellowflare.core.measure.AirReference;
import mellowflare.core.measure.FreeAir;
import mellowflare.core.measure.Length;
import mellowflare.core.measure.LengthFormat;
import mellowflare.core.run.cut.Rods;
import mellowflare.core.run.cut.Stretch;
import mellowflare.core.run.stock.PipeSize;
import mellowflare.core.run.walk.Fall;
import mellowflare.core.run.walk.Joints;
import mellowflare.core.run.walk.Sized;
import mellowflare.core.run.walk.Walked;

/**
 * The main in the room, seen slanting from above. Pipes are as wide as their sizes differ, the air's way is pointed, outlets say what they have; what fails is marked at its place, and where the chosen piece
 * seals it glows.
 */
public final class MainDrawing {
    private static final double WIDE = 330;
    private static final double HIGH = 190;
    private static final double THIN = 1.1;
    private static final double FAT = 2.6;
    private static final int LABELLED = 26;
    private static final double EDGE = 45;
    private static final int DETAILED = 80;
    /** A large shop is drawn with thinner pipes. */
    private static final double FINER = 0.55;

    private final AirCase c;
    private final Optional<String> chosen;
    private final Set<String> stopped;
    private final Set<String> warned;
    private final Map<String, Sized> sized = new HashMap<>();
    /** Places as they hang, with their fall (mm). */
    private final Map<String, Vector> hung = new HashMap<>();

    private final Drawing.Sheet sheet = new Drawing.Sheet();
    private final boolean labelled;
    /** Whether sound fittings and the valves of legs are drawn: in a large shop they would lie over each other. */
    private final boolean detailed;

    private Sight view;

    private MainDrawing(AirCase c, List<Finding> findings, Optional<String> chosen) {
        this.c = c;
        this.chosen = chosen;
        this.stopped = places(findings, Severity.STOP);
        this.warned = places(findings, Severity.WARN);
        c.sized().forEach(s -> sized.put(s.name(), s));
        c.walked()
                .spots()
                .forEach((name, s) -> hung.put(
                        name,
                        new Vector(s.at().x(), s.at().y(), c.fall().height(name).mm())));
        this.labelled = c.main().pieces().size() <= LABELLED;
        this.detailed = c.main().pieces().size() <= DETAILED;
    }

    /**
     * The page's picture.
     *
     * @param c the main
     * @param findings what was judged, for the marks
     * @param turn about the upright (degrees)
     * @param tilt how far it is looked down on (degrees)
     * @param chosen the piece that is worked on
     */
    public static Drawing page(AirCase c, List<Finding> findings, double turn, double tilt, Optional<String> chosen) {
        return new MainDrawing(c, findings, chosen).draw(turn, tilt);
    }

    /** Places that failed findings speak of. */
    private static Set<String> places(List<Finding> findings, Severity severity) {
        Set<String> places = new HashSet<>();
        for (Finding f : findings) {
            if (f.state() == State.FAIL && f.severity() == severity) {
                Figure piece = f.figures().get("piece");
                if (piece instanceof Figure.Word w) {
                    places.add(w.text());
                }
            }
        }
        return places;
    }

    private Vector at(String spot) {
        return hung.get(spot);
    }

    private Drawing draw(double turn, double tilt) {
        List<Vector> all = new ArrayList<>();
        for (Vector v : hung.values()) {
            all.add(v);
            all.add(floor(v));
        }
        all.addAll(room());
        Vector start = at(AirWalk.START);
        all.add(start.plus(new Vector(-700, -700, 0)));
        all.add(start.plus(new Vector(700, 700, 0)));
        view = Sight.turned(turn, tilt).fitted(all, 0, 0, WIDE, HIGH);
        walls();
        shadows();
        compressors();
        for (Walked.Run r : c.walked().runs()) {
            run(r);
        }
        rods();
        arrows();
        glow();
        joints();
        outlets();
        tanks();
        water();
        marks();
        return sheet.done(-6, -6, WIDE + 6, HIGH + 6);
    }

    private static Vector floor(Vector v) {
        return new Vector(v.x(), v.y(), 0);
    }

    private List<Vector> room() {
        Shop s = c.main().shop();
        if (s.length().isEmpty() || s.width().isEmpty()) {
            return List.of();
        }
        double l = s.length().get().mm();
        double w = s.width().get().mm();
        double h = s.height().map(Length::mm).orElse(0.0);
        return List.of(
                new Vector(0, 0, 0),
                new Vector(l, 0, 0),
                new Vector(l, w, 0),
                new Vector(0, w, 0),
                new Vector(0, 0, h),
                new Vector(l, 0, h),
                new Vector(l, w, h),
                new Vector(0, w, h));
    }

    /** The floor, and the walls behind. */
    private void walls() {
        List<Vector> r = room();
        if (r.isEmpty()) {
            return;
        }
        List<Point> p = r.stream().map(view::at).toList();
        sheet.path(Pen.FINE, Fill.PAPER, true, p.subList(0, 4));
        if (c.main().shop().height().isPresent()) {
            for (int i = 0; i < 4; i++) {
                int j = (i + 1) % 4;
                // A wall whose top lies higher on paper than its opposite one's stands behind.
                if (p.get(i).y() + p.get(j).y()
                        > p.get((i + 2) % 4).y() + p.get((j + 2) % 4).y()) {
                    sheet.path(Pen.HIDDEN, Fill.NONE, false, List.of(p.get(i), p.get(i + 4), p.get(j + 4), p.get(j)));
                }
            }
        }
    }

    private void shadows() {
        for (Walked.Run r : c.walked().runs()) {
            if (r.level()) {
                sheet.line(Pen.HIDDEN, view.at(floor(at(r.from()))), view.at(floor(at(r.to()))));
            }
        }
    }

    private void compressors() {
        for (String spot : c.walked().spots().keySet()) {
            boolean first = spot.equals(AirWalk.START);
            if (!first && c.walked().spots().get(spot).feed().isEmpty()) {
                continue;
            }
            Vector v = first ? at(spot) : floor(at(spot)).plus(new Vector(0, 0, 600));
            boolean known = c.feeds().containsKey(spot);
            Point p = view.at(floor(v));
            double w = Math.max(5, 420 * view.scale());
            double h = Math.max(7, Math.abs(view.at(v).y() - p.y()) * 0.9);
            Pen pen = known ? Pen.OUTLINE : Pen.SELECTED;
            sheet.rect(pen, known ? Fill.METAL : Fill.PAPER, p.x() - w, p.y(), p.x() + w, p.y() + h);
            sheet.add(new Shape.Disc(new Point(p.x(), p.y() + h), w * 0.55, pen, known ? Fill.METAL : Fill.PAPER));
            sheet.spot(Subject.COMPRESSOR, p.x() - w, p.y(), p.x() + w, p.y() + h + w);
            // At the edge of the paper the words stand inward.
            boolean left = p.x() < EDGE;
            boolean right = p.x() > WIDE - EDGE;
            sheet.label(
                    new Point(left ? p.x() - w : right ? p.x() + w : p.x(), p.y() - 8),
                    c.feeds().containsKey(spot) ? c.feeds().get(spot).name() : "compressor not chosen",
                    "",
                    Shape.Role.OVER,
                    left ? Shape.Anchor.START : right ? Shape.Anchor.END : Shape.Anchor.MIDDLE);
        }
    }

    /** Further receivers, hung on the main where the walk has them: after the piece before them. */
    private void tanks() {
        String at = AirWalk.START;
        for (Piece p : c.main().pieces()) {
            if (p instanceof Piece.Tank t && c.walked().spots().containsKey(at)) {
                Point o = view.at(at(at));
                sheet.rect(Pen.OUTLINE, Fill.METAL, o.x() - 4, o.y() - 13, o.x() + 4, o.y() - 3);
                if (labelled) {
                    sheet.label(
                            o.plus(6, -12),
                            t.name(),
                            new Figure.OfLitres(t.volume().litres()).text(c.units()),
                            Shape.Role.NAME,
                            Shape.Anchor.START);
                }
            } else if (p instanceof Piece.From f) {
                at = f.to();
            } else if (p instanceof Piece.Pipe || p instanceof Piece.Hose) {
                at = p.name();
            }
        }
    }

    private double half(Walked.Run r) {
        if (r.kind() == Walked.Kind.HOSE) {
            return THIN;
        }
        Optional<PipeSize> z = Optional.ofNullable(sized.get(r.name())).flatMap(Sized::size);
        double half =
                z.map(x -> Math.max(THIN, Math.min(FAT, x.outside().mm() / 18))).orElse(THIN);
        return detailed ? half : half * FINER;
    }

    private void run(Walked.Run r) {
        Point a = view.at(at(r.from()));
        Point b = view.at(at(r.to()));
        double n = Math.hypot(b.x() - a.x(), b.y() - a.y());
        if (n < 1e-6) {
            return;
        }
        double half = half(r);
        double dx = -(b.y() - a.y()) / n * half;
        double dy = (b.x() - a.x()) / n * half;
        boolean here = chosen.filter(r.piece().name()::equals).isPresent();
        boolean known =
                r.kind() == Walked.Kind.HOSE || sized.get(r.name()).size().isPresent();
        Pen pen = here ? Pen.SELECTED : !known ? Pen.MEASURED : detailed ? Pen.OUTLINE : Pen.THREAD;
        if (detailed && overTheTop(r)) {
            bow(a, pen, half);
        }
        sheet.path(
                pen,
                r.kind() == Walked.Kind.HOSE ? Fill.RUBBER : Fill.METAL,
                true,
                List.of(a.plus(dx, dy), b.plus(dx, dy), b.plus(-dx, -dy), a.plus(-dx, -dy)));
        sheet.spot(
                Subject.MAIN,
                Math.min(a.x(), b.x()) - 3,
                Math.min(a.y(), b.y()) - 3,
                Math.max(a.x(), b.x()) + 3,
                Math.max(a.y(), b.y()) + 3);
        if (here) {
            Point m = new Point((a.x() + b.x()) / 2, (a.y() + b.y()) / 2);
            sheet.label(
                    m.plus(0, 4),
                    r.piece().name(),
                    new Figure.OfReach(r.length()).text(c.units())
                            + Optional.ofNullable(sized.get(r.name()))
                                    .flatMap(Sized::size)
                                    .map(z -> ", " + z.name())
                                    .orElse(""),
                    Shape.Role.OVER,
                    Shape.Anchor.MIDDLE);
        }
    }

    /** Each rod from the pipe up, as long as it is; along the chosen piece with its length. */
    private void rods() {
        if (!detailed || c.work().isEmpty()) {
            return;
        }
        for (Stretch s : c.work().get().stretches()) {
            boolean here = s.runs().stream()
                    .anyMatch(r -> chosen.filter(r.piece().name()::equals).isPresent());
            for (Rods.Rod rod : c.work().get().rods(s)) {
                Vector on = at(s.from())
                        .plus(at(s.to())
                                .minus(at(s.from()))
                                .times(rod.along().mm() / s.centres().mm()));
                Point foot = view.at(on);
                Point top = view.at(on.plus(new Vector(0, 0, rod.length().mm())));
                sheet.path(here ? Pen.SELECTED : Pen.THREAD, Fill.NONE, false, List.of(foot, top));
                if (here) {
                    sheet.label(
                            top.plus(0, -9),
                            LengthFormat.shop(rod.length(), c.units()),
                            "",
                            Shape.Role.OVER,
                            Shape.Anchor.MIDDLE);
                }
            }
        }
    }

    private static boolean overTheTop(Walked.Run r) {
        return r.overTheTop();
    }

    /** A small bow over the top of the main. */
    private void bow(Point a, Pen pen, double half) {
        double up = 4.5 + half;
        sheet.path(
                pen,
                Fill.NONE,
                false,
                List.of(a, a.plus(0, up * 0.7), a.plus(half, up), a.plus(2 * half, up * 0.7), a.plus(half, 0)));
    }

    /** Which way the air goes in the worst case. */
    private void arrows() {
        for (NetworkFlow.InPipe p : c.together().flow().pipes()) {
            Sized s = sized.get(p.pipe().name());
            if (s == null
                    || s.run().kind() != Walked.Kind.MAIN
                    || FreeAir.of(p.flow(), AirReference.ISO1217).litresPerMinute() < 1) {
                continue;
            }
            Point a = view.at(at(p.forward() ? s.run().from() : s.run().to()));
            Point b = view.at(at(p.forward() ? s.run().to() : s.run().from()));
            double n = Math.hypot(b.x() - a.x(), b.y() - a.y());
            if (n < 12) {
                continue;
            }
            double ux = (b.x() - a.x()) / n;
            double uy = (b.y() - a.y()) / n;
            double size = half(s.run()) + 1.4;
            Point tip = new Point((a.x() + b.x()) / 2 + ux * size, (a.y() + b.y()) / 2 + uy * size);
            sheet.path(
                    Pen.NONE,
                    Fill.BLACK,
                    true,
                    List.of(
                            tip,
                            tip.plus(-2.2 * size * ux - size * uy, -2.2 * size * uy + size * ux),
                            tip.plus(-2.2 * size * ux + size * uy, -2.2 * size * uy - size * ux)));
        }
    }

    /** Where the chosen piece seals: across the pipe at both of its ends. */
    private void glow() {
        for (Walked.Run r : c.walked().runs()) {
            if (chosen.filter(r.piece().name()::equals).isEmpty()) {
                continue;
            }
            Point a = view.at(at(r.from()));
            Point b = view.at(at(r.to()));
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

    /** Fittings as small knots; open ends as a ring. */
    private void joints() {
        for (Joints.Joint j : c.joints().all()) {
            boolean wrong = j.kind() == Joints.Kind.OPEN || j.kind() == Joints.Kind.NONE;
            if (!detailed && !wrong && !j.spot().valve()) {
                continue;
            }
            Point p = view.at(at(j.spot().name()));
            switch (j.kind()) {
                case ELBOW, TEE, TWO_TEES -> sheet.add(new Shape.Disc(p, 2.2, Pen.THREAD, Fill.METAL));
                case OPEN -> sheet.add(new Shape.Disc(p, 3, Pen.STOP, Fill.NONE));
                case NONE -> sheet.add(new Shape.Disc(p, 4, Pen.STOP, Fill.NONE));
                case END, THROUGH -> {}
            }
            if (j.spot().valve()) {
                valve(p);
            }
            boolean leg = j.meeting().stream()
                    .anyMatch(r -> r.kind() == Walked.Kind.LEG
                            && r.to().equals(j.spot().name()));
            if (leg) {
                valve(p);
            }
        }
    }

    private void valve(Point p) {
        sheet.path(
                Pen.THREAD,
                Fill.PAPER,
                true,
                List.of(p.plus(-2.4, -1.6), p.plus(2.4, 1.6), p.plus(2.4, -1.6), p.plus(-2.4, 1.6)));
    }

    private void outlets() {
        Lettering lettering = new Lettering(c.walked().runs().stream()
                .map(r -> new Lettering.Line(view.at(at(r.from())), view.at(at(r.to()))))
                .toList());
        for (Walked.Run r : c.walked().runs()) {
            if (r.kind() != Walked.Kind.DROP) {
                continue;
            }
            Point p = view.at(at(r.to()));
            sheet.add(new Shape.Disc(p, detailed ? 2.6 : 1.3, detailed ? Pen.OUTLINE : Pen.THREAD, Fill.PAPER));
            sheet.spot(Subject.OUTLET, p.x() - 6, p.y() - 6, p.x() + 6, p.y() + 6);
            boolean running = c.together().scenario().running().containsKey(r.to());
            boolean told = stopped.contains(r.to());
            if (labelled || told || chosen.filter(r.to()::equals).isPresent()) {
                String under = running
                        ? c.pressure(AirCase.toolAt(r.to()))
                                .map(x -> Figure.of(x).text(c.units()))
                                .orElse("no air")
                        : "";
                Lettering.Place place = lettering.beside(p, r.to(), under);
                sheet.label(place.at(), r.to(), under, Shape.Role.OVER, place.anchor());
            }
        }
    }

    /** A drop of water where it stays. */
    private void water() {
        for (String spot : c.fall().holding()) {
            if (c.fall().way() == Fall.Way.LEVEL || c.main().fall() == 0) {
                return;
            }
            Point p = view.at(at(spot)).plus(0, -7);
            sheet.path(
                    Pen.MEASURED,
                    Fill.NONE,
                    true,
                    List.of(
                            p.plus(0, 4),
                            p.plus(1.8, 0.6),
                            p.plus(1.6, -1.2),
                            p.plus(0, -2),
                            p.plus(-1.6, -1.2),
                            p.plus(-1.8, 0.6)));
        }
    }

    private void marks() {
        for (String name : stopped) {
            place(name).ifPresent(p -> sheet.stopMark(p.plus(-7, 6)));
        }
        for (String name : warned) {
            if (!stopped.contains(name)) {
                place(name)
                        .ifPresent(p -> sheet.path(
                                Pen.WARN,
                                Fill.PAPER,
                                true,
                                List.of(p.plus(-7, 9), p.plus(-4, 6), p.plus(-7, 3), p.plus(-10, 6))));
            }
        }
    }

    private Optional<Point> place(String name) {
        return c.walked().spots().containsKey(name) ? Optional.of(view.at(at(name))) : Optional.empty();
    }
}
