package mellowflare.core.identify;

import java.util.Map;
import mellowflare.core.advice.Figure;
import mellowflare.core.connection.End;
import mellowflare.core.connection.Gender;
import mellowflare.core.measure.LengthBand;
import mellowflare.core.measure.Normal;

/**
 * The reading over the crests: uniform over the cutting band, blurred by the instrument. A worn thread may have moved by up to
 * {@link #WEAR_MM}, a sound-looking one in one case out of ten.
 */
final class DiameterClue implements Clue {
    private static final double WEAR_MM = 0.35;
    private static final double UNSEEN_WEAR = 0.1;
    /** Inside jaws in a thread read less surely than outside jaws. */
    private static final double FEMALE_BLUR = 1.6;
    /** Log-uniform from 5 to 340 mm for a part in no table. */
    private static final double UNKNOWN_LOG_SPAN = Math.log(340.0 / 5.0);

    private static final double FLOOR = 1e-9;

    /** So many deviations out, what is left lies far below the floor. */
    private static final double FAR = 8;

    @Override
    public ClueKind kind() {
        return ClueKind.DIAMETER;
    }

    @Override
    public boolean given(Observation seen) {
        return seen.diameter().isPresent();
    }

    @Override
    public double likelihood(Observation seen, End end) {
        if (end.across().isEmpty()) {
            return likelihoodOfUnknown(seen);
        }
        double x = seen.diameter().orElseThrow().mm();
        boolean male = end.gender() == Gender.MALE;
        double blur = seen.instrument().scatter().mm() * (male ? 1 : FEMALE_BLUR);
        double low = end.across().get().low().mm();
        double high = end.across().get().high().mm();
        double wornShare = end.thread().isEmpty() ? 0 : seen.worn() ? 0.8 : UNSEEN_WEAR;
        double sound = band(x, low, high, blur);
        double worn = male ? band(x, low - WEAR_MM, high, blur) : band(x, low, high + WEAR_MM, blur);
        return FLOOR + (1 - wornShare) * sound + wornShare * worn;
    }

    @Override
    public boolean agrees(Observation seen, End end) {
        return end.across().filter(a -> a.holds(seen.diameter().orElseThrow())).isPresent();
    }

    @Override
    public double likelihoodOfUnknown(Observation seen) {
        return 1 / (seen.diameter().orElseThrow().mm() * UNKNOWN_LOG_SPAN);
    }

    @Override
    public Map<String, Figure> figures(Observation seen, End end) {
        if (end.across().isEmpty()) {
            return Map.of();
        }
        LengthBand crest = end.across().get();
        return Map.of(
                "seen", Figure.of(seen.diameter().orElseThrow()),
                "low", Figure.of(crest.low()),
                "high", Figure.of(crest.high()),
                "gap", Figure.of(crest.gapTo(seen.diameter().orElseThrow())),
                "where",
                        Figure.of(
                                end.thread().isPresent()
                                        ? Say.it("diameter-clue.over-crests")
                                        : end.body().across(end.gender())),
                "instrument", Figure.of(seen.instrument().word()));
    }

    /** Density (per mm) of a value uniform on [low, high] read with normal blur. */
    private static double band(double x, double low, double high, double blur) {
        if (x < low - FAR * blur || x > high + FAR * blur) {
            return 0;
        }
        return (Normal.below((x - low) / blur) - Normal.below((x - high) / blur)) / (high - low);
    }
}
