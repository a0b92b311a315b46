package mellowflare.core.identify;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import mellowflare.core.advice.Figure;
import mellowflare.core.connection.End;
import mellowflare.core.connection.EndForm;

/**
 * Where it was found: a gentle prior that never rules anything out.
 *
 * @param kind service, region or machine
 * @param seen what was said of it
 * @param places where a family is met
 * @param elsewhere how much less likely an end is where its family is not met, 0 to 1 (house figure)
 */
record FoundClue(
        ClueKind kind,
        Function<Observation, Optional<String>> seen,
        Function<EndForm, List<String>> places,
        double elsewhere)
        implements Clue {
    static final FoundClue SERVICE = new FoundClue(ClueKind.SERVICE, Observation::service, EndForm::metIn, 0.12);
    static final FoundClue REGION = new FoundClue(ClueKind.REGION, Observation::region, EndForm::regions, 0.4);
    static final FoundClue MACHINE = new FoundClue(ClueKind.MACHINE, Observation::machine, EndForm::machines, 0.4);

    @Override
    public boolean given(Observation observation) {
        return seen.apply(observation).isPresent();
    }

    @Override
    public double likelihood(Observation observation, End end) {
        return places.apply(end.form()).contains(seen.apply(observation).orElseThrow()) ? 1 : elsewhere;
    }

    @Override
    public double likelihoodOfUnknown(Observation observation) {
        // It may be at home here or not.
        return (1 + elsewhere) / 2;
    }

    @Override
    public Map<String, Figure> figures(Observation observation, End end) {
        return Map.of(
                "seen", Figure.of(seen.apply(observation).orElseThrow().replace('-', ' ')),
                "expected",
                        Figure.of(String.join(", ", places.apply(end.form())).replace('-', ' ')));
    }
}
