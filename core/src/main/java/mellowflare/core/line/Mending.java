package mellowflare.core.line;

import java.util.Objects;

/**
 * One small change of a line that might mend it.
 *
 * @param words what is changed, a few words
 * @param line the line after it
 */
public record Mending<L extends Line>(String words, L line) {
    public Mending {
        Objects.requireNonNull(line);
        if (words.isBlank()) {
            throw new IllegalArgumentException("A change is said in words");
        }
    }
}
