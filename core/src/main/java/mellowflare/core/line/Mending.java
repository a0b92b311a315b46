package mellowflare.core.line;

import java.util.Objects;

/**
 * One change of a line that might mend it.
 *
 * @param words what is changed, a few words
 * @param parts how many parts of the line are others after it, one or more
 * @param line the line after it
 */
public record Mending<L extends Line>(String words, int parts, L line) {
    public Mending {
        Objects.requireNonNull(line);
        if (words.isBlank() || parts < 1) {
            throw new IllegalArgumentException("A change is said in words, and changes something");
        }
    }

    /** A change of one part. */
    public Mending(String words, L line) {
        this(words, 1, line);
    }
}
