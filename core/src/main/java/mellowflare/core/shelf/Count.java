package mellowflare.core.shelf;

import java.time.Instant;
import java.util.List;
import java.util.Objects;
import mellowflare.core.measure.Length;

/**
 * Somebody looked and counted. What was taken before counts no more.
 *
 * @param key part number, or the name of what has none
 * @param name as asked for over the counter
 * @param metres whether it lies there in lengths
 * @param amount how many pieces, or metres in all; zero or more
 * @param pieces the lengths, longest first, for what lies there in lengths
 * @param at when
 * @param by who counted
 */
public record Count(
        String key, String name, boolean metres, double amount, List<Length> pieces, Instant at, String by) {
    public Count {
        Objects.requireNonNull(at);
        pieces = pieces.stream().sorted(java.util.Comparator.reverseOrder()).toList();
        if (key.isBlank() || name.isBlank() || by.isBlank()) {
            throw new IllegalArgumentException("A count says what was counted and who did it");
        }
        if (!(amount >= 0) || pieces.stream().anyMatch(p -> p.mm() <= 0)) {
            throw new IllegalArgumentException("Nothing below zero lies on a shelf");
        }
        if (metres && Math.abs(Held.metres(pieces) - amount) > 1e-6 || !metres && !pieces.isEmpty()) {
            throw new IllegalArgumentException("Lengths are counted for what is cut, and come to its metres");
        }
    }

    /** So many pieces of what is counted one by one. */
    public static Count of(String key, String name, double amount, Instant at, String by) {
        return new Count(key, name, false, amount, List.of(), at, by);
    }

    /** These lengths of what is cut. */
    public static Count lengths(String key, String name, List<Length> pieces, Instant at, String by) {
        return new Count(key, name, true, Held.metres(pieces), pieces, at, by);
    }
}
