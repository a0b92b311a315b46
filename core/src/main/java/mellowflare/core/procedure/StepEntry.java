package mellowflare.core.procedure;

import java.time.Instant;
import java.util.Map;
import java.util.Objects;

/**
 * What was done about a step, by whom and when.
 *
 * @param stepId which step
 * @param outcome done, or passed over with a reason
 * @param by who
 * @param at when
 * @param figures recorded figures as text, by field id
 * @param reason why it was passed over; blank when done
 */
public record StepEntry(
        String stepId, Outcome outcome, String by, Instant at, Map<String, String> figures, String reason) {
    public StepEntry {
        Objects.requireNonNull(at);
        figures = Map.copyOf(figures);
        if (outcome == Outcome.PASSED_OVER && reason.isBlank()) {
            throw new IllegalArgumentException("A step is passed over only with a reason: " + stepId);
        }
    }

    /** How it ended. */
    public enum Outcome {
        DONE,
        PASSED_OVER
    }
}
