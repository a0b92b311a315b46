package mellowflare.core.pipe.offset;

import mellowflare.core.measure.Length;

/**
 * Something in the way, in the plane of the offset.
 *
 * @param name as it is called
 * @param along from the face at A to its near side
 * @param length along the run, above zero
 * @param from from the centre line of leg A toward that of leg C, to its near side; below zero on the other side
 * @param width across the run, above zero
 */
public record Obstruction(String name, Length along, Length length, Length from, Length width) {
    public Obstruction {
        name = name.strip();
        if (length.mm() <= 0 || width.mm() <= 0) {
            throw new IllegalArgumentException("What stands in the way has a length and a width above zero");
        }
    }
}
