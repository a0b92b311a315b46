package mellowflare.core.tube.stock;

import mellowflare.core.measure.Length;

/**
 * How a tube is held between its ends.
 *
 * @param spacing longest from clamp to clamp, and from clamp to end
 * @param count clamps between the ends, zero or more
 */
public record Clamps(Length spacing, int count) {
    static Clamps over(Length run, Length spacing) {
        return new Clamps(spacing, Math.max(0, (int) Math.ceil(run.mm() / spacing.mm()) - 1));
    }
}
