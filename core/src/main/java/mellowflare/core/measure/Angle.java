package mellowflare.core.measure;

/**
 * A plane angle.
 *
 * @param degrees the angle (degrees), finite
 */
public record Angle(double degrees) {
    public Angle {
        if (!Double.isFinite(degrees)) {
            throw new IllegalArgumentException("An angle must be finite, not " + degrees);
        }
    }

    /**
     * @param degrees the angle (degrees)
     */
    public static Angle ofDegrees(double degrees) {
        return new Angle(degrees);
    }

    /** The angle in radians. */
    public double radians() {
        return Math.toRadians(degrees);
    }
}
