package mellowflare.core.cutting;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import org.hipparchus.exception.MathIllegalStateException;
import org.hipparchus.optim.MaxIter;
import org.hipparchus.optim.linear.LinearConstraint;
import org.hipparchus.optim.linear.LinearConstraintSet;
import org.hipparchus.optim.linear.LinearObjectiveFunction;
import org.hipparchus.optim.linear.NonNegativeConstraint;
import org.hipparchus.optim.linear.Relationship;
import org.hipparchus.optim.linear.SimplexSolver;
import org.hipparchus.optim.nonlinear.scalar.GoalType;

/**
 * What pieces are worth, and so what bars must cost at the least: the fractional plan of Gilmore and Gomory. Every size gets a worth; whatever the worths are, bars that take all pieces are worth no less
 * than the pieces. Fillings that are worth more than their bar are found one after the other and put to the sum, until none is left. The same worths rule out choices of bars.
 */
final class Worths {
    private static final int MOST_ROUNDS = 70;
    private static final int MOST_SIZES = 64;
    private static final int ROUNDS_FOR_A_CHOICE = 10;
    private static final int ROUNDS_FOR_CHOICES = 60;
    private static final double NEXT_TO_NOTHING = 1e-4;
    private static final int TIGHTEST = 8;
    private static final double EPS = 1e-7;
    /** Bars at hand are not used for nothing. */
    private static final double SMALL = 1e-6;

    private final Sizes sizes;
    private final List<Kinds.Kind> kinds;
    private final double[] prices;
    private final int[] most;
    private final long[] rooms;
    private final List<Pattern> patterns = new ArrayList<>();
    private final List<Tried> tried = new ArrayList<>();
    private final boolean works;
    private double least;
    private int roundsLeft = ROUNDS_FOR_CHOICES;

    /** One filling of a kind of bar. */
    static final class Pattern {
        private final int kind;
        private final int[] counts;

        Pattern(int kind, int[] counts) {
            this.kind = kind;
            this.counts = counts;
        }

        int kind() {
            return kind;
        }

        int[] counts() {
            return counts;
        }
    }

    /**
     * Worths that were tried.
     * ofSizes: of each size; ofBars: of the filling of each kind of bar that is worth most by them; ofPieces: of all pieces together.
     */
    static final class Tried {
        private final double[] ofSizes;
        private final double[] ofBars;
        private final double ofPieces;

        Tried(double[] ofSizes, double[] ofBars, double ofPieces) {
            this.ofSizes = ofSizes;
            this.ofBars = ofBars;
            this.ofPieces = ofPieces;
        }

        double[] ofSizes() {
            return ofSizes;
        }

        double[] ofBars() {
            return ofBars;
        }

        double ofPieces() {
            return ofPieces;
        }

        /** What the bars are worth beyond the pieces, over the pieces; below zero where they cannot take them. */
        double spare(int[] bars) {
            double worth = 0;
            for (int k = 0; k < bars.length; k++) {
                worth += bars[k] * ofBars[k];
            }
            return ofPieces <= 0 ? Double.MAX_VALUE : worth / ofPieces - 1;
        }
    }

    private Worths(Sizes sizes, Kinds kinds) {
        this.sizes = sizes;
        this.kinds = kinds.all();
        this.prices = this.kinds.stream().mapToDouble(Kinds.Kind::price).toArray();
        this.most = this.kinds.stream().mapToInt(Kinds.Kind::most).toArray();
        this.rooms = this.kinds.stream().mapToLong(Kinds.Kind::room).toArray();
        this.works = works(sizes);
    }

    /**
     * Works the bound out; of very many sizes by their length alone.
     *
     * @param known fillings of a plan that is there already: good ones to begin from
     */
    static Worths of(Sizes sizes, Kinds kinds, List<Pattern> known) {
        Worths w = new Worths(sizes, kinds);
        w.byLength();
        if (w.works) {
            w.begin();
            w.patterns.addAll(known);
            // A piece without a bar costs more than any plan does.
            double missing = 10 * (1 + Arrays.stream(w.prices).max().orElse(1) * sizes.pieces());
            w.least = Math.max(w.least, w.raise(missing));
        }
        return w;
    }

