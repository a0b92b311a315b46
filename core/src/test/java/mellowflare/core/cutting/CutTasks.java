package mellowflare.core.cutting;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import mellowflare.core.measure.Length;

/** Tasks of cutting as others are told apart by. */
final class CutTasks {
    private CutTasks() {}

    static CutTask.Stock hand(double mm, int count) {
        return new CutTask.Stock("hand " + Math.round(mm), Length.ofMm(mm), 0, Optional.of(count));
    }

    static CutTask.Stock bought(double mm, double price) {
        return new CutTask.Stock("bought " + Math.round(mm), Length.ofMm(mm), price, Optional.empty());
    }

    static CutTask.Stock offer(double mm, double price, int count) {
        return new CutTask.Stock("offer " + Math.round(mm), Length.ofMm(mm), price, Optional.of(count));
    }

    static CutTask task(double kerf, boolean trim, List<CutTask.Stock> stock, double... pieces) {
        List<CutTask.Piece> all = new ArrayList<>();
        for (double p : pieces) {
            all.add(new CutTask.Piece("p" + all.size(), Length.ofMm(p), 1));
        }
        return new CutTask(all, stock, Length.ofMm(kerf), trim, Length.ofMm(300));
    }

    /** Whole millimetres, so many of them alike. */
    static double[] pieces(Random r, int n, int least, int most, int alike) {
        double[] all = new double[n];
        for (int i = 0; i < n; i++) {
            all[i] = i % alike == 0 ? least + r.nextInt(most - least) : all[i - 1];
        }
        return all;
    }

    /** Sizes in whole steps, falling, each so often. */
    static Sizes sizes(Random r, int kinds, long least, long most, long step, int often) {
        long[] size = r.longs(least, most)
                .map(s -> s * step)
                .distinct()
                .limit(kinds)
                .map(s -> -s)
                .sorted()
                .map(s -> -s)
                .toArray();
        return new Sizes(
                size, Arrays.stream(size).mapToInt(s -> 1 + r.nextInt(often)).toArray());
    }

    static long[] falling(long... rooms) {
        return Arrays.stream(rooms).map(x -> -x).sorted().map(x -> -x).toArray();
    }
}
