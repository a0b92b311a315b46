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

    /** This difference in pounds-force per square inch. */
    public double psi() {
        return bar * TradeUnits.PSI_PER_BAR;
    }

    @Override
    public int compareTo(PressureDifference other) {
        return Double.compare(bar, other.bar);
    }
}
