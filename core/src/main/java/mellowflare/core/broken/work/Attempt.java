package mellowflare.core.broken.work;

import java.util.Optional;
import mellowflare.core.broken.stock.Rung;

/**
 * A rung at this part.
 *
 * @param blocked why it may not be tried, a whole sentence; empty where it may
 * @param never whether it is refused for danger, whatever is answered next
 */
public record Attempt(Rung rung, Optional<String> blocked, boolean never) {
    public boolean open() {
        return blocked.isEmpty();
    }
}
