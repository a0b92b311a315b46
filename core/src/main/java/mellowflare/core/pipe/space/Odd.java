package mellowflare.core.pipe.space;

/**
 * What could not be followed on the walk; the rest was.
 *
 * @param kind what is wrong
 * @param piece at which piece
 * @param other what it names, or the figure; may be empty
 */
public record Odd(Kind kind, String piece, String other) {
    /** What may be wrong with a run. */
    public enum Kind {
        /** A name is used twice. */
        TWICE,
        /** There is no branch of that name. */
        NO_BRANCH,
        /** The branch was gone on from before. */
        BRANCH_USED,
        /** The pipe would turn back on itself. */
        BACK_ON_ITSELF,
        /** The turn means nothing out of an upright pipe. */
        NO_SIDE,
        /** Something follows an end. */
        AFTER_END,
        /** A bushing or plug needs a mouth and stands on a pipe. */
        NO_MOUTH,
        /** The size is not larger or smaller as it should be, or there is none. */
        SIZE,
        /** A mouth or a pipe was left open. */
        OPEN
    }
}
