package mellowflare.core.tube.draw;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import mellowflare.core.advice.Subject;
import mellowflare.core.geometry.BentPath;
import mellowflare.core.geometry.Drawing;
import mellowflare.core.geometry.Fill;
import mellowflare.core.geometry.Pen;
import mellowflare.core.geometry.Point;
import mellowflare.core.geometry.Pose;
import mellowflare.core.geometry.Shape;
import mellowflare.core.geometry.Sight;
import mellowflare.core.geometry.Vector;
import mellowflare.core.measure.Length;
import mellowflare.core.measure.LengthFormat;
import mellowflare.core.tube.line.TubeCase;
import mellowflare.core.tube.stock.Tube;

/**
 * The shape of a tube as a picture that can be turned, and beside it from above, from the right and from behind, with what it measures over all. To scale; the ends glow where they seal; where what was
 * measured makes no tube its corners stand dashed and the trouble is marked.
 */
public final class ShapeDrawing {
    private static final double ARC_STEP = Math.toRadians(22.5);
    private static final Length THIN = Length.ofMm(10);
    /** With more corners than this only every fifth is numbered. */
    private static final int NUMBERED = 16;

    private final TubeCase c;
    private final List<Vector> corners;
    private final double outside;
    private final double floor;
    private final Optional<Integer> chosen;
    private final Drawing.Sheet sheet = new Drawing.Sheet();

    private ShapeDrawing(TubeCase c, Optional<Integer> chosen) {
        this.c = c;
        this.corners = c.shape().corners();
        this.outside = c.tube().map(Tube::outside).orElse(THIN).mm();
        this.floor = corners.stream().mapToDouble(Vector::z).min().orElse(0) - outside;
        this.chosen = chosen;
    }

    /**
     * The page's picture.
     *
     * @param c the line
     * @param turn how far it is turned about the upright (degrees)
     * @param tilt how far it is looked down on (degrees)
     * @param chosen the corner that is worked on, counted from 0 over all corners
     * @return empty while nothing with a shape was measured
     */
    public static Optional<Drawing> page(TubeCase c, double turn, double tilt, Optional<Integer> chosen) {
        return page(c, turn, tilt, chosen, Layout.WIDE);
    }

    /** How the views stand beside each other. */
    public enum Layout {
        /** The flat views at the right of the large one. */
        WIDE,
        /** The flat views below the large one. */
        TALL
    }

    /** The page's picture, laid out for a wide or a tall place. */
    public static Optional<Drawing> page(
            TubeCase c, double turn, double tilt, Optional<Integer> chosen, Layout layout) {
        return c.shape().corners().size() < 2
                ? Optional.empty()
                : Optional.of(new ShapeDrawing(c, chosen).draw(turn, tilt, layout));
    }

    private Drawing draw(double turn, double tilt, Layout layout) {
        List<Pose> way = way();
        List<Vector> all = new ArrayList<>(corners);
        way.forEach(p -> all.add(p.at()));
        for (Vector end : List.of(corners.get(0), corners.get(corners.size() - 1))) {
            roundIt(end).forEach(all::add);
        }
        List<Vector> withShadow = new ArrayList<>(all);
        all.forEach(v -> withShadow.add(shadow(v)));
        Sight large = layout == Layout.WIDE
                ? Sight.turned(turn, tilt).fitted(withShadow, 28, 14, 174, 128)
                : Sight.turned(turn, tilt).fitted(withShadow, 14, 104, 272, 150);
        shadow(large, way);
        tube(large, way);
        numbers(large);
        ends(large, way, true);
        axes(large, layout == Layout.WIDE ? new Point(0, -2) : new Point(2, 92));
        Sight[] sights = {Sight.ABOVE, Sight.FROM_RIGHT, Sight.FROM_BEHIND};
        String[] names = {
            Say.it("shape-drawing.from-above"), Say.it("shape-drawing.from-right"), Say.it("shape-drawing.from-behind")
        };
        for (int i = 0; i < 3; i++) {
            if (layout == Layout.WIDE) {
                flat(sights[i].fitted(all, 266 + 104 * i, 34, 62, 66), way, names[i], new Point(256 + 104 * i, 120));
            } else {
                flat(sights[i].fitted(all, 30 + 102 * i, 14, 62, 40), way, names[i], new Point(24 + 102 * i, 66));
            }
        }
        return layout == Layout.WIDE ? sheet.done(-8, -8, 548, 152) : sheet.done(-4, -8, 308, 268);
    }

    /** Places along the centre line; of arcs a few, of straights their ends. */
    private List<Pose> way() {
        if (c.shape().path().isEmpty()) {
            return List.of();
        }
        BentPath path = c.shape().path().get();
        Vector first = next(0);
        Vector normal = path.bends().isEmpty() ? first.square() : normal(first);
        return path.curve(corners.get(0), first, normal).byTurn(ARC_STEP);
    }

    /** The way from a corner to the next. */
    private Vector next(int corner) {
        return corners.get(corner + 1).minus(corners.get(corner)).unit();
    }

    /** Normal of the first bend, in the frame that was measured in. */
    private Vector normal(Vector first) {
        for (int i = 1; i + 1 < corners.size(); i++) {
            Vector n = first.cross(next(i));
            if (n.length() > 1e-4) {
                return n.unit();
            }
        }
        return first.square();
    }

    private void tube(Sight view, List<Pose> way) {
        List<Point> legs = corners.stream().map(view::at).toList();
        if (way.isEmpty()) {
            sheet.path(Pen.MEASURED, Fill.NONE, false, legs);
            c.shape().trouble().ifPresent(t -> {
                Point p = view.at(corners.get(Math.min(t.corner(), corners.size() - 1)));
                sheet.add(new Shape.Disc(p, 6, Pen.STOP, Fill.NONE));
            });
            return;
        }
        sheet.path(Pen.MEASURED, Fill.NONE, false, legs);
        view.bar(sheet, way, Math.max(1.8, view.scale() * outside / 2));
    }

