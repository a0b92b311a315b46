package mellowflare.core.identify;

import java.util.List;
import java.util.Optional;
import mellowflare.core.connection.End;
import mellowflare.core.connection.Gender;
import mellowflare.core.thread.ThreadForm;

/** 55 or 60 degrees, by the light under the leaf's flanks: right four times in five. */
final class FlankClue implements OutcomeClue<FlankSeen> {
    private static final double RIGHT = 0.8;

    @Override
    public ClueKind kind() {
        return ClueKind.FLANK;
    }

    @Override
    public List<FlankSeen> outcomes(Gender gender) {
        return List.of(FlankSeen.values());
    }

    @Override
    public Optional<FlankSeen> seen(Observation seen) {
        return seen.flank();
    }

    @Override
    public double chance(FlankSeen outcome, End end) {
        boolean whitworth = end.thread().form() == ThreadForm.WHITWORTH;
        return whitworth == (outcome == FlankSeen.DEG55) ? RIGHT : 1 - RIGHT;
    }

    @Override
    public String word(FlankSeen outcome) {
        return outcome.word();
    }

    @Override
    public String expected(End end) {
        return end.thread().form().angleText() + " flank";
    }
}
