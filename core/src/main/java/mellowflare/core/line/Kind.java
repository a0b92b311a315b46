package mellowflare.core.line;

import java.util.List;
import java.util.Optional;
import java.util.function.BooleanSupplier;
import mellowflare.core.connection.LineEnd;
import mellowflare.core.measure.CalledFigure;
import mellowflare.core.reference.OwnLists;
import mellowflare.core.reference.ReferenceData;

/**
 * A kind of line: hose, formed tube, air main and what follows them. One value for each kind, without state.
 *
 * @param <L> what a job keeps of such a line
 * @param <P> what follows from it
 */
public interface Kind<L extends Line, P extends Plan> {
    KindId id();

    /** As shown where a line's kind is chosen, such as “air main”. */
    String word();

    /** Whether such a line runs between two ports; where it does not, ports and service of the job are only kept. */
    boolean joinsPorts();

    /** A line of which nothing has been said. */
    L fresh();

    Class<L> lineType();

    Class<P> planType();

    /**
     * Adds the tables of this kind.
     *
     * @param shared the tables that all kinds share
     * @throws mellowflare.core.reference.BrokenTable if one cannot be used
     */
    ReferenceData load(ReferenceData shared);

    /** Lists of this kind that a shop may lay its own rows over. */
    default List<OwnLists<?>> ownLists() {
        return List.of();
    }

    /**
     * Works a line out. Never refuses: what is missing comes out as findings that were not checked.
     *
     * @param before what followed before a change; what costs much and has not changed may be taken over from it, the result is the same
     */
    P plan(L line, Setting setting, Optional<P> before);

    /** The line after the port at one end has been taken for another: what was chosen for the old one falls away. */
    default L ported(L line, LineEnd which) {
        return line;
    }

    /**
     * Every small change that might mend a line: another part, size, end, method; never what the line must do. Whether it mends anything shows when the line is worked out.
     *
     * @param plan what follows from the line as it is
     */
    default List<Mending<L>> mendings(P plan) {
        return List.of();
    }

    /** Lines that can be built anew from what lies on the shelf, where no few changes mend one: a search. */
    default List<Mending<L>> rebuilt(P plan, BooleanSupplier cancelled) {
        return List.of();
    }

    /** The line with other signatures and another second reading of its measured length. */
    default L signed(L line, CalledFigure measured) {
        return line;
    }
}
