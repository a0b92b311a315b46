package mellowflare.core.identify;

import java.util.List;
import java.util.Optional;
import java.util.Set;

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

    /** From here up the likeliest is shown by its name alone (house figure). */
    public static final double NAMED = 0.8;

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

    /** Services in which a wrong end hurts: there the seat is seen, or nothing is settled. */
    private static final Set<String> SEAT_FIRST =
            Set.of("brake", "gas", "refrigerant", "refrigeration", "air-conditioning");

    /** Whether the answer waits for a look at the seat, however sure the thread is. */
    public boolean seatMustBeSeen() {
        return observation.service().filter(SEAT_FIRST::contains).isPresent()
                && observation.seat().isEmpty()
                && !candidates.isEmpty()
                && candidates.get(0).end().thread().isPresent();
    }

    /** Whether the likeliest may stand as a name by itself; below, it is said with its share and “not settled”. */
    public boolean named() {
        return standing() == Standing.SETTLED
                || standing() == Standing.OPEN
                        && !seatMustBeSeen()
                        && candidates.get(0).probability() >= NAMED;
    }

    public Standing standing() {
        if (candidates.isEmpty()) {
            return Standing.NOTHING_GIVEN;
        }
        if (unknownProbability > 0.5) {
            return Standing.NOTHING_FITS;
        }
        return candidates.get(0).probability() >= SETTLED && !seatMustBeSeen() ? Standing.SETTLED : Standing.OPEN;
    }

    /** What to do when nothing more can be learned by looking and measuring. */
    public String safeCourse() {
        return SafeCourse.of(candidates);
    }

    public Optional<Candidate> best() {
        return candidates.stream().findFirst();
    }
}
