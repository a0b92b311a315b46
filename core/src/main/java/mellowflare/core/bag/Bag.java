package mellowflare.core.bag;

import java.util.List;
import java.util.Set;

/**
 * What is packed.
 *
 * @param parts ids, those that always go along among them
 * @param chance that the job can be finished with them, 0 to 1
 * @param covers ids of finds that they finish
 */
public record Bag(Set<String> parts, double chance, List<String> covers) {
    public Bag {
        parts = Set.copyOf(parts);
        covers = List.copyOf(covers);
    }
}
