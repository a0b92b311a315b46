package mellowflare.core.flow.network;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.HashSet;
import java.util.List;
import java.util.Random;
import java.util.Set;
import java.util.stream.IntStream;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import org.junit.jupiter.api.Test;

class EliminationOrderTest {
    /** What elimination in an order adds: pairs that become neighbours, counted the plain way. */
    private static int fill(int[][] near, int[] order) {
        List<Set<Integer>> left = IntStream.range(0, near.length)
                .mapToObj(i -> {
                    Set<Integer> s = new HashSet<>();
                    for (int j : near[i]) {
                        s.add(j);
                    }
                    return s;
                })
                .toList();
        int fill = 0;
        for (int p : order) {
            Set<Integer> front = left.get(p);
            for (int i : front) {
                left.get(i).remove(p);
                for (int j : front) {
                    if (i < j && left.get(i).add(j)) {
                        left.get(j).add(i);
                        fill++;
                    }
                }
            }
        }
        return fill;
    }

    private static int[][] grid(int side) {
        int[] from = new int[2 * side * (side - 1)];
        int[] to = new int[from.length];
        int k = 0;
        for (int x = 0; x < side; x++) {
            for (int y = 0; y < side; y++) {
                if (x + 1 < side) {
                    from[k] = x * side + y;
                    to[k++] = (x + 1) * side + y;
                }
                if (y + 1 < side) {
                    from[k] = x * side + y;
                    to[k++] = x * side + y + 1;
                }
            }
        }
        return Adjacency.of(side * side, from, to);
    }

    @Property(tries = 200)
    void testEveryPlaceComesOnce(@ForAll @IntRange(min = 1, max = 60) int n, @ForAll long seed) {
        Random r = new Random(seed);
        int pipes = r.nextInt(3 * n);
        int[] from = new int[pipes];
        int[] to = new int[pipes];
        for (int p = 0; p < pipes; p++) {
            from[p] = r.nextInt(n);
            to[p] = (from[p] + 1 + r.nextInt(Math.max(1, n - 1))) % n;
        }
        if (n == 1) {
            from = new int[0];
            to = new int[0];
        }
        int[] order = EliminationOrder.of(Adjacency.of(n, from, to));
        assertThat(IntStream.of(order).sorted().toArray())
                .isEqualTo(IntStream.range(0, n).toArray());
    }

    /** A tree fills nothing: leaves go first. */
    @Test
    void testATreeStaysThin() {
        int n = 200;
        Random r = new Random(3);
        int[] from = new int[n - 1];
        int[] to = new int[n - 1];
        for (int i = 1; i < n; i++) {
            from[i - 1] = r.nextInt(i);
            to[i - 1] = i;
        }
        int[][] near = Adjacency.of(n, from, to);
        assertThat(fill(near, EliminationOrder.of(near))).isZero();
    }

    @Test
    void testAGridFillsFarLessThanRowByRow() {
        int[][] near = grid(20);
        int rows = fill(near, IntStream.range(0, 400).toArray());
        assertThat(fill(near, EliminationOrder.of(near))).isLessThan(rows / 2);
    }
}
