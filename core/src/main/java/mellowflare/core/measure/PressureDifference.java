package mellowflare.core.measure;

/**
 * How far one pressure lies above another.
 *
 * @param bar the difference (bar), finite
 */
public record PressureDifference(double bar) implements Comparable<PressureDifference> {
    public PressureDifference {
        if (!Double.isFinite(bar)) {
            throw new IllegalArgumentException("A difference of pressure is a number, not " + bar);
        }
    }

    /**
     * @param bar the difference (bar)
     */
    public static PressureDifference ofBar(double bar) {
        return new PressureDifference(bar);
    }

    /** So many millibar. */
    public static PressureDifference ofMillibar(double millibar) {
        return new PressureDifference(millibar / 1000);
    }

    /**
     * @param inches of water
     */
    public static PressureDifference ofInchesOfWater(double inches) {
        return new PressureDifference(inches * TradeUnits.PASCAL_PER_INCH_WATER / 1e5);
    }

    /** This difference in millibar. */
    public double millibar() {
        return bar * 1000;
    }

    /** This difference in inches of water. */
    public double inchesOfWater() {
        return bar * 1e5 / TradeUnits.PASCAL_PER_INCH_WATER;
    }

    /** This difference in pounds-force per square inch. */
    public double psi() {
        return bar * TradeUnits.PSI_PER_BAR;
    }

    @Override
    public int compareTo(PressureDifference other) {
        return Double.compare(bar, other.bar);
    }
}
