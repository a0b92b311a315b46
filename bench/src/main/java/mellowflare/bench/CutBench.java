package mellowflare.bench;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import mellowflare.core.cutting.CutPlan;
import mellowflare.core.cutting.CutTask;
import mellowflare.core.measure.Length;

/** How many cut lists of 20 to 40 pieces are proven the cheapest, and how long that takes; then larger ones with their gap. */
public final class CutBench {
    private static final int TASKS = 100;

    private CutBench() {}

    public static void main(String[] args) {
        for (int seed = 0; seed < 20; seed++) {
            CutPlan.of(task(seed, 1, 0, 30, 3000));
        }
        mixed("one bought length", 1, 0);
        mixed("two bought lengths", 2, 0);
        mixed("three bought lengths", 3, 0);
        mixed("three bought lengths and five remnants", 3, 5);
        for (int n : new int[] {80, 200, 500, 2000, 5000}) {
            long before = System.nanoTime();
            CutPlan plan = CutPlan.of(task(n, 2, 3, n, 2900));
            System.out.printf(
                    "%d pieces, two lengths: %s, gap %.2f %%, %.0f ms%n",
                    n, plan.proven() ? "proven" : "not proven", 100 * plan.gap(), (System.nanoTime() - before) / 1e6);
        }
    }

    private static void mixed(String what, int lengths, int remnants) {
        int proven = 0;
        double[] ms = new double[TASKS];
        double gap = 0;
        for (int seed = 0; seed < TASKS; seed++) {
            CutTask task = task(seed, lengths, remnants, 20 + seed % 21, seed % 2 == 0 ? 3000 : 1500);
            long before = System.nanoTime();
            CutPlan plan = CutPlan.of(task);
            ms[seed] = (System.nanoTime() - before) / 1e6;
            proven += plan.proven() ? 1 : 0;
            gap = Math.max(gap, plan.gap());
        }
        Arrays.sort(ms);
        System.out.printf(
                "%s: %d of %d proven, median %.0f ms, nine in ten %.0f ms, worst %.0f ms, widest gap %.1f %%%n",
                what, proven, TASKS, ms[TASKS / 2], ms[TASKS * 9 / 10], ms[TASKS - 1], 100 * gap);
    }

    private static CutTask task(int seed, int lengths, int remnants, int pieces, int longest) {
        Random r = new Random(seed);
        List<CutTask.Piece> all = new ArrayList<>();
        for (int i = 0; i < pieces; i++) {
            all.add(new CutTask.Piece("p" + i, Length.ofMm(200 + r.nextInt(longest - 200)), 1));
        }
        double[][] bought = {{6000, 60}, {4000, 37 + r.nextInt(8)}, {3000, 31}};
        List<CutTask.Stock> stock = new ArrayList<>();
        for (int i = 0; i < lengths; i++) {
            stock.add(new CutTask.Stock("bought", Length.ofMm(bought[i][0]), bought[i][1], Optional.empty()));
        }
        for (int i = 0; i < remnants; i++) {
            stock.add(new CutTask.Stock("at hand", Length.ofMm(500 + r.nextInt(2500)), 0, Optional.of(1)));
        }
        return new CutTask(all, stock, Length.ofMm(3), false, Length.ofMm(300));
    }
}
