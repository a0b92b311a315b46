package mellowflare.core.identify;

import java.util.List;
import java.util.Optional;

/**
 * The ranked answer to one observation.
 *
 * @param observation what was seen
 * @param candidates the likeliest ends, best first; empty while nothing but the gender was given
 * @param unknownProbability posterior of “none of the ends in the tables”
 * @param nextCheck what to check next, while something would help
 */
public record Identification(
        Observation observation, List<Candidate> candidates, double unknownProbability, Optional<NextCheck> nextCheck) {
    /** An answer from here up counts as settled. */
    public static final double SETTLED = 0.9;

    public Identification {
        candidates = List.copyOf(candidates);
    }

    /** How far the answer has come. */
    public enum Standing {
        NOTHING_GIVEN,
        NOTHING_FITS,
        OPEN,
        SETTLED
    }

    public Standing standing() {
        if (candidates.isEmpty()) {
            return Standing.NOTHING_GIVEN;
        }
        if (unknownProbability > 0.5) {
            return Standing.NOTHING_FITS;
        }
        return candidates.get(0).probability() >= SETTLED ? Standing.SETTLED : Standing.OPEN;
    }

    /** What to do when nothing more can be learned by looking and measuring. */
    public String safeCourse() {
        return SafeCourse.of(candidates);
    }

    public Optional<Candidate> best() {
        return candidates.stream().findFirst();
    }
}
