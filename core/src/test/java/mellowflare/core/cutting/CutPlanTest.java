package mellowflare.core.cutting;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.time.Duration;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import mellowflare.core.measure.Length;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import org.junit.jupiter.api.Assertions;
import org.junit.jupiter.api.Test;

class CutPlanTest {
    private static CutTask.Piece piece(String name, double mm, int count) {
        return new CutTask.Piece(name, Length.ofMm(mm), count);
    }

    private static CutTask.Stock bar(double mm) {
        return new CutTask.Stock("bar", Length.ofMm(mm), 10, Optional.empty());
    }

    private static CutTask task(List<CutTask.Piece> pieces, double kerf, CutTask.Stock... stock) {
        return new CutTask(pieces, List.of(stock), Length.ofMm(kerf), false, Length.ofMm(300));
    }

    /** By hand: 2 x 3000 leaves nothing without kerf; with 2 mm kerf only one goes in. */
    @Test
    void testKerfStandsBetweenPieces() {
        assertThat(CutPlan.of(task(List.of(piece("a", 3000, 2)), 0, bar(6000))).bars())
                .hasSize(1);
        CutPlan plan = CutPlan.of(task(List.of(piece("a", 3000, 2)), 2, bar(6000)));
        assertThat(plan.bars()).hasSize(2);
        assertThat(plan.bars().get(0).remnant().mm()).isCloseTo(2998, within(1e-9));
        assertThat(CutPlan.of(task(List.of(piece("a", 2999, 2)), 2, bar(6000))).bars())
                .hasSize(1);
    }

    @Test
    void testATrimCutCostsOneKerfMore() {
        List<CutTask.Piece> two = List.of(piece("a", 2999, 2));
        CutTask trimmed = new CutTask(two, List.of(bar(6000)), Length.ofMm(2), true, Length.ZERO);
        assertThat(CutPlan.of(trimmed).bars()).hasSize(2);
        CutTask just = new CutTask(List.of(piece("a", 2998, 2)), List.of(bar(6000)), Length.ofMm(2), true, Length.ZERO);
        assertThat(CutPlan.of(just).bars()).hasSize(1);
        assertThat(CutPlan.of(just).bars().get(0).cuts()).isEqualTo(2);
    }

    @Test
    void testOldBarsAreUsedFirstAndShortOnesBeforeLongOnes() {
        CutTask.Stock old = new CutTask.Stock("old", Length.ofMm(2000), 0, Optional.of(2));
        CutPlan plan = CutPlan.of(task(List.of(piece("a", 1900, 2), piece("b", 4000, 1)), 2, bar(6000), old));
        assertThat(plan.bars()).hasSize(3);
        assertThat(plan.price()).isEqualTo(10);
        assertThat(plan.remnants()).containsExactly(Length.ofMm(1998));
    }

    @Test
    void testTheLastBarIsBoughtShortWhereThatIsCheaper() {
        CutTask.Stock six = new CutTask.Stock("long", Length.ofMm(6000), 30, Optional.empty());
        CutTask.Stock three = new CutTask.Stock("short", Length.ofMm(3000), 16, Optional.empty());
        CutPlan plan = CutPlan.of(task(List.of(piece("a", 2900, 3)), 2, six, three));
        assertThat(plan.price()).isEqualTo(46);
    }

    @Test
    void testWhatNoBarGivesIsNamed() {
        CutPlan plan = CutPlan.of(task(List.of(piece("a", 7000, 1), piece("b", 100, 1)), 2, bar(6000)));
        assertThat(plan.unplaced()).containsExactly(piece("a", 7000, 1));
        assertThat(plan.bars()).hasSize(1);
        CutTask.Stock one = new CutTask.Stock("old", Length.ofMm(1000), 0, Optional.of(1));
        assertThat(CutPlan.of(task(List.of(piece("a", 900, 2)), 2, one)).unplaced())
                .hasSize(1);
    }

    @Test
    void testNonsenseIsRefused() {
        assertThatThrownBy(() -> piece("a", 0, 1)).hasMessageContaining("above zero");
        assertThatThrownBy(() -> task(List.of(piece("a", 10, 30_000)), 2, bar(6000)))
                .hasMessageContaining("20000");
        assertThatThrownBy(() -> new CutTask(List.of(), List.of(), Length.ZERO, false, Length.ZERO))
                .hasMessageContaining("at least one bar");
    }

