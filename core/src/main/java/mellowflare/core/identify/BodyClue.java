package mellowflare.core.identify;

import java.util.List;
import java.util.Optional;
import mellowflare.core.connection.Body;
import mellowflare.core.connection.End;
import mellowflare.core.connection.Gender;

/** Thread, flange, barbs, plain tube or coupler: hardly ever mistaken. */
final class BodyClue implements OutcomeClue<Body> {
    private static final double RIGHT = 0.996;
    private static final double UNKNOWN_THREADED = 0.85;

    @Override
    public ClueKind kind() {
        return ClueKind.BODY;
    }

    @Override
    public List<Body> outcomes(Gender gender) {
        return List.of(Body.values());
    }

    @Override
    public Optional<Body> seen(Observation seen) {
        return seen.body();
    }

    @Override
    public double chance(Body outcome, End end) {
        return end.body() == outcome ? RIGHT : (1 - RIGHT) / (Body.values().length - 1);
    }

    /** Parts in no table are mostly threaded, as those of the tables are. */
    @Override
    public double likelihoodOfUnknown(Observation seen) {
        return seen.body().orElseThrow() == Body.THREAD
                ? UNKNOWN_THREADED
                : (1 - UNKNOWN_THREADED) / (Body.values().length - 1);
    }

    @Override
    public String word(Body outcome) {
        return outcome.words();
    }

    @Override
    public String expected(End end) {
        return end.body().words();
    }
}
