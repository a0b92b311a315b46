package mellowflare.core.cutting;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.Iterator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.IntStream;

/**
 * Plans the cutting of one task: least cost first, then fewest bars paid for; bars at hand cost nothing. Rules of thumb give a plan; then every cheaper choice of bars is looked at, cheapest first, until
 * one is found into which the pieces go, or all are ruled out, or the steps are used up.
 */
final class Planner {
    /** Beyond so many pieces a choice of bars is ruled out by its sums only. */
    private static final int MOST_SEARCHED = 80;

    /** Beyond so many the choices are not gone through one by one. */
    private static final int MOST_BY_CHOICE = 500;

    private static final long STEPS_OF_ALL = 1_500_000;
    private static final long STEPS_AT_FIRST = 30_000;
    private static final long STEPS_OF_ONE = 1_000_000;
    private static final int MOST_CHOICES = 60_000;
    private static final long STEPS_TO_SPARE = 30_000;
    private static final int BARS_TO_SPARE = 10;
    private static final double EPS = 1e-9;

    private final CutTask task;
    private final List<CutTask.Piece> wanted;
    private final List<CutTask.Piece> tooLong;
    private final Sizes sizes;
    private final Kinds kinds;
    private final long[] rooms;
    private final int[] byRoom;
    private long steps = STEPS_OF_ALL;

    /** What looking at the choices came to. */
    private record Looked(Optional<Packing.Packed> found, boolean cheaperRuledOut, boolean allRuledOut) {}

    Planner(CutTask task) {
        this.task = task;
        long longest = task.stock().stream()
                .filter(s -> s.count().orElse(1) > 0)
                .mapToLong(s -> Sizes.room(task, s))
                .max()
                .orElse(0);
        List<CutTask.Piece> fits = new ArrayList<>();
        List<CutTask.Piece> none = new ArrayList<>();
        for (CutTask.Piece p : task.single()) {
            boolean goes = Sizes.nano(p.length().mm() + task.kerf().mm()) <= longest;
            (goes ? fits : none).add(p);
        }
        this.wanted = fits;
        this.tooLong = none;
        this.sizes = Sizes.of(task, wanted);
        this.kinds = Kinds.of(task, wanted.size());
        this.byRoom = byRoom();
        this.rooms =
                Arrays.stream(byRoom).mapToLong(k -> kinds.all().get(k).room()).toArray();
    }

    private int[] byRoom() {
        Integer[] order = new Integer[kinds.all().size()];
        Arrays.setAll(order, i -> i);
        Arrays.sort(
                order,
                Comparator.comparing((Integer k) -> -kinds.all().get(k).room())
                        .thenComparing(k -> kinds.all().get(k).price()));
        return Arrays.stream(order).mapToInt(Integer::intValue).toArray();
    }

    CutPlan plan() {
        if (wanted.isEmpty()) {
            return CutPlan.of(task, new Packing.Packed(List.of(), List.of()), tooLong, 0, 0, CutPlan.Standing.PROVEN);
        }
        Packing.Packed best = new Packing(task).best(wanted);
        double least = 0;
        boolean many = wanted.size() > MOST_BY_CHOICE;
        boolean proven = best.left().isEmpty() && !many && ruledOutBySums(best);
        boolean ruledOut = false;
        if (!proven) {
            Worths worths = Worths.of(sizes, kinds, Worths.works(sizes) ? fillings(best) : List.of());
            least = worths.least();
            if (wanted.size() > MOST_SEARCHED) {
                best = rounded(worths, best);
            }
            Looked looked = many ? ofMany(best, worths) : look(best, worths);
            best = looked.found.orElse(best);
            proven = best.left().isEmpty() && looked.cheaperRuledOut;
            ruledOut = looked.allRuledOut;
        }
        CutPlan.Standing standing = !best.left().isEmpty()
                ? ruledOut ? CutPlan.Standing.BARS_DO_NOT_SUFFICE : CutPlan.Standing.NOT_FOUND
                : proven ? CutPlan.Standing.PROVEN : CutPlan.Standing.NOT_PROVEN;
        double price = best.price();
        return CutPlan.of(task, best, tooLong, bars(), proven ? price : Math.min(least, price), standing);
    }

