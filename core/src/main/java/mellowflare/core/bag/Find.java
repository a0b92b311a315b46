package mellowflare.core.bag;

import java.util.List;
import java.util.Set;

/**
 * What may be found once the job is open.
 *
 * @param id stable name
 * @param name as shown
 * @param weight how likely it is against the others, zero or more
 * @param miss what it costs to come a second time where it is found and cannot be finished, in the catalogue's money; zero or more
 * @param kits sets of parts each of which finishes the job then; none where nothing carried would
 */
public record Find(String id, String name, double weight, double miss, List<Set<String>> kits) {
    /** A second trip, where nobody says what it costs (house figure). */
    public static final double TRIP = 60;

    public Find {
        if (!(weight >= 0) || !Double.isFinite(weight)) {
            throw new IllegalArgumentException("A find has a weight of zero or more, not " + weight);
        }
        if (!(miss >= 0) || !Double.isFinite(miss)) {
            throw new IllegalArgumentException("A second trip costs zero or more, not " + miss);
        }
        kits = kits.stream().map(Set::copyOf).toList();
    }

    /** A find of which nobody says what a second trip costs. */
    public static Find usual(String id, String name, double weight, List<Set<String>> kits) {
        return new Find(id, name, weight, TRIP, kits);
    }

    /** The same with another weight. */
    public Find weighing(double other) {
        return new Find(id, name, other, miss, kits);
    }
}
