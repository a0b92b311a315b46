package mellowflare.core.tube.stock;

import java.util.List;
import java.util.Optional;

/**
 * A size that is sold.
 *
 * @param id stable name
 * @param family as shown: plumbing copper type L, refrigeration copper, brake steel ...
 * @param tube the tube
 * @param bore how a plumber calls it, by its nominal bore; empty where nobody does
 * @param called how it is called by its outside diameter
 * @param soft whether it can be flared as it comes
 * @param uses kinds of fluid it is commonly used for, lower case
 */
public record TubeSize(
        String id, String family, Tube tube, Optional<String> bore, String called, boolean soft, List<String> uses) {
    public TubeSize {
        uses = List.copyOf(uses);
    }

    /** As {@code 1/2 by bore, 5/8 outside} or {@code 3/8 outside}. */
    public String names() {
        return bore.map(b -> Say.it("tube-size.by-bore-outside", "b", b, "called", called))
                .orElse(Say.it("tube-size.outside", "called", called));
    }

    /** Whether a shop might mean it by a bare size. */
    public boolean answersTo(String size) {
        return called.equals(size) || bore.filter(size::equals).isPresent();
    }
}
