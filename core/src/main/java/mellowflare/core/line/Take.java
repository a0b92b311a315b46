package mellowflare.core.line;

import java.util.Objects;
import java.util.Optional;

/**
 * What a line takes from the shelf, or has bought for it.
 *
 * @param number part number of the catalogue; blank where it is asked for by its name
 * @param name as asked for over the counter
 * @param need how many pieces or metres, zero or more
 * @param metres whether it is counted in metres
 * @param onShelf how many lie on the shelf; empty where no shelf is kept of it
 * @param each price of one, in the catalogue's money; empty where none is known
 */
public record Take(
        String number, String name, double need, boolean metres, Optional<Double> onShelf, Optional<Double> each) {
    public Take {
        Objects.requireNonNull(number);
        Objects.requireNonNull(onShelf);
        Objects.requireNonNull(each);
        if (name.isBlank() || !(need >= 0)) {
            throw new IllegalArgumentException("What is taken has a name and no amount below zero");
        }
    }

    /** By its name alone. */
    public static Take named(String name, double need, boolean metres, Optional<Double> each) {
        return new Take("", name, need, metres, Optional.empty(), each);
    }

    /** What tells it from others: its number, else its name. */
    public String key() {
        return number.isBlank() ? name : number;
    }
}
