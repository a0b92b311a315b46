package mellowflare.core.cutting;

import static mellowflare.core.cutting.CutTasks.bought;
import static mellowflare.core.cutting.CutTasks.hand;
import static mellowflare.core.cutting.CutTasks.task;
import static org.assertj.core.api.Assertions.assertThat;

import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Assertions;
import org.junit.jupiter.api.Test;

/** Many pieces: how many plans are proven, and how quick the longest of them are. */
class ManyPiecesCutTest {
    /** Forty pieces over three bought lengths and a handful of remnants: nearly all proven; how quick it is stands in the benchmarks. */
    @Test
    void testFortyPiecesOverThreeLengthsAndRemnantsAreMostlyProven() {
        int proven = 0;
        int tasks = Integer.getInteger("cut.tasks", 20);
        for (int seed = 0; seed < tasks; seed++) {
            CutTask task = forty(seed);
            CutPlan plan = Assertions.assertTimeout(Duration.ofMinutes(1), () -> CutPlan.of(task));
            assertThat(plan.complete()).isTrue();
            assertThat(plan.bars().stream().flatMap(b -> b.pieces().stream()))
                    .containsExactlyInAnyOrderElementsOf(task.single());
            proven += plan.proven() ? 1 : 0;
        }
        System.out.println("forty pieces: " + proven + " of " + tasks + " proven");
        assertThat(proven).isGreaterThanOrEqualTo(tasks * 9 / 10);
    }

    static CutTask forty(int seed) {
        Random r = new Random(seed);
        double[] pieces = r.doubles(20 + r.nextInt(21), 200, seed % 2 == 0 ? 3000 : 1500)
                .map(Math::rint)
                .toArray();
        List<CutTask.Stock> stock =
                new ArrayList<>(List.of(bought(6000, 60), bought(4000, 37 + r.nextInt(8)), bought(3000, 31)));
        for (int i = 0; i < 5; i++) {
            stock.add(hand(500 + r.nextInt(2500), 1));
        }
        return task(3, false, stock, pieces);
    }

    @Test
    void testFiveThousandPiecesAreBoundedAndQuick() {
        Random r = new Random(5);
        double[] pieces = r.doubles(5000, 150, 2950).map(Math::rint).toArray();
        CutTask task = task(2.5, false, List.of(bought(6000, 51), bought(3000, 27)), pieces);
        CutPlan plan = Assertions.assertTimeout(Duration.ofMinutes(1), () -> CutPlan.of(task));
        assertThat(plan.complete()).isTrue();
        assertThat(plan.leastPrice()).isPositive();
        assertThat(plan.gap()).isLessThan(0.01);
    }
}
