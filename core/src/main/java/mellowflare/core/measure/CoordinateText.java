package mellowflare.core.measure;

/** Reads distances that may lie either way, such as {@code -120} or {@code 4 3/4 in}. */
public final class CoordinateText {
    private static final double FURTHEST_MM = 20_000;

    private CoordinateText() {}

    /**
     * @param text with or without a unit, a minus for the other way
     * @param units of a number without one
     * @return millimetres, up to 20 m either way, or a refusal
     */
    public static Read<Double> read(String text, UnitSystem units) {
        String t = text.strip();
        boolean below = t.startsWith("-") || t.startsWith("−");
        return LengthText.read(below ? t.substring(1).strip() : t, units)
                .then(l -> l.mm() <= FURTHEST_MM
                        ? Read.of(below ? -l.mm() : l.mm())
                        : Read.refuse(Refusal.OUT_OF_RANGE, Say.it("coordinate-text.further-than-20-m", "t", t)));
    }

    /** A signed length as it is typed again. */
    public static String text(double mm, UnitSystem units) {
        String figure = units == UnitSystem.METRIC
                ? LengthFormat.decimal(Math.abs(mm), 1, 0)
                : LengthFormat.decimal(Math.abs(mm) / Length.MM_PER_INCH, 3, 0);
        return (mm < 0 && !figure.equals("0") ? "-" : "") + figure;
    }
}
