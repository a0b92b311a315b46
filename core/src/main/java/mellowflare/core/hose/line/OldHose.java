package mellowflare.core.hose.line;

import mellowflare.core.measure.Length;

/**
 * The hose that was there, for the method that copies it.
 *
 * @param length sealing point to sealing point, laid straight; above zero
 * @param allowance what is added for what it has shrunk or lacked, not below zero
 */
public record OldHose(Length length, Length allowance) {
    private static final double USUAL_SHARE = 0.02;

    public OldHose {
        if (length.mm() <= 0 || allowance.mm() < 0) {
            throw new IllegalArgumentException("An old hose has a length above zero and an allowance of zero or more");
        }
    }

    /** With what an old hose is thought to have shrunk: two in a hundred (house figure). */
    public static OldHose of(Length length) {
        return new OldHose(length, length.times(USUAL_SHARE));
    }

    /** What is made in its place. */
    public Length copy() {
        return length.plus(allowance);
    }
}
