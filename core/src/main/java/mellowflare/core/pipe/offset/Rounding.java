package mellowflare.core.pipe.offset;

import mellowflare.core.measure.Length;

/**
 * How cuts are rounded.
 *
 * @param step to which; above zero
 * @param when once at the end, or legs and travel before the take-offs
 */
public record Rounding(Length step, When when) {
    public Rounding {
        if (step.mm() <= 0) {
            throw new IllegalArgumentException("A step of rounding is above zero");
        }
    }

    /** When a figure is rounded. */
    public enum When {
        /** Each cut once, at the end. */
        CUT,
        /** Legs and travel first, then what is left (shop method). */
        BEFORE
    }

    /** To the nearest step; half a step goes up. */
    public Length round(Length exact) {
        // Halves are told apart from what only looks like one by the last bits of a sum.
        return step.times(Math.floor(exact.mm() / step.mm() + 0.5 + 1e-9));
    }

    /**
     * A cut as it is marked.
     *
     * @param leg what was measured
     * @param exact what is left of it once the ends took off what they take
     */
    public Length cut(Length leg, Length exact) {
        return round(when == When.BEFORE ? round(leg).minus(leg.minus(exact)) : exact);
    }
}
