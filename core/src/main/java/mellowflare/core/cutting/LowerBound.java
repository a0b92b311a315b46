package mellowflare.core.cutting;

import java.util.Arrays;

/** How many bars of one length are needed at least, by the area and by Martello and Toth's second bound (pieces longer than half a bar cannot share one). */
public final class LowerBound {
    private LowerBound() {}

    /**
     * @param sizes of the pieces with their kerf, each above zero and at most {@code bar}
     * @param bar of a bar with one kerf
     * @return bars at least
     */
    static int bars(double[] sizes, double bar) {
        if (sizes.length == 0) {
            return 0;
        }
        double[] s = sizes.clone();
        Arrays.sort(s);
        double eps = 1e-9 * bar;
        double[] sum = new double[s.length + 1];
        for (int i = 0; i < s.length; i++) {
            sum[i + 1] = sum[i] + s[i];
        }
        int best = up(sum[s.length] / bar);
        int overHalf = above(s, bar / 2 + eps);
        // Only sizes up to half a bar make another bound.
        double before = -1;
        for (int k = -1; k < overHalf; k++) {
            double alpha = k < 0 ? 0 : s[k];
            if (alpha == before) {
                continue;
            }
            before = alpha;
            int large = above(s, bar - alpha + eps);
            int n1 = s.length - large;
            int n2 = large - overHalf;
            int from = atLeast(s, alpha - eps);
            double rest = sum[overHalf] - sum[Math.min(from, overHalf)];
            double room = n2 * bar - (sum[large] - sum[overHalf]);
            best = Math.max(best, n1 + n2 + Math.max(0, up((rest - room) / bar)));
        }
        return best;
    }

    private static int up(double x) {
        return (int) Math.ceil(x - 1e-9);
    }

    /** Index of the first above a value. */
    private static int above(double[] s, double value) {
        int lo = 0;
        int hi = s.length;
        while (lo < hi) {
            int mid = (lo + hi) / 2;
            if (s[mid] > value) {
                hi = mid;
            } else {
                lo = mid + 1;
            }
        }
        return lo;
    }

    private static int atLeast(double[] s, double value) {
        int lo = 0;
        int hi = s.length;
        while (lo < hi) {
            int mid = (lo + hi) / 2;
            if (s[mid] >= value) {
                hi = mid;
            } else {
                lo = mid + 1;
            }
        }
        return lo;
    }
}
