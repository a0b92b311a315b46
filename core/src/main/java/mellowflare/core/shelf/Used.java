package mellowflare.core.shelf;

import java.util.Objects;
import java.util.Optional;
import mellowflare.core.measure.Length;

/**
 * What a ticked step took.
 *
 * @param key part number, or the name of what has none
 * @param name as asked for over the counter
 * @param amount pieces, or metres of what is cut; above zero
 * @param metres whether it is cut to length
 * @param from where it came from
 * @param piece the length that it was cut from; empty for what is counted, and where no piece was long enough
 * @param left what went back of that length; empty where nothing worth keeping did
 */
public record Used(
        String key,
        String name,
        double amount,
        boolean metres,
        From from,
        Optional<Length> piece,
        Optional<Length> left) {
    public Used {
        Objects.requireNonNull(from);
        if (key.isBlank() || name.isBlank() || !(amount > 0)) {
            throw new IllegalArgumentException("What was used has a name and an amount above zero");
        }
        if (!metres && (piece.isPresent() || left.isPresent())) {
            throw new IllegalArgumentException("Only what is cut has a length that it came from");
        }
        if (left.isPresent() && (piece.isEmpty() || left.get().compareTo(piece.get()) >= 0)) {
            throw new IllegalArgumentException("What goes back is shorter than what it was cut from");
        }
    }

    /** Where a part came from. */
    public enum From {
        SHELF,
        /** Bought or brought for the job: no shelf is kept of it, or it lay with the job. */
        JOB
    }

    /** So many pieces. */
    public static Used counted(String key, String name, double pieces, From from) {
        return new Used(key, name, pieces, false, from, Optional.empty(), Optional.empty());
    }
}
