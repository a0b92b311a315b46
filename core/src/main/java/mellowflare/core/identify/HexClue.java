package mellowflare.core.identify;

import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import mellowflare.core.advice.Figure;
import mellowflare.core.connection.End;
import mellowflare.core.connection.Wrenches;
import mellowflare.core.measure.Length;
import mellowflare.core.measure.LengthBand;
import mellowflare.core.measure.Normal;

/**
 * The hex across its flats: families of inch sizes have inch hexes, metric ones metric, and the hex is somewhat larger than the thread. Which hex
 * stands on which size differs by maker, so that every wrench within reach counts alike.
 */
final class HexClue implements Clue {
    /** Hex over the reading across, smallest and largest (house figures). */
    private static final double LEAST = 1.0;

    private static final double MOST = 1.7;
    private static final double BLUR_MM = 0.15;
    private static final double ODD_HEX = 0.08;
    private static final double UNKNOWN_LOG_SPAN = Math.log(120.0 / 6.0);
    private static final List<Double> METRIC = Stream.of(
                    7, 8, 9, 10, 11, 12, 13, 14, 15, 16, 17, 18, 19, 20, 21, 22, 23, 24, 25, 26, 27, 28, 29, 30, 32, 34,
                    36, 38, 41, 46, 50, 55, 60, 65, 70, 75, 80, 85, 90, 95, 100)
            .map(Integer::doubleValue)
            .toList();
    private static final List<Double> INCH = Stream.of(
                    5.0, 6.0, 7.0, 8.0, 9.0, 10.0, 11.0, 12.0, 13.0, 14.0, 15.0, 16.0, 17.0, 18.0, 19.0, 20.0, 21.0,
                    22.0, 23.0, 24.0, 26.0, 28.0, 30.0, 32.0, 34.0, 36.0, 38.0, 40.0, 42.0, 44.0, 46.0, 48.0)
            .map(sixteenths -> sixteenths * Length.MM_PER_INCH / 16)
            .toList();

    @Override
    public ClueKind kind() {
        return ClueKind.HEX;
    }

    @Override
    public boolean given(Observation seen) {
        return seen.hex().isPresent();
    }

    @Override
    public double likelihood(Observation seen, End end) {
        double h = seen.hex().orElseThrow().mm();
        double odd = likelihoodOfUnknown(seen);
        if (end.form().wrenches() == Wrenches.NONE || end.across().isEmpty()) {
            return odd;
        }
        LengthBand across = end.across().get();
        List<Double> reach = wrenches(end.form().wrenches())
                .filter(w -> w >= LEAST * across.low().mm()
                        && w <= MOST * across.high().mm())
                .toList();
        double fits =
                reach.stream().mapToDouble(w -> Normal.density(h, w, BLUR_MM)).sum() / Math.max(1, reach.size());
        return ODD_HEX * odd + (1 - ODD_HEX) * fits;
    }

    private static Stream<Double> wrenches(Wrenches kind) {
        return switch (kind) {
            case INCH -> INCH.stream();
            case METRIC -> METRIC.stream();
            case BOTH -> Stream.concat(INCH.stream(), METRIC.stream());
            case NONE -> Stream.empty();
        };
    }

    @Override
    public double likelihoodOfUnknown(Observation seen) {
        return 1 / (seen.hex().orElseThrow().mm() * UNKNOWN_LOG_SPAN);
    }

    @Override
    public Map<String, Figure> figures(Observation seen, End end) {
        String expected = switch (end.form().wrenches()) {
            case INCH -> Say.it("hex-clue.inch-hex-little-over");
            case METRIC -> Say.it("hex-clue.metric-hex-little-over");
            case BOTH -> Say.it("hex-clue.inch-or-metric-hex");
            case NONE -> "";
        };
        return expected.isEmpty()
                ? Map.of()
                : Map.of("seen", Figure.of(seen.hex().orElseThrow()), "expected", Figure.of(expected));
    }
}
