package mellowflare.core.cutting;

import java.util.Arrays;

/**
 * Fills one bar as full as can be from the pieces that are left: the longest piece goes in, the rest of the bar is filled by looking through all sums that the others can make, 64 sums
 * at a time, on a grid of a tenth of a millimetre (coarser for bars over 20 m; sizes are rounded up, so that a filling always fits).
 */
final class FullestBar {
    private static final double GRID_MM = 0.1;
    private static final int MOST_STEPS = 200_000;

    private FullestBar() {}

    /**
     * @param sizes of what is left, longest first, with kerf (mm)
     * @param bar with kerf (mm), not below the first size
     * @return which of them go in: indices, rising, the first always among them
     */
    static int[] of(double[] sizes, double bar) {
        double grid = Math.max(GRID_MM, bar / MOST_STEPS);
        int steps = (int) Math.floor((bar - sizes[0]) / grid + 1e-6);
        long[] sums = new long[steps / 64 + 1];
        sums[0] = 1;
        int[] weight = new int[sizes.length];
        // For each sum the piece that reached it first; the way back then meets only earlier pieces.
        int[] by = new int[steps + 1];
        for (int i = 1; i < sizes.length && !has(sums, steps); i++) {
            weight[i] = (int) Math.ceil(sizes[i] / grid - 1e-6);
            if (weight[i] > 0 && weight[i] <= steps) {
                add(sums, weight[i], steps, i, by);
            }
        }
        int top = steps;
        while (!has(sums, top)) {
            top--;
        }
        int[] chosen = new int[sizes.length];
        int count = 1;
        for (int s = top; s > 0; s -= weight[by[s]]) {
            chosen[count++] = by[s];
        }
        int[] in = Arrays.copyOf(chosen, count);
        Arrays.sort(in);
        return in;
    }

    private static boolean has(long[] sums, int s) {
        return (sums[s >> 6] >>> (s & 63) & 1) != 0;
    }

    /** Every known sum with this piece put to it, from the largest down so that no piece goes in twice. */
    private static void add(long[] sums, int weight, int steps, int piece, int[] by) {
        int words = weight >> 6;
        int bits = weight & 63;
        for (int w = sums.length - 1; w >= words; w--) {
            long moved = sums[w - words] << bits;
            if (bits > 0 && w - words > 0) {
                moved |= sums[w - words - 1] >>> (64 - bits);
            }
            long fresh = moved & ~sums[w];
            if (w == sums.length - 1) {
                int last = steps & 63;
                fresh &= last == 63 ? -1L : (1L << (last + 1)) - 1;
            }
            sums[w] |= fresh;
            while (fresh != 0) {
                by[(w << 6) + Long.numberOfTrailingZeros(fresh)] = piece;
                fresh &= fresh - 1;
            }
        }
    }
}
