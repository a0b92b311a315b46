package mellowflare.core.geometry;

/**
 * A place or a direction in space.
 *
 * @param x (mm, or a share for directions)
 * @param y as x
 * @param z as x
 */
public record Vector(double x, double y, double z) {
    public static final Vector ZERO = new Vector(0, 0, 0);

    public Vector plus(Vector o) {
        return new Vector(x + o.x, y + o.y, z + o.z);
    }

    public Vector minus(Vector o) {
        return new Vector(x - o.x, y - o.y, z - o.z);
    }

    public Vector times(double factor) {
        return new Vector(x * factor, y * factor, z * factor);
    }

    public double dot(Vector o) {
        return x * o.x + y * o.y + z * o.z;
    }

    public Vector cross(Vector o) {
        return new Vector(y * o.z - z * o.y, z * o.x - x * o.z, x * o.y - y * o.x);
    }

    public double length() {
        return Math.sqrt(dot(this));
    }

    /**
     * The direction alone.
     *
     * @throws IllegalArgumentException for a vector without length
     */
    public Vector unit() {
        double length = length();
        if (!(length > 0)) {
            throw new IllegalArgumentException("A direction needs a length above zero");
        }
        return times(1 / length);
    }

    /** Some direction square to this one. */
    public Vector square() {
        Vector other = Math.abs(x) < 0.6 * length() ? new Vector(1, 0, 0) : new Vector(0, 1, 0);
        return cross(other).unit();
    }

    /** Turned about an axis by the right-hand rule (radians). */
    public Vector turned(Vector unitAxis, double angle) {
        double c = Math.cos(angle);
        return times(c).plus(unitAxis.cross(this).times(Math.sin(angle)))
                .plus(unitAxis.times(unitAxis.dot(this) * (1 - c)));
    }

    public boolean isFinite() {
        return Double.isFinite(x) && Double.isFinite(y) && Double.isFinite(z);
    }
}
