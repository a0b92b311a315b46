package mellowflare.core.identify;

import java.util.List;
import java.util.Optional;
import mellowflare.core.connection.End;
import mellowflare.core.connection.Gender;

/** Right-hand or left-hand: seen at a glance once somebody looks. */
final class HandClue implements OutcomeClue<HandSeen> {
    private static final double RIGHT = 0.985;

    @Override
    public ClueKind kind() {
        return ClueKind.HAND;
    }

    @Override
    public List<HandSeen> outcomes(Gender gender) {
        return List.of(HandSeen.values());
    }

    @Override
    public Optional<HandSeen> seen(Observation seen) {
        return seen.hand();
    }

    @Override
    public double chance(HandSeen outcome, End end) {
        if (end.thread().isEmpty()) {
            return 1.0 / HandSeen.values().length;
        }
        return end.leftHand() == (outcome == HandSeen.LEFT) ? RIGHT : 1 - RIGHT;
    }

    @Override
    public String word(HandSeen outcome) {
        return outcome.word();
    }

    @Override
    public String expected(End end) {
        return (end.leftHand() ? HandSeen.LEFT : HandSeen.RIGHT).word();
    }
}
