package mellowflare.core.run.walk;

import java.util.Optional;
import mellowflare.core.measure.Length;
import mellowflare.core.run.stock.PipeSize;

/**
 * A run with its size.
 *
 * @param run where it lies
 * @param size looked up; empty for hose, and while none is known
 */
public record Sized(Walked.Run run, Optional<PipeSize> size) {
    /** Its bore; empty while no size is known. */
    public Optional<Length> bore() {
        return run.hoseBore().or(() -> size.map(PipeSize::bore));
    }

    public String name() {
        return run.name();
    }
}
