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
    /** Most of what a pressure may lose is still there. */
    PLENTY,
    ENOUGH,
    SCARCE,
    /** Less than is needed. */
    SHORT
}
