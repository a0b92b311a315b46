package mellowflare.core.cutting;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;

/**
 * The kinds of bar that a task may cut from, those that cost nothing first, then by length, longest first.
 *
 * @param all alike bars together
 */
record Kinds(List<Kind> all) {
    Kinds {
        all = List.copyOf(all);
    }

    /**
     * Alike bars.
     *
     * @param stocks as the task has them
     * @param room what it holds, in nanometres
     * @param price of one; nothing for bars at hand
     * @param most how many there are
     */
    record Kind(List<CutTask.Stock> stocks, long room, double price, int most) {
        Kind {
            stocks = List.copyOf(stocks);
        }

        boolean free() {
            return stocks.get(0).free();
        }
    }

    private record Alike(long room, double price, boolean limited) {}

    /**
     * Bars of one length and price count as one kind.
     *
     * @param pieces no more bars than pieces are ever needed
     */
    static Kinds of(CutTask task, int pieces) {
        Map<Alike, Kind> found = new LinkedHashMap<>();
        for (CutTask.Stock s : task.stock()) {
            int most = Math.min(pieces, s.count().orElse(pieces));
            if (most == 0) {
                continue;
            }
            Kind k = new Kind(List.of(s), Sizes.room(task, s), s.price(), most);
            found.merge(
                    new Alike(k.room, k.price, s.count().isPresent()),
                    k,
                    (a, b) -> new Kind(
                            Stream.concat(a.stocks.stream(), b.stocks.stream()).toList(),
                            a.room,
                            a.price,
                            Math.min(pieces, a.most + b.most)));
        }
        List<Kind> kinds = new ArrayList<>(found.values());
        kinds.sort(Comparator.comparing((Kind k) -> !k.free()).thenComparing(k -> -k.room));
        return new Kinds(kinds);
    }

    /** Hands out the bars of a kind by their names, one after the other. */
    static final class Rack {
        private final Map<CutTask.Stock, Integer> taken = new HashMap<>();

        CutTask.Stock take(Kind kind) {
            CutTask.Stock next = kind.stocks.stream()
                    .filter(s ->
                            s.count().map(n -> taken.getOrDefault(s, 0) < n).orElse(true))
                    .findFirst()
                    .orElseThrow();
            taken.merge(next, 1, Integer::sum);
            return next;
        }
    }

    /** The longest room. */
    long longest() {
        return all.stream().mapToLong(Kind::room).max().orElse(0);
    }
}
