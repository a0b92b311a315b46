package mellowflare.core.measure;

/**
 * A length as the shop reads it off an inch rule: whole inches and a reduced fraction, with what the rounding did.
 *
 * @param whole whole inches, carried from the fraction
 * @param numerator of the reduced fraction, 0 when there is none
 * @param denominator of the reduced fraction, 1 when there is none
 * @param error shop value less exact value
 */
public record ShopInches(long whole, int numerator, int denominator, Length error) {

    /**
     * Rounds to the nearest 1/n with ties up: {@code floor(x n + 1/2)}.
     *
     * @param length not negative
     * @param finest the finest division of the rule, 1 to 1024, such as 16
     */
    public static ShopInches of(Length length, int finest) {
        if (length.mm() < 0) {
            throw new IllegalArgumentException("Shop inches are for lengths of zero or more, not " + length);
        }
        if (finest < 1 || finest > 1024) {
            throw new IllegalArgumentException("The division must be 1 to 1024, not " + finest);
        }
        long parts = (long) Math.floor(length.inches() * finest + 0.5);
        long whole = parts / finest;
        int numerator = (int) (parts % finest);
        int divisor = gcd(numerator, finest);
        Length error = Length.ofInches((double) parts / finest).minus(length);
        return numerator == 0
                ? new ShopInches(whole, 0, 1, error)
                : new ShopInches(whole, numerator / divisor, finest / divisor, error);
    }

    /** The rounded length itself. */
    public Length length() {
        return Length.ofInches(whole + (double) numerator / denominator);
    }

    /** As {@code 2 7/16}, without unit. */
    public String text() {
        if (numerator == 0) {
            return Long.toString(whole);
        }
        String fraction = numerator + "/" + denominator;
        return whole == 0 ? fraction : whole + " " + fraction;
    }

    /** As {@code 6' 4 1/2"}; under a foot without the feet. */
    public String feetText() {
        long feet = whole / 12;
        ShopInches rest = new ShopInches(whole % 12, numerator, denominator, error);
        return feet == 0 ? rest.text() + "\"" : feet + "' " + rest.text() + "\"";
    }

    private static int gcd(int a, int b) {
        return b == 0 ? a : gcd(b, a % b);
    }
}
