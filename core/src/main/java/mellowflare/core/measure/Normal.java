package mellowflare.core.measure;

/** The standard normal distribution. */
public final class Normal {
    private Normal() {}

    /**
     * Chance of lying below z standard deviations; error below 7.5e-8.
     * Source: Abramowitz and Stegun, Handbook of Mathematical Functions, formula 26.2.17.
     */
    public static double below(double z) {
        double t = 1 / (1 + 0.2316419 * Math.abs(z));
        double tail = Math.exp(-z * z / 2)
                / Math.sqrt(2 * Math.PI)
                * t
                * (0.319381530 + t * (-0.356563782 + t * (1.781477937 + t * (-1.821255978 + t * 1.330274429))));
        return z >= 0 ? 1 - tail : tail;
    }

    /** Density at x of a normal distribution. */
    public static double density(double x, double mean, double deviation) {
        double z = (x - mean) / deviation;
        return Math.exp(-z * z / 2) / (deviation * Math.sqrt(2 * Math.PI));
    }
}
