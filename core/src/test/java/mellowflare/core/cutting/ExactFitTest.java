package mellowflare.core.cutting;

import static org.assertj.core.api.Assertions.assertThat;
import static org.junit.jupiter.api.Assertions.assertEquals;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Random;
import java.util.stream.Collectors;
import mellowflare.core.Stands;
import org.junit.jupiter.api.Test;

/** Whether pieces go into bars, against trying everything; and how long it takes to find that out. */
class ExactFitTest {
    private record Asked(Sizes sizes, long[] rooms, int[] bars) {
        private static Asked of(int seed) {
            Random r = new Random(seed);
            return of(r, CutTasks.sizes(r, 2 + r.nextInt(5), 3, 40, 1 + r.nextInt(3), 1 + r.nextInt(3)));
        }

        /** Too many pieces for trying everything. */
        private static Asked hard(int seed) {
            Random r = new Random(seed);
            return of(r, CutTasks.sizes(r, 5 + r.nextInt(6), 9, 60, 1, 1 + r.nextInt(4)));
        }

        private static Asked of(Random r, Sizes s) {
            int kinds = 1 + r.nextInt(3);
            long[] rooms = CutTasks.falling(r.longs(s.size()[0] / 2 + 1, 2 * s.size()[0] + 20)
                    .distinct()
                    .limit(kinds)
                    .toArray());
            // About as many bars as are needed, so that it is seldom plain.
            int[] bars = new int[kinds];
            long need = s.sum();
            for (int k = 0; need > 0 && k < 200; k++) {
                int which = r.nextInt(kinds);
                bars[which]++;
                need -= rooms[which];
            }
            if (r.nextInt(3) == 0) {
                bars[r.nextInt(kinds)]++;
            }
            return new Asked(s, rooms, bars);
        }

        private List<Guard> guards() {
            double[] half = Arrays.stream(sizes.size())
                    .mapToDouble(x -> x * 2 > rooms[0] ? 1 : x * 2 == rooms[0] ? 0.5 : 0)
                    .toArray();
            return List.of(Guard.ofLength(sizes, rooms), Guard.of(sizes, half, rooms));
        }

        private boolean fits() {
            List<Long> all = new ArrayList<>();
            for (int i = 0; i < sizes.kinds(); i++) {
                for (int c = 0; c < sizes.count()[i]; c++) {
                    all.add(sizes.size()[i]);
                }
            }
            List<Long> open = new ArrayList<>();
            for (int k = 0; k < rooms.length; k++) {
                for (int c = 0; c < bars[k]; c++) {
                    open.add(rooms[k]);
                }
            }
            return fits(all, 0, open);
        }

        private static boolean fits(List<Long> pieces, int at, List<Long> rooms) {
            if (at == pieces.size()) {
                return true;
            }
            List<Long> tried = new ArrayList<>();
            for (int k = 0; k < rooms.size(); k++) {
                long room = rooms.get(k);
                if (room < pieces.get(at) || tried.contains(room)) {
                    continue;
                }
                tried.add(room);
                rooms.set(k, room - pieces.get(at));
                boolean fits = fits(pieces, at + 1, rooms);
                rooms.set(k, room);
                if (fits) {
                    return true;
                }
            }
            return false;
        }

        private ExactFit.Answer answer(List<Guard> guards, long steps) {
            return ExactFit.of(sizes, rooms, bars, guards, steps);
        }

        /** What was filled holds every piece once, and no more bars than there are. */
        private void right(ExactFit.Answer a) {
            int[] left = sizes.count().clone();
            int[] free = bars.clone();
            for (ExactFit.Filled f : a.bars()) {
                free[f.kind()]--;
                long room = rooms[f.kind()];
                for (int i = 0; i < left.length; i++) {
                    left[i] -= f.counts()[i];
                    room -= f.counts()[i] * sizes.size()[i];
                }
                assertThat(room).isNotNegative();
            }
            assertThat(left).containsOnly(0);
            assertThat(Arrays.stream(free).min().orElseThrow()).isNotNegative();
        }
    }

    private static final int CASES = 160;

    @Test
    void testItFitsWhereAnyWayOfCuttingFits() {
        int fit = 0;
        for (int seed = 0; seed < CASES; seed++) {
            Asked a = Asked.of(seed);
            boolean fits = a.fits();
            fit += fits ? 1 : 0;
            for (List<Guard> guards : List.of(List.<Guard>of(), a.guards())) {
                ExactFit.Answer answer = a.answer(guards, 1_000_000);
                assertEquals(fits ? ExactFit.Says.FITS : ExactFit.Says.FITS_NOT, answer.says(), "seed " + seed);
                if (fits) {
                    a.right(answer);
                }
            }
        }
        assertThat(fit).as("both answers come up").isBetween(CASES / 8, CASES * 7 / 8);
    }

    /** A change that makes it take more steps makes plans slower or less often proven. */
    @Test
    void testTheStepsItTakesStandAsTheyWereLookedThrough() {
        List<String> lines = new ArrayList<>();
        for (int seed = 0; lines.size() < CASES; seed++) {
            Asked a = Asked.hard(seed);
            ExactFit.Answer plain = a.answer(List.of(), 5_000);
            if (plain.steps() < 12) {
                continue;
            }
            ExactFit.Answer guarded = a.answer(a.guards(), 5_000);
            ExactFit.Answer few = a.answer(List.of(), Math.max(0, plain.steps() - 1));
            lines.add(Arrays.toString(a.sizes.size()) + " " + Arrays.toString(a.sizes.count()) + " in "
                    + Arrays.toString(a.rooms) + " " + Arrays.toString(a.bars) + ": " + plain.says() + " "
                    + plain.steps() + ", " + guarded.says() + " " + guarded.steps() + ", " + few.says() + " "
                    + few.steps() + " "
                    + plain.bars().stream()
                            .map(f -> f.kind() + Arrays.toString(f.counts()))
                            .collect(Collectors.joining(" ")));
        }
        Stands.as(getClass(), "fits.txt", lines);
    }

    @Test
    void testItGivesUpWhenItsStepsAreUsedUp() {
        Asked a = new Asked(new Sizes(new long[] {6, 5, 4}, new int[] {3, 3, 3}), new long[] {15}, new int[] {3});
        ExactFit.Answer all = a.answer(List.of(), 1_000);
        assertEquals(ExactFit.Says.FITS, all.says());
        a.right(all);
        for (long steps = 0; steps < all.steps(); steps++) {
            ExactFit.Answer few = a.answer(List.of(), steps);
            assertEquals(ExactFit.Says.NOT_KNOWN, few.says());
            assertThat(few.steps()).isGreaterThanOrEqualTo(steps);
        }
        assertEquals(ExactFit.Says.FITS, a.answer(List.of(), all.steps()).says());
    }
}
