package mellowflare.core.cutting;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/**
 * Whether pieces go into given bars, by search: the longest piece left goes into one bar after the other, each filled so that nothing left would still go in (a filling that could take more is never
 * better), nor one that is better with a longer piece for shorter ones. A filling may waste no more than all bars together have to spare. What failed once is not tried again. Bin completion after Korf, for bars of several lengths.
 */
final class ExactFit {
    private static final int MOST_REMEMBERED = 300_000;
    /** So many pieces beside the longest are looked at for a swap. */
    private static final int MOST_SWAPPED = 6;

    /** What the search says. */
    enum Says {
        FITS,
        FITS_NOT,
        /** The steps it was given were used up. */
        NOT_KNOWN
    }

    /**
     * A filled bar.
     * kind: which kind of bar; counts: how many of each size.
     */
    static final class Filled {
        private final int kind;
        private final int[] counts;

        Filled(int kind, int[] counts) {
            this.kind = kind;
            this.counts = counts;
        }

        int kind() {
            return kind;
        }

        int[] counts() {
            return counts;
        }
    }

    /**
     * @param says whether they go in
     * @param bars those that are filled, where they do
     * @param steps that it took
     */
    record Answer(Says says, List<Filled> bars, long steps) {}

    private final Sizes sizes;
    private final long[] rooms;
    private final int[] bars;
    private final int[] left;
    private final List<Guard> guards;
    private final double[] got;
    private final double[] toSpare;
    private final Set<List<Integer>> failed = new HashSet<>();
    private final List<Filled> filled = new ArrayList<>();
    private final long[] swapped = new long[MOST_SWAPPED];
    private long sum;
    private long steps;

    private ExactFit(Sizes sizes, long[] rooms, int[] bars, List<Guard> guards, long steps) {
        this.sizes = sizes;
        this.rooms = rooms;
        this.bars = bars.clone();
        this.left = sizes.count().clone();
        this.sum = sizes.sum();
        this.steps = steps;
        this.guards = guards;
        this.got = new double[guards.size()];
        this.toSpare = new double[guards.size()];
        for (int g = 0; g < toSpare.length; g++) {
            toSpare[g] = -guards.get(g).ofPieces();
            for (int k = 0; k < bars.length; k++) {
                toSpare[g] += bars[k] * guards.get(g).ofRooms()[k];
            }
        }
    }

    /**
     * @param sizes what must go in
     * @param rooms of the kinds of bar, falling
     * @param bars how many there are of each
     * @param guards worths of sizes and of these kinds of bar, by which no filling may waste more than all bars have to spare
     * @param steps after so many it gives up
     */
    static Answer of(Sizes sizes, long[] rooms, int[] bars, List<Guard> guards, long steps) {
        ExactFit fit = new ExactFit(sizes, rooms, bars, guards, steps);
        Optional<Boolean> found = fit.place(0);
        return new Answer(
                found.isEmpty() ? Says.NOT_KNOWN : found.get() ? Says.FITS : Says.FITS_NOT,
                List.copyOf(fit.filled),
                steps - fit.steps);
    }

    /** Places all that is left; empty when the steps ran out. */
    private Optional<Boolean> place(int from) {
        int first = from;
        while (first < left.length && left[first] == 0) {
            first++;
        }
        if (first == left.length) {
            return Optional.of(true);
        }
        if (steps-- <= 0) {
            return Optional.empty();
        }
        long spare = spare();
        if (spare < 0) {
            return Optional.of(false);
        }
        List<Integer> state = state();
        if (failed.contains(state)) {
            return Optional.of(false);
        }
        // The tightest bar that takes the longest piece first.
        for (int k = rooms.length - 1; k >= 0; k--) {
            if (bars[k] == 0 || rooms[k] < sizes.size()[first]) {
                continue;
            }
            bars[k]--;
            left[first]--;
            int[] in = new int[left.length];
            in[first] = 1;
            gets(first, 1);
            Optional<Boolean> found = fill(k, first, rooms[k] - sizes.size()[first], spare, in, first);
            gets(first, -1);
            left[first]++;
            bars[k]++;
            if (found.isEmpty() || found.get()) {
                return found;
            }
        }
        if (failed.size() < MOST_REMEMBERED) {
            failed.add(state);
        }
        return Optional.of(false);
    }

