package mellowflare.core.cutting;

import static org.assertj.core.api.Assertions.assertThat;
import static org.junit.jupiter.api.Assertions.assertEquals;

import java.util.Arrays;
import java.util.Random;
import org.junit.jupiter.api.Test;

/** The bound on how many bars are needed, reckoned once more by its definition. */
class LowerBoundTest {
    /** Martello and Toth: those longer than a bar less alpha one each, those over half share none of them, and what the shorter ones from alpha on need beyond the room beside the long ones. */
    private static int byDefinition(int[] sizes, int bar) {
        int best = (Arrays.stream(sizes).sum() + bar - 1) / bar;
        for (int alpha = 0; 2 * alpha <= bar; alpha++) {
            int n1 = 0;
            int n2 = 0;
            int room = 0;
            int rest = 0;
            for (int s : sizes) {
                if (s > bar - alpha) {
                    n1++;
                } else if (2 * s > bar) {
                    n2++;
                    room += bar - s;
                } else if (s >= alpha) {
                    rest += s;
                }
            }
            best = Math.max(best, n1 + n2 + Math.max(0, (rest - room + bar - 1) / bar));
        }
        return best;
    }

    @Test
    void testTheBoundIsThatOfItsDefinition() {
        int beyondTheSum = 0;
        for (int seed = 0; seed < 400; seed++) {
            Random r = new Random(seed);
            int bar = 60 + r.nextInt(60);
            int least = 1 + r.nextInt(bar / 2);
            int[] sizes = r.ints(1 + r.nextInt(14), least, bar + 1).toArray();
            int bound = LowerBound.bars(Arrays.stream(sizes).asDoubleStream().toArray(), bar);
            assertEquals(byDefinition(sizes, bar), bound, "seed " + seed);
            beyondTheSum += bound > (Arrays.stream(sizes).sum() + bar - 1) / bar ? 1 : 0;
        }
        assertThat(beyondTheSum).isGreaterThan(50);
    }
}