    /** Martello and Toth: three pieces over half a bar need three bars whatever the area says. */
    @Test
    void testLongPiecesNeedABarEach() {
        assertThat(LowerBound.bars(new double[] {51, 51, 51}, 100)).isEqualTo(3);
        assertThat(LowerBound.bars(new double[] {60, 60, 45, 45}, 100)).isEqualTo(3);
        assertThat(LowerBound.bars(new double[] {50, 50}, 100)).isEqualTo(1);
        assertThat(LowerBound.bars(new double[] {}, 100)).isZero();
    }

    @Property(tries = 80)
    void testEveryPieceIsCutOnceAndEveryBarHoldsItsPieces(
            @ForAll @IntRange(min = 1, max = 60) int n, @ForAll long seed, @ForAll @IntRange(max = 5) int kerf) {
        Random r = new Random(seed);
        List<CutTask.Piece> pieces = new ArrayList<>();
        for (int i = 0; i < n; i++) {
            pieces.add(piece("p" + i, 1 + Math.round(r.nextDouble() * 59_990) / 10.0, 1 + r.nextInt(3)));
        }
        CutTask task = task(pieces, kerf, bar(6000), bar(3000));
        CutPlan plan = CutPlan.of(task);
        assertThat(plan.bars().stream().flatMap(b -> b.pieces().stream()).toList())
                .containsExactlyInAnyOrderElementsOf(task.single());
        for (CutBar b : plan.bars()) {
            double used = b.pieces().stream().mapToDouble(p -> p.length().mm()).sum()
                    + (b.pieces().size() - 1) * kerf;
            assertThat(used).isLessThanOrEqualTo(b.stock().length().mm() + 1e-6);
        }
        assertThat(plan.bars().size()).isGreaterThanOrEqualTo(plan.lowerBound());
    }

    /** The bound never exceeds what a search through everything finds, and the plan is seldom above it. */
    @Property(tries = 60)
    void testSmallTasksAgreeWithASearchThroughEverything(@ForAll @IntRange(min = 1, max = 9) int n, @ForAll long seed) {
        Random r = new Random(seed);
        List<CutTask.Piece> pieces = new ArrayList<>();
        for (int i = 0; i < n; i++) {
            pieces.add(piece("p" + i, 500 + r.nextInt(4000), 1));
        }
        CutPlan plan = CutPlan.of(task(pieces, 3, bar(6000)));
        int best = best(
                pieces.stream()
                        .map(p -> p.length().mm() + 3)
                        .sorted(Comparator.reverseOrder())
                        .toList(),
                6003);
        assertThat(plan.lowerBound()).isLessThanOrEqualTo(best);
        assertThat(plan.bars().size()).isBetween(best, best + 1);
    }

    private static int best(List<Double> sizes, double bar) {
        return search(sizes, 0, new ArrayList<>(), bar, sizes.size());
    }

    private static int search(List<Double> sizes, int at, List<Double> room, double bar, int best) {
        if (room.size() >= best) {
            return best;
        }
        if (at == sizes.size()) {
            return room.size();
        }
        int found = best;
        for (int i = 0; i < room.size(); i++) {
            if (room.get(i) >= sizes.get(at)) {
                double was = room.get(i);
                room.set(i, was - sizes.get(at));
                found = Math.min(found, search(sizes, at + 1, room, bar, found));
                room.set(i, was);
            }
        }
        room.add(bar - sizes.get(at));
        found = Math.min(found, search(sizes, at + 1, room, bar, found));
        room.remove(room.size() - 1);
        return found;
    }

    @Test
    void testFiveHundredPiecesComeWithinOneInAHundredOfTheBound() {
        for (int seed = 0; seed < 6; seed++) {
            Random r = new Random(seed);
            List<CutTask.Piece> pieces = new ArrayList<>();
            for (int i = 0; i < 500; i++) {
                pieces.add(piece("p" + i, 150 + r.nextInt(seed % 2 == 0 ? 2800 : 5000), 1));
            }
            CutTask task = task(pieces, 2.5, bar(6000));
            CutPlan plan = Assertions.assertTimeout(Duration.ofSeconds(10), () -> CutPlan.of(task));
            assertThat((double) plan.bars().size()).isLessThanOrEqualTo(Math.ceil(plan.lowerBound() * 1.01));
        }
    }
}
