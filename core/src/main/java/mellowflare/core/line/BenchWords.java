package mellowflare.core.line;

import java.util.Optional;
import mellowflare.core.advice.Figure;
import mellowflare.core.measure.Length;

/** What the figures of a line are called at the bench. */
public sealed interface BenchWords {

    /**
     * Of a line that is cut in one piece.
     *
     * @param cut such as “cut the hose at”
     * @param toCut where it is cut, or what is taken whole; empty while it is not known
     * @param length what the measured length is called, such as “overall”
     * @param second what the second reading is of, such as “of the finished length”
     * @param tolerance how near the length must come, as a phrase; empty where it is trimmed to the job, and while it is not known
     */
    record OnePiece(String cut, Optional<Length> toCut, String length, String second, String tolerance)
            implements BenchWords {}

    /**
     * Of a line that is cut into many pieces.
     *
     * @param pieces how many; empty while it is not known
     * @param total how much pipe, centre to centre
     */
    record ManyPieces(Optional<Integer> pieces, Length total) implements BenchWords {}

    /** Of a line that is put together from parts, or that a part is put into: the two figures that are asked for most. */
    record Assembled(Said first, Said second) implements BenchWords {}

    /**
     * A figure under its name.
     *
     * @param value empty while it is not known
     * @param of what it is the figure of; may be empty
     */
    record Said(String name, Optional<Figure> value, String of) {}
}
