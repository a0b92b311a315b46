package mellowflare.core.cutting;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.IntStream;

/** Packs the pieces of one task by rules of thumb: bars at hand first, the shortest first, each as full as can be; then bars are bought, of one kind mainly. */
final class Packing {
    /** Of more pieces than these the longest and some of each length between are looked at when a bar is filled. */
    private static final int MOST_LOOKED_AT = 400;

    /** Of very many, fewer are enough: among them there is always one that fills a gap. */
    private static final int VERY_MANY = 1000;

    private static final int FEWER_LOOKED_AT = 150;

    private final CutTask task;
    private final List<CutTask.Stock> shelf;
    private final List<CutTask.Stock> bought;
    private final Map<CutTask.Stock, Integer> gone;

    /**
     * A plan as it grows.
     *
     * @param bars cut so far
     * @param left pieces without a bar, longest first
     */
    record Packed(List<CutBar> bars, List<CutTask.Piece> left) {
        double price() {
            return bars.stream().mapToDouble(b -> b.stock().price()).sum();
        }

        long paid() {
            return bars.stream().filter(b -> b.stock().price() > 0).count();
        }
    }

    Packing(CutTask task) {
        this(task, Map.of());
    }

    /** With so many bars of each already taken. */
    Packing(CutTask task, Map<CutTask.Stock, Integer> gone) {
        this.task = task;
        this.gone = Map.copyOf(gone);
        this.shelf = task.stock().stream()
                .filter(CutTask.Stock::free)
                .sorted(Comparator.comparing(CutTask.Stock::length))
                .toList();
        this.bought = task.stock().stream().filter(s -> !s.free()).toList();
    }

    /** The best that the rules of thumb find for these pieces, longest first. */
    Packed best(List<CutTask.Piece> wanted) {
        List<CutBar> old = new ArrayList<>();
        List<CutTask.Piece> longestFirst = wanted.stream()
                .sorted(Comparator.comparing(CutTask.Piece::length).reversed())
                .toList();
        List<CutTask.Piece> left = fromShelf(longestFirst, old);
        if (bought.isEmpty() || left.isEmpty()) {
            return new Packed(old, left);
        }
        List<Packed> plans = new ArrayList<>();
        for (CutTask.Stock main : bought) {
            plans.add(buy(main, old, left, true));
            plans.add(buy(main, old, left, false));
        }
        return plans.stream().min(BETTER).orElseThrow();
    }

    /** Most length placed first, then the lower price, then fewer bars paid for. */
    static final Comparator<Packed> BETTER = Comparator.comparingDouble((Packed p) ->
                    p.left.stream().mapToDouble(x -> x.length().mm()).sum())
            .thenComparingDouble(Packed::price)
            .thenComparingLong(Packed::paid)
            .thenComparingDouble(p ->
                    p.bars.stream().mapToDouble(b -> b.stock().length().mm()).sum());

    /** Cuts what the shelf gives: every bar as full as can be; a bar that would give nothing stays. */
    private List<CutTask.Piece> fromShelf(List<CutTask.Piece> wanted, List<CutBar> into) {
        List<CutTask.Piece> left = new ArrayList<>(wanted);
        for (CutTask.Stock s : shelf) {
            for (int i = 0; i < s.count().orElse(0) - gone.getOrDefault(s, 0) && !left.isEmpty(); i++) {
                List<CutTask.Piece> in = fill(s, left);
                if (in.isEmpty()) {
                    break;
                }
                into.add(CutBar.of(task, s, in));
            }
        }
        return left;
    }

    /** Buys bars of one kind, others only for what does not go into it; at the end a shorter or cheaper kind takes a bar's pieces where it serves. */
    private Packed buy(CutTask.Stock main, List<CutBar> old, List<CutTask.Piece> wanted, boolean fullest) {
        List<CutBar> bars = new ArrayList<>(old);
        List<CutTask.Piece> left = new ArrayList<>(wanted);
        List<CutTask.Piece> unplaced = new ArrayList<>();
        Map<CutTask.Stock, Integer> used = new HashMap<>(gone);
        while (!left.isEmpty()) {
            CutTask.Stock s = there(main, used) && fits(main, left.get(0))
                    ? main
                    : bought.stream()
                            .filter(b -> there(b, used) && fits(b, left.get(0)))
                            .min(Comparator.comparingDouble(CutTask.Stock::price))
                            .orElse(null);
            if (s == null) {
                unplaced.add(left.remove(0));
                continue;
            }
            List<CutTask.Piece> in = fullest ? fill(s, left) : next(s, left);
            CutTask.Stock cheapest = cheapest(s, in, used);
            used.merge(cheapest, 1, Integer::sum);
            bars.add(CutBar.of(task, cheapest, in));
        }
        return new Packed(bars, unplaced);
    }

