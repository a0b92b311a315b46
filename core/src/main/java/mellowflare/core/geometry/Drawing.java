package mellowflare.core.geometry;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.stream.DoubleStream;
import mellowflare.core.advice.Severity;
import mellowflare.core.advice.Subject;

/**
 * A finished drawing.
 *
 * @param shapes in painting order
 * @param box the part of the plane that must be seen
 * @param spots where parts of the line can be pressed
 */
public record Drawing(List<Shape> shapes, Box box, List<Spot> spots) {
    public Drawing {
        shapes = List.copyOf(shapes);
        spots = List.copyOf(spots);
    }

    /**
     * A rectangle.
     *
     * @param left (mm)
     * @param bottom (mm)
     * @param right (mm), not left of {@code left}
     * @param top (mm), not below {@code bottom}
     */
    public record Box(double left, double bottom, double right, double top) {
        public double width() {
            return right - left;
        }

        public double height() {
            return top - bottom;
        }

        public boolean holds(Point p) {
            return p.x() >= left && p.x() <= right && p.y() >= bottom && p.y() <= top;
        }
    }

    /**
     * A place that stands for a part of the line.
     *
     * @param part its name, as the tables of the line call it; blank where it has none
     */
    public record Spot(Subject subject, Box box, String part) {
        double size() {
            return box.width() * box.height();
        }
    }

    /** Places with a part of a name of its own at a point, the smallest first. */
    public List<Spot> named(Point at) {
        return spots.stream()
                .filter(s -> !s.part().isBlank() && s.box().holds(at))
                .sorted(Comparator.comparingDouble(Spot::size))
                .toList();
    }

    /** With a mark at each part of which something failed, as far as the drawing shows that part. */
    public Drawing marked(Map<Subject, Severity> worst) {
        Sheet sheet = new Sheet();
        sheet.shapes.addAll(shapes);
        sheet.spots.addAll(spots);
        for (Map.Entry<Subject, Severity> each : worst.entrySet()) {
            List<Spot> places =
                    spots.stream().filter(s -> s.subject() == each.getKey()).toList();
            if (!places.isEmpty()) {
                Box box = places.get(places.size() / 2).box();
                sheet.mark(each.getValue(), new Point(box.right() + 4, box.top() + 4));
            }
        }
        return sheet.done(box.left(), box.bottom(), box.right(), box.top());
    }

    /** The same without its names, where they would be too small to read, or too large. */
    public Drawing wordless() {
        return new Drawing(
                shapes.stream().filter(s -> !(s instanceof Shape.Label)).toList(), box, spots);
    }

    /** The same without what stands under its names, where there is no room for both. */
    public Drawing brief() {
        return new Drawing(
                shapes.stream()
                        .map(s -> s instanceof Shape.Label l
                                ? new Shape.Label(l.at(), l.text(), "", l.role(), l.anchor())
                                : s)
                        .toList(),
                box,
                spots);
    }

    /** All glowing lines. */
    public List<Shape.Glow> glows() {
        return shapes.stream()
                .filter(Shape.Glow.class::isInstance)
                .map(Shape.Glow.class::cast)
                .toList();
    }

    /** All dimensions. */
    public List<Shape.Dimension> dimensions() {
        return shapes.stream()
                .filter(Shape.Dimension.class::isInstance)
                .map(Shape.Dimension.class::cast)
                .toList();
    }

    /** Gathers shapes. */
    public static final class Sheet {
        private final List<Shape> shapes = new ArrayList<>();
        private final List<Spot> spots = new ArrayList<>();

        public Sheet add(Shape shape) {
            shapes.add(shape);
            return this;
        }

        public Sheet path(Pen pen, Fill fill, boolean closed, List<Point> points) {
            return add(new Shape.Path(points, closed, pen, fill));
        }

        public Sheet line(Pen pen, Point from, Point to) {
            return path(pen, Fill.NONE, false, List.of(from, to));
        }

        public Sheet rect(Pen pen, Fill fill, double left, double bottom, double right, double top) {
            return path(
                    pen,
                    fill,
                    true,
                    List.of(
                            new Point(left, bottom),
                            new Point(right, bottom),
                            new Point(right, top),
                            new Point(left, top)));
        }

        public Sheet glow(Point... points) {
            return add(new Shape.Glow(List.of(points)));
        }

        public Sheet label(Point at, String text, String under, Shape.Role role, Shape.Anchor anchor) {
            return add(new Shape.Label(at, text, under, role, anchor));
        }

        /** The small octagon of a stop. */
        private Sheet stopMark(Point at) {
            List<Point> octagon = new ArrayList<>();
            for (int i = 0; i < 8; i++) {
                double t = Math.PI / 8 + i * Math.PI / 4;
                octagon.add(at.plus(5 * Math.cos(t), 5 * Math.sin(t)));
            }
            path(Pen.STOP, Fill.PAPER, true, octagon);
            line(Pen.STOP, at.plus(0, 2.6), at.plus(0, -0.6));
            return line(Pen.STOP, at.plus(0, -2.2), at.plus(0, -2.6));
        }

        /** The small diamond of a warning. */
        private Sheet warnMark(Point at) {
            path(
                    Pen.WARN,
                    Fill.PAPER,
                    true,
                    List.of(at.plus(0, 5.5), at.plus(5.5, 0), at.plus(0, -5.5), at.plus(-5.5, 0)));
            line(Pen.WARN, at.plus(0, 2.4), at.plus(0, -0.8));
            return line(Pen.WARN, at.plus(0, -2.2), at.plus(0, -2.6));
        }

        /** The mark of a part, if something failed about it. */
        public Sheet mark(Map<Subject, Severity> worst, Subject about, Point at) {
            return worst.containsKey(about) ? mark(worst.get(about), at) : this;
        }

        /** What failed here: an octagon for a stop, a diamond for a warning. */
        public Sheet mark(Severity severity, Point at) {
            return switch (severity) {
                case STOP -> stopMark(at);
                case WARN -> warnMark(at);
                case NOTE -> this;
            };
        }

        public Sheet spot(Subject subject, double left, double bottom, double right, double top) {
            return spot(subject, "", left, bottom, right, top);
        }

        /** A place with the name that its part has in the tables. */
        public Sheet spot(Subject subject, String part, double left, double bottom, double right, double top) {
            spots.add(new Spot(subject, new Box(left, bottom, right, top), part));
            return this;
        }

        /** How high its lines reach; zero for a sheet without any. */
        public double top() {
            return shapes.stream()
                    .flatMapToDouble(s -> s instanceof Shape.Path p
                            ? p.points().stream().mapToDouble(Point::y)
                            : s instanceof Shape.Disc d
                                    ? DoubleStream.of(d.centre().y() + d.radius())
                                    : DoubleStream.empty())
                    .max()
                    .orElse(0);
        }

        public Drawing done(double left, double bottom, double right, double top) {
            return new Drawing(shapes, new Box(left, bottom, right, top), spots);
        }
    }
}
