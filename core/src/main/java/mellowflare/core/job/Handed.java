package mellowflare.core.job;

import java.time.Instant;
import java.util.Objects;

/**
 * A job passed from one person to another.
 *
 * @param from who held it; blank where nobody did
 * @param to who holds it from then on
 * @param at when
 * @param said what was said with it; may be blank
 */
public record Handed(String from, String to, Instant at, String said) {
    public Handed {
        from = from.strip();
        to = to.strip();
        said = said.strip();
        Objects.requireNonNull(at);
        if (to.isEmpty()) {
            throw new IllegalArgumentException("A job is handed to somebody");
        }
        if (from.equals(to)) {
            throw new IllegalArgumentException("A job is handed to somebody else");
        }
    }
}
