package mellowflare.core.identify;

import java.util.List;

/**
 * The one look or measurement that is expected to settle most.
 *
 * @param clue what to check
 * @param bits expected information (bits)
 * @param outcomes what each likely outcome would mean, likeliest first
 */
public record NextCheck(ClueKind clue, double bits, List<Outcome> outcomes) {
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

    /** What to do, in the trade's words. */
    public String says() {
        return switch (clue) {
            case DIAMETER -> "Measure over the crests at the large end of sound thread.";
            case PITCH -> "Lay the pitch gauge: the leaf with no light under it.";
            case FLANK -> "Lay the 55 and the 60 degree leaf of this pitch: the wrong one shows light at the flanks.";
            case TAPER -> "Hold a straight edge along the crests: light at one end means taper.";
            case SEAT -> "Wipe the nose clean and look for the seat: cone, ring, flat or plain.";
            case SEAT_ANGLE -> "Hold the angle gauge in the seat.";
            case RING -> "Look for a ring or its groove at the foot of the thread.";
            case SERVICE -> "Say what it was found on.";
        };
    }
}
