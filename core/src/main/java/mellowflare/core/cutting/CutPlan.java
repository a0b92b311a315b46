package mellowflare.core.cutting;

import java.util.Comparator;
import java.util.List;
import java.util.stream.Stream;
import mellowflare.core.measure.Length;

/**
 * Which bar gives which pieces.
 *
 * @param bars in the order of cutting
 * @param tooLong pieces that are longer than every bar
 * @param left pieces that would go into a bar and have none
 * @param lowerBound bars that are needed at least, were all bars of the longest kind
 * @param leastPrice no plan costs less
 * @param standing what is known of this plan beside all others
 * @param waste what is neither piece nor remnant worth keeping, over all that was cut from, 0 to 1
 * @param price of the bars
 * @param keep remnants from this length on are kept
 */
public record CutPlan(
        List<CutBar> bars,
        List<CutTask.Piece> tooLong,
        List<CutTask.Piece> left,
        int lowerBound,
        double leastPrice,
        Standing standing,
        double waste,
        double price,
        Length keep) {

    /** What is known of a plan beside all others. */
    public enum Standing {
        /** No cheaper plan exists. */
        PROVEN,
        /** A cheaper plan is not ruled out. */
        NOT_PROVEN,
        /** No choice among the bars takes all pieces. */
        BARS_DO_NOT_SUFFICE,
        /** No place was found for all pieces; none was ruled out. */
        NOT_FOUND
    }

    public CutPlan {
        bars = List.copyOf(bars);
        tooLong = List.copyOf(tooLong);
        left = List.copyOf(left);
    }

    /**
     * Packs the pieces. Bars at hand, which are counted and have no price, cost nothing; then the least is paid, then the fewest bars are bought. Up to some eighty pieces cheaper plans are searched for
     * and ruled out, so that most plans are proven the cheapest; beyond, the price is bounded from below.
     */
    public static CutPlan of(CutTask task) {
        return new Planner(task).plan();
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
        return bars.stream().filter(b -> !b.stock().free()).count();
    }

    /** How many bars at hand are used. */
    public long atHand() {
        return bars.size() - bought();
    }

    /** Whether every piece has its bar. */
    public boolean complete() {
        return tooLong.isEmpty() && left.isEmpty();
    }

    /** Whether no cheaper plan exists. */
    public boolean proven() {
        return standing == Standing.PROVEN;
    }

    /** How much dearer than the bound it is at the most, over the bound; zero once it is proven. */
    public double gap() {
        return proven() || leastPrice <= 0 ? 0 : price / leastPrice - 1;
    }

    /** All pieces without a bar. */
    public List<CutTask.Piece> unplaced() {
        return Stream.concat(tooLong.stream(), left.stream()).toList();
    }

    static CutPlan of(
            CutTask task,
            Packing.Packed packed,
            List<CutTask.Piece> tooLong,
            int lowerBound,
            double leastPrice,
            Standing standing) {
        double all = 0;
        double used = 0;
        for (CutBar b : packed.bars()) {
            all += b.stock().length().mm();
            used += b.pieces().stream().mapToDouble(p -> p.length().mm()).sum();
            used += b.remnant().compareTo(task.keep()) >= 0 ? b.remnant().mm() : 0;
        }
        return new CutPlan(
                packed.bars(),
                tooLong,
                packed.left(),
                lowerBound,
                leastPrice,
                standing,
                all > 0 ? Math.max(0, 1 - used / all) : 0,
                packed.price(),
                task.keep());
    }
}