    /** Whether there are so few sizes that worths are found by rounds, and not by their length alone. */
    static boolean works(Sizes sizes) {
        return sizes.kinds() <= MOST_SIZES;
    }

    /** No plan costs less. */
    double least() {
        return least;
    }

    /**
     * Whether these bars cannot take all pieces, not even cut in fractions.
     *
     * @param bars of each kind
     */
    boolean rulesOut(int[] bars) {
        return tried.stream().anyMatch(t -> t.spare(bars) < -EPS);
    }

    /** The same, after looking for worths that come near to it; so often only as there are rounds left. */
    boolean canRuleOut(int[] bars) {
        for (int round = 0; works && round < ROUNDS_FOR_A_CHOICE && roundsLeft-- > 0; round++) {
            // Prices of next to nothing, no two alike, keep the solver from going in circles.
            double[] next = new double[bars.length];
            for (int k = 0; k < next.length; k++) {
                next[k] = NEXT_TO_NOTHING * (k + 1);
            }
            double[] worth = worths(1, next, bars);
            if (worth.length == 0 || !put(worth, next)) {
                return rulesOut(bars);
            }
            if (rulesOut(bars)) {
                return true;
            }
        }
        return rulesOut(bars);
    }

    /** The worths by which these bars have the least to spare. */
    List<Tried> tightest(int[] bars) {
        return tried.stream()
                .sorted(Comparator.comparingDouble(t -> t.spare(bars)))
                .limit(TIGHTEST)
                .toList();
    }

    /** All length over, at the best price by length. */
    private void byLength() {
        double free = 0;
        double best = Double.MAX_VALUE;
        for (Kinds.Kind k : kinds) {
            if (k.free()) {
                free += (double) k.room() * k.most();
            } else {
                best = Math.min(best, k.price() / k.room());
            }
        }
        least = best == Double.MAX_VALUE ? 0 : Math.max(0, (sizes.sum() - free) * best);
    }

    /** Each size alone in the longest kind: something to begin from. */
    private void begin() {
        int longest = 0;
        for (int k = 1; k < kinds.size(); k++) {
            longest = kinds.get(k).room() > kinds.get(longest).room() ? k : longest;
        }
        for (int i = 0; i < sizes.kinds(); i++) {
            int[] counts = new int[sizes.kinds()];
            counts[i] = (int) Math.min(sizes.count()[i], kinds.get(longest).room() / sizes.size()[i]);
            patterns.add(new Pattern(longest, counts));
        }
    }

    /** Raises the bound round by round, until no filling is worth more than its bar. */
    private double raise(double missing) {
        double bound = 0;
        for (int round = 0; round < MOST_ROUNDS; round++) {
            double[] worth = worths(missing, prices, most);
            if (worth.length == 0) {
                return bound;
            }
            boolean found = put(worth, prices);
            Tried t = tried.get(tried.size() - 1);
            double now = t.ofPieces;
            for (int k = 0; k < most.length; k++) {
                now -= most[k] * Math.max(0, t.ofBars[k] - prices[k]);
            }
            bound = Math.max(bound, now - EPS);
            if (!found) {
                return bound;
            }
        }
        return bound;
    }

