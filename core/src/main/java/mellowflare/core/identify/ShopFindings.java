package mellowflare.core.identify;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import mellowflare.core.connection.End;
import mellowflare.core.connection.EndId;

/**
 * How often each end was named here and then fitted: ends that ran on and sealed, so that a wrong guess does not feed itself.
 *
 * @param counts times, by end
 */
public record ShopFindings(Map<EndId, Integer> counts) {
    public static final ShopFindings NONE = new ShopFindings(Map.of());
    /** How many findings weigh as much as the tables' own shares (house figure). */
    private static final double STRENGTH = 50;

    public ShopFindings {
        counts = Map.copyOf(counts);
    }

    /**
     * @param fitted every end that was fitted, once for each time
     */
    public static ShopFindings of(List<EndId> fitted) {
        Map<EndId, Integer> counts = new HashMap<>();
        fitted.forEach(id -> counts.merge(id, 1, Integer::sum));
        return new ShopFindings(counts);
    }

    public int times(EndId id) {
        return counts.getOrDefault(id, 0);
    }

    /**
     * The prior of each end: the tables' share as so many findings, and the shop's own findings added (mean of a Dirichlet posterior).
     *
     * @param ends all ends of one gender
     * @return shares that sum to one, in the order of the ends
     */
    double[] prior(List<End> ends) {
        double tables = ends.stream().mapToDouble(End::share).sum();
        double own = ends.stream().mapToInt(e -> times(e.id())).sum();
        return ends.stream()
                .mapToDouble(e -> (STRENGTH * e.share() / tables + times(e.id())) / (STRENGTH + own))
                .toArray();
    }
}
