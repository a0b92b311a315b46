package mellowflare.core.identify;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumSet;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Predicate;
import java.util.function.ToDoubleFunction;
import mellowflare.core.connection.Body;
import mellowflare.core.connection.End;
import mellowflare.core.connection.Gender;
import mellowflare.core.infer.Bayes;

/** Finds the unobserved clue with the largest expected information about which end it is. */
final class NextCheckFinder {
    /** Below this many bits nothing is worth the walk to the tool box. */
    private static final double WORTH_BITS = 0.05;

    private static final double NEGLIGIBLE = 1e-4;
    private static final int OUTCOMES_TOLD = 3;
    private static final Set<ClueKind> ON_A_THREAD =
            EnumSet.of(ClueKind.PITCH, ClueKind.FLANK, ClueKind.HAND, ClueKind.TAPER);
    private static final double MOSTLY_MEASURABLE = 0.1;
    private final Gender gender;
    private final List<End> ends;
    private final double[] posterior;

    /** The ends that still count, so that each clue is asked of no others. */
    private NextCheckFinder(Gender gender, List<End> all, double[] posteriorOfAll) {
        this.gender = gender;
        List<End> kept = new ArrayList<>();
        List<Double> shares = new ArrayList<>();
        for (int e = 0; e < posteriorOfAll.length; e++) {
            if (posteriorOfAll[e] > NEGLIGIBLE) {
                kept.add(all.get(e));
                shares.add(posteriorOfAll[e]);
            }
        }
        this.ends = kept;
        this.posterior = shares.stream().mapToDouble(Double::doubleValue).toArray();
    }

    static Optional<NextCheck> find(List<Clue> clues, Observation seen, List<End> ends, double[] posterior) {
        if (seen.diameter().isEmpty()) {
            return Optional.of(diameter(seen));
        }
        NextCheckFinder finder = new NextCheckFinder(seen.gender(), ends, posterior);
        return clues.stream()
                .filter(c -> !c.given(seen) && feasible(c, seen))
                .flatMap(c -> finder.worth(c).stream())
                .filter(c -> c.bits() > WORTH_BITS)
                .max(Comparator.comparingDouble(NextCheck::bits));
    }

    /** Looks come before instruments: what is measured at a seat, or of its tube, waits until somebody looked for the seat. */
    private static boolean feasible(Clue clue, Observation seen) {
        boolean threaded = seen.body().filter(b -> b != Body.THREAD).isEmpty();
        return ON_A_THREAD.contains(clue.kind())
                ? threaded
                : clue instanceof OutcomeClue<?> || seen.seat().isPresent();
    }

    /** Nothing tells more than the first diameter. */
    static NextCheck diameter(Observation seen) {
        return new NextCheck(ClueKind.DIAMETER, CheckWords.diameter(seen), 0, List.of());
    }

    private Optional<NextCheck> worth(Clue clue) {
        if (ends.isEmpty()) {
            return Optional.empty();
        }
        return clue instanceof OutcomeClue<?> looks ? Optional.of(look(looks)) : measure(clue);
    }

    private <T> NextCheck look(OutcomeClue<T> clue) {
        Tally tally = new Tally();
        for (T outcome : clue.outcomes(gender)) {
            tally.add(clue.word(outcome), end -> clue.chance(outcome, end));
        }
        return tally.check(clue.kind());
    }

    /**
     * A measurement is foretold as right: every reading that some end would give is an outcome. It is no check while many of the ends that still
     * count have nothing to measure there; a few such may show anything.
     */
    private Optional<NextCheck> measure(Clue clue) {
        Map<String, Set<End>> byReading = new LinkedHashMap<>();
        double without = 0;
        for (int e = 0; e < posterior.length; e++) {
            Optional<String> reading = clue.foretold(ends.get(e));
            if (reading.isPresent()) {
                byReading.computeIfAbsent(reading.get(), r -> new HashSet<>()).add(ends.get(e));
            } else {
                without += posterior[e];
            }
        }
        if (byReading.size() < 2 || without > MOSTLY_MEASURABLE) {
            return Optional.empty();
        }
        double any = 1.0 / byReading.size();
        Tally tally = new Tally();
        byReading.forEach((reading, of) -> tally.add(
                reading, end -> of.contains(end) ? 1 : clue.foretold(end).isPresent() ? 0 : any));
        return Optional.of(tally.check(clue.kind()));
    }

    /** Mutual information between outcome and end: sum of p(end) p(outcome|end) log2(p(outcome|end) / p(outcome)). */
    private final class Tally {
        private double bits;
        private final List<NextCheck.Outcome> outcomes = new ArrayList<>();
        private final List<End> speaksFor = new ArrayList<>();

        void add(String word, ToDoubleFunction<End> chance) {
            double[] joint = new double[posterior.length];
            double total = 0;
            int likeliest = 0;
            for (int e = 0; e < posterior.length; e++) {
                joint[e] = posterior[e] * chance.applyAsDouble(ends.get(e));
                total += joint[e];
                likeliest = joint[e] > joint[likeliest] ? e : likeliest;
            }
            if (total <= 0) {
                return;
            }
            bits += Bayes.bits(posterior, joint);
            if (total > 0.05) {
                End end = ends.get(likeliest);
                outcomes.add(new NextCheck.Outcome(word, total, end.brief()));
                speaksFor.add(end);
            }
        }

        NextCheck check(ClueKind kind) {
            End first = speaksFor.isEmpty() ? ends.get(0) : speaksFor.get(likeliest(o -> true));
            End second = speaksFor.stream().anyMatch(e -> !e.equals(first))
                    ? speaksFor.get(likeliest(o -> !o.then().equals(first.brief())))
                    : first;
            List<NextCheck.Outcome> told = outcomes.stream()
                    .sorted(Comparator.comparingDouble(NextCheck.Outcome::chance)
                            .reversed())
                    .limit(OUTCOMES_TOLD)
                    .toList();
            return new NextCheck(kind, CheckWords.of(kind, first, second), bits, told);
        }

        private int likeliest(Predicate<NextCheck.Outcome> of) {
            int best = -1;
            for (int i = 0; i < outcomes.size(); i++) {
                if (of.test(outcomes.get(i))
                        && (best < 0
                                || outcomes.get(i).chance() > outcomes.get(best).chance())) {
                    best = i;
                }
            }
            return Math.max(0, best);
        }
    }
}
