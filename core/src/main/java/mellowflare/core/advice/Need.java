package mellowflare.core.advice;

import java.util.Objects;

/**
 * What must be told before a check can be made.
 *
 * @param id stable name; two checks that wait for the same thing give the same need
 * @param asks a whole sentence that asks for it
 * @param at the part of the line at which it is told
 * @param entry the entry in which it is told, by its stable name
 */
public record Need(String id, String asks, Subject at, String entry) {
    public Need {
        Objects.requireNonNull(at);
        if (id.isBlank() || asks.isBlank()) {
            throw new IllegalArgumentException("A need has a name and asks in a sentence");
        }
    }

    /** A need with an entry of its own name. */
    public Need(String id, String asks, Subject at) {
        this(id, asks, at, id);
    }
}
