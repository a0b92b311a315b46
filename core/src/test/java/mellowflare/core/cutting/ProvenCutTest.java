package mellowflare.core.cutting;

import static mellowflare.core.cutting.CutTasks.bought;
import static mellowflare.core.cutting.CutTasks.hand;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import mellowflare.core.advice.Finding;
import mellowflare.core.advice.State;
import mellowflare.core.measure.Length;
import mellowflare.core.measure.UnitSystem;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import org.junit.jupiter.api.Test;

/** Plans are the cheapest there are, and say so only where that is proven. */
class ProvenCutTest {
    private static CutTask task(double kerf, List<CutTask.Stock> stock, double... pieces) {
        return CutTasks.task(kerf, false, stock, pieces);
    }

    /** 1120 + 986 + 3 in 2200; 1299 in 1500; 730 + 733 + 3 in 1500. */
    @Test
    void testBarsOfLimitedCountAreNotSaidToFailWhereTheyServe() {
        CutPlan plan = CutPlan.of(task(3, List.of(hand(2200, 1), hand(1500, 2)), 1120, 986, 1299, 730, 733));
        assertThat(plan.complete()).isTrue();
        assertThat(plan.price()).isZero();
        assertThat(plan.proven()).isTrue();
        assertThat(plan.bars()).hasSize(3);
    }

    /** One 6100 takes 1900 + 1500 + ... : 6100 + 2 x 2290 is 10680; five of 2290 are 11450. */
    @Test
    void testTwoBoughtLengthsAreMixedWhereThatIsCheaper() {
        CutPlan plan =
                CutPlan.of(task(3, List.of(bought(6100, 6100), bought(2290, 2290)), 1900, 1850, 1650, 1500, 1150));
        assertThat(plan.price()).isCloseTo(10_680, within(1e-6));
        assertThat(plan.proven()).isTrue();
    }

    @Test
    void testBarsThatDoNotSufficeAreSaidToBeShortAndOnlyThen() {
        CutPlan shortOf = CutPlan.of(task(2, List.of(hand(1000, 1)), 900, 900));
        assertThat(shortOf.standing()).isEqualTo(CutPlan.Standing.BARS_DO_NOT_SUFFICE);
        assertThat(says(shortOf)).containsExactly("There are not enough bars: p1, 900 mm long, is left over.");
        CutPlan tooLong = CutPlan.of(task(2, List.of(bought(1000, 5)), 1200, 900));
        assertThat(says(tooLong)).containsExactly("No bar is long enough for p0, 1200 mm long.");
        assertThat(tooLong.price()).isEqualTo(5);
    }

    private static List<String> says(CutPlan plan) {
        return CutFindings.of(plan).stream()
                .filter(f -> f.state() == State.FAIL)
                .map((Finding f) -> f.says(UnitSystem.METRIC))
                .toList();
    }

    @Test
    void testOfEqualPriceTheFewerBarsAreBoughtAndLongOldOnesAreSpared() {
        CutPlan two = CutPlan.of(task(0, List.of(bought(6000, 6), bought(3000, 3)), 2900, 2900));
        assertThat(two.bars()).hasSize(1);
        CutPlan old = CutPlan.of(task(2, List.of(hand(6000, 1), hand(1500, 1), hand(1000, 1)), 1400, 950));
        assertThat(old.bars()).extracting(b -> b.stock().length().mm()).containsExactlyInAnyOrder(1500.0, 1000.0);
    }

    @Test
    void testCountedBarsWithAPriceCostAndRunOut() {
        CutTask.Stock two = new CutTask.Stock("offer", Length.ofMm(3000), 2, Optional.of(2));
        CutPlan plan = CutPlan.of(task(0, List.of(two, bought(6000, 9)), 2900, 2900, 2900, 2900));
        assertThat(plan.price()).isEqualTo(13);
        assertThat(plan.bought()).isEqualTo(3);
    }

    @Test
    void testInchesFillABarToTheHair() {
        double in = 25.4;
        CutPlan plan = CutPlan.of(task(in / 16, List.of(bought(120 * in, 1)), 40 * in, 39.875 * in, 40 * in));
        assertThat(plan.bars()).hasSize(1);
        assertThat(CutPlan.of(task(in / 16, List.of(bought(120 * in, 1)), 40 * in, 39.890625 * in, 40 * in))
                        .bars())
                .hasSize(2);
    }

    /** Against a search through every way of cutting. */
    @Property(tries = 250)
    void testSmallTasksCostWhatASearchThroughEverythingFinds(
            @ForAll @IntRange(min = 1, max = 8) int n, @ForAll long seed) {
        Random r = new Random(seed);
        double[] pieces = r.doubles(n, 300, 2900).map(Math::rint).toArray();
        List<CutTask.Stock> stock = new ArrayList<>(List.of(bought(3000, 31), bought(2000, 1 + r.nextInt(40))));
        for (int i = r.nextInt(4); i > 0; i--) {
            stock.add(hand(600 + r.nextInt(2200), 1));
        }
        CutPlan plan = CutPlan.of(task(3, stock, pieces));
        assertThat(plan.complete()).isTrue();
        assertThat(plan.proven()).isTrue();
        assertThat(plan.price()).isCloseTo(cheapest(pieces, stock, 3), within(1e-9));
        assertThat(plan.leastPrice()).isLessThanOrEqualTo(plan.price() + 1e-9);
    }

