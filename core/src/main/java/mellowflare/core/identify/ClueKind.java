package mellowflare.core.identify;

/** What a clue is about. */
public enum ClueKind {
    DIAMETER,
    PITCH,
    FLANK,
    TAPER,
    SEAT,
    SEAT_ANGLE,
    RING,
    SERVICE
}
