package mellowflare.core.measure;

/**
 * A band of lengths, both limits included.
 *
 * @param low smallest
 * @param high largest, not below {@code low}
 */
public record LengthBand(Length low, Length high) {
    public LengthBand {
        if (low.compareTo(high) > 0) {
            throw new IllegalArgumentException("A band runs from low to high, not from " + low + " to " + high);
        }
    }

    public static LengthBand ofMm(double lowMm, double highMm) {
        return new LengthBand(Length.ofMm(lowMm), Length.ofMm(highMm));
    }

    public Length middle() {
        return low.plus(high).times(0.5);
    }

    public boolean holds(Length length) {
        return low.compareTo(length) <= 0 && length.compareTo(high) <= 0;
    }

    /** The band widened by the same amount at both limits. */
    public LengthBand widened(Length by) {
        return new LengthBand(low.minus(by), high.plus(by));
    }

    /** How far the length lies outside; zero when inside. */
    public Length gapTo(Length length) {
        if (holds(length)) {
            return Length.ZERO;
        }
        return length.compareTo(low) < 0 ? low.minus(length) : length.minus(high);
    }
}
