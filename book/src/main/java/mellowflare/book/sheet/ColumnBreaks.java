package mellowflare.book.sheet;

import java.util.List;

/** Where two columns of pieces end, by how high each piece is (pt). */
final class ColumnBreaks {
    private ColumnBreaks() {}

    /** Up to where the left column goes: so that both end as near each other as they can where all fits, else as full as the room. */
    static int split(List<Float> high, int from, float room) {
        float all = sum(high, from, high.size());
        int full = Math.max(from + 1, fill(high, from, room));
        int best = full;
        for (int to = from + 1; to <= full; to++) {
            float left = sum(high, from, to);
            if (all - left <= room && Math.max(left, all - left) < tallest(high, from, best)) {
                best = to;
            }
        }
        return best;
    }

    private static float tallest(List<Float> high, int from, int middle) {
        return Math.max(sum(high, from, middle), sum(high, middle, high.size()));
    }

    private static float sum(List<Float> high, int from, int to) {
        float sum = 0;
        for (float h : high.subList(from, to)) {
            sum += h;
        }
        return sum;
    }

    /** Up to which piece a column of so much room is filled. */
    static int fill(List<Float> high, int from, float room) {
        float taken = 0;
        int to = from;
        while (to < high.size() && taken + high.get(to) <= room) {
            taken += high.get(to);
            to++;
        }
        return to;
    }
}
