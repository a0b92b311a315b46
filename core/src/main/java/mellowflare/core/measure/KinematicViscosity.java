package mellowflare.core.measure;

/**
 * Kinematic viscosity.
 *
 * @param mm2PerSecond the viscosity (mm2/s, the trade's centistokes), above zero
 */
public record KinematicViscosity(double mm2PerSecond) {
    public KinematicViscosity {
        if (!(mm2PerSecond > 0) || !Double.isFinite(mm2PerSecond)) {
            throw new IllegalArgumentException("A viscosity lies above zero, not " + mm2PerSecond);
        }
    }

    /**
     * @param value the viscosity (mm2/s)
     */
    public static KinematicViscosity ofMm2PerSecond(double value) {
        return new KinematicViscosity(value);
    }
}
