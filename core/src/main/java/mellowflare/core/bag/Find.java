package mellowflare.core.bag;

import java.util.List;
import java.util.Set;

/**
 * What may be found once the job is open.
 *
 * @param id stable name
 * @param name as shown
 * @param weight how likely it is against the others, zero or more
 * @param kits sets of parts each of which finishes the job then; none where nothing carried would
 */
public record Find(String id, String name, double weight, List<Set<String>> kits) {
    public Find {
        if (!(weight >= 0) || !Double.isFinite(weight)) {
            throw new IllegalArgumentException("A find has a weight of zero or more, not " + weight);
        }
        kits = kits.stream().map(Set::copyOf).toList();
    }

    /** The same with another weight. */
    public Find weighing(double other) {
        return new Find(id, name, other, kits);
    }
}
