package mellowflare.core.identify;

import java.util.Map;
import mellowflare.core.advice.Figure;
import mellowflare.core.connection.End;
import mellowflare.core.measure.Normal;
import mellowflare.core.thread.ThreadSize;

/** Two diameters over a length: the rate between them against 1 in 16 or none, blurred by the instrument at both places. */
final class TaperReadingClue implements Clue {
    /** Dirt and burrs beyond what the instrument does, on the rate itself (house figure). */
    private static final double OWN_BLUR = 0.004;
    /** Rates that a part in no table may have: a little under none to 1 in 6. */
    private static final double UNKNOWN_DENSITY = 1 / 0.18;

    private static final double FLOOR = 0.02;

    @Override
    public ClueKind kind() {
        return ClueKind.TAPER_READING;
    }

    @Override
    public boolean given(Observation seen) {
        return seen.second().isPresent() && seen.diameter().isPresent();
    }

    @Override
    public double likelihood(Observation seen, End end) {
        if (end.thread().isEmpty()) {
            return UNKNOWN_DENSITY;
        }
        double expected = end.tapered() ? ThreadSize.TAPER_ON_DIAMETER : 0;
        double apart = seen.second().orElseThrow().apart().mm();
        double blur = Math.hypot(OWN_BLUR, seen.instrument().scatter().mm() * Math.sqrt(2) / apart);
        return FLOOR + Normal.density(rate(seen), expected, blur);
    }

    @Override
    public double likelihoodOfUnknown(Observation seen) {
        return UNKNOWN_DENSITY;
    }

    @Override
    public Map<String, Figure> figures(Observation seen, End end) {
        return end.thread().isEmpty()
                ? Map.of()
                : Map.of(
                        "seen", Figure.of(words(rate(seen))),
                        "expected", Figure.of(end.tapered() ? "1 in 16" : Say.it("taper-reading-clue.straight")));
    }

    /** Change of diameter along the thread toward its small end: a male grows smaller, a female too, from its mouth inward. */
    private static double rate(Observation seen) {
        SecondDiameter second = seen.second().orElseThrow();
        double change = seen.diameter().orElseThrow().mm() - second.diameter().mm();
        return change / second.apart().mm();
    }

    private static String words(double rate) {
        return Math.abs(rate) < 0.005
                ? Say.it("taper-reading-clue.no-taper")
                : Say.it("taper-reading-clue.taper-1", "round", Math.round(1 / rate));
    }
}
