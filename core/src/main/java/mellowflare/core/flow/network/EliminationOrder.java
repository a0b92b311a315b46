package mellowflare.core.flow.network;

import java.util.Arrays;
import java.util.BitSet;

/**
 * In which order the unknown pressures are eliminated so that the matrix stays thin: always the place that has fewest neighbours left, or seems to (approximate minimum degree). Neighbours made by earlier eliminations are kept as the
 * groups that they form and not as single pairs (quotient graph), so that the memory never grows.
 */
final class EliminationOrder {
    private final int[][] near;
    private final int[] nearCount;
    private final int[][] groups;
    private final int[] groupCount;
    private final int[][] members;
    private final int[] stamp;
    private final int[] seen;
    private final int[] outside;
    private int stamped;
    private int counted;

    private EliminationOrder(int[][] neighbours) {
        int n = neighbours.length;
        near = new int[n][];
        nearCount = new int[n];
        groups = new int[n][4];
        groupCount = new int[n];
        members = new int[n][];
        stamp = new int[n];
        seen = new int[n];
        outside = new int[n];
        for (int i = 0; i < n; i++) {
            near[i] = neighbours[i].clone();
            nearCount[i] = near[i].length;
        }
    }

    /**
     * @param neighbours of each place, without itself and without doubles
     * @return places in the order of their elimination
     */
    static int[] of(int[][] neighbours) {
        return new EliminationOrder(neighbours).order();
    }

    private int[] order() {
        int n = near.length;
        int[] degree = new int[n];
        int[] head = new int[n + 1];
        int[] tail = new int[n + 1];
        int[] next = new int[n];
        int[] before = new int[n];
        Arrays.fill(head, -1);
        Arrays.fill(tail, -1);
        for (int i = 0; i < n; i++) {
            degree[i] = nearCount[i];
            put(i, degree[i], head, tail, next, before);
        }
        BitSet gone = new BitSet(n);
        int[] order = new int[n];
        int least = 0;
        for (int at = 0; at < n; at++) {
            while (head[least] < 0) {
                least++;
            }
            int p = head[least];
            take(p, degree[p], head, tail, next, before);
            order[at] = p;
            int[] front = front(p, gone);
            gone.set(p);
            members[p] = front;
            for (int i : front) {
                absorb(i, p, gone);
            }
            outside(front, p);
            for (int i : front) {
                take(i, degree[i], head, tail, next, before);
                degree[i] = degree(i, p, front.length, n - at - 1);
                put(i, degree[i], head, tail, next, before);
                least = Math.min(least, degree[i]);
            }
        }
        return order;
    }

    /** All that are left and touch the place. */
    private int[] front(int p, BitSet gone) {
        int mark = ++stamped;
        stamp[p] = mark;
        int[] front = new int[8];
        int count = 0;
        for (int k = 0; k < nearCount[p]; k++) {
            int i = near[p][k];
            if (!gone.get(i) && stamp[i] != mark) {
                stamp[i] = mark;
                front = room(front, count);
                front[count++] = i;
            }
        }
        for (int k = 0; k < groupCount[p]; k++) {
            for (int i : members[groups[p][k]]) {
                if (!gone.get(i) && stamp[i] != mark) {
                    stamp[i] = mark;
                    front = room(front, count);
                    front[count++] = i;
                }
            }
            members[groups[p][k]] = new int[0];
        }
        return Arrays.copyOf(front, count);
    }

    /** The place now touches the new group; what lies within the group need not be kept as pairs, and swallowed groups are dropped. The front is still stamped. */
    private void absorb(int i, int p, BitSet gone) {
        int kept = 0;
        for (int k = 0; k < nearCount[i]; k++) {
            int j = near[i][k];
            if (stamp[j] != stamped && !gone.get(j)) {
                near[i][kept++] = j;
            }
        }
        nearCount[i] = kept;
        kept = 0;
        for (int k = 0; k < groupCount[i]; k++) {
            int e = groups[i][k];
            if (members[e].length > 0) {
                groups[i][kept++] = e;
            }
        }
        groups[i] = room(groups[i], kept);
        groups[i][kept++] = p;
        groupCount[i] = kept;
    }

    /** How many members of each group that touches the front lie outside it: counted down by the members that lie inside. */
    private void outside(int[] front, int p) {
        counted++;
        for (int i : front) {
            for (int k = 0; k < groupCount[i]; k++) {
                int e = groups[i][k];
                if (e != p) {
                    if (seen[e] != counted) {
                        seen[e] = counted;
                        outside[e] = members[e].length;
                    }
                    outside[e]--;
                }
            }
        }
    }

    /** Neighbours left, those of overlapping groups counted more than once: a bound, and much cheaper than the number itself. A group that lies wholly within the front is dropped. */
    private int degree(int i, int p, int front, int most) {
        int degree = nearCount[i] + front - 1;
        int kept = 0;
        for (int k = 0; k < groupCount[i]; k++) {
            int e = groups[i][k];
            if (e == p || outside[e] > 0) {
                groups[i][kept++] = e;
                degree += e == p ? 0 : outside[e];
            }
        }
        groupCount[i] = kept;
        return Math.min(degree, most);
    }

    private static int[] room(int[] a, int count) {
        return count < a.length ? a : Arrays.copyOf(a, 2 * a.length);
    }

    /** Behind all others of its degree: the one that waited longest goes first, which keeps the matrix thinner than the other way round. */
    private static void put(int i, int degree, int[] head, int[] tail, int[] next, int[] before) {
        next[i] = -1;
        before[i] = tail[degree];
        if (tail[degree] >= 0) {
            next[tail[degree]] = i;
        } else {
            head[degree] = i;
        }
        tail[degree] = i;
    }

    private static void take(int i, int degree, int[] head, int[] tail, int[] next, int[] before) {
        if (before[i] >= 0) {
            next[before[i]] = next[i];
        } else {
            head[degree] = next[i];
        }
        if (next[i] >= 0) {
            before[next[i]] = before[i];
        } else {
            tail[degree] = before[i];
        }
    }
}
