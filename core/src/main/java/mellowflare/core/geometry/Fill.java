package mellowflare.core.geometry;

/** What a surface is made of; the painter decides the hatch. */
public enum Fill {
    NONE,
    METAL,
    METAL_CUT,
    RUBBER,
    SOFT,
    WIRE,
    PAPER,
    BLACK,
    /** The three shades of one scale, which stands beside the drawing. */
    DEEP,
    MIDDLE,
    PALE,
    /** Out of the scale's limit. */
    OVER
}
