package mellowflare.core.procedure;

import java.time.Instant;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import mellowflare.core.shelf.Used;

/**
 * What was done about a step, by whom and when.
 *
 * @param stepId which step
 * @param outcome done, or passed over with a reason
 * @param by who
 * @param at when
 * @param figures recorded figures as text, by field id
 * @param reason why it was passed over; blank when done
 * @param used what it took from the shelf, or had bought; nothing when passed over
 */
public record StepEntry(
        String stepId,
        Outcome outcome,
        String by,
        Instant at,
        Map<String, String> figures,
        String reason,
        List<Used> used) {
    public StepEntry {
        Objects.requireNonNull(at);
        figures = Map.copyOf(figures);
        used = List.copyOf(used);
        if (outcome == Outcome.PASSED_OVER && !used.isEmpty()) {
            throw new IllegalArgumentException("A step that is passed over takes nothing: " + stepId);
        }
        if (outcome == Outcome.PASSED_OVER && reason.isBlank()) {
            throw new IllegalArgumentException("A step is passed over only with a reason: " + stepId);
        }
    }

    /** What was done, before it is said what it took. */
    public StepEntry(
            String stepId, Outcome outcome, String by, Instant at, Map<String, String> figures, String reason) {
        this(stepId, outcome, by, at, figures, reason, List.of());
    }

    /** The same with what it took. */
    public StepEntry using(List<Used> parts) {
        return new StepEntry(stepId, outcome, by, at, figures, reason, parts);
    }

    /** How it ended. */
    public enum Outcome {
        DONE,
        PASSED_OVER
    }
}