    private static boolean there(CutTask.Stock bar, Map<CutTask.Stock, Integer> used) {
        return bar.count().map(n -> used.getOrDefault(bar, 0) < n).orElse(true);
    }

    private boolean fits(CutTask.Stock bar, CutTask.Piece piece) {
        return piece.length().mm() <= task.usable(bar).mm() + 1e-9;
    }

    /** The cheapest bar there is that still gives these pieces. */
    private CutTask.Stock cheapest(CutTask.Stock usual, List<CutTask.Piece> in, Map<CutTask.Stock, Integer> used) {
        double need = in.stream().mapToDouble(p -> p.length().mm()).sum()
                + (in.size() - 1) * task.kerf().mm();
        return bought.stream()
                .filter(b -> there(b, used) && task.usable(b).mm() + 1e-9 >= need)
                .min(Comparator.comparingDouble(CutTask.Stock::price).thenComparing(CutTask.Stock::length))
                .filter(b -> b.price() < usual.price()
                        || b.price() == usual.price() && b.length().compareTo(usual.length()) < 0)
                .orElse(usual);
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
        int[] looked = looked(bar, left, first);
        double[] sizes = new double[looked.length];
        for (int i = 0; i < sizes.length; i++) {
            sizes[i] = left.get(looked[i]).length().mm() + kerf;
        }
        int[] chosen = FullestBar.of(sizes, task.usable(bar).mm() + kerf);
        List<CutTask.Piece> in = new ArrayList<>();
        for (int k = chosen.length - 1; k >= 0; k--) {
            in.add(0, left.remove(looked[chosen[k]]));
        }
        return in;
    }

    /** Which of the pieces from {@code first} on are looked at: of one length as many as a bar holds, and of these all, or as many as can be, spread over the lengths. */
    private int[] looked(CutTask.Stock bar, List<CutTask.Piece> left, int first) {
        double room = task.usable(bar).mm() + task.kerf().mm() + 1e-9;
        // Of very many, so many are looked over at even distances that every length still comes up.
        int over = left.size() - first;
        int[] able = new int[Math.min(over, VERY_MANY)];
        int count = 0;
        double length = -1;
        int alike = 0;
        for (int k = 0; k < able.length; k++) {
            int i = first + (int) ((long) k * over / able.length);
            double now = left.get(i).length().mm();
            alike = now == length ? alike + 1 : 1;
            length = now;
            if (alike * (now + task.kerf().mm()) <= room) {
                able[count++] = i;
            }
        }
        int n = Math.min(count, left.size() > VERY_MANY ? FEWER_LOOKED_AT : MOST_LOOKED_AT);
        double step = (double) count / n;
        return IntStream.range(0, n).map(i -> able[(int) (i * step)]).toArray();
    }

    /** Takes the longest that still goes in, one after the other. */
    private List<CutTask.Piece> next(CutTask.Stock bar, List<CutTask.Piece> left) {
        double room = task.usable(bar).mm() + task.kerf().mm() + 1e-9;
        List<CutTask.Piece> in = new ArrayList<>();
        int at = 0;
        while (at < left.size()) {
            at = fitting(left, at, room);
            if (at < left.size()) {
                CutTask.Piece p = left.remove(at);
                room -= p.length().mm() + task.kerf().mm();
                in.add(p);
            }
        }
        return in;
    }

    /** Where in the list, longest first, the first piece stands that goes in. */
    private int fitting(List<CutTask.Piece> left, int from, double room) {
        int low = from;
        int high = left.size();
        while (low < high) {
            int middle = (low + high) >>> 1;
            if (left.get(middle).length().mm() + task.kerf().mm() <= room) {
                high = middle;
            } else {
                low = middle + 1;
            }
        }
        return low;
    }
}
