package mellowflare.core.pipe.layout;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import mellowflare.core.measure.Length;
import mellowflare.core.pipe.makeup.EndKind;
import mellowflare.core.pipe.makeup.PipeEnd;

/**
 * A run as it was called out, from where one stands: ahead is the way one looks.
 *
 * @param start how the run begins
 * @param startFixed whether what it begins at cannot move or turn
 * @param pieces in the order of the walk
 * @param boxes in the way
 * @param check where a named place was measured to be, apart from the walk
 */
@RecordBuilder
public record RunAsk(PipeEnd start, boolean startFixed, List<Piece> pieces, List<Box> boxes, Optional<Check> check)
        implements RunAskBuilder.With {
    /** What the place where the run begins is called. */
    public static final String START = "start";

    /** No run has more pieces. */
    public static final int MOST = 2000;

    public static final RunAsk NEW = new RunAsk(PipeEnd.of(EndKind.PORT), true, List.of(), List.of(), Optional.empty());

    public RunAsk {
        pieces = List.copyOf(pieces);
        boxes = List.copyOf(boxes);
        if (pieces.size() > MOST) {
            throw new IllegalArgumentException("A run has up to " + MOST + " pieces");
        }
    }

    /**
     * Where a place was measured to be, from the start.
     *
     * @param place its name
     * @param diagonal straight distance from the start; empty where it was not measured
     * @param ahead the way one looks at the start; empty where it was not measured
     * @param left to the left of it
     * @param up over it
     */
    public record Check(
            String place,
            Optional<Length> diagonal,
            Optional<Length> ahead,
            Optional<Length> left,
            Optional<Length> up) {
        /** Whether nothing was measured. */
        public boolean empty() {
            return diagonal.isEmpty() && ahead.isEmpty() && left.isEmpty() && up.isEmpty();
        }
    }

    /** A name that no piece has yet. */
    public String freeName() {
        int n = pieces.size() + 1;
        while (taken(Integer.toString(n))) {
            n++;
        }
        return Integer.toString(n);
    }

    private boolean taken(String name) {
        return pieces.stream().anyMatch(p -> p.name().equals(name));
    }

    public RunAsk insert(int at, Piece piece) {
        List<Piece> more = new ArrayList<>(pieces);
        more.add(at, piece);
        return withPieces(more);
    }

    public RunAsk replace(int at, Piece piece) {
        List<Piece> more = new ArrayList<>(pieces);
        more.set(at, piece);
        return withPieces(more);
    }

    public RunAsk remove(int at) {
        List<Piece> more = new ArrayList<>(pieces);
        more.remove(at);
        return withPieces(more);
    }

    public RunAsk move(int from, int to) {
        List<Piece> more = new ArrayList<>(pieces);
        more.add(to, more.remove(from));
        return withPieces(more);
    }
}
