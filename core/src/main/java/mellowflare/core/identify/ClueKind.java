package mellowflare.core.identify;

/** What a clue is about, in the fitter's order of looking. */
public enum ClueKind {
    BODY,
    DIAMETER,
    PITCH,
    FLANK,
    HAND,
    TAPER,
    TAPER_READING,
    SEAT,
    SEAT_ANGLE,
    RING,
    SWIVEL,
    HEX,
    TUBE,
    SERVICE,
    REGION,
    MACHINE
}
