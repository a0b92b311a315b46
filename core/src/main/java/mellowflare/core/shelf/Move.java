package mellowflare.core.shelf;

import java.time.Instant;
import java.util.Objects;

/**
 * What a step of a job took, as its log says.
 *
 * @param job id of the job
 * @param step id of the step
 * @param at when it was ticked
 * @param by who ticked it
 * @param used what it took
 */
public record Move(String job, String step, Instant at, String by, Used used) {
    public Move {
        Objects.requireNonNull(at);
        Objects.requireNonNull(used);
    }
}
