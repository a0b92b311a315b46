package mellowflare.core.pipe.cut;

import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import mellowflare.core.measure.Length;
import mellowflare.core.pipe.makeup.PartsInUse;
import mellowflare.core.pipe.makeup.TakeOffs;
import mellowflare.core.pipe.offset.Rounding;
import mellowflare.core.pipe.stock.HouseSize;
import mellowflare.core.pipe.stock.PipeGrade;
import mellowflare.core.thread.ThreadSeries;

/** Makes pieces of lengths: how each is marked, whether it can be held and threaded, and whether a stock nipple does instead. */
public final class Pieces {
    /** Half a turn at each of the two joints, either way, is within the band that fittings are tightened by. */
    private static final double TURNS_OF_BAND = 1;

    private static final double NEAR_MM = 30;

    private final TakeOffs take;
    private final PartsInUse parts;
    private final Rounding rounding;
    private final Map<List<Object>, Optional<Length>> least = new HashMap<>();

    public Pieces(TakeOffs take, Rounding rounding) {
        this.take = take;
        this.parts = take.parts();
        this.rounding = rounding;
    }

    /**
     * A piece that is threaded at so many ends.
     *
     * @param points what was measured, before its ends took off what they take
     * @param exact end to end; empty while it is not known
     * @param bought length of the nipple that is bought for it; empty where it is cut
     * @param threads 0 to 2
     */
    public PieceCut of(
            String name, String size, Length points, Optional<Length> exact, Optional<Length> bought, int threads) {
        return new PieceCut(
                name,
                size,
                exact,
                bought.or(() -> exact.map(e -> rounding.cut(points, e))),
                bought.isPresent(),
                threads,
                least(size, threads),
                threads == 2 && bought.isEmpty() ? exact.flatMap(e -> nipple(size, e)) : Optional.empty());
    }

    /** Two threads and room to hold the pipe between. */
    public Optional<Length> least(String size, int threads) {
        return least.computeIfAbsent(
                List.of(size, threads),
                k -> parts.house(size)
                        .map(h -> h.length(HouseSize.Own.GRIP_MM))
                        .flatMap(grip ->
                                threads == 0 ? Optional.of(grip) : thread(size).map(u -> grip.plus(u.times(threads)))));
    }

    private Optional<Length> thread(String size) {
        return parts.threadMakeUp(size).map(m -> m.useful().orElse(m.length()));
    }

    /** How far the length of a piece may be out before its joints no longer take it up. */
    public Optional<Length> band(String size) {
        return take.pitch(size).map(p -> p.times(TURNS_OF_BAND));
    }

    /** The nearest nipple in stock, where it comes near; nipples are stocked with NPT threads. */
    private Optional<NippleOffer> nipple(String size, Length exact) {
        if (parts.thread().filter(t -> t == ThreadSeries.NPT).isEmpty() || exact.mm() <= 0) {
            return Optional.empty();
        }
        List<Length> stocked = take.nipples(size);
        return stocked.stream()
                .min(Comparator.comparingDouble(n -> n.distanceTo(exact).mm()))
                .filter(n -> n.distanceTo(exact).mm() <= NEAR_MM)
                .flatMap(n -> parts.house(size).map(h -> offer(h, n, exact, size)));
    }

    private NippleOffer offer(HouseSize h, Length nipple, Length exact, String size) {
        double metre = h.price(HouseSize.Item.METRE)
                * parts.grade().map(PipeGrade::price).orElse(1.0);
        return new NippleOffer(
                nipple,
                nipple.minus(exact),
                band(size)
                        .filter(b -> nipple.distanceTo(exact).compareTo(b) <= 0)
                        .isPresent(),
                h.price(HouseSize.Item.NIPPLE) + metre * nipple.mm() / 1000,
                metre * exact.mm() / 1000,
                h.minutes(HouseSize.Work.CUT_MIN) + 2 * h.minutes(HouseSize.Work.THREAD_MIN));
    }
}
