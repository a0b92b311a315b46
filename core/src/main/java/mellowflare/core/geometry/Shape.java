package mellowflare.core.geometry;

import java.util.List;

/** One thing in a drawing. Lengths are millimetres of the part; texts and offsets of dimensions are the painter's. */
public sealed interface Shape {

    /** Straight lines from point to point. */
    record Path(List<Point> points, boolean closed, Pen pen, Fill fill) implements Shape {
        public Path {
            points = List.copyOf(points);
        }
    }

    /**
     * A full circle.
     *
     * @param radius (mm)
     */
    record Disc(Point centre, double radius, Pen pen, Fill fill) implements Shape {}

    /** The sealing surface along a line: the one thing that glows. */
    record Glow(List<Point> points) implements Shape {
        public Glow {
            points = List.copyOf(points);
        }
    }

    /**
     * A text at a point.
     *
     * @param at where it stands
     * @param text the text
     * @param under a smaller line under it, may be empty
     * @param role what it is for
     * @param anchor which part of it stands at the point
     */
    record Label(Point at, String text, String under, Role role, Anchor anchor) implements Shape {}

    /**
     * A dimension between two points.
     *
     * @param from first point
     * @param to second point
     * @param rank how far out it stands, in steps of the painter; negative goes to the other side
     * @param text the figure
     * @param measured whether it shows what was measured (else what follows)
     */
    record Dimension(Point from, Point to, int rank, String text, boolean measured) implements Shape {}

    /** A line from a text to what it speaks of. */
    record Leader(Point from, Point to, String text) implements Shape {}

    /** What a text is for. */
    enum Role {
        NAME,
        /** A name that may lie over lines: they are kept clear of it. */
        OVER,
        OPEN
    }

    /** Which part of a text stands at its point. */
    enum Anchor {
        START,
        MIDDLE,
        END
    }
}
