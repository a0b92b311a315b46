package mellowflare.core.cutting;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import mellowflare.core.measure.Length;

/** Packs the pieces of one task. */
final class Packing {
    private final CutTask task;
    private final List<CutTask.Piece> wanted;
    private final List<CutTask.Stock> shelf;
    private final List<CutTask.Stock> bought;

    Packing(CutTask task) {
        this.task = task;
        this.wanted = task.single();
        this.shelf = task.stock().stream()
                .filter(s -> s.count().isPresent())
                .sorted(Comparator.comparing(CutTask.Stock::length))
                .toList();
        this.bought = task.stock().stream().filter(s -> s.count().isEmpty()).toList();
    }

    CutPlan plan() {
        List<CutBar> old = new ArrayList<>();
        List<CutTask.Piece> left = fromShelf(old);
        List<CutPlan> plans = new ArrayList<>();
        int bound = bound();
        for (CutTask.Stock main : bought) {
            plans.add(buy(main, old, left, bound, true));
            plans.add(buy(main, old, left, bound, false));
        }
        if (bought.isEmpty()) {
            return CutPlan.of(task, old, left, bound);
        }
        return plans.stream()
                .min(Comparator.comparingInt((CutPlan p) -> p.unplaced().size())
                        .thenComparingDouble(CutPlan::price)
                        .thenComparingDouble(p -> p.bars().stream()
                                .mapToDouble(b -> b.stock().length().mm())
                                .sum())
                        .thenComparingDouble(CutPlan::waste))
                .orElseThrow();
    }

    /** Cuts what the shelf gives: every bar as full as can be; a bar that would give nothing stays. */
    private List<CutTask.Piece> fromShelf(List<CutBar> into) {
        List<CutTask.Piece> left = new ArrayList<>(wanted);
        for (CutTask.Stock s : shelf) {
            for (int i = 0; i < s.count().orElse(0) && !left.isEmpty(); i++) {
                List<CutTask.Piece> in = fill(s, left);
                if (in.isEmpty()) {
                    break;
                }
                into.add(CutBar.of(task, s, in));
            }
        }
        return left;
    }

    /** Buys bars of one kind, others only for what does not go into it; at the end a shorter or cheaper kind takes the last bar where it serves. */
    private CutPlan buy(
            CutTask.Stock main, List<CutBar> old, List<CutTask.Piece> wantedStill, int bound, boolean fullest) {
        List<CutBar> bars = new ArrayList<>(old);
        List<CutTask.Piece> left = new ArrayList<>(wantedStill);
        List<CutTask.Piece> unplaced = new ArrayList<>();
        while (!left.isEmpty()) {
            CutTask.Stock s = fits(main, left.get(0))
                    ? main
                    : bought.stream()
                            .filter(b -> fits(b, left.get(0)))
                            .min(Comparator.comparingDouble(CutTask.Stock::price))
                            .orElse(null);
            if (s == null) {
                unplaced.add(left.remove(0));
                continue;
            }
            List<CutTask.Piece> in = fullest ? fill(s, left) : next(s, left);
            bars.add(CutBar.of(task, cheapest(s, in), in));
        }
        return CutPlan.of(task, bars, unplaced, bound);
    }

    private boolean fits(CutTask.Stock bar, CutTask.Piece piece) {
        return piece.length().mm() <= task.usable(bar).mm() + 1e-9;
    }

    /** The cheapest bought bar that still gives these pieces. */
    private CutTask.Stock cheapest(CutTask.Stock usual, List<CutTask.Piece> in) {
        double need = need(in);
        return bought.stream()
                .filter(b -> task.usable(b).mm() + 1e-9 >= need)
                .min(Comparator.comparingDouble(CutTask.Stock::price).thenComparing(CutTask.Stock::length))
                .filter(b -> b.price() < usual.price()
                        || b.price() == usual.price() && b.length().compareTo(usual.length()) < 0)
                .orElse(usual);
    }

    private double need(List<CutTask.Piece> in) {
        return in.stream().mapToDouble(p -> p.length().mm()).sum()
                + (in.size() - 1) * task.kerf().mm();
    }

    /** Takes from what is left the pieces that fill a bar best; none where not even the shortest goes in. */
    private List<CutTask.Piece> fill(CutTask.Stock bar, List<CutTask.Piece> left) {
        int first = 0;
        while (first < left.size() && !fits(bar, left.get(first))) {
            first++;
        }
        if (first == left.size()) {
            return List.of();
        }
        double kerf = task.kerf().mm();
        double[] sizes = new double[left.size() - first];
        for (int i = 0; i < sizes.length; i++) {
            sizes[i] = left.get(first + i).length().mm() + kerf;
        }
        int[] chosen = FullestBar.of(sizes, task.usable(bar).mm() + kerf);
        List<CutTask.Piece> in = new ArrayList<>();
        for (int k = chosen.length - 1; k >= 0; k--) {
            in.add(0, left.remove(first + chosen[k]));
        }
        return in;
    }

    /** Takes the longest that still goes in, one after the other. */
    private List<CutTask.Piece> next(CutTask.Stock bar, List<CutTask.Piece> left) {
        double room = task.usable(bar).mm() + task.kerf().mm() + 1e-9;
        List<CutTask.Piece> in = new ArrayList<>();
        for (int i = 0; i < left.size(); ) {
            double size = left.get(i).length().mm() + task.kerf().mm();
            if (size <= room) {
                room -= size;
                in.add(left.remove(i));
            } else {
                i++;
            }
        }
        return in;
    }

    private int bound() {
        Length longest = task.stock().stream()
                .map(task::usable)
                .max(Comparator.naturalOrder())
                .orElseThrow();
        double kerf = task.kerf().mm();
        double[] sizes = wanted.stream()
                .filter(p -> p.length().mm() <= longest.mm() + 1e-9)
                .mapToDouble(p -> p.length().mm() + kerf)
                .toArray();
        return LowerBound.bars(sizes, longest.mm() + kerf);
    }
}
