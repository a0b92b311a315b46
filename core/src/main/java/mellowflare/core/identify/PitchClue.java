package mellowflare.core.identify;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import mellowflare.core.advice.Figure;
import mellowflare.core.connection.End;
import mellowflare.core.connection.Gender;
import mellowflare.core.thread.Pitch;

/**
 * The leaf that lay. Leaves stand about 4.5 % apart; a reading scatters by 1.2 % about the true pitch. A slip mostly lands on a leaf next door
 * (scatter 6 %), hardly ever on one far away: a leaf far from every known pitch speaks for a part in no table. House figures.
 */
final class PitchClue implements OutcomeClue<Pitch> {
    private static final double SCATTER = 0.012;
    private static final double LEAF_STEP = 0.03;
    private static final double NEAR_SLIP = 0.025;
    private static final double NEAR_SCATTER = 0.06;
    private static final double FAR_SLIP = 0.003;
    private static final double QUARTER_TURN = 0.25;
    /** The leaves of the shop's two gauges, inch and metric. */
    private static final List<Pitch> LEAVES = List.of(
            Pitch.ofPerInch(8),
            Pitch.ofPerInch(10),
            Pitch.ofPerInch(11),
            Pitch.ofPerInch(11.5),
            Pitch.ofPerInch(12),
            Pitch.ofPerInch(14),
            Pitch.ofPerInch(16),
            Pitch.ofPerInch(18),
            Pitch.ofPerInch(19),
            Pitch.ofPerInch(20),
            Pitch.ofPerInch(24),
            Pitch.ofPerInch(27),
            Pitch.ofPerInch(28),
            Pitch.ofMm(1),
            Pitch.ofMm(1.25),
            Pitch.ofMm(1.5),
            Pitch.ofMm(1.75),
            Pitch.ofMm(2),
            Pitch.ofMm(2.5),
            Pitch.ofMm(3));

    @Override
    public ClueKind kind() {
        return ClueKind.PITCH;
    }

    @Override
    public List<Pitch> outcomes(Gender gender) {
        return LEAVES;
    }

    @Override
    public Optional<Pitch> seen(Observation seen) {
        return seen.pitch();
    }

    @Override
    public double chance(Pitch leaf, End end) {
        return end.thread()
                .map(t ->
                        chance(Math.log(leaf.length().mm() / t.pitch().length().mm()), SCATTER))
                .orElse(1.0 / LEAVES.size());
    }

    /** A count scatters by a quarter of a turn over all turns that were counted, on top of what a leaf does. */
    @Override
    public double likelihood(Observation seen, End end) {
        if (end.thread().isEmpty()) {
            return FAR_SLIP / LEAVES.size();
        }
        double scatter =
                seen.counted().map(n -> Math.hypot(SCATTER, QUARTER_TURN / n)).orElse(SCATTER);
        double read = seen.pitch().orElseThrow().length().mm();
        return chance(Math.log(read / end.thread().get().pitch().length().mm()), scatter);
    }

    private static double chance(double off, double exact) {
        return (1 - NEAR_SLIP - FAR_SLIP) * about(off, exact)
                + NEAR_SLIP * about(off, NEAR_SCATTER)
                + FAR_SLIP / LEAVES.size();
    }

    /** Share of readings with this scatter that fall on one leaf this far off. */
    private static double about(double off, double scatter) {
        double z = off / scatter;
        return Math.min(1, Math.exp(-z * z / 2) / (scatter * Math.sqrt(2 * Math.PI)) * LEAF_STEP);
    }

    @Override
    public String word(Pitch leaf) {
        return leaf.text();
    }

    @Override
    public String expected(End end) {
        return end.thread()
                .map(t -> t.pitch().text())
                .orElse(
                        end.threadLeftOpen()
                                ? Say.it("pitch-clue.any-pitch-its-maker")
                                : Say.it("pitch-clue.no-thread"));
    }

    @Override
    public Map<String, Figure> figures(Observation seen, End end) {
        Pitch leaf = seen.pitch().orElseThrow();
        return Map.of(
                "seen", Figure.of(leaf.text()),
                "expected", Figure.of(expected(end)));
    }
}
