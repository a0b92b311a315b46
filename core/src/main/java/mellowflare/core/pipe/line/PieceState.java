package mellowflare.core.pipe.line;

import java.util.Optional;
import mellowflare.core.measure.Length;

/**
 * How far a piece is made, and how long it was marked.
 *
 * @param done how far
 * @param marked as it is marked on the pipe, read off by whoever marked it
 */
public record PieceState(Done done, Optional<Length> marked) {
    public static final PieceState TO_DO = new PieceState(Done.TO_CUT, Optional.empty());

    /** How far a piece is made. */
    public enum Done {
        TO_CUT,
        CUT,
        THREADED,
        MADE_UP;

        public String word() {
            return switch (this) {
                case TO_CUT -> Say.it("piece-state.to-cut");
                case CUT -> Say.it("piece-state.cut");
                case THREADED -> Say.it("piece-state.threaded");
                case MADE_UP -> Say.it("piece-state.made-up");
            };
        }

        /** The next stage, and from the last one back to the first. */
        public Done next() {
            return values()[(ordinal() + 1) % values().length];
        }
    }

    public PieceState with(Done now) {
        return new PieceState(now, marked);
    }

    public PieceState withMarked(Optional<Length> now) {
        return new PieceState(done, now);
    }
}
