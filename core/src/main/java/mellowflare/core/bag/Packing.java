package mellowflare.core.bag;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.BitSet;
import java.util.Comparator;
import java.util.HashSet;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/**
 * For every number of parts the bag that finishes with the greatest chance: set cover with probabilities. Small jobs are searched through, branch and bound over the finds; beyond that the find that
 * adds most chance for each further part is taken, again and again.
 */
public final class Packing {
    /** So many finds are searched through; more are packed one after the other. */
    private static final int SEARCHED = 14;

    private final List<Find> finds;
    private final List<String> names;
    private final BitSet always;
    private final List<List<BitSet>> kits = new ArrayList<>();
    private final double[] chance;
    private final double[] rest;
    private final double[] best;
    private final BitSet[] bags;

    private Packing(List<Find> given, Set<String> alwaysIn) {
        double all = given.stream().mapToDouble(Find::weight).sum();
        finds = given.stream()
                .sorted(Comparator.comparingDouble(Find::weight).reversed().thenComparing(Find::id))
                .toList();
        Set<String> parts = new LinkedHashSet<>(alwaysIn);
        finds.forEach(f -> f.kits().forEach(parts::addAll));
        names = List.copyOf(parts);
        always = bits(alwaysIn);
        chance = new double[finds.size()];
        rest = new double[finds.size() + 1];
        for (int i = finds.size() - 1; i >= 0; i--) {
            Find f = finds.get(i);
            chance[i] = all > 0 ? f.weight() / all : 0;
            rest[i] = rest[i + 1] + (f.kits().isEmpty() ? 0 : chance[i]);
        }
        finds.forEach(f -> kits.add(f.kits().stream().map(this::bits).toList()));
        best = new double[names.size() + 1];
        Arrays.fill(best, -1);
        bags = new BitSet[names.size() + 1];
    }

    private BitSet bits(Set<String> some) {
        BitSet b = new BitSet();
        some.forEach(s -> b.set(names.indexOf(s)));
        return b;
    }

    /**
     * Bags of rising size, each with a greater chance than all before it; the first holds only what always goes along.
     *
     * @param finds what may be found
     * @param always parts that go along whatever is found
     */
    public static List<Bag> curve(List<Find> finds, Set<String> always) {
        Packing p = new Packing(finds, always);
        if (finds.size() <= SEARCHED) {
            p.search(0, (BitSet) p.always.clone(), 0);
        } else {
            p.oneByOne();
        }
        return p.curve();
    }

    /** Whether a search through everything stands behind the curve of so many finds. */
    public static boolean proven(int finds) {
        return finds <= SEARCHED;
    }

    /**
     * The smallest bag that reaches a chance; the last of the curve where none does.
     *
     * @param curve of {@link #curve}
     * @param wanted 0 to 1
     */
    public static Optional<Bag> reaching(List<Bag> curve, double wanted) {
        return curve.stream()
                .filter(b -> b.chance() >= wanted - 1e-12)
                .findFirst()
                .or(() -> curve.isEmpty() ? Optional.empty() : Optional.of(curve.get(curve.size() - 1)));
    }

    private void search(int at, BitSet bag, double sure) {
        int size = bag.cardinality();
        if (sure > best[size]) {
            best[size] = sure;
            bags[size] = (BitSet) bag.clone();
        }
        if (at == finds.size() || beaten(size, sure + rest[at])) {
            return;
        }
        for (BitSet kit : kits.get(at)) {
            BitSet with = (BitSet) bag.clone();
            with.or(kit);
            search(at + 1, with, sure + chance[at]);
        }
        search(at + 1, bag, sure);
    }

    /** Whether a bag that is no larger already does what this one could at the best. */
    private boolean beaten(int size, double most) {
        for (int k = 0; k <= size; k++) {
            if (best[k] >= most) {
                return true;
            }
        }
        return false;
    }

    private void oneByOne() {
        BitSet bag = (BitSet) always.clone();
        boolean[] done = new boolean[finds.size()];
        while (true) {
            note(bag);
            double gain = -1;
            BitSet next = null;
            for (int i = 0; i < done.length; i++) {
                for (BitSet kit : done[i] ? List.<BitSet>of() : kits.get(i)) {
                    BitSet with = (BitSet) bag.clone();
                    with.or(kit);
                    int more = with.cardinality() - bag.cardinality();
                    double g = more == 0 ? Double.MAX_VALUE : (covered(with) - covered(bag)) / more;
                    if (g > gain) {
                        gain = g;
                        next = with;
                    }
                }
            }
            if (next == null || next.equals(bag) && gain <= 0) {
                return;
            }
            bag = next;
            for (int i = 0; i < done.length; i++) {
                done[i] = covers(bag, i);
            }
        }
    }

    private void note(BitSet bag) {
        double sure = covered(bag);
        int size = bag.cardinality();
        if (sure > best[size]) {
            best[size] = sure;
            bags[size] = (BitSet) bag.clone();
        }
    }

    private boolean covers(BitSet bag, int find) {
        for (BitSet kit : kits.get(find)) {
            BitSet lacks = (BitSet) kit.clone();
            lacks.andNot(bag);
            if (lacks.isEmpty()) {
                return true;
            }
        }
        return false;
    }

    private double covered(BitSet bag) {
        double sum = 0;
        for (int i = 0; i < chance.length; i++) {
            sum += covers(bag, i) ? chance[i] : 0;
        }
        return sum;
    }

    private List<Bag> curve() {
        List<Bag> curve = new ArrayList<>();
        double sure = -1;
        for (BitSet b : bags) {
            if (b == null) {
                continue;
            }
            // A kit may happen to finish more than it was packed for.
            double chanceOf = covered(b);
            if (chanceOf > sure) {
                sure = chanceOf;
                Set<String> parts = new HashSet<>();
                b.stream().mapToObj(names::get).forEach(parts::add);
                List<String> covers = new ArrayList<>();
                for (int i = 0; i < chance.length; i++) {
                    if (covers(b, i)) {
                        covers.add(finds.get(i).id());
                    }
                }
                curve.add(new Bag(parts, sure, covers));
            }
        }
        return curve;
    }
}
