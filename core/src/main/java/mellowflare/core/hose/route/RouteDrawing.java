package mellowflare.core.hose.route;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import mellowflare.core.advice.Subject;
import mellowflare.core.geometry.Curve;
import mellowflare.core.geometry.Drawing;
import mellowflare.core.geometry.Fill;
import mellowflare.core.geometry.Pen;
import mellowflare.core.geometry.Point;
import mellowflare.core.geometry.Pose;
import mellowflare.core.geometry.Shape;
import mellowflare.core.geometry.Sight;
import mellowflare.core.geometry.Vector;
import mellowflare.core.measure.CoordinateText;
import mellowflare.core.measure.Length;
import mellowflare.core.measure.LengthFormat;
import mellowflare.core.measure.UnitSystem;

/**
 * The way of a hose as a picture that can be turned, and beside it from above and from the side. To scale; sealing points glow; the way at rest lies with
 * its shadow on the floor.
 */
public final class RouteDrawing {
    private static final double STEP = 12;
    private final RouteSketch sketch;
    private final Optional<RoutePlan> plan;
    private final double outside;
    private final UnitSystem units;
    private final String nameA;
    private final String nameB;
    private final Drawing.Sheet sheet = new Drawing.Sheet();

    private RouteDrawing(
            RouteSketch sketch,
            Optional<RoutePlan> plan,
            Length outside,
            UnitSystem units,
            String nameA,
            String nameB) {
        this.sketch = sketch;
        this.plan = plan;
        this.outside = outside.mm();
        this.units = units;
        this.nameA = nameA;
        this.nameB = nameB;
    }

    /**
     * @param sketch what was measured
     * @param plan the way; empty while no hose is chosen
     * @param outside of the hose
     * @param turn how far the picture is turned about the upright (degrees)
     * @param tilt how far it is looked down on (degrees), 0 from the side, 90 from above
     * @param units for the figures
     * @param nameA what port A belongs to
     * @param nameB what port B belongs to
     */
    public static Drawing of(
            RouteSketch sketch,
            Optional<RoutePlan> plan,
            Length outside,
            double turn,
            double tilt,
            UnitSystem units,
            String nameA,
            String nameB) {
        return new RouteDrawing(sketch, plan, outside, units, nameA, nameB).draw(turn, tilt);
    }

    private Drawing draw(double turn, double tilt) {
        List<Vector> all = everything();
        // The large picture takes a field of 300 x 170, the two small ones 120 x 80 each at its right.
        Sight large = Sight.turned(turn, tilt).fitted(all, 0, 0, 300, 170);
        shadow(large);
        boxes(large, true);
        hose(large);
        ports(large, true);
        spots(large);
        axes(large);
        Sight above = Sight.ABOVE.fitted(all, 340, 112, 120, 60);
        flat(above, Say.it("route-drawing.from-above"), 340, 178);
        extents(above, new Vector(1, 0, 0), -1);
        Sight side = Sight.FROM_RIGHT.fitted(all, 340, 0, 120, 60);
        flat(side, Say.it("route-drawing.from-right"), 340, 68);
        return sheet.done(-14, -14, 474, 188);
    }

    private void spots(Sight view) {
        spot(Subject.END_A, view.at(sketch.a().at()));
        spot(Subject.END_B, view.at(sketch.b().at()));
        curve().ifPresent(c -> {
            List<Pose> way = c.along(STEP);
            spot(Subject.HOSE, view.at(way.get(way.size() / 2).at()));
            spot(Subject.ROUTE, view.at(way.get(way.size() / 4).at()));
        });
    }

    private void spot(Subject subject, Point p) {
        sheet.spot(subject, p.x() - 7, p.y() - 7, p.x() + 7, p.y() + 7);
    }

    private List<Vector> everything() {
        List<Vector> all = new ArrayList<>(List.of(sketch.a().at(), sketch.b().at()));
        all.addAll(sketch.clamps());
        sketch.keepOuts().forEach(k -> all.addAll(corners(k)));
        curve().ifPresent(c -> c.along(STEP * 3).forEach(p -> all.add(p.at())));
        sketch.motion().forEach(m -> all.add(sketch.b().at().plus(m)));
        all.add(sketch.a().at().plus(sketch.a().out().times(60)));
        all.add(sketch.b().at().plus(sketch.b().out().times(60)));
        return all;
    }

    private Optional<Curve> curve() {
        return plan.flatMap(RoutePlan::curve);
    }

    private void flat(Sight view, String name, double x, double y) {
        boxes(view, false);
        hose(view);
        ports(view, false);
        sheet.label(new Point(x, y), name, "", Shape.Role.NAME, Shape.Anchor.START);
    }

    private double floor() {
        return everything().stream().mapToDouble(Vector::z).min().orElse(0) - outside;
    }

    private void shadow(Sight view) {
        double z = floor();
        curve().ifPresent(c -> sheet.path(
                Pen.HIDDEN,
                Fill.NONE,
                false,
                c.along(STEP).stream()
                        .map(p -> view.at(new Vector(p.at().x(), p.at().y(), z)))
                        .toList()));
        for (Vector v : List.of(sketch.a().at(), sketch.b().at())) {
            sheet.line(Pen.HIDDEN, view.at(v), view.at(new Vector(v.x(), v.y(), z)));
        }
    }