    /** Keeps worths and the fillings that are worth more than their bar by them; whether there are any. */
    private boolean put(double[] worth, double[] price) {
        double[] ofSizes = Arrays.copyOf(worth, sizes.kinds());
        double ofPieces = 0;
        for (int i = 0; i < ofSizes.length; i++) {
            ofPieces += sizes.count()[i] * ofSizes[i];
        }
        double[] ofBars = new double[kinds.size()];
        boolean found = false;
        List<Knapsack> fullest = Knapsack.of(sizes, ofSizes, rooms);
        for (int k = 0; k < kinds.size(); k++) {
            Knapsack best = fullest.get(k);
            ofBars[k] = best.atMost();
            if (best.worth() > price[k] + worth[sizes.kinds() + k] + EPS) {
                patterns.add(new Pattern(k, best.counts()));
                found = true;
            }
        }
        tried.add(new Tried(ofSizes, ofBars, ofPieces));
        return found;
    }

    /** Worth of each size, then what a bar of each kind is worth beyond its price; empty where the solver gives up. */
    private double[] worths(double missing, double[] price, int[] bars) {
        int n = sizes.kinds();
        double[] goal = new double[n + kinds.size()];
        for (int i = 0; i < n; i++) {
            goal[i] = sizes.count()[i];
        }
        for (int k = 0; k < kinds.size(); k++) {
            goal[n + k] = -bars[k];
        }
        List<LinearConstraint> limits = new ArrayList<>();
        for (Pattern p : patterns) {
            double[] row = new double[goal.length];
            for (int i = 0; i < n; i++) {
                row[i] = p.counts[i];
            }
            row[n + p.kind] = -1;
            limits.add(new LinearConstraint(row, Relationship.LEQ, price[p.kind]));
        }
        for (int i = 0; i < n; i++) {
            double[] row = new double[goal.length];
            row[i] = 1;
            limits.add(new LinearConstraint(row, Relationship.LEQ, missing));
        }
        return solved(goal, limits, GoalType.MAXIMIZE).orElse(new double[0]);
    }

    private static Optional<double[]> solved(double[] goal, List<LinearConstraint> limits, GoalType type) {
        try {
            return Optional.of(new SimplexSolver()
                    .optimize(
                            new MaxIter(2_000),
                            new LinearObjectiveFunction(goal, 0),
                            new LinearConstraintSet(limits),
                            type,
                            new NonNegativeConstraint(true))
                    .getPoint());
        } catch (MathIllegalStateException e) {
            return Optional.empty();
        }
    }

    /**
     * The whole bars of the fractional plan over the fillings that were found; no size is cut more often than it is wanted.
     *
     * @return empty where there are none, or the solver gives up
     */
    Optional<List<Pattern>> whole() {
        if (patterns.isEmpty()) {
            return Optional.empty();
        }
        double[] price =
                patterns.stream().mapToDouble(p -> prices[p.kind] + SMALL).toArray();
        List<LinearConstraint> limits = new ArrayList<>();
        for (int i = 0; i < sizes.kinds(); i++) {
            int size = i;
            limits.add(new LinearConstraint(
                    patterns.stream().mapToDouble(p -> p.counts[size]).toArray(), Relationship.GEQ, sizes.count()[i]));
        }
        for (int k = 0; k < kinds.size(); k++) {
            int kind = k;
            limits.add(new LinearConstraint(
                    patterns.stream().mapToDouble(p -> p.kind == kind ? 1 : 0).toArray(), Relationship.LEQ, most[k]));
        }
        return solved(price, limits, GoalType.MINIMIZE).map(this::floor);
    }

    private List<Pattern> floor(double[] x) {
        int[] left = sizes.count().clone();
        List<Pattern> whole = new ArrayList<>();
        for (int p = 0; p < x.length; p++) {
            for (int c = 0; c < Math.floor(x[p] + EPS); c++) {
                int[] counts = patterns.get(p).counts.clone();
                for (int i = 0; i < counts.length; i++) {
                    counts[i] = Math.min(counts[i], left[i]);
                    left[i] -= counts[i];
                }
                if (Arrays.stream(counts).anyMatch(n -> n > 0)) {
                    whole.add(new Pattern(patterns.get(p).kind, counts));
                }
            }
        }
        return whole;
    }
}