    /** Puts more of the sizes from {@code at} on into a bar, the most of the longest first; goes on to the next bar once it is full. */
    private Optional<Boolean> fill(int k, int at, long room, long spare, int[] in, int first) {
        if (steps-- <= 0) {
            return Optional.empty();
        }
        int i = at;
        while (i < left.length && (left[i] == 0 || sizes.size()[i] > room)) {
            i++;
        }
        if (i == left.length) {
            if (room > spare || lostTooMuch(k) || !full(room) || bettered(in, first, room)) {
                return Optional.of(false);
            }
            long sumBefore = sum;
            double[] spareBefore = toSpare.clone();
            double[] gotBefore = got.clone();
            sum -= rooms[k] - room;
            for (int g = 0; g < got.length; g++) {
                toSpare[g] -= guards.get(g).ofRooms()[k] - got[g];
                got[g] = 0;
            }
            filled.add(new Filled(k, in.clone()));
            Optional<Boolean> found = place(first);
            if (found.filter(f -> f).isEmpty()) {
                filled.remove(filled.size() - 1);
                sum = sumBefore;
                System.arraycopy(spareBefore, 0, toSpare, 0, toSpare.length);
                System.arraycopy(gotBefore, 0, got, 0, got.length);
            }
            return found;
        }
        if (room - reach(i, room) > spare || losesTooMuch(k, room)) {
            return Optional.of(false);
        }
        int most = (int) Math.min(left[i], room / sizes.size()[i]);
        for (int n = most; n >= 0; n--) {
            left[i] -= n;
            in[i] += n;
            gets(i, n);
            Optional<Boolean> found = fill(k, i + 1, room - n * sizes.size()[i], spare, in, first);
            left[i] += n;
            in[i] -= n;
            gets(i, -n);
            if (found.isEmpty() || found.get()) {
                return found;
            }
        }
        return Optional.of(false);
    }

    /** Whether the filling, however it goes on, loses more than there is to spare by some worths. */
    private boolean losesTooMuch(int k, long room) {
        for (int g = 0; g < got.length; g++) {
            Guard guard = guards.get(g);
            double lost = guard.ofRooms()[k] - got[g] - guard.atMost(room);
            if (lost > toSpare[g] + guard.ofPieces() * 1e-9) {
                return true;
            }
        }
        return false;
    }

    private boolean lostTooMuch(int k) {
        for (int g = 0; g < got.length; g++) {
            if (guards.get(g).ofRooms()[k] - got[g] > toSpare[g] + guards.get(g).ofPieces() * 1e-9) {
                return true;
            }
        }
        return false;
    }

    private void gets(int size, int n) {
        for (int g = 0; g < got.length; g++) {
            got[g] += n * guards.get(g).ofSizes()[size];
        }
    }

    /** Whether nothing that is left would still go in. */
    private boolean full(long room) {
        for (int i = left.length - 1; i >= 0; i--) {
            if (left[i] > 0) {
                return sizes.size()[i] > room;
            }
        }
        return true;
    }

    /**
     * Whether a piece that is left would do better than some that are in: as long as they are together or longer, and there is room for it in their place. What goes into the other bars is then no
     * longer than before.
     */
    private boolean bettered(int[] in, int first, long room) {
        int n = 0;
        for (int i = first; i < in.length && n < MOST_SWAPPED; i++) {
            for (int c = i == first ? in[i] - 1 : in[i]; c > 0 && n < MOST_SWAPPED; c--) {
                swapped[n++] = sizes.size()[i];
            }
        }
        for (int set = 1; set < 1 << n; set++) {
            long sum = 0;
            for (int b = 0; b < n; b++) {
                sum += (set >> b & 1) == 0 ? 0 : swapped[b];
            }
            boolean one = Integer.bitCount(set) == 1;
            for (int i = first; i < left.length && sizes.size()[i] >= sum; i++) {
                if (left[i] > 0 && sizes.size()[i] <= sum + room && (!one || sizes.size()[i] > sum)) {
                    return true;
                }
            }
        }
        return false;
    }

    /** The most that the sizes from {@code at} on can put into a room, at the outside. */
    private long reach(int at, long room) {
        long reach = 0;
        for (int i = at; i < left.length && reach < room; i++) {
            if (sizes.size()[i] <= room) {
                reach += left[i] * sizes.size()[i];
            }
        }
        return Math.min(reach, room);
    }

    /** What all bars that still take a piece have to spare; below zero where the longer pieces alone find no room in the longer bars. */
    private long spare() {
        long room = 0;
        long need = 0;
        int i = 0;
        int last = left.length - 1;
        while (last > 0 && left[last] == 0) {
            last--;
        }
        for (int k = 0; k < rooms.length && rooms[k] >= sizes.size()[last]; k++) {
            room += bars[k] * rooms[k];
            long next = k + 1 < rooms.length ? rooms[k + 1] : 0;
            while (i <= last && sizes.size()[i] > next) {
                need += left[i] * sizes.size()[i];
                i++;
            }
            if (room < need) {
                return -1;
            }
        }
        return room - sum;
    }

    private List<Integer> state() {
        List<Integer> state = new ArrayList<>(left.length + bars.length);
        Arrays.stream(left).forEach(state::add);
        Arrays.stream(bars).forEach(state::add);
        return state;
    }
}
