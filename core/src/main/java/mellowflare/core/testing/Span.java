package mellowflare.core.testing;

import mellowflare.core.measure.LengthFormat;

/** A time as a fitter says it. */
public final class Span {
    private static final double MINUTE = 60;
    private static final double HOUR = 3600;

    private Span() {}

    /**
     * The time in words.
     *
     * @param seconds the time (s), zero or more
     */
    public static String text(double seconds) {
        if (seconds < 2 * MINUTE && seconds % MINUTE != 0 || seconds < MINUTE) {
            return Say.it("span.seconds", "s", LengthFormat.decimal(seconds, 0, 0));
        }
        if (seconds < 2 * HOUR) {
            return Say.it("span.minutes", "min", LengthFormat.decimal(seconds / MINUTE, 1, 0));
        }
        return Say.it("span.hours", "h", LengthFormat.decimal(seconds / HOUR, 1, 0));
    }
}
