package mellowflare.core.identify;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import mellowflare.core.advice.Figure;
import mellowflare.core.connection.End;
import mellowflare.core.connection.EndTable;
import mellowflare.core.connection.Gender;
import mellowflare.core.lookalike.LookAlikes;
import mellowflare.core.reference.ReferenceData;

/** Ranks all ends for an observation. Holds no state but the tables; safe for many threads. */
public final class Identifier {
    /** Prior of a part that stands in none of the tables (house figure). */
    static final double UNKNOWN_PRIOR = 0.07;

    /** Of such parts this share has the thread of a known end, with a seat, hand or use that no table holds: standards share threads (house figure). */
    static final double KNOWN_THREAD = 0.6;

    /** Clues that speak of the thread alone. */
    private static final Set<ClueKind> OF_THREAD = EnumSet.of(
            ClueKind.BODY, ClueKind.DIAMETER, ClueKind.PITCH, ClueKind.FLANK, ClueKind.TAPER, ClueKind.TAPER_READING);

    private static final int SHOWN = 8;
    private static final double FOR_WITHIN = Math.log(0.5);
    private static final double AGAINST_BELOW = Math.log(0.2);
    /** The clues, each in a file of its own; the order is the fitter's order of looking. */
    private static final List<Clue> CLUES = List.of(
            new BodyClue(),
            new DiameterClue(),
            new PitchClue(),
            new FlankClue(),
            new HandClue(),
            new TaperClue(),
            new TaperReadingClue(),
            new SeatClue(),
            new SeatAngleClue(),
            new RingClue(),
            new SwivelClue(),
            new HexClue(),
            new TubeClue(),
            FoundClue.SERVICE,
            FoundClue.REGION,
            FoundClue.MACHINE);

    /** Clues that alone are no reason to name an end. */
    private static final Set<ClueKind> TOO_LITTLE =
            EnumSet.of(ClueKind.BODY, ClueKind.SERVICE, ClueKind.REGION, ClueKind.MACHINE);

    private final List<End> males;
    private final List<End> females;
    private final double[] malePrior;
    private final double[] femalePrior;
    private final LookAlikes lookAlikes;

    /**
     * @param data must hold {@link EndTable#KEY} and {@link LookAlikes#KEY}
     */
    public Identifier(ReferenceData data) {
        this(data, ShopFindings.NONE);
    }

    /**
     * @param data must hold {@link EndTable#KEY} and {@link LookAlikes#KEY}
     * @param shop what was fitted here before; shifts how likely an end is before anything is seen
     */
    public Identifier(ReferenceData data, ShopFindings shop) {
        EndTable ends = data.get(EndTable.KEY);
        this.males = ends.of(Gender.MALE);
        this.females = ends.of(Gender.FEMALE);
        this.malePrior = shop.prior(males);
        this.femalePrior = shop.prior(females);
        this.lookAlikes = data.get(LookAlikes.KEY);
    }

    /** The posterior over all ends of that gender, with reasons for the likeliest. */
    public Identification identify(Observation seen) {
        Optional<Weighing> weighed = weigh(seen);
        if (weighed.isEmpty()) {
            return new Identification(seen, List.of(), UNKNOWN_PRIOR, Optional.of(NextCheckFinder.diameter(seen)));
        }
        Weighing w = weighed.get();
        List<Candidate> candidates = new ArrayList<>();
        for (int e : likeliest(w.posterior)) {
            End end = w.ends.get(e);
            candidates.add(new Candidate(end, w.posterior[e], w.evidence(seen, e), lookAlikes.of(end.id())));
        }
        return new Identification(seen, candidates, w.unknown, NextCheckFinder.find(CLUES, seen, w.ends, w.posterior));
    }

    /** The same ranking without its reasons and without a next check, for whoever asks tens of thousands of times. */
    Identification rank(Observation seen) {
        List<Candidate> candidates = new ArrayList<>();
        double unknown = UNKNOWN_PRIOR;
        for (Weighing w : weigh(seen).stream().toList()) {
            for (int e : likeliest(w.posterior)) {
                candidates.add(new Candidate(w.ends.get(e), w.posterior[e], List.of(), List.of()));
            }
            unknown = w.unknown;
        }
        return new Identification(seen, candidates, unknown, Optional.empty());
    }

