package mellowflare.core.sealing;

/** Where a lubricant goes, if any may, while something is put together. */
public enum LubricantPlace {
    /** Nothing slides that a lubricant could ease. */
    NONE,
    /** A taper thread: its sealant eases it. */
    SEALANT,
    /** Behind a flare or cone, and the thread of its nut. */
    FLARE,
    /** A ring in a groove, in a housing or on a pilot. */
    RING,
    WASHER,
    /** A cutting ring or a compression sleeve, and the thread of its nut. */
    SLEEVE,
    /** A ring that a tube is pushed through. */
    PUSH_RING,
    BARB,
    /** Socket and nipple of a screw-together hose end; there are several methods. */
    HOSE_END,
    /** The cone or die that makes a flare. */
    FLARING_CONE
}
