package mellowflare.core.identify;

import java.util.List;
import java.util.Optional;
import mellowflare.core.connection.End;
import mellowflare.core.connection.Gender;

/** A loose nut or not: shares of each family, as its table has them, and a slip in thirty. */
final class SwivelClue implements OutcomeClue<SwivelSeen> {
    private static final double SLIP = 1.0 / 30;

    @Override
    public ClueKind kind() {
        return ClueKind.SWIVEL;
    }

    @Override
    public List<SwivelSeen> outcomes(Gender gender) {
        return List.of(SwivelSeen.values());
    }

    @Override
    public Optional<SwivelSeen> seen(Observation seen) {
        return seen.swivel();
    }

    @Override
    public double chance(SwivelSeen outcome, End end) {
        double loose = SLIP + (1 - 2 * SLIP) * end.form().swivel();
        return outcome == SwivelSeen.LOOSE_NUT ? loose : 1 - loose;
    }

    @Override
    public String word(SwivelSeen outcome) {
        return outcome.word();
    }

    @Override
    public String expected(End end) {
        double share = end.form().swivel();
        return share > 0.6
                ? Say.it("swivel-clue.mostly-loose-nut")
                : share < 0.2 ? Say.it("swivel-clue.mostly-fixed") : Say.it("swivel-clue.fixed-or-loose-nut");
    }
}
