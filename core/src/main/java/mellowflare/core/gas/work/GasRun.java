package mellowflare.core.gas.work;

import java.util.Optional;
import mellowflare.core.gas.stock.GasSize;
import mellowflare.core.measure.Length;
import mellowflare.core.run.walk.Walked;

/**
 * A stretch with its size.
 *
 * @param run where it lies
 * @param size looked up; empty for hose, and while none is known
 */
public record GasRun(Walked.Run run, Optional<GasSize> size) {
    /** Its bore; empty while no size is known. */
    public Optional<Length> bore() {
        return run.hoseBore().or(() -> size.map(GasSize::bore));
    }

    public String name() {
        return run.name();
    }
}
