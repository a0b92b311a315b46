package mellowflare.core.pipe.makeup;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import mellowflare.core.measure.Length;
import mellowflare.core.reference.Confidence;
import mellowflare.core.reference.CsvTable;
import mellowflare.core.reference.ReferenceData;
import mellowflare.core.reference.ReferenceKey;
import mellowflare.core.reference.Source;
import mellowflare.core.thread.ThreadSeries;
import mellowflare.core.thread.ThreadSize;
import mellowflare.core.thread.ThreadTable;

/**
 * The make-up of pipe threads for sums of lengths: by standard, by a shop table, or by a joint that was made up and measured. NPT: L1 and the wrench threads (ASME B1.20.1); R: gauge length and wrenching allowance (ISO
 * 7-1).
 */
public final class MakeUps {
    public static final ReferenceKey<MakeUps> KEY = new ReferenceKey<>("make-up lengths", MakeUps.class);

    /** A joint ends somewhere within one turn either way of its basic place; a third of that is one standard deviation (house figure). */
    private static final double TURNS_OF_SCATTER = 1.0 / 3;

    /** What is left of the scatter once a joint of the same thread was made up and measured (house figure). */
    private static final double MEASURED_SHARE = 0.5;

    /** Scatter of a joint of a thread that nobody named (house figure). */
    private static final Length UNNAMED = Length.ofMm(0.5);

    /** Left between the end of the pipe and the bottom of its socket, so that the pipe can grow while it is welded: about 1/16 in (ASME B31.3 figure 328.5.2C). */
    public static final Length SOCKET_GAP = Length.ofInches(1.0 / 16);

    /** How far a gap set by hand comes out (house figure). */
    private static final Length GAP_SCATTER = Length.ofMm(0.4);

    private final Map<String, Printed> npt = new HashMap<>();
    private final Map<List<Object>, Shop> shop = new HashMap<>();

    private record Printed(Length sum, Source source) {}

    private record Shop(Length length, Source source) {}

    /** Where a make-up comes from. */
    public enum By {
        STANDARD,
        SHOP
    }

    private MakeUps() {
        for (CsvTable.Row r : CsvTable.beside(MakeUps.class, "npt.csv").rows()) {
            npt.put(r.need("size"), new Printed(r.length("l1_l3_in"), r.source()));
        }
        shop("shop.csv", "engagement_in");
        shop("shop_mm.csv", "engagement_mm");
    }

    private void shop(String file, String column) {
        for (CsvTable.Row r : CsvTable.beside(MakeUps.class, file).rows()) {
            shop.put(
                    List.of(r.word("thread", ThreadSeries.class), r.need("size")),
                    new Shop(r.length(column), r.source()));
        }
    }

    /**
     * Loads the tables.
     *
     * @throws mellowflare.core.reference.BrokenTable if one cannot be used
     */
    public static MakeUps load() {
        return new MakeUps();
    }

    /**
     * The make-up of a thread.
     *
     * @param by standard or shop table
     * @param sample make-up of a joint of this thread that was made up and measured; overrules both
     * @param data holds the threads
     * @return empty where the size has no such thread, or no such table has it
     */
    public Optional<ThreadMakeUp> of(
            ThreadSeries series, String size, By by, Optional<Length> sample, ReferenceData data) {
        return data.get(ThreadTable.KEY).find(series, size).flatMap(t -> of(t, by, sample));
    }

    private Optional<ThreadMakeUp> of(ThreadSize thread, By by, Optional<Length> sample) {
        Length scatter = thread.pitch().length().times(TURNS_OF_SCATTER);
        if (sample.isPresent()) {
            return Optional.of(new ThreadMakeUp(
                    sample.get(),
                    Optional.empty(),
                    Optional.empty(),
                    thread.useful(),
                    scatter.times(MEASURED_SHARE),
                    measured()));
        }
        return by == By.SHOP ? shop(thread, scatter) : standard(thread, scatter);
    }

    private Optional<ThreadMakeUp> shop(ThreadSize thread, Length scatter) {
        return Optional.ofNullable(shop.get(List.of(thread.series(), thread.size())))
                .map(s -> new ThreadMakeUp(
                        s.length(), Optional.empty(), Optional.empty(), thread.useful(), scatter, s.source()));
    }

    private Optional<ThreadMakeUp> standard(ThreadSize thread, Length scatter) {
        return thread.handTight()
                .flatMap(hand -> wrench(thread, hand)
                        .map(w -> new ThreadMakeUp(
                                hand.plus(w),
                                Optional.of(hand),
                                Optional.of(w),
                                thread.useful(),
                                scatter,
                                npt.containsKey(thread.size()) && thread.series() == ThreadSeries.NPT
                                        ? npt.get(thread.size()).source()
                                        : thread.source())));
    }

    /** A joint that was made up and measured, of a thread that nobody named. */
    public static ThreadMakeUp measured(Length sample) {
        return new ThreadMakeUp(sample, Optional.empty(), Optional.empty(), Optional.empty(), UNNAMED, measured());
    }

    /** Pipe that is pushed home into a socket and drawn back by the gap. */
    static ThreadMakeUp socket(Length depth, Source source) {
        return new ThreadMakeUp(
                depth.minus(SOCKET_GAP), Optional.empty(), Optional.empty(), Optional.of(depth), GAP_SCATTER, source);
    }

    private static Source measured() {
        return new Source(Say.it("make-ups.measured"), Confidence.SURE);
    }

    /** NPT by what the standard prints as L1 + L3; R by what the useful length has beyond the gauge length, which is the wrenching allowance. */
    private Optional<Length> wrench(ThreadSize thread, Length hand) {
        return switch (thread.series()) {
            case NPT ->
                Optional.ofNullable(npt.get(thread.size())).map(p -> p.sum().minus(hand));
            case BSPT -> thread.useful().map(u -> u.minus(hand));
            default -> Optional.empty();
        };
    }
}
