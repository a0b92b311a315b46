package mellowflare.core.cutting;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.stream.IntStream;
import mellowflare.core.advice.Finding;
import mellowflare.core.measure.Length;
import mellowflare.core.measure.UnitSystem;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import org.junit.jupiter.api.Test;

class FullestBarTest {
    /** Against all subsets: the first piece goes in, and nothing fills the bar better. */
    @Property(tries = 300)
    void testNoOtherFillingIsFuller(@ForAll @IntRange(min = 1, max = 12) int n, @ForAll long seed) {
        Random r = new Random(seed);
        double[] sizes = IntStream.range(0, n)
                .mapToDouble(i -> 100 + r.nextInt(30_000) / 10.0)
                .map(x -> -x)
                .sorted()
                .map(x -> -x)
                .toArray();
        double bar = sizes[0] + r.nextInt(40_000) / 10.0;
        int[] chosen = FullestBar.of(sizes, bar);
        assertThat(chosen[0]).isZero();
        assertThat(Arrays.stream(chosen).distinct().count()).isEqualTo(chosen.length);
        double filled = Arrays.stream(chosen).mapToDouble(i -> sizes[i]).sum();
        assertThat(filled).isLessThanOrEqualTo(bar + 1e-6);
        double best = 0;
        for (int set = 0; set < 1 << n - 1; set++) {
            double sum = sizes[0];
            for (int i = 1; i < n; i++) {
                sum += (set >> i - 1 & 1) == 1 ? sizes[i] : 0;
            }
            best = sum <= bar + 1e-6 ? Math.max(best, sum) : best;
        }
        assertThat(filled).isGreaterThan(best - 1e-6);
    }

    @Test
    void testABarThatJustHoldsOnePieceIsTaken() {
        assertThat(FullestBar.of(new double[] {3000}, 3000)).containsExactly(0);
        assertThat(FullestBar.of(new double[] {3000, 10}, 3000.05)).containsExactly(0);
        assertThat(FullestBar.of(new double[] {2000, 2000, 2000}, 6000)).containsExactly(0, 1, 2);
    }

    /** Bars far longer than any there are are filled on a coarser grid, and still never too full. */
    @Test
    void testAVeryLongBarIsNeverTooFull() {
        double[] sizes =
                IntStream.range(0, 60).mapToDouble(i -> 1500.37 - i * 7.13).toArray();
        int[] chosen = FullestBar.of(sizes, 55_000);
        assertThat(Arrays.stream(chosen).mapToDouble(i -> sizes[i]).sum()).isBetween(54_000.0, 55_000.0);
    }

    @Test
    void testAPlanSaysWhatHasNoBar() {
        CutTask.Stock bar = new CutTask.Stock("bar", Length.ofMm(6000), 10, Optional.empty());
        CutTask task = new CutTask(
                List.of(
                        new CutTask.Piece("beam", Length.ofMm(9000), 1),
                        new CutTask.Piece("drop", Length.ofMm(900), 2)),
                List.of(bar),
                Length.ofMm(2),
                true,
                Length.ofMm(500));
        CutPlan plan = CutPlan.of(task);
        List<Finding> findings = CutFindings.of(plan);
        assertThat(findings).hasSize(1);
        assertThat(findings.get(0).stops()).isTrue();
        assertThat(findings.get(0).says(UnitSystem.METRIC)).isEqualTo("No bar is long enough for beam, 9000 mm long.");
        assertThat(plan.bought()).isEqualTo(1);
        assertThat(plan.atHand()).isZero();
        assertThat(plan.remnants()).hasSize(1);
        CutPlan whole = CutPlan.of(new CutTask(
                List.of(new CutTask.Piece("drop", Length.ofMm(900), 2)),
                List.of(bar),
                Length.ofMm(2),
                true,
                Length.ZERO));
        assertThat(CutFindings.of(whole)).noneMatch(Finding::stops);
    }

    /** Bars used up to the last count are not used again. */
    @Property(tries = 100)
    void testStockIsNeverOverdrawn(@ForAll @IntRange(min = 1, max = 30) int n, @ForAll long seed) {
        Random r = new Random(seed);
        List<CutTask.Piece> pieces = IntStream.range(0, n)
                .mapToObj(i -> new CutTask.Piece("p" + i, Length.ofMm(200 + r.nextInt(2500)), 1 + r.nextInt(2)))
                .toList();
        int few = r.nextInt(4);
        CutTask task = new CutTask(
                pieces,
                List.of(
                        new CutTask.Stock("short", Length.ofMm(1800), 0, Optional.of(few)),
                        new CutTask.Stock("long", Length.ofMm(3000), 0, Optional.of(few))),
                Length.ofMm(3),
                r.nextBoolean(),
                Length.ofMm(300));
        CutPlan plan = CutPlan.of(task);
        assertThat(plan.bars().stream()
                        .filter(b -> b.stock().name().equals("short"))
                        .count())
                .isLessThanOrEqualTo(few);
        assertThat(plan.bars().stream()
                        .filter(b -> b.stock().name().equals("long"))
                        .count())
                .isLessThanOrEqualTo(few);
        int cut = plan.bars().stream().mapToInt(b -> b.pieces().size()).sum();
        assertThat(cut + plan.unplaced().size()).isEqualTo(task.single().size());
        assertThat(plan.price()).isZero();
    }
}
