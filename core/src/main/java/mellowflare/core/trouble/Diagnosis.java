package mellowflare.core.trouble;

import java.util.List;
import java.util.Optional;
import mellowflare.core.advice.Finding;

/**
 * What may be wrong, and what to look at next.
 *
 * @param suspects causes, likeliest first
 * @param unknown chance that it is none of them, 0 to 1
 * @param nextLook the look that tells most; empty where none tells more
 * @param findings cautions and what follows for the work
 */
public record Diagnosis(List<Suspect> suspects, double unknown, Optional<NextLook> nextLook, List<Finding> findings) {
    private static final double NAMED = 0.5;

    public Diagnosis {
        suspects = List.copyOf(suspects);
        findings = List.copyOf(findings);
    }

    /**
     * A cause with its chance.
     *
     * @param share 0 to 1
     */
    public record Suspect(Cause cause, double share) {}

    /**
     * A look that is still open.
     *
     * @param sign what is looked for
     * @param bits expected information (bits)
     * @param ifSeen the cause that it would speak for
     */
    public record NextLook(Sign sign, double bits, Cause ifSeen) {}

    /** The cause that is named: one that is more likely than all else together. */
    public Optional<Suspect> named() {
        return suspects.stream().findFirst().filter(s -> s.share() >= NAMED);
    }
}