    /**
     * Looks at the choices of bars that are cheaper than what is there, or as cheap with fewer bars, cheapest first: a short search of each, until the pieces go into one; then a long one of those that
     * are cheaper still and were not ruled out.
     */
    private Looked look(Packing.Packed best, Worths worths) {
        boolean complete = best.left().isEmpty();
        Choice bound = complete
                ? new Choice(new int[0], best.price(), (int) best.paid())
                : new Choice(new int[0], Double.MAX_VALUE, Integer.MAX_VALUE);
        List<Choice> open = new ArrayList<>();
        Iterator<Choice> choices = new Choices(kinds);
        Optional<Packing.Packed> found = Optional.empty();
        boolean all = true;
        int looked = 0;
        while (found.isEmpty() && choices.hasNext()) {
            Choice c = choices.next();
            if (!c.before(bound)) {
                break;
            }
            if (++looked > MOST_CHOICES) {
                all = false;
                break;
            }
            if (c.price() < worths.least() - EPS || !holds(c) || worths.rulesOut(byKind(c))) {
                continue;
            }
            ExactFit.Answer a = search(c, worths, STEPS_AT_FIRST);
            if (a.says() == ExactFit.Says.FITS) {
                found = Optional.of(packed(spared(a.bars(), c)));
                bound = c;
            } else if (a.says() == ExactFit.Says.NOT_KNOWN && !worths.canRuleOut(byKind(c))) {
                open.add(c);
            }
        }
        boolean ruledOut = all;
        for (Choice c : open) {
            if (!c.before(bound) || worths.rulesOut(byKind(c))) {
                continue;
            }
            ExactFit.Answer a = search(c, worths, STEPS_OF_ONE);
            if (a.says() == ExactFit.Says.FITS) {
                return new Looked(Optional.of(packed(spared(a.bars(), c))), ruledOut, false);
            }
            // Fewer bars for the same price would be nicer, and no cheaper.
            ruledOut &= a.says() == ExactFit.Says.FITS_NOT || c.price() > bound.price() - EPS;
        }
        return new Looked(found, ruledOut, ruledOut && !complete && found.isEmpty());
    }

    /**
     * Very many pieces are not searched, choice by choice: nothing cheaper exists where the plan costs what bars come to at the least that reach the bound of the worths, and the bars do not suffice where all
     * of them together do not.
     */
    private Looked ofMany(Packing.Packed best, Worths worths) {
        if (best.left().isEmpty()) {
            return new Looked(Optional.empty(), best.price() <= nextPrice(worths.least()) + EPS, false);
        }
        int[] all = kinds.all().stream().mapToInt(k -> k.free() ? 0 : k.most()).toArray();
        Choice every = new Choice(all, 0, 0);
        boolean ruledOut = !holds(every) || worths.rulesOut(byKind(every));
        return new Looked(Optional.empty(), ruledOut, ruledOut);
    }

    /** The least that any bars cost which cost so much or more; of three kinds and more the sum itself. */
    private double nextPrice(double least) {
        double[] prices = kinds.all().stream()
                .filter(k -> !k.free())
                .mapToDouble(Kinds.Kind::price)
                .toArray();
        if (prices.length == 0 || prices.length > 2 || Arrays.stream(prices).anyMatch(p -> p <= 0)) {
            return least;
        }
        double one = prices[0];
        double other = prices[prices.length - 1];
        double next = Double.MAX_VALUE;
        for (int n = 0; n * one < least + one; n++) {
            double rest = Math.max(0, Math.ceil((least - n * one) / other - EPS));
            next = Math.min(next, n * one + rest * other);
        }
        return next;
    }

    /** Bars of each kind: those of the choice and all at hand. */
    private int[] byKind(Choice c) {
        int[] bars = new int[kinds.all().size()];
        for (int k = 0; k < bars.length; k++) {
            bars[k] = kinds.all().get(k).free() ? kinds.all().get(k).most() : c.bars()[k];
        }
        return bars;
    }

    /** Bars of each kind by room: those of the choice and all at hand. */
    private int[] bars(Choice c) {
        return Arrays.stream(byRoom)
                .map(k -> kinds.all().get(k).free() ? kinds.all().get(k).most() : c.bars()[k])
                .toArray();
    }

    /** Whether the sums alone rule out every choice that is cheaper. */
    private boolean ruledOutBySums(Packing.Packed best) {
        Iterator<Choice> choices = new Choices(kinds);
        for (int looked = 0; choices.hasNext() && looked < MOST_CHOICES; looked++) {
            Choice c = choices.next();
            if (c.price() > best.price() - EPS) {
                return true;
            }
            if (holds(c)) {
                return false;
            }
        }
        return false;
    }

    /** Whether the sums alone allow it: the longer pieces in the longer bars, all in all. */
    private boolean holds(Choice c) {
        int[] bars = bars(c);
        long room = 0;
        long need = 0;
        int i = 0;
        for (int k = 0; k < rooms.length; k++) {
            room += bars[k] * rooms[k];
            long next = k + 1 < rooms.length ? rooms[k + 1] : 0;
            while (i < sizes.kinds() && sizes.size()[i] > next) {
                need += sizes.size()[i] * sizes.count()[i];
                i++;
            }
            if (room < need) {
                return false;
            }
        }
        return true;
    }

