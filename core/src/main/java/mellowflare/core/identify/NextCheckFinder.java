package mellowflare.core.identify;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import mellowflare.core.connection.End;
import mellowflare.core.connection.Gender;

/** Finds the unobserved clue with the largest expected information about which end it is. */
final class NextCheckFinder {
    /** Below this many bits nothing is worth the walk to the tool box. */
    private static final double WORTH_BITS = 0.05;

    private static final double NEGLIGIBLE = 1e-4;

    private NextCheckFinder() {}

    static Optional<NextCheck> find(List<Clue> clues, Observation seen, List<End> ends, double[] posterior) {
        if (seen.diameter().isEmpty()) {
            return Optional.of(new NextCheck(ClueKind.DIAMETER, 0, List.of()));
        }
        NextCheck best = null;
        for (Clue clue : clues) {
            if (!clue.given(seen) && clue instanceof OutcomeClue<?> open) {
                NextCheck check = worth(open, seen.gender(), ends, posterior);
                if (check.bits() > WORTH_BITS && (best == null || check.bits() > best.bits())) {
                    best = check;
                }
            }
        }
        return Optional.ofNullable(best);
    }

    /** Mutual information between outcome and end: sum of p(end) p(outcome|end) log2(p(outcome|end) / p(outcome)). */
    private static <T> NextCheck worth(OutcomeClue<T> clue, Gender gender, List<End> ends, double[] posterior) {
        double bits = 0;
        List<NextCheck.Outcome> outcomes = new ArrayList<>();
        for (T outcome : clue.outcomes(gender)) {
            double total = 0;
            int likeliest = -1;
            double most = 0;
            for (int e = 0; e < posterior.length; e++) {
                if (posterior[e] > NEGLIGIBLE) {
                    double joint = posterior[e] * clue.chance(outcome, ends.get(e));
                    total += joint;
                    if (joint > most) {
                        most = joint;
                        likeliest = e;
                    }
                }
            }
            if (likeliest < 0) {
                continue;
            }
            for (int e = 0; e < posterior.length; e++) {
                if (posterior[e] > NEGLIGIBLE) {
                    double chance = clue.chance(outcome, ends.get(e));
                    bits += posterior[e] * chance * Math.log(chance / total) / Math.log(2);
                }
            }
            if (total > 0.05) {
                outcomes.add(new NextCheck.Outcome(
                        clue.word(outcome), total, ends.get(likeliest).brief()));
            }
        }
        outcomes.sort(Comparator.comparingDouble(NextCheck.Outcome::chance).reversed());
        return new NextCheck(clue.kind(), bits, outcomes.subList(0, Math.min(3, outcomes.size())));
    }
}
