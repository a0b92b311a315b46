package mellowflare.core.pipe.offset;

import mellowflare.core.measure.Length;

/**
 * A piece of an offset.
 *
 * @param exact its cut, end to end
 * @param shop as it is marked
 */
public record OffsetCut(Length exact, Length shop) {
    /** What the rounding adds. */
    public Length error() {
        return shop.minus(exact);
    }
}
