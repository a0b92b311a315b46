package mellowflare.core.identify;

import java.util.Map;
import java.util.Optional;
import mellowflare.core.advice.Figure;
import mellowflare.core.connection.End;
import mellowflare.core.measure.LengthFormat;
import mellowflare.core.measure.Normal;

/** The tube in it, over its outside: families made for tube have one tube to a size. */
final class TubeClue implements Clue {
    private static final double BLUR_MM = 0.12;
    private static final double ODD_TUBE = 0.02;
    private static final double UNKNOWN_LOG_SPAN = Math.log(100.0 / 3.0);

    @Override
    public ClueKind kind() {
        return ClueKind.TUBE;
    }

    @Override
    public boolean given(Observation seen) {
        return seen.tube().isPresent();
    }

    @Override
    public double likelihood(Observation seen, End end) {
        double odd = likelihoodOfUnknown(seen);
        return end.tube()
                .map(t -> ODD_TUBE * odd
                        + (1 - ODD_TUBE)
                                * Normal.density(seen.tube().orElseThrow().mm(), t.mm(), BLUR_MM))
                .orElse(odd);
    }

    @Override
    public double likelihoodOfUnknown(Observation seen) {
        return 1 / (seen.tube().orElseThrow().mm() * UNKNOWN_LOG_SPAN);
    }

    @Override
    public Optional<String> foretold(End end) {
        return end.tube().map(LengthFormat::mm);
    }

    @Override
    public Map<String, Figure> figures(Observation seen, End end) {
        return end.tube()
                .map(t -> Map.of("seen", Figure.of(seen.tube().orElseThrow()), "expected", Figure.of(t)))
                .orElse(Map.of());
    }
}
