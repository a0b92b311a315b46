package mellowflare.core.measure;

/**
 * Pressure above vacuum. Another type than gauge pressure on purpose: air is reckoned with absolute pressure and read off gauges.
 *
 * @param bar the pressure (bar absolute), zero or more, finite
 */
public record AbsolutePressure(double bar) implements Comparable<AbsolutePressure> {
    /** Air at sea level (ISO 2533), which gauges are taken to stand in unless the barometer is given. */
    public static final AbsolutePressure SEA_LEVEL = new AbsolutePressure(1.01325);

    public AbsolutePressure {
        if (!(bar >= 0) || !Double.isFinite(bar)) {
            throw new IllegalArgumentException("An absolute pressure is zero or more, not " + bar);
        }
    }

    /**
     * @param bar the pressure (bar absolute)
     */
    public static AbsolutePressure ofBar(double bar) {
        return new AbsolutePressure(bar);
    }

    /** What a gauge reading is in the given surroundings; a gauge cannot lie below vacuum. */
    public static AbsolutePressure of(GaugePressure gauge, AbsolutePressure surroundings) {
        return new AbsolutePressure(Math.max(0, gauge.bar() + surroundings.bar));
    }

    /** What a gauge shows in the given surroundings. */
    public GaugePressure gauge(AbsolutePressure surroundings) {
        return GaugePressure.ofBar(bar - surroundings.bar);
    }

    /** This pressure (Pa absolute). */
    public double pascal() {
        return bar * 1e5;
    }

    @Override
    public int compareTo(AbsolutePressure other) {
        return Double.compare(bar, other.bar);
    }
}
