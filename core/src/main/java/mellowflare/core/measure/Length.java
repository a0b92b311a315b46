package mellowflare.core.measure;

/**
 * A length. Held in millimetres; 1 inch is exactly 25.4 mm (ISO 80000-3).
 *
 * @param mm the length (mm), finite, may be negative when it is a difference
 */
public record Length(double mm) implements Comparable<Length> {
    public static final double MM_PER_INCH = 25.4;
    public static final Length ZERO = new Length(0);

    public Length {
        if (!Double.isFinite(mm)) {
            throw new IllegalArgumentException("A length must be a finite number, not " + mm);
        }
    }

    /**
     * @param mm the length (mm)
     */
    public static Length ofMm(double mm) {
        return new Length(mm);
    }

    /**
     * @param inches the length (in)
     */
    public static Length ofInches(double inches) {
        return new Length(inches * MM_PER_INCH);
    }

    /** This length in inches. */
    public double inches() {
        return mm / MM_PER_INCH;
    }

    public Length plus(Length other) {
        return new Length(mm + other.mm);
    }

    public Length minus(Length other) {
        return new Length(mm - other.mm);
    }

    /**
     * @param factor a pure number
     */
    public Length times(double factor) {
        return new Length(mm * factor);
    }

    /** The distance between the two, never negative. */
    public Length distanceTo(Length other) {
        return new Length(Math.abs(mm - other.mm));
    }

    @Override
    public int compareTo(Length other) {
        return Double.compare(mm, other.mm);
    }
}