    /** Room for the nut; and a straight tube seen end on is not blown up to the whole picture. */
    private Stream<Vector> roundIt(Vector end) {
        double d = outside * 1.5;
        return Stream.of(new Vector(d, 0, 0), new Vector(0, d, 0), new Vector(0, 0, d))
                .flatMap(v -> Stream.of(end.plus(v), end.minus(v)));
    }

    /** What lies under a place, just below the lowest corner. */
    private Vector shadow(Vector v) {
        return new Vector(v.x(), v.y(), floor);
    }

    private void shadow(Sight view, List<Pose> way) {
        List<Vector> line = way.isEmpty() ? corners : way.stream().map(Pose::at).toList();
        sheet.path(
                Pen.HIDDEN,
                Fill.NONE,
                false,
                line.stream().map(v -> view.at(shadow(v))).toList());
        for (Vector v : List.of(corners.get(0), corners.get(corners.size() - 1))) {
            sheet.line(Pen.HIDDEN, view.at(v), view.at(shadow(v)));
        }
    }

    private void numbers(Sight view) {
        for (int i = 1; i + 1 < corners.size(); i++) {
            Point p = view.at(corners.get(i));
            boolean now = chosen.filter(Integer.valueOf(i)::equals).isPresent();
            if (now) {
                sheet.add(new Shape.Disc(p, 5, Pen.SELECTED, Fill.NONE));
            }
            if (now || corners.size() <= NUMBERED || (i + 1) % 5 == 0) {
                sheet.label(p.plus(0, 7), Integer.toString(i + 1), "", Shape.Role.NAME, Shape.Anchor.MIDDLE);
            }
            sheet.spot(Subject.SHAPE, Integer.toString(i), p.x() - 6, p.y() - 6, p.x() + 6, p.y() + 6);
        }
    }

    private void ends(Sight view, List<Pose> way, boolean named) {
        int last = corners.size() - 1;
        Vector outA = way.isEmpty() ? toward(1, 0) : way.get(0).toward().times(-1);
        Vector outB =
                way.isEmpty() ? toward(last - 1, last) : way.get(way.size() - 1).toward();
        end(view, corners.get(0), outA, c.a().port().place(), "1", named, Subject.TUBE_END_A);
        end(view, corners.get(last), outB, c.b().port().place(), Integer.toString(last + 1), named, Subject.TUBE_END_B);
    }

    private Vector toward(int from, int to) {
        Vector d = corners.get(to).minus(corners.get(from));
        return d.length() > 0 ? d.unit() : new Vector(1, 0, 0);
    }

    /** A nut over the end, and the rim glowing where it seals. */
    private void end(Sight view, Vector at, Vector out, String name, String number, boolean named, Subject subject) {
        double radius = Math.max(outside * 0.8, 4.2 / view.scale());
        List<Point> front = view.ring(at, out, radius);
        List<Point> back = view.ring(at.minus(out.times(radius * 1.8)), out, radius);
        sheet.path(Pen.OUTLINE, Fill.METAL, true, back);
        for (int i = 0; i < front.size() - 1; i += 6) {
            sheet.line(Pen.FINE, front.get(i), back.get(i));
        }
        sheet.add(new Shape.Glow(front));
        Point p = view.at(at);
        sheet.spot(subject, p.x() - 9, p.y() - 9, p.x() + 9, p.y() + 9);
        if (named) {
            Point text = view.at(at.plus(out.times(radius * 2))).plus(0, -11);
            sheet.label(text, number + "  " + name, "", Shape.Role.NAME, Shape.Anchor.MIDDLE);
        }
    }

    private void axes(Sight view, Point o) {
        double size = 22 / view.scale();
        Point origin = view.at(Vector.ZERO);
        String[] names = {"x", "y", "z"};
        Vector[] ways = {new Vector(size, 0, 0), new Vector(0, size, 0), new Vector(0, 0, size)};
        for (int i = 0; i < 3; i++) {
            Point p = view.at(ways[i]);
            Point tip = o.plus(p.x() - origin.x(), p.y() - origin.y());
            sheet.line(Pen.FINE, o, tip);
            sheet.label(tip.plus(0, 1), names[i], "", Shape.Role.NAME, Shape.Anchor.START);
        }
    }

    private void flat(Sight view, List<Pose> way, String name, Point at) {
        tube(view, way);
        ends(view, way, false);
        sheet.label(at, name, "", Shape.Role.NAME, Shape.Anchor.START);
        over(view);
    }

    /** What the centre line measures over all in this view. */
    private void over(Sight view) {
        double l = Double.POSITIVE_INFINITY;
        double r = Double.NEGATIVE_INFINITY;
        double b = Double.POSITIVE_INFINITY;
        double t = Double.NEGATIVE_INFINITY;
        for (Vector v : corners) {
            Point p = view.at(v);
            l = Math.min(l, p.x());
            r = Math.max(r, p.x());
            b = Math.min(b, p.y());
            t = Math.max(t, p.y());
        }
        if (r - l > 12) {
            sheet.add(new Shape.Dimension(
                    new Point(l, b - 1), new Point(r, b - 1), -1, shop((r - l) / view.scale()), true));
        }
        if (t - b > 12) {
            sheet.add(new Shape.Dimension(
                    new Point(l - 1, b), new Point(l - 1, t), 1, shop((t - b) / view.scale()), true));
        }
    }

    private String shop(double mm) {
        return LengthFormat.shop(Length.ofMm(mm), c.units());
    }
}
