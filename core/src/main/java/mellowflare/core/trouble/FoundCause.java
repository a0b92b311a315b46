package mellowflare.core.trouble;

import java.time.LocalDate;
import java.util.Objects;

/**
 * What was found to be wrong with a line, once it was looked into.
 *
 * @param cause published code of the cause
 * @param on the day
 * @param by who found it
 */
public record FoundCause(String cause, LocalDate on, String by) {
    public FoundCause {
        Objects.requireNonNull(on);
        if (cause.isBlank() || by.isBlank()) {
            throw new IllegalArgumentException("What was found has its cause and a name");
        }
    }
}
