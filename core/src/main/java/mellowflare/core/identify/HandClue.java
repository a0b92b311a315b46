package mellowflare.core.identify;

import java.util.List;
import java.util.Optional;
import mellowflare.core.connection.End;
import mellowflare.core.connection.Gender;

/** Right-hand or left-hand: hardly ever mistaken once somebody looks (house figure). */
final class HandClue implements OutcomeClue<HandSeen> {
    private static final double UNKNOWN_LEFT = 0.3;
    private static final double RIGHT = 0.9995;

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

    /** Left-hand threads are seldom, on ends of no table too, though less so. */
    @Override
    public double likelihoodOfUnknown(Observation observation) {
        return observation.hand().orElseThrow() == HandSeen.LEFT ? UNKNOWN_LEFT : 1 - UNKNOWN_LEFT;
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
