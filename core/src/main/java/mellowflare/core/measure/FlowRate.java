package mellowflare.core.measure;

/**
 * Volume flow of a liquid.
 *
 * @param litresPerMinute the flow (L/min), zero or more
 */
public record FlowRate(double litresPerMinute) {
    public FlowRate {
        if (!(litresPerMinute >= 0) || !Double.isFinite(litresPerMinute)) {
            throw new IllegalArgumentException("A flow must be zero or more, not " + litresPerMinute);
        }
    }

    /**
     * @param litresPerMinute the flow (L/min)
     */
    public static FlowRate ofLitresPerMinute(double litresPerMinute) {
        return new FlowRate(litresPerMinute);
    }

    /** This flow in US gallons per minute (1 US gal = 3.785411784 L exactly). */
    public double gallonsPerMinute() {
        return litresPerMinute / 3.785411784;
    }
}
