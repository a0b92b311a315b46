package mellowflare.core.cutting;

import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Deque;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/**
 * Pieces by their size in whole nanometres, kerf counted in, alike ones together, longest first. In these figures a sixty-fourth of an inch is whole, so that sums are exact.
 * size: each above zero, falling; count: how many of each.
 */
final class Sizes {
    private final long[] size;
    private final int[] count;

    Sizes(long[] size, int[] count) {
        this.size = size;
        this.count = count;
    }

    long[] size() {
        return size;
    }

    int[] count() {
        return count;
    }

    private static final double PER_MM = 1e6;

    /** A length with so much more, in nanometres. */
    static long nano(double mm) {
        return Math.round(mm * PER_MM);
    }

    static Sizes of(CutTask task, List<CutTask.Piece> single) {
        Map<Long, Integer> counts = new LinkedHashMap<>();
        single.forEach(p -> counts.merge(of(task, p), 1, Integer::sum));
        long[] size = counts.keySet().stream().mapToLong(Long::longValue).toArray();
        int[] count = counts.values().stream().mapToInt(Integer::intValue).toArray();
        return new Sizes(size, count);
    }

    static long of(CutTask task, CutTask.Piece p) {
        return nano(p.length().mm() + task.kerf().mm());
    }

    /** What a bar holds of such sizes: the last piece needs no kerf behind it. */
    static long room(CutTask task, CutTask.Stock bar) {
        return nano(task.usable(bar).mm() + task.kerf().mm());
    }

    int kinds() {
        return size.length;
    }

    int pieces() {
        int n = 0;
        for (int c : count) {
            n += c;
        }
        return n;
    }

    long sum() {
        long sum = 0;
        for (int i = 0; i < size.length; i++) {
            sum += size[i] * count[i];
        }
        return sum;
    }

    /** Hands out the single pieces that stand behind counts of sizes. */
    static final class Hand {
        private final List<Deque<CutTask.Piece>> bySize = new ArrayList<>();

        Hand(CutTask task, List<CutTask.Piece> single, Sizes sizes) {
            Map<Long, Deque<CutTask.Piece>> found = new LinkedHashMap<>();
            single.forEach(p ->
                    found.computeIfAbsent(of(task, p), k -> new ArrayDeque<>()).add(p));
            for (long s : sizes.size) {
                bySize.add(found.get(s));
            }
        }

        /** Takes the pieces of one bar. */
        List<CutTask.Piece> take(int[] counts) {
            List<CutTask.Piece> taken = new ArrayList<>();
            for (int i = 0; i < counts.length; i++) {
                for (int n = 0; n < counts[i]; n++) {
                    taken.add(bySize.get(i).removeFirst());
                }
            }
            return taken;
        }

        /** What nobody took, longest first. */
        List<CutTask.Piece> rest() {
            return bySize.stream().flatMap(Deque::stream).toList();
        }
    }
}
