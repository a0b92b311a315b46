package mellowflare.core.geometry;

import java.util.List;

/** One thing in a drawing. Lengths are millimetres of the part; texts and offsets of dimensions are the painter's. */
public sealed interface Shape {

    /** Has itself painted. */
    <X extends Exception> void paint(Painter<X> painter) throws X;

    /**
     * Draws every kind of shape: a new kind does not compile until each painter says what becomes of it.
     *
     * @param <X> what painting may throw
     */
    interface Painter<X extends Exception> {
        void path(Path p) throws X;

        void disc(Disc d) throws X;

        void glow(Glow g) throws X;

        void label(Label l) throws X;

        void dimension(Dimension d) throws X;

        void leader(Leader l) throws X;
    }

    /** Straight lines from point to point. */
    record Path(List<Point> points, boolean closed, Pen pen, Fill fill) implements Shape {
        public Path {
            points = List.copyOf(points);
        }

        @Override
        public <X extends Exception> void paint(Painter<X> painter) throws X {
            painter.path(this);
        }
    }

    /**
     * A full circle.
     *
     * @param radius (mm)
     */
    record Disc(Point centre, double radius, Pen pen, Fill fill) implements Shape {
        @Override
        public <X extends Exception> void paint(Painter<X> painter) throws X {
            painter.disc(this);
        }
    }

    /** The sealing surface along a line: the one thing that glows. */
    record Glow(List<Point> points) implements Shape {
        public Glow {
            points = List.copyOf(points);
        }

        @Override
        public <X extends Exception> void paint(Painter<X> painter) throws X {
            painter.glow(this);
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
    record Label(Point at, String text, String under, Role role, Anchor anchor) implements Shape {
        @Override
        public <X extends Exception> void paint(Painter<X> painter) throws X {
            painter.label(this);
        }
    }

    /**
     * A dimension between two points.
     *
     * @param from first point
     * @param to second point
     * @param rank how far out it stands, in steps of the painter; negative goes to the other side
     * @param text the figure
     * @param measured whether it shows what was measured (else what follows)
     */
    record Dimension(Point from, Point to, int rank, String text, boolean measured) implements Shape {
        @Override
        public <X extends Exception> void paint(Painter<X> painter) throws X {
            painter.dimension(this);
        }
    }

    /** A line from a text to what it speaks of. */
    record Leader(Point from, Point to, String text) implements Shape {
        @Override
        public <X extends Exception> void paint(Painter<X> painter) throws X {
            painter.leader(this);
        }
    }

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
