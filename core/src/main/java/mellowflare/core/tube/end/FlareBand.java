package mellowflare.core.tube.end;

import mellowflare.core.measure.Length;
import mellowflare.core.reference.Source;

/**
 * What the diameter over a finished flare must be.
 *
 * @param low least: below it the seat is not covered
 * @param high largest: above it the flare does not pass
 * @param computed whether it follows from the bore of the nut's thread, no table holding it
 * @param source who says so
 */
public record FlareBand(Length low, Length high, boolean computed, Source source) {
    public FlareBand {
        if (low.compareTo(high) >= 0 || low.mm() <= 0) {
            throw new IllegalArgumentException("A band has a low end below its high one: " + low + ", " + high);
        }
    }

    public Length middle() {
        return low.plus(high).times(0.5);
    }

    public boolean holds(Length diameter) {
        return diameter.compareTo(low) >= 0 && diameter.compareTo(high) <= 0;
    }
}