    private static List<Vector> corners(KeepOut k) {
        List<Vector> all = new ArrayList<>();
        for (double x : new double[] {k.low().x(), k.high().x()}) {
            for (double y : new double[] {k.low().y(), k.high().y()}) {
                for (double z : new double[] {k.low().z(), k.high().z()}) {
                    all.add(new Vector(x, y, z));
                }
            }
        }
        return all;
    }

    private void boxes(Sight view, boolean named) {
        for (KeepOut k : sketch.keepOuts()) {
            List<Vector> c = corners(k);
            for (int i = 0; i < 8; i++) {
                for (int bit = 1; bit < 8; bit <<= 1) {
                    if ((i & bit) == 0) {
                        sheet.line(Pen.THREAD, view.at(c.get(i)), view.at(c.get(i | bit)));
                    }
                }
            }
            if (named) {
                Point top = c.stream()
                        .map(view::at)
                        .max((p, q) -> Double.compare(p.y(), q.y()))
                        .orElseThrow();
                sheet.label(top.plus(0, 4), k.name(), "", Shape.Role.NAME, Shape.Anchor.MIDDLE);
            }
        }
        for (Vector v : sketch.clamps()) {
            sheet.add(new Shape.Disc(view.at(v), 3.2, Pen.OUTLINE, Fill.METAL));
        }
        for (Vector m : sketch.motion()) {
            Point to = view.at(sketch.b().at().plus(m));
            sheet.line(Pen.MEASURED, view.at(sketch.b().at()), to);
            sheet.add(new Shape.Disc(to, 2.2, Pen.MEASURED, Fill.NONE));
        }
    }

    private void hose(Sight view) {
        if (curve().isEmpty()) {
            return;
        }
        List<Pose> way = curve().get().along(STEP);
        view.bar(sheet, way, Math.max(1.6, view.scale() * outside / 2));
        Point mid = view.at(way.get(way.size() / 2).at());
        sheet.spot(Subject.HOSE, mid.x() - 20, mid.y() - 12, mid.x() + 20, mid.y() + 12);
    }

    private void ports(Sight view, boolean named) {
        port(view, sketch.a(), nameA, named, Subject.END_A);
        port(view, sketch.b(), nameB, named, Subject.END_B);
    }

    /** A short stub into the machine, and the sealing ring glowing round the port. */
    private void port(Sight view, PortAt port, String name, boolean named, Subject subject) {
        double radius = Math.max(outside * 0.55, 5 / view.scale());
        List<Point> ring = view.ring(port.at(), port.out(), radius);
        List<Point> back = view.ring(port.at().minus(port.out().times(radius * 2.2)), port.out(), radius);
        sheet.path(Pen.OUTLINE, Fill.METAL, true, back);
        for (int i = 0; i < ring.size() - 1; i += ring.size() / 4) {
            sheet.line(Pen.FINE, ring.get(i), back.get(i));
        }
        sheet.add(new Shape.Glow(ring));
        Point c = view.at(port.at());
        sheet.spot(subject, c.x() - 9, c.y() - 9, c.x() + 9, c.y() + 9);
        if (named) {
            sheet.label(
                    view.at(port.at().minus(port.out().times(radius * 3.2))).plus(0, -9),
                    name,
                    place(port.at()),
                    Shape.Role.NAME,
                    Shape.Anchor.MIDDLE);
        }
    }

    private String place(Vector v) {
        return CoordinateText.text(v.x(), units) + ", " + CoordinateText.text(v.y(), units) + ", "
                + CoordinateText.text(v.z(), units);
    }

    private void axes(Sight view) {
        double size = 26 / view.scale();
        Point o = new Point(4, 2);
        Point origin = view.at(Vector.ZERO);
        for (Toward t : List.of(Toward.FORWARD, Toward.LEFT, Toward.UP)) {
            Point p = view.at(t.direction().times(size));
            Point tip = o.plus(p.x() - origin.x(), p.y() - origin.y());
            sheet.line(Pen.FINE, o, tip);
            sheet.label(tip.plus(0, 1), t.word(), "", Shape.Role.NAME, Shape.Anchor.START);
        }
    }

    /** How far apart the ports are, forward in the view from above. */
    private void extents(Sight view, Vector along, int rank) {
        double apart = sketch.b().at().minus(sketch.a().at()).dot(along);
        Point a = view.at(sketch.a().at());
        Point b = view.at(sketch.b().at());
        if (Math.abs(b.x() - a.x()) > 20) {
            sheet.add(new Shape.Dimension(
                    new Point(Math.min(a.x(), b.x()), Math.min(a.y(), b.y())),
                    new Point(Math.max(a.x(), b.x()), Math.min(a.y(), b.y())),
                    rank,
                    LengthFormat.shop(Length.ofMm(Math.abs(apart)), units),
                    true));
        }
    }
}
