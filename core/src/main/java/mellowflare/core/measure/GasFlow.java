package mellowflare.core.measure;

/**
 * A flow of fuel gas, counted as the volume in which the heating value of that gas is counted: at 15 °C and 1013.25 mbar (EN 437), or at 60 °F and 30 inches of mercury (NFPA 54). It is no flow at the
 * pressure in the pipe.
 *
 * @param cubicMetresPerHour the flow (m3/h), zero or more, finite
 */
public record GasFlow(double cubicMetresPerHour) implements Comparable<GasFlow> {
    /** 1 ft3 = 0.3048^3 m3. */
    private static final double CUBIC_FOOT = 0.3048 * 0.3048 * 0.3048;

    public GasFlow {
        if (!(cubicMetresPerHour >= 0) || !Double.isFinite(cubicMetresPerHour)) {
            throw new IllegalArgumentException("A flow of gas is zero or more, not " + cubicMetresPerHour);
        }
    }

    public static GasFlow ofCubicMetresPerHour(double cubicMetresPerHour) {
        return new GasFlow(cubicMetresPerHour);
    }

    public static GasFlow ofCubicFeetPerHour(double cubicFeetPerHour) {
        return new GasFlow(cubicFeetPerHour * CUBIC_FOOT);
    }

    /** The same in cubic feet an hour. */
    public double cubicFeetPerHour() {
        return cubicMetresPerHour / CUBIC_FOOT;
    }

    public GasFlow plus(GasFlow other) {
        return new GasFlow(cubicMetresPerHour + other.cubicMetresPerHour);
    }

    @Override
    public int compareTo(GasFlow other) {
        return Double.compare(cubicMetresPerHour, other.cubicMetresPerHour);
    }
}
