package mellowflare.core.bag;

import java.util.List;
import java.util.Set;

/**
 * What is packed.
 *
 * @param parts ids, those that always go along among them
 * @param chance share of what all finds weigh that they finish, 0 to 1: the chance itself, where finds weigh by that
 * @param covers ids of finds that they finish
 */
public record Bag(Set<String> parts, double chance, List<String> covers) {
    public Bag {
        parts = Set.copyOf(parts);
        covers = List.copyOf(covers);
    }
}