    /** Every given clue weighed against every end; empty while nothing is given by which an end could be named. */
    private Optional<Weighing> weigh(Observation seen) {
        List<Clue> given = CLUES.stream().filter(c -> c.given(seen)).toList();
        if (given.stream().allMatch(c -> TOO_LITTLE.contains(c.kind()))) {
            return Optional.empty();
        }
        List<End> ends = seen.gender() == Gender.MALE ? males : females;
        double[][] chance = new double[given.size()][ends.size()];
        double[] best = new double[given.size()];
        double[] posterior = new double[ends.size()];
        double[] prior = seen.gender() == Gender.MALE ? malePrior : femalePrior;
        for (int e = 0; e < posterior.length; e++) {
            posterior[e] = (1 - UNKNOWN_PRIOR) * prior[e];
        }
        double unknown = 1;
        double unknownLooks = 1;
        double[] thread = prior.clone();
        // No clue is less likely than a billionth: the product of all of them is far from the end of the figures.
        for (int c = 0; c < chance.length; c++) {
            Clue clue = given.get(c);
            double[] own = chance[c];
            boolean ofThread = OF_THREAD.contains(clue.kind());
            for (int e = 0; e < own.length; e++) {
                own[e] = clue.likelihood(seen, ends.get(e));
                best[c] = Math.max(best[c], own[e]);
                posterior[e] *= own[e];
                if (ofThread) {
                    thread[e] *= own[e];
                }
            }
            double foreign = clue.likelihoodOfUnknown(seen);
            unknown *= foreign;
            unknownLooks *= ofThread ? 1 : foreign;
        }
        // What no table holds is made on common threads as often as what they hold.
        unknown = UNKNOWN_PRIOR
                * ((1 - KNOWN_THREAD) * unknown
                        + KNOWN_THREAD * unknownLooks * Arrays.stream(thread).sum());
        double sum = unknown + Arrays.stream(posterior).sum();
        for (int e = 0; e < posterior.length; e++) {
            posterior[e] /= sum;
        }
        return Optional.of(new Weighing(given, ends, chance, best, posterior, unknown / sum));
    }

    /** What each given clue says of each end, and the posterior that follows. */
    private static final class Weighing {
        private final List<Clue> given;
        private final List<End> ends;
        private final double[][] chance;
        private final double[] best;
        private final double[] posterior;
        private final double unknown;

        private Weighing(
                List<Clue> given,
                List<End> ends,
                double[][] chance,
                double[] best,
                double[] posterior,
                double unknown) {
            this.given = given;
            this.ends = ends;
            this.chance = chance;
            this.best = best;
            this.posterior = posterior;
            this.unknown = unknown;
        }

        private List<Evidence> evidence(Observation seen, int end) {
            List<Evidence> evidence = new ArrayList<>();
            for (int c = 0; c < chance.length; c++) {
                Identifier.evidence(given.get(c), seen, ends.get(end), Math.log(chance[c][end] / best[c]))
                        .ifPresent(evidence::add);
            }
            return evidence;
        }
    }

    /** The few likeliest, best first, without sorting the hundreds of others. */
    private static int[] likeliest(double[] posterior) {
        int[] best = new int[Math.min(SHOWN, posterior.length)];
        int found = 0;
        for (int e = 0; e < posterior.length; e++) {
            int at = found;
            while (at > 0 && posterior[e] > posterior[best[at - 1]]) {
                at--;
            }
            if (at < best.length) {
                found = Math.min(found + 1, best.length);
                System.arraycopy(best, at, best, at + 1, found - at - 1);
                best[at] = e;
            }
        }
        return best;
    }

    /** A clue that has no figure of this end to compare with says nothing of it. */
    private static Optional<Evidence> evidence(Clue clue, Observation seen, End end, double weight) {
        Evidence.Verdict verdict = weight >= FOR_WITHIN || clue.agrees(seen, end)
                ? Evidence.Verdict.FOR
                : weight <= AGAINST_BELOW ? Evidence.Verdict.AGAINST : Evidence.Verdict.NEITHER;
        Map<String, Figure> figures = clue.figures(seen, end);
        return figures.isEmpty() ? Optional.empty() : Optional.of(new Evidence(clue.kind(), verdict, weight, figures));
    }
}
