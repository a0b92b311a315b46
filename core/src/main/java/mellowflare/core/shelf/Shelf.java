package mellowflare.core.shelf;

import java.util.ArrayList;
import java.util.Collection;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import java.util.function.Predicate;
import mellowflare.core.measure.Length;
import mellowflare.core.reference.ReferenceKey;

/**
 * What lies on the shelf. It starts from what the lists of parts say, or from the last count, and follows the work from there: the ticks of all jobs take from it, remnants come back to it. A tick that
 * is taken back has taken nothing.
 */
public final class Shelf {
    public static final ReferenceKey<Shelf> KEY = new ReferenceKey<>("shelf", Shelf.class);

    /** As the lists say, and nothing taken. */
    public static final Shelf AS_LISTED = new Shelf(Map.of(), Map.of(), List.of());

    /** Two figures for one piece (mm). */
    private static final double SAME = 0.5;

    private final Map<String, Listed> listed;
    private final Map<String, Count> counts;
    private final List<Move> moves;
    private final Map<String, List<Move>> byKey;

    private Shelf(Map<String, Listed> listed, Map<String, Count> counts, List<Move> moves) {
        this.listed = listed;
        this.counts = counts;
        this.moves = moves;
        this.byKey = new LinkedHashMap<>();
        moves.forEach(m ->
                byKey.computeIfAbsent(m.used().key(), k -> new ArrayList<>()).add(m));
    }

    /** The shelf after these counts and moves; of two counts of one part the later holds. */
    public static Shelf of(Collection<Count> counts, Collection<Move> moves) {
        Map<String, Count> last = new LinkedHashMap<>();
        counts.forEach(c -> last.merge(c.key(), c, (a, b) -> b.at().isBefore(a.at()) ? a : b));
        return new Shelf(
                Map.of(),
                last,
                moves.stream().sorted(Comparator.comparing(Move::at)).toList());
    }

    /**
     * What a list of parts says.
     *
     * @param amount how many pieces, or metres of what is cut
     * @param metres whether it is cut to length
     */
    public record Listed(double amount, boolean metres) {}

    /** With what the lists of parts say, by part number. */
    public Shelf listing(Map<String, Listed> amounts) {
        return new Shelf(Map.copyOf(amounts), counts, moves);
    }

    /** With other moves of one job; those of all others stay. */
    public Shelf withJob(String job, List<Move> its) {
        List<Move> all = new ArrayList<>(without(m -> m.job().equals(job)).moves);
        all.addAll(its);
        all.sort(Comparator.comparing(Move::at));
        return new Shelf(listed, counts, List.copyOf(all));
    }

    /** With one count more. */
    public Shelf counted(Count count) {
        Map<String, Count> all = new LinkedHashMap<>(counts);
        all.put(count.key(), count);
        return new Shelf(listed, all, moves);
    }

    /** As it was without some of the moves. */
    public Shelf without(Predicate<Move> these) {
        return new Shelf(
                listed, counts, moves.stream().filter(m -> !these.test(m)).toList());
    }

    /** What the ticks of one job took. */
    public List<Move> of(String job) {
        return moves.stream().filter(m -> m.job().equals(job)).toList();
    }

    /** Parts that were counted or taken, in the order of their keys; those that lie as listed are not among them. */
    public Set<String> touched() {
        Set<String> keys = new TreeSet<>(counts.keySet());
        keys.addAll(byKey.keySet());
        return keys;
    }

    /** What was taken of a part since it was last counted, the earliest first. */
    public List<Move> moves(String key) {
        Optional<Count> count = count(key);
        return byKey.getOrDefault(key, List.of()).stream()
                .filter(m -> count.map(c -> !m.at().isBefore(c.at())).orElse(true))
                .toList();
    }

    public Optional<Count> count(String key) {
        return Optional.ofNullable(counts.get(key));
    }

    /** What lies there of a part; empty where no shelf is kept of it: it is in no list, nobody counted it, and no remnant of it came back. */
    public Optional<Held> held(String key) {
        Optional<Count> count = count(key);
        Optional<Listed> start =
                count.map(c -> new Listed(c.amount(), c.metres())).or(() -> Optional.ofNullable(listed.get(key)));
        List<Move> since = moves(key);
        if (start.isEmpty() && since.stream().allMatch(m -> m.used().left().isEmpty())) {
            return Optional.empty();
        }
        boolean cut = start.map(Listed::metres).orElse(true);
        double amount = start.map(Listed::amount).orElse(0.0);
        return Optional.of(
                cut ? lengths(count.map(Count::pieces).orElseGet(() -> asOne(amount)), since) : counted(amount, since));
    }

    /** Metres of a list lie there as one piece: it does not say otherwise. */
    private static List<Length> asOne(double metres) {
        return metres > 0 ? List.of(Length.ofMm(metres * 1000)) : List.of();
    }

    private static Held counted(double start, List<Move> since) {
        double there = start;
        double over = 0;
        for (Move m : since) {
            if (m.used().from() == Used.From.SHELF) {
                over += Math.max(0, m.used().amount() - there);
                there = Math.max(0, there - m.used().amount());
            }
        }
        return new Held(there, List.of(), over);
    }

    private static Held lengths(List<Length> start, List<Move> since) {
        List<Length> there = new ArrayList<>(start);
        double over = 0;
        for (Move m : since) {
            Used u = m.used();
            if (u.from() == Used.From.SHELF && !removed(there, u.piece())) {
                over += u.amount();
            }
            u.left().ifPresent(there::add);
        }
        there.sort(Comparator.reverseOrder());
        return new Held(Held.metres(there), there, over);
    }

    private static boolean removed(List<Length> there, Optional<Length> piece) {
        Optional<Length> found = piece.flatMap(p -> there.stream()
                .filter(t -> t.distanceTo(p).mm() < SAME)
                .min(Comparator.comparing(t -> t.distanceTo(p))));
        found.ifPresent(there::remove);
        return found.isPresent();
    }

    /** The lengths of what is cut, longest first. */
    public List<Length> pieces(String key) {
        return held(key).map(Held::pieces).orElse(List.of());
    }
}
