package mellowflare.core.identify;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import mellowflare.core.advice.Figure;
import mellowflare.core.connection.End;
import mellowflare.core.connection.Gender;

/**
 * A clue with a closed list of outcomes, so that its worth can be foretold before anyone looks.
 *
 * @param <T> the outcomes
 */
interface OutcomeClue<T> extends Clue {

    List<T> outcomes(Gender gender);

    Optional<T> seen(Observation seen);

    /** Chance of this outcome on this end; sums to about one over the outcomes. */
    double chance(T outcome, End end);

    String word(T outcome);

    /** What the end would show, in words. */
    String expected(End end);

    @Override
    default boolean given(Observation observation) {
        return seen(observation).isPresent();
    }

    @Override
    default double likelihood(Observation observation, End end) {
        return chance(seen(observation).orElseThrow(), end);
    }

    @Override
    default double likelihoodOfUnknown(Observation observation) {
        return 1.0 / outcomes(observation.gender()).size();
    }

    @Override
    default Map<String, Figure> figures(Observation observation, End end) {
        return Map.of("seen", Figure.of(word(seen(observation).orElseThrow())), "expected", Figure.of(expected(end)));
    }
}
