package mellowflare.core.hose;

import mellowflare.core.measure.Length;

/**
 * The hose that was there, for the school that copies it.
 *
 * @param length sealing point to sealing point, laid straight; above zero
 * @param allowance what is added for what it has shrunk or lacked, not below zero
 */
public record OldHose(Length length, Length allowance) {
    public OldHose {
        if (length.mm() <= 0 || allowance.mm() < 0) {
            throw new IllegalArgumentException("An old hose has a length above zero and an allowance of zero or more");
        }
    }

    /** What is made in its place. */
    public Length copy() {
        return length.plus(allowance);
    }
}
