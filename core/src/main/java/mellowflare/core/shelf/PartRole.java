package mellowflare.core.shelf;

/** What a part is in a line: the orders of work say by it at which step it is taken. */
public enum PartRole {
    /** What is cut to length: hose, tube, pipe. */
    CUT,
    /** A hose that is bought with its ends made on. */
    WHOLE,
    /** A hose end or its socket. */
    END,
    FERRULE,
    ADAPTER,
    /** A ring or a washer. */
    SEAL,
    /** A nut or a sleeve. */
    NUT,
    /** A cutting or compression ring. */
    RING,
    /** What holds a line: clamps, clips, rods. */
    CLAMP,
    /** A fitting of a run, a valve, all else. */
    FITTING,
    /** Whatever no step of an order of work asks for: a word of the steps, no part is one. */
    REST
}
