package mellowflare.core.identify;

import java.util.Map;
import java.util.Optional;
import mellowflare.core.advice.Figure;
import mellowflare.core.connection.End;

/** One kind of evidence: how likely what was seen would be on a given end, and on a part that is none of ours. */
interface Clue {

    ClueKind kind();

    boolean given(Observation seen);

    /** Likelihood of what was seen if the part is this end; above zero. */
    double likelihood(Observation seen, End end);

    /** Likelihood of what was seen if the part is in no table; same measure as {@link #likelihood}. */
    double likelihoodOfUnknown(Observation seen);

    /** What a right reading on this end would say; empty for a clue that is not measured, or an end that has nothing to measure there. */
    default Optional<String> foretold(End end) {
        return Optional.empty();
    }

    /** Whether what was seen is plainly what this end shows, however many other ends show it more sharply. */
    default boolean agrees(Observation seen, End end) {
        return false;
    }

    /** Figures for the sentence: {@code seen} and {@code expected}. */
    Map<String, Figure> figures(Observation seen, End end);
}
