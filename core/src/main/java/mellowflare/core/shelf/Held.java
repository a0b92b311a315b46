package mellowflare.core.shelf;

import java.util.List;
import mellowflare.core.measure.Length;

/**
 * What lies there of one part.
 *
 * @param amount how many, or metres in all; never below zero
 * @param pieces its lengths, longest first; empty for what is counted one by one
 * @param over how much more was taken than lay there: the shelf wants counting again when it is above zero
 */
public record Held(double amount, List<Length> pieces, double over) {
    public Held {
        pieces = List.copyOf(pieces);
        if (!(amount >= 0) || !(over >= 0)) {
            throw new IllegalArgumentException("Nothing below zero lies on a shelf");
        }
    }

    static double metres(List<Length> pieces) {
        return pieces.stream().mapToDouble(Length::mm).sum() / 1000;
    }

    /** Whether more was taken than lay there. */
    public boolean wantsCounting() {
        return over > 1e-9;
    }

    /** The longest piece; zero where none lies there. */
    public Length longest() {
        return pieces.isEmpty() ? Length.ZERO : pieces.get(0);
    }
}
