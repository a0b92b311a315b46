package mellowflare.core.flow.network;

/** Pipes through which nothing can run: branches at whose end nothing is asked and nothing is fed. Their pressure is that of the place where they leave, so they need not be solved for. */
final class DeadEnds {
    private final boolean[] dead;
    private final int[] order;
    private final int[] far;
    private int first;

    /**
     * Looks for them: places with one pipe, again and again, inward from the ends.
     *
     * @param from first place of each pipe
     * @param to second place of each pipe, another one
     * @param used of each place whether something may be asked or fed there
     */
    DeadEnds(int[] from, int[] to, boolean[] used) {
        int[] count = new int[used.length];
        // The exclusive or of the pipes that are left at a place names the last one.
        int[] left = new int[used.length];
        for (int p = 0; p < from.length; p++) {
            count[from[p]]++;
            count[to[p]]++;
            left[from[p]] ^= p;
            left[to[p]] ^= p;
        }
        dead = new boolean[from.length];
        order = new int[from.length];
        far = new int[from.length];
        first = from.length;
        for (int end = 0; end < used.length; end++) {
            int at = end;
            while (count[at] == 1 && !used[at]) {
                int p = left[at];
                int near = from[p] == at ? to[p] : from[p];
                dead[p] = true;
                first--;
                order[first] = p;
                far[first] = at;
                count[at] = 0;
                count[near]--;
                left[near] ^= p;
                at = near;
            }
        }
    }

    /** How many there are. */
    int count() {
        return order.length - first;
    }

    /** Whether a pipe is one. */
    boolean dead(int pipe) {
        return dead[pipe];
    }

    /** The pipes, each after the one that it hangs on. */
    int pipe(int k) {
        return order[first + k];
    }

    /** The place of such a pipe that is away from what is alive. */
    int far(int k) {
        return far[first + k];
    }
}
