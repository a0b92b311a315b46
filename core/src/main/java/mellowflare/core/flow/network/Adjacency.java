package mellowflare.core.flow.network;

import java.util.Arrays;

/** Which places are joined by a pipe. */
final class Adjacency {
    private Adjacency() {}

    /**
     * @param places how many there are
     * @param from first place of each pipe
     * @param to second place of each pipe, another one
     * @return of each place its neighbours, rising, none twice
     */
    static int[][] of(int places, int[] from, int[] to) {
        int[] count = new int[places];
        for (int p = 0; p < from.length; p++) {
            count[from[p]]++;
            count[to[p]]++;
        }
        int[][] near = new int[places][];
        for (int i = 0; i < places; i++) {
            near[i] = new int[count[i]];
            count[i] = 0;
        }
        for (int p = 0; p < from.length; p++) {
            near[from[p]][count[from[p]]++] = to[p];
            near[to[p]][count[to[p]]++] = from[p];
        }
        for (int i = 0; i < places; i++) {
            near[i] = single(near[i]);
        }
        return near;
    }

    private static int[] single(int[] all) {
        Arrays.sort(all);
        int kept = 0;
        for (int k = 0; k < all.length; k++) {
            if (k == 0 || all[k] != all[k - 1]) {
                all[kept++] = all[k];
            }
        }
        return kept == all.length ? all : Arrays.copyOf(all, kept);
    }
}