    private ExactFit.Answer search(Choice c, Worths worths, long most) {
        if (sizes.pieces() > MOST_SEARCHED || steps <= 0) {
            return new ExactFit.Answer(ExactFit.Says.NOT_KNOWN, List.of(), 0);
        }
        long these = Math.min(steps, most);
        ExactFit.Answer a = ExactFit.of(sizes, rooms, bars(c), guards(c, worths), these);
        steps -= a.steps();
        return a;
    }

    /** The length and the worths by which these bars have the least to spare. */
    private List<Guard> guards(Choice c, Worths worths) {
        int[] bars = bars(c);
        List<Guard> all = new ArrayList<>();
        all.add(Guard.ofLength(sizes, rooms));
        worths.tightest(byKind(c)).forEach(t -> all.add(Guard.of(sizes, t.ofSizes(), rooms)));
        all.sort(Comparator.comparingDouble(g -> g.spare(bars)));
        return all;
    }

    /** The same pieces from less of what is at hand: one long old bar after the other is left out where it can be. */
    private List<ExactFit.Filled> spared(List<ExactFit.Filled> filled, Choice c) {
        int[] bars = bars(c);
        List<ExactFit.Filled> now = filled;
        for (int k = 0, tried = 0; k < rooms.length && tried < BARS_TO_SPARE; k++) {
            while (kinds.all().get(byRoom[k]).free() && uses(now, k) > 0 && tried++ < BARS_TO_SPARE) {
                int[] fewer = bars.clone();
                fewer[k] = uses(now, k) - 1;
                ExactFit.Answer a = ExactFit.of(sizes, rooms, fewer, List.of(), STEPS_TO_SPARE);
                if (a.says() != ExactFit.Says.FITS) {
                    break;
                }
                bars = fewer;
                now = a.bars();
            }
        }
        return now;
    }

    private static int uses(List<ExactFit.Filled> filled, int kind) {
        return (int) filled.stream().filter(f -> f.kind() == kind).count();
    }

    private Packing.Packed packed(List<ExactFit.Filled> filled) {
        Sizes.Hand hand = new Sizes.Hand(task, wanted, sizes);
        Kinds.Rack rack = new Kinds.Rack();
        List<CutBar> bars = new ArrayList<>();
        filled.stream()
                .sorted(Comparator.comparing((ExactFit.Filled f) ->
                                !kinds.all().get(byRoom[f.kind()]).free())
                        .thenComparing(f -> f.kind()))
                .forEach(f ->
                        bars.add(CutBar.of(task, rack.take(kinds.all().get(byRoom[f.kind()])), hand.take(f.counts()))));
        return new Packing.Packed(bars, hand.rest());
    }

    /** The bars of a plan as fillings, alike ones once. */
    private List<Worths.Pattern> fillings(Packing.Packed plan) {
        Map<Long, Integer> index = new HashMap<>();
        for (int i = 0; i < sizes.kinds(); i++) {
            index.put(sizes.size()[i], i);
        }
        List<Worths.Pattern> all = new ArrayList<>();
        Set<List<Integer>> seen = new HashSet<>();
        for (CutBar b : plan.bars()) {
            int[] counts = new int[sizes.kinds()];
            b.pieces().forEach(p -> counts[index.get(Sizes.of(task, p))]++);
            for (int k = 0; k < kinds.all().size(); k++) {
                if (kinds.all().get(k).stocks().contains(b.stock())
                        && seen.add(IntStream.concat(IntStream.of(k), Arrays.stream(counts))
                                .boxed()
                                .toList())) {
                    all.add(new Worths.Pattern(k, counts));
                }
            }
        }
        return all;
    }

    /** For many pieces: the whole parts of the fractional plan, and the rest by rule of thumb. */
    private Packing.Packed rounded(Worths worths, Packing.Packed best) {
        Optional<Packing.Packed> whole = worths.whole().map(filled -> {
            Sizes.Hand hand = new Sizes.Hand(task, wanted, sizes);
            List<CutBar> bars = new ArrayList<>();
            Kinds.Rack rack = new Kinds.Rack();
            Map<CutTask.Stock, Integer> used = new HashMap<>();
            for (Worths.Pattern p : filled) {
                CutTask.Stock stock = rack.take(kinds.all().get(p.kind()));
                bars.add(CutBar.of(task, stock, hand.take(p.counts())));
                used.merge(stock, 1, Integer::sum);
            }
            Packing.Packed rest = new Packing(task, used).best(hand.rest());
            bars.addAll(rest.bars());
            return new Packing.Packed(bars, rest.left());
        });
        return whole.filter(w -> Packing.BETTER.compare(w, best) < 0).orElse(best);
    }

    /** Bars that are needed at least, were all of the longest kind. */
    private int bars() {
        long room = kinds.longest();
        double[] all = new double[sizes.pieces()];
        int n = 0;
        for (int i = 0; i < sizes.kinds(); i++) {
            for (int c = 0; c < sizes.count()[i]; c++) {
                all[n++] = sizes.size()[i];
            }
        }
        return LowerBound.bars(all, room);
    }
}
