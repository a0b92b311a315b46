package mellowflare.core.cutting;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.stream.IntStream;

/**
 * The filling of one bar that is worth most. Where all sizes are multiples of a step that is not too fine, by a table over all lengths; else by search over the sizes in the order of worth by length, with
 * the fraction of the next one as bound.
 * counts: of each size; worth: of that filling; atMost: no filling is worth more; above {@code worth} where the search was cut short.
 */
final class Knapsack {
    private final int[] counts;
    private final double worth;
    private final double atMost;

    Knapsack(int[] counts, double worth, double atMost) {
        this.counts = counts;
        this.worth = worth;
        this.atMost = atMost;
    }

    int[] counts() {
        return counts;
    }

    double worth() {
        return worth;
    }

    double atMost() {
        return atMost;
    }

    private static final int MOST_CELLS = 130_000;
    private static final long STEPS = 40_000;

    /**
     * @param sizes what may go in
     * @param worth of each size
     * @param rooms of the bars
     * @return one for each room
     */
    static List<Knapsack> of(Sizes sizes, double[] worth, long[] rooms) {
        long step = step(sizes, rooms);
        if (step > 0) {
            return byTable(sizes, worth, rooms, step, (int) (longest(rooms) / step));
        }
        List<Knapsack> all = new ArrayList<>();
        for (long room : rooms) {
            Search s = new Search(sizes, worth, STEPS);
            double relaxed = s.bound(0, room);
            s.look(0, room, 0);
            all.add(new Knapsack(s.best, s.most, s.steps > 0 ? s.most : Math.max(s.most, relaxed)));
        }
        return all;
    }

    /** The step of which all sizes are multiples; zero where it is too fine for a table. */
    static long step(Sizes sizes, long[] rooms) {
        long step = Arrays.stream(sizes.size()).reduce(0, Knapsack::divisor);
        return longest(rooms) / step <= MOST_CELLS ? step : 0;
    }

    private static long longest(long[] rooms) {
        return Arrays.stream(rooms).max().orElse(0);
    }

    /** What each length up to the longest room is worth at the most. */
    static double[] table(Sizes sizes, double[] worth, long[] rooms, long step) {
        int cells = (int) (longest(rooms) / step);
        double[] best = new double[cells + 1];
        for (Bundle b : bundles(sizes, worth, step, cells)) {
            for (int r = cells; r >= b.size; r--) {
                best[r] = Math.max(best[r], best[r - b.size] + b.worth);
            }
        }
        return best;
    }

    /** Some pieces of one size, taken together or not at all. */
    private record Bundle(int which, int count, int size, double worth) {}

    /** One, two, four and so on of each size, and the rest: every count from none to all is a sum of them. No more of a size than a bar holds. */
    private static List<Bundle> bundles(Sizes sizes, double[] worth, long step, int cells) {
        List<Bundle> all = new ArrayList<>();
        for (int i = 0; i < worth.length; i++) {
            long size = sizes.size()[i] / step;
            long left = worth[i] > 0 ? Math.min(sizes.count()[i], cells / Math.max(1, size)) : 0;
            for (long n = 1; left > 0; n *= 2) {
                long count = Math.min(n, left);
                all.add(new Bundle(i, (int) count, (int) (count * size), count * worth[i]));
                left -= count;
            }
        }
        return all;
    }

    private static long divisor(long a, long b) {
        return b == 0 ? a : divisor(b, a % b);
    }

    private static List<Knapsack> byTable(Sizes sizes, double[] worth, long[] rooms, long step, int cells) {
        double[] best = new double[cells + 1];
        List<Bundle> bundles = bundles(sizes, worth, step, cells);
        // A bit for each length: whether the bundle is among what fills it best. Plain words: this loop is most of a
        // plan.
        List<long[]> takes = new ArrayList<>();
        for (Bundle b : bundles) {
            long[] take = new long[(cells >> 6) + 1];
            for (int r = cells; r >= b.size; r--) {
                double with = best[r - b.size] + b.worth;
                if (with > best[r]) {
                    best[r] = with;
                    take[r >> 6] |= 1L << r;
                }
            }
            takes.add(take);
        }
        List<Knapsack> all = new ArrayList<>();
        for (long room : rooms) {
            int at = (int) (room / step);
            double most = best[at];
            int[] counts = new int[worth.length];
            for (int t = takes.size() - 1; t >= 0; t--) {
                if ((takes.get(t)[at >> 6] & 1L << at) != 0) {
                    Bundle b = bundles.get(t);
                    counts[b.which] += b.count;
                    at -= b.size;
                }
            }
            all.add(new Knapsack(counts, most, most));
        }
        return all;
    }

    private static final class Search {
        private final Sizes sizes;
        private final double[] worth;
        private final int[] order;
        private final int[] now;
        private int[] best;
        private double most;
        private long steps;

        Search(Sizes sizes, double[] worth, long steps) {
            this.sizes = sizes;
            this.worth = worth;
            this.steps = steps;
            this.now = new int[worth.length];
            this.best = new int[worth.length];
            this.order = IntStream.range(0, worth.length)
                    .filter(i -> worth[i] > 0)
                    .boxed()
                    .sorted(Comparator.comparingDouble(i -> -worth[i] / sizes.size()[i]))
                    .mapToInt(Integer::intValue)
                    .toArray();
        }

        /** What the sizes from here on can be worth in this room at the outside. */
        double bound(int at, long room) {
            double sum = 0;
            long left = room;
            for (int o = at; o < order.length; o++) {
                int i = order[o];
                long n = Math.min(sizes.count()[i], left / sizes.size()[i]);
                sum += n * worth[i];
                left -= n * sizes.size()[i];
                if (n < sizes.count()[i]) {
                    return sum + worth[i] * left / sizes.size()[i];
                }
            }
            return sum;
        }

        void look(int at, long room, double sofar) {
            if (sofar > most) {
                most = sofar;
                best = Arrays.copyOf(now, now.length);
            }
            if (at == order.length || steps-- <= 0 || sofar + bound(at, room) <= most + 1e-12) {
                return;
            }
            int i = order[at];
            int n = (int) Math.min(sizes.count()[i], room / sizes.size()[i]);
            for (int take = n; take >= 0 && steps > 0; take--) {
                now[i] = take;
                look(at + 1, room - take * sizes.size()[i], sofar + take * worth[i]);
            }
            now[i] = 0;
        }
    }
}
