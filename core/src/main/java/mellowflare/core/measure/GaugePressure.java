package mellowflare.core.measure;

/**
 * Pressure above the surrounding air, as a gauge shows it. Absolute pressure is another type on purpose.
 *
 * @param bar the pressure (bar gauge), at least -1.1 (vacuum), finite
 */
public record GaugePressure(double bar) implements Comparable<GaugePressure> {
    public GaugePressure {
        if (!(bar >= -1.1) || !Double.isFinite(bar)) {
            throw new IllegalArgumentException("A gauge pressure must be a number above full vacuum, not " + bar);
        }
    }

    /**
     * @param bar the pressure (bar gauge)
     */
    public static GaugePressure ofBar(double bar) {
        return new GaugePressure(bar);
    }

    /** This pressure in pounds-force per square inch, gauge. */
    public double psi() {
        return bar * TradeUnits.PSI_PER_BAR;
    }

    /** A gauge pressure of so many millibar. */
    public static GaugePressure ofMillibar(double millibar) {
        return new GaugePressure(millibar / 1000);
    }

    /** This pressure in millibar. */
    public double millibar() {
        return bar * 1000;
    }

    /** This pressure in inches of water. */
    public double inchesOfWater() {
        return bar * 1e5 / TradeUnits.PASCAL_PER_INCH_WATER;
    }

    /** How far this one lies above another; below zero where it lies below. */
    public PressureDifference minus(GaugePressure other) {
        return PressureDifference.ofBar(bar - other.bar);
    }

    /** This one, lower by a difference; not below full vacuum. */
    public GaugePressure less(PressureDifference drop) {
        return new GaugePressure(Math.max(-1, bar - drop.bar()));
    }

    /**
     * @param factor a pure number, such as 2 for proof on working pressure
     */
    public GaugePressure times(double factor) {
        return new GaugePressure(bar * factor);
    }

    @Override
    public int compareTo(GaugePressure other) {
        return Double.compare(bar, other.bar);
    }
}