    private static double cheapest(double[] pieces, List<CutTask.Stock> stock, double kerf) {
        List<double[]> open = new ArrayList<>();
        stock.stream()
                .filter(CutTask.Stock::free)
                .forEach(s -> open.add(new double[] {s.length().mm() + kerf}));
        return search(pieces, 0, open, stock, kerf, 0, Double.MAX_VALUE);
    }

    private static double search(
            double[] pieces,
            int at,
            List<double[]> open,
            List<CutTask.Stock> stock,
            double kerf,
            double price,
            double best) {
        if (price >= best) {
            return best;
        }
        if (at == pieces.length) {
            return price;
        }
        double found = best;
        double size = pieces[at] + kerf;
        for (double[] room : new ArrayList<>(open)) {
            if (room[0] >= size - 1e-9) {
                room[0] -= size;
                found = search(pieces, at + 1, open, stock, kerf, price, found);
                room[0] += size;
            }
        }
        for (CutTask.Stock s : stock) {
            if (!s.free() && s.length().mm() + kerf >= size - 1e-9) {
                open.add(new double[] {s.length().mm() + kerf - size});
                found = search(pieces, at + 1, open, stock, kerf, price + s.price(), found);
                open.remove(open.size() - 1);
            }
        }
        return found;
    }

    private static CutPlan many(int pieces, double mm, CutTask.Stock... stock) {
        double[] all = new double[pieces];
        Arrays.fill(all, mm);
        return CutPlan.of(task(0, List.of(stock), all));
    }

    /**
     * More pieces than are searched choice by choice are proven where no bars cost what the bound says. Three of 1900 go into 6000, one into 3000: 601 pieces are worth 200 1/3 bars, and no fewer than 200 and a short one will do.
     */
    @Test
    void testVeryManyAlikePiecesAreProvenByWhatBarsCost() {
        CutPlan whole = many(600, 1900, bought(6000, 60));
        assertThat(whole.price()).isEqualTo(12_000);
        assertThat(whole.proven()).isTrue();
        CutPlan oneMore = many(601, 1900, bought(6000, 60));
        assertThat(oneMore.price()).isEqualTo(12_060);
        assertThat(oneMore.proven()).isTrue();
        CutPlan two = many(601, 1900, bought(6000, 60), bought(3000, 30));
        assertThat(two.price()).isEqualTo(12_030);
        assertThat(two.proven()).isTrue();
        CutPlan other = many(602, 1900, bought(3000, 30), bought(6000, 60));
        assertThat(other.price()).isEqualTo(12_060);
        assertThat(other.proven()).isTrue();
        CutPlan three = many(601, 1900, bought(6000, 60), bought(3000, 30), bought(4000, 45));
        assertThat(three.price()).isEqualTo(12_030);
        assertThat(three.leastPrice()).isBetween(12_019.9, 12_020.1);
        assertThat(three.standing()).isEqualTo(CutPlan.Standing.NOT_PROVEN);
        assertThat(three.gap()).isBetween(0.0008, 0.001);
    }

    /** Old bars, too few of them for very many pieces: ruled out by the sum of the lengths, or by how many go into one. */
    @Test
    void testVeryManyPiecesAndTooFewOldBarsAreSaidToBeShort() {
        CutPlan byLength = many(600, 1900, hand(6000, 100));
        assertThat(byLength.standing()).isEqualTo(CutPlan.Standing.BARS_DO_NOT_SUFFICE);
        assertThat(byLength.left()).hasSize(300);
        // 600 x 1900 is 1 140 000 of 1 194 000: it is three to a bar that rules it out.
        CutPlan byFilling = many(600, 1900, hand(6000, 199));
        assertThat(byFilling.standing()).isEqualTo(CutPlan.Standing.BARS_DO_NOT_SUFFICE);
        assertThat(byFilling.left()).hasSize(3);
        CutPlan enough = many(600, 1900, hand(6000, 200));
        assertThat(enough.complete()).isTrue();
        assertThat(enough.price()).isZero();
        CutPlan some = many(600, 1900, hand(6000, 100), bought(6000, 60));
        assertThat(some.price()).isEqualTo(6000);
        assertThat(some.proven()).isTrue();
    }

    /** The long old bar stays whole where shorter ones serve: 1400 and 950 in 1500 and 1000, though one after the other they would go into 2500. */
    @Test
    void testOfTheOldBarsTheLongOnesAreSpared() {
        CutPlan plan = CutPlan.of(task(2, List.of(hand(2500, 3), hand(1500, 2), hand(1000, 2)), 1400, 1400, 950, 950));
        assertThat(plan.bars().stream().map(b -> b.stock().length().mm()))
                .containsExactlyInAnyOrder(1500.0, 1500.0, 1000.0, 1000.0);
    }
}
