package mellowflare.core.identify;

import java.util.List;

/**
 * The one look or measurement that is expected to settle most.
 *
 * @param clue what to check
 * @param says what to do, in the trade's words
 * @param bits expected information (bits)
 * @param outcomes what each likely outcome would mean, likeliest first
 */
public record NextCheck(ClueKind clue, String says, double bits, List<Outcome> outcomes) {
    public NextCheck {
        outcomes = List.copyOf(outcomes);
    }

    /**
     * One outcome of the check.
     *
     * @param seen in words
     * @param chance of it, 0 to 1
     * @param then the end it would speak for, in words
     */
    public record Outcome(String seen, double chance, String then) {}
}
