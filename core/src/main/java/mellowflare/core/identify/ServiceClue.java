package mellowflare.core.identify;

import java.util.Map;
import mellowflare.core.advice.Figure;
import mellowflare.core.connection.End;

/** Where it was found: a gentle prior, four to one. */
final class ServiceClue implements Clue {
    private static final double ELSEWHERE = 0.25;

    @Override
    public ClueKind kind() {
        return ClueKind.SERVICE;
    }

    @Override
    public boolean given(Observation seen) {
        return seen.service().isPresent();
    }

    @Override
    public double likelihood(Observation seen, End end) {
        return end.metIn().contains(seen.service().orElseThrow()) ? 1 : ELSEWHERE;
    }

    @Override
    public double likelihoodOfUnknown(Observation seen) {
        return ELSEWHERE;
    }

    @Override
    public Map<String, Figure> figures(Observation seen, End end) {
        return Map.of(
                "seen", Figure.of(seen.service().orElseThrow()),
                "expected", Figure.of(String.join(", ", end.metIn())));
    }
}
