package mellowflare.core.identify;

import java.util.List;
import java.util.Optional;
import mellowflare.core.connection.End;
import mellowflare.core.connection.Gender;

/** Straight or tapered: right more than nine times in ten. */
final class TaperClue implements OutcomeClue<TaperSeen> {
    private static final double RIGHT = 0.95;

    @Override
    public ClueKind kind() {
        return ClueKind.TAPER;
    }

    @Override
    public List<TaperSeen> outcomes(Gender gender) {
        return List.of(TaperSeen.values());
    }

    @Override
    public Optional<TaperSeen> seen(Observation seen) {
        return seen.taper();
    }

    @Override
    public double chance(TaperSeen outcome, End end) {
        if (end.thread().isEmpty()) {
            return 1.0 / TaperSeen.values().length;
        }
        return end.tapered() == (outcome == TaperSeen.TAPERED) ? RIGHT : 1 - RIGHT;
    }

    @Override
    public String word(TaperSeen outcome) {
        return outcome.word();
    }

    @Override
    public String expected(End end) {
        return end.tapered() ? Say.it("taper-clue.tapered") : Say.it("taper-clue.straight");
    }
}
