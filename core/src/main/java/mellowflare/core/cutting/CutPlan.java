package mellowflare.core.cutting;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import mellowflare.core.measure.Length;

/**
 * Which bar gives which pieces.
 *
 * @param bars in the order of cutting
 * @param unplaced pieces that no bar gives: longer than every bar, or the stock ran out
 * @param lowerBound bars that are needed at least, were all bars of the longest bought kind
 * @param waste what is neither piece nor remnant worth keeping, over all that was cut from, 0 to 1
 * @param price of the bars
 * @param keep remnants from this length on are kept
 */
public record CutPlan(
        List<CutBar> bars, List<CutTask.Piece> unplaced, int lowerBound, double waste, double price, Length keep) {
    public CutPlan {
        bars = List.copyOf(bars);
        unplaced = List.copyOf(unplaced);
    }

    /**
     * Packs the pieces. Bars that are on the shelf are used first, the shortest that still serve first; then bars are bought, of the kind that makes the whole cheapest. Each bar is filled as full
     * as the pieces allow, the longest piece first; of several such plans the one with the fewest bars stands.
     */
    public static CutPlan of(CutTask task) {
        return new Packing(task).plan();
    }

    /** Remnants worth keeping, longest first. */
    public List<Length> remnants() {
        return bars.stream()
                .map(CutBar::remnant)
                .filter(r -> r.compareTo(keep) >= 0 && r.mm() > 0)
                .sorted(Comparator.reverseOrder())
                .toList();
    }

    /** How many bars are bought. */
    public long bought() {
        return bars.stream().filter(b -> b.stock().count().isEmpty()).count();
    }

    /** How many bars at hand are used. */
    public long atHand() {
        return bars.size() - bought();
    }

    /** Whether every piece has its bar. */
    public boolean complete() {
        return unplaced.isEmpty();
    }

    static CutPlan of(CutTask task, List<CutBar> bars, List<CutTask.Piece> unplaced, int lowerBound) {
        double all = 0;
        double used = 0;
        double price = 0;
        for (CutBar b : bars) {
            all += b.stock().length().mm();
            price += b.stock().price();
            used += b.pieces().stream().mapToDouble(p -> p.length().mm()).sum();
            used += b.remnant().compareTo(task.keep()) >= 0 ? b.remnant().mm() : 0;
        }
        return new CutPlan(
                new ArrayList<>(bars),
                unplaced,
                lowerBound,
                all > 0 ? Math.max(0, 1 - used / all) : 0,
                price,
                task.keep());
    }
}
