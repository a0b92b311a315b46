package mellowflare.core.identify;

import static mellowflare.core.Samples.DATA;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import mellowflare.core.connection.End;
import mellowflare.core.connection.EndCode;
import mellowflare.core.connection.EndId;
import mellowflare.core.connection.EndTable;
import mellowflare.core.connection.Gender;
import mellowflare.core.measure.Length;
import mellowflare.core.thread.Pitch;
import org.junit.jupiter.api.Test;

/** What decides a ranking: which way wear goes, what is likelier before anything is seen, and which check tells most. */
class IdentifierDecidesTest {
    private final Identifier identifier = new Identifier(DATA);

    private static End end(EndCode code, String size, Gender gender) {
        return DATA.get(EndTable.KEY).find(new EndId(code, size, gender)).orElseThrow();
    }

    private static double likelihood(End end, double mm, boolean worn) {
        Observation o = Observation.of(end.gender())
                .withDiameter(Optional.of(Length.ofMm(mm)))
                .withWorn(worn);
        return new DiameterClue().likelihood(o, end);
    }

    /** A male wears thinner and a female wider: 0.2 mm past the band on that side a worn part is likelier than a sound one, on the other side it is not. */
    @Test
    void testWearTakesFromMalesAndWidensFemales() {
        End male = end(EndCode.JIC37, "-8", Gender.MALE);
        double low = male.across().orElseThrow().low().mm();
        double high = male.across().orElseThrow().high().mm();
        assertThat(likelihood(male, low - 0.2, true)).isGreaterThan(1.5 * likelihood(male, low - 0.2, false));
        assertThat(likelihood(male, high + 0.2, true)).isLessThan(likelihood(male, high + 0.2, false));
        End female = end(EndCode.ORB, "-8", Gender.FEMALE);
        double narrow = female.across().orElseThrow().low().mm();
        double wide = female.across().orElseThrow().high().mm();
        assertThat(likelihood(female, wide + 0.2, true)).isGreaterThan(1.5 * likelihood(female, wide + 0.2, false));
        assertThat(likelihood(female, narrow - 0.2, true)).isLessThan(likelihood(female, narrow - 0.2, false));
    }

    private double probability(Identification of, String brief) {
        return of.candidates().stream()
                .filter(c -> c.end().brief().equals(brief))
                .findFirst()
                .orElseThrow()
                .probability();
    }

    /** Boss and flare of one dash have one thread: what its diameter and pitch leave open is as it was before anything was seen. */
    @Test
    void testWhatTheReadingsCannotTellApartStandsByItsPrior() {
        Identification seen = identifier.identify(Observation.of(Gender.MALE)
                .withDiameter(Optional.of(Length.ofMm(18.95)))
                .withPitch(Optional.of(Pitch.ofPerInch(16))));
        double[] prior = ShopFindings.NONE.prior(DATA.get(EndTable.KEY).of(Gender.MALE));
        var males = DATA.get(EndTable.KEY).of(Gender.MALE);
        double flare = prior[males.indexOf(end(EndCode.JIC37, "-8", Gender.MALE))];
        double boss = prior[males.indexOf(end(EndCode.ORB, "-8", Gender.MALE))];
        assertThat(flare).isGreaterThan(boss);
        assertThat(probability(seen, "JIC37 -8") / probability(seen, "ORB -8")).isCloseTo(flare / boss, within(1e-6));
        double sum = 0;
        for (double p : prior) {
            sum += p;
        }
        assertThat(sum).isCloseTo(1, within(1e-9));
    }

    /** Of all clues the one is asked for whose own information is the largest, and that is mutual information worked out anew here. */
    @Test
    void testTheCheckThatTellsMostIsAskedFor() {
        List<End> ends = List.of(
                end(EndCode.JIC37, "-6", Gender.MALE),
                end(EndCode.ORB, "-6", Gender.MALE),
                end(EndCode.BSPP, "1/4", Gender.MALE),
                end(EndCode.NPT, "1/4", Gender.MALE));
        double[] even = {0.25, 0.25, 0.25, 0.25};
        Observation seen = Observation.of(Gender.MALE).withDiameter(Optional.of(Length.ofMm(13.6)));
        List<Clue> clues = List.of(
                new PitchClue(), new FlankClue(), new HandClue(), new TaperClue(), new SeatClue(), new RingClue());
        Map<ClueKind, Double> bits = new EnumMap<>(ClueKind.class);
        for (Clue c : clues) {
            NextCheckFinder.find(List.of(c), seen, ends, even).ifPresent(n -> bits.put(c.kind(), n.bits()));
        }
        assertThat(bits).hasSizeGreaterThan(3);
        NextCheck chosen = NextCheckFinder.find(clues, seen, ends, even).orElseThrow();
        assertThat(chosen.bits())
                .isEqualTo(bits.values().stream().max(Double::compare).orElseThrow());
        assertThat(bits.values().stream().min(Double::compare).orElseThrow()).isLessThan(chosen.bits() - 0.1);
        assertThat(bits.get(ClueKind.TAPER)).isCloseTo(information(new TaperClue(), ends), within(1e-9));
    }

    /** Entropy of the outcome less what is left of it once the end is known. */
    private static <T> double information(OutcomeClue<T> clue, List<End> ends) {
        double bits = 0;
        for (T outcome : clue.outcomes(Gender.MALE)) {
            double of = ends.stream().mapToDouble(e -> clue.chance(outcome, e)).sum() / ends.size();
            bits -= of * Math.log(of) / Math.log(2);
            for (End e : ends) {
                double chance = clue.chance(outcome, e);
                bits += chance / ends.size() * Math.log(chance) / Math.log(2);
            }
        }
        return bits;
    }
}
