package mellowflare.core.cutting;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static org.junit.jupiter.api.Assertions.assertArrayEquals;
import static org.junit.jupiter.api.Assertions.assertEquals;

import java.util.Arrays;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;

/** The filling that is worth most, against every filling there is. */
class KnapsackTest {
    private static double most(Sizes s, double[] worth, int at, long room) {
        if (at == worth.length) {
            return 0;
        }
        double best = 0;
        for (int n = 0; n <= s.count()[at] && n * s.size()[at] <= room; n++) {
            best = Math.max(best, n * worth[at] + most(s, worth, at + 1, room - n * s.size()[at]));
        }
        return best;
    }

    private static double worth(Sizes s, double[] worth, int[] counts, long room) {
        long used = 0;
        double sum = 0;
        for (int i = 0; i < counts.length; i++) {
            assertThat(counts[i]).isBetween(0, s.count()[i]);
            used += counts[i] * s.size()[i];
            sum += counts[i] * worth[i];
        }
        assertThat(used).isLessThanOrEqualTo(room);
        return sum;
    }

    private static double[] worths(Random r, Sizes s) {
        return Arrays.stream(s.size())
                .mapToDouble(x -> r.nextInt(5) == 0 ? 0 : Math.rint(x * (0.5 + r.nextDouble())) / 16)
                .toArray();
    }

    /** By the table where sizes are whole steps, by the search where the steps would be too fine; 2 000 003 is a prime. */
    @Test
    void testNoFillingIsWorthMore() {
        for (long step : new long[] {1_000_000, 3}) {
            for (int seed = 0; seed < 25; seed++) {
                Random r = new Random(seed);
                Sizes s = CutTasks.sizes(r, 2 + r.nextInt(4), 2_000_003 / step, 20_000_003 / step, step, 4);
                double[] worth = worths(r, s);
                long[] rooms = CutTasks.falling(30_000_001, 20_000_000 + r.nextInt(9_000_000), s.size()[0], 1_999_999);
                assertEquals(step == 3, Knapsack.step(s, rooms) == 0, "seed " + seed);
                List<Knapsack> all = Knapsack.of(s, worth, rooms);
                assertEquals(rooms.length, all.size());
                for (int k = 0; k < rooms.length; k++) {
                    double best = most(s, worth, 0, rooms[k]);
                    assertThat(all.get(k).worth()).isCloseTo(best, within(1e-6));
                    assertThat(all.get(k).atMost()).isCloseTo(best, within(1e-6));
                    assertThat(worth(s, worth, all.get(k).counts(), rooms[k])).isCloseTo(best, within(1e-6));
                }
            }
        }
    }

    /** What each length of bar is worth: the table has no fewer than the best and no more. */
    @Test
    void testTheTableHoldsWhatEachLengthIsWorth() {
        for (int seed = 0; seed < 12; seed++) {
            Random r = new Random(seed);
            Sizes s = CutTasks.sizes(r, 3, 3, 20, 5, 5);
            double[] worth = worths(r, s);
            long[] rooms = {150, 300};
            long step = Knapsack.step(s, rooms);
            assertEquals(0, s.size()[0] % step);
            double[] table = Knapsack.table(s, worth, rooms, step);
            assertEquals(300 / step + 1, table.length);
            Guard guard = Guard.of(s, worth, rooms);
            double ofPieces = 0;
            for (int i = 0; i < worth.length; i++) {
                ofPieces += s.count()[i] * worth[i];
            }
            assertEquals(ofPieces, guard.ofPieces(), 1e-9);
            assertArrayEquals(worth, guard.ofSizes());
            for (long room = 0; room <= 300; room++) {
                double best = most(s, worth, 0, room);
                assertEquals(best, guard.atMost(room), 1e-9);
                assertEquals(best, table[(int) (room / step)], 1e-9);
            }
            assertArrayEquals(new double[] {most(s, worth, 0, 150), most(s, worth, 0, 300)}, guard.ofRooms(), 1e-9);
            double worthOfThree = 2 * guard.ofRooms()[0] + guard.ofRooms()[1];
            assertEquals(
                    ofPieces == 0 ? Double.MAX_VALUE : worthOfThree / ofPieces - 1,
                    guard.spare(new int[] {2, 1}),
                    1e-9);
        }
    }

    @Test
    void testAGuardOfFineSizesHasNoTableAndOneOfNothingSparesAll() {
        Sizes fine = new Sizes(new long[] {7_000_003, 5_000_011}, new int[] {2, 3});
        double[] worth = {3, 2};
        long[] rooms = {20_000_000, 9_000_000};
        Guard guard = Guard.of(fine, worth, rooms);
        assertArrayEquals(new double[] {8, 3}, guard.ofRooms(), 1e-9);
        assertEquals(Double.MAX_VALUE, guard.atMost(1));
        assertEquals(12, guard.ofPieces());
        assertEquals((8 + 3 * 2) / 12.0 - 1, guard.spare(new int[] {1, 2}), 1e-9);
        assertEquals(Double.MAX_VALUE, Guard.of(fine, new double[2], rooms).spare(new int[] {1, 1}));
        Guard byLength = Guard.ofLength(fine, rooms);
        assertArrayEquals(new double[] {19_000_017 > 20_000_000 ? 0 : 19_000_017, 7_000_003}, byLength.ofRooms());
    }

    /** A table is made up to so many cells, and not of one more. */
    @Test
    void testTheFinestTable() {
        Sizes s = new Sizes(new long[] {6, 4}, new int[] {1, 1});
        assertEquals(2, Knapsack.step(s, new long[] {2 * 130_000 + 1, 4}));
        assertEquals(0, Knapsack.step(s, new long[] {4, 2 * 130_001}));
    }

    /** Cut short, the search says what nothing goes beyond. */
    @Test
    void testASearchThatIsCutShortBoundsWhatItDidNotFind() {
        Random r = new Random(1);
        Sizes s = CutTasks.sizes(r, 60, 2_000_003, 2_900_003, 1, 6);
        double[] worth = Arrays.stream(s.size()).mapToDouble(x -> x).toArray();
        long[] rooms = {60_000_001};
        Knapsack k = Knapsack.of(s, worth, rooms).get(0);
        assertThat(k.atMost()).isBetween(k.worth(), 60_000_001.0 + 1);
        assertThat(worth(s, worth, k.counts(), rooms[0])).isCloseTo(k.worth(), within(1e-3));
        assertThat(k.worth()).isGreaterThan(58_000_000);
    }
}
