package mellowflare.core.trouble;

import java.util.HashMap;
import java.util.List;
import java.util.Map;

/**
 * How often each cause was found in this shop.
 *
 * @param counts times, by the cause's code
 */
public record ShopCauses(Map<String, Integer> counts) {
    public static final ShopCauses NONE = new ShopCauses(Map.of());
    /** How many findings weigh as much as the tables' own shares (house figure). */
    private static final double STRENGTH = 50;

    public ShopCauses {
        counts = Map.copyOf(counts);
    }

    /**
     * @param found every cause that was found, once for each time
     */
    public static ShopCauses of(List<String> found) {
        Map<String, Integer> counts = new HashMap<>();
        found.forEach(c -> counts.merge(c, 1, Integer::sum));
        return new ShopCauses(counts);
    }

    public int times(Cause c) {
        return counts.getOrDefault(c.id(), 0);
    }

    /**
     * The prior of each cause: the tables' share as so many findings, and the shop's own added (mean of a Dirichlet posterior).
     *
     * @param causes that may be there
     * @return shares that sum to one, in their order
     */
    double[] prior(List<Cause> causes) {
        double tables = causes.stream().mapToDouble(Cause::prior).sum();
        double own = causes.stream().mapToInt(this::times).sum();
        return causes.stream()
                .mapToDouble(c -> (STRENGTH * c.prior() / tables + times(c)) / (STRENGTH + own))
                .toArray();
    }
}
