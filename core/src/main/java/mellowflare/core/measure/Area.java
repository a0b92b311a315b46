package mellowflare.core.measure;

/**
 * A free area.
 *
 * @param squareCentimetres zero or more (cm2), finite
 */
public record Area(double squareCentimetres) implements Comparable<Area> {
    private static final double SQUARE_INCH = 2.54 * 2.54;

    public Area {
        if (!(squareCentimetres >= 0) || !Double.isFinite(squareCentimetres)) {
            throw new IllegalArgumentException("An area is zero or more, not " + squareCentimetres);
        }
    }

    public static Area ofSquareCentimetres(double squareCentimetres) {
        return new Area(squareCentimetres);
    }

    public static Area ofSquareInches(double squareInches) {
        return new Area(squareInches * SQUARE_INCH);
    }

    /** The same in square inches. */
    public double squareInches() {
        return squareCentimetres / SQUARE_INCH;
    }

    @Override
    public int compareTo(Area other) {
        return Double.compare(squareCentimetres, other.squareCentimetres);
    }
}
