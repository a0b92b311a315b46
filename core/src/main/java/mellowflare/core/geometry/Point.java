package mellowflare.core.geometry;

/**
 * A place in the plane of a drawing; x to the right, y upward.
 *
 * @param x (mm)
 * @param y (mm)
 */
public record Point(double x, double y) {
    public Point plus(double dx, double dy) {
        return new Point(x + dx, y + dy);
    }

    /** Mirrored in the x axis. */
    public Point mirrored() {
        return new Point(x, -y);
    }
}
