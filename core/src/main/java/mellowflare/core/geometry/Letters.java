package mellowflare.core.geometry;

/**
 * How words stand on a medium: on a screen, on paper. Widths are those of the shipped typeface to within a few in a hundred, so that screen, paper and tests agree on where words lie.
 *
 * @param scale units of the medium for each millimetre of the drawing, above zero
 * @param size of names, in units of the medium, above zero
 * @param step how far dimensions stand from each other, in units of the medium
 */
public record Letters(double scale, double size, double step) {
    private static final String NARROW = "iljtfrI.,:;'|!()[]/·°1 ";
    private static final String WIDE = "mwMW%@–—…";

    private static final double NARROW_EM = 0.29;
    private static final double WIDE_EM = 0.8;
    private static final double CAPITAL_EM = 0.59;
    private static final double USUAL_EM = 0.5;

    /** Under a name the words are so much smaller. */
    private static final double UNDER = 0.86;

    public Letters {
        if (!(scale > 0) || !(size > 0)) {
            throw new IllegalArgumentException("Words have a size, and a drawing a scale");
        }
    }

    /** Width of a name (units of the medium). */
    double wide(String text) {
        double em = 0;
        for (int i = 0; i < text.length(); i++) {
            char c = text.charAt(i);
            em += NARROW.indexOf(c) >= 0
                    ? NARROW_EM
                    : WIDE.indexOf(c) >= 0 ? WIDE_EM : Character.isUpperCase(c) ? CAPITAL_EM : USUAL_EM;
        }
        return em * size;
    }

    /** Width of a label with its words under it (units of the medium). */
    double wide(Shape.Label l) {
        return Math.max(wide(l.text()), UNDER * wide(l.under()));
    }
}
