package mellowflare.core.identify;

import java.util.List;
import java.util.Optional;
import mellowflare.core.connection.End;
import mellowflare.core.connection.Gender;
import mellowflare.core.thread.ThreadForm;
import mellowflare.core.thread.ThreadSize;

/** 55 or 60 degrees, by the light under the leaf's flanks: right four times in five. */
final class FlankClue implements OutcomeClue<FlankSeen> {
    private static final double RIGHT = 0.85;

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
        Optional<ThreadForm> form = end.thread().map(ThreadSize::form);
        if (form.isEmpty() || form.get() == ThreadForm.ACME) {
            return 1.0 / FlankSeen.values().length;
        }
        boolean whitworth = form.get() == ThreadForm.WHITWORTH;
        return whitworth == (outcome == FlankSeen.DEG55) ? RIGHT : 1 - RIGHT;
    }

    @Override
    public String word(FlankSeen outcome) {
        return outcome.word();
    }

    @Override
    public String expected(End end) {
        return end.thread()
                .map(t -> Say.it("flank-clue.flank", "angleText", t.form().angleText()))
                .orElse(Say.it("flank-clue.no-thread"));
    }
}
