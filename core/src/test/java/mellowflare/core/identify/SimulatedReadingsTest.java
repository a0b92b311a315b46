package mellowflare.core.identify;

import static mellowflare.core.Samples.DATA;
import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Optional;
import java.util.Random;
import mellowflare.core.connection.End;
import mellowflare.core.connection.EndTable;
import mellowflare.core.connection.Seat;
import mellowflare.core.measure.Instrument;
import mellowflare.core.measure.Length;
import mellowflare.core.thread.ThreadForm;
import org.junit.jupiter.api.Test;

/** Honest readings of known ends, drawn as a fitter would take them: the true end must come out. */
class SimulatedReadingsTest {
    private static final int DRAWS = 4;

    private final Random chance = new Random(20261124);
    private final Identifier identifier = new Identifier(DATA);

    /** Whether an end shows just what the true one shows to these readings: same thread, and the seat that was seen. */
    private static boolean alike(End end, End truth, Observation seen) {
        return end.gender() == truth.gender()
                && end.thread().series() == truth.thread().series()
                && end.thread().size().equals(truth.thread().size())
                && end.seats().contains(seen.seat().orElseThrow());
    }

    private Observation reading(End end) {
        double low = end.crest().low().mm();
        double high = end.crest().high().mm();
        double read = low
                + chance.nextDouble() * (high - low)
                + chance.nextGaussian() * Instrument.CALIPER.scatter().mm();
        Seat seat = end.seats().get(chance.nextInt(end.seats().size()));
        return Observation.of(end.gender())
                .withDiameter(Optional.of(Length.ofMm(read)))
                .withPitch(Optional.of(end.thread().pitch()))
                .withTaper(Optional.of(end.thread().tapered() ? TaperSeen.TAPERED : TaperSeen.PARALLEL))
                .withFlank(Optional.of(end.thread().form() == ThreadForm.WHITWORTH ? FlankSeen.DEG55 : FlankSeen.DEG60))
                .withSeat(Optional.of(seat));
    }

    @Test
    void testTrueEndIsFirstInAtLeast97OfAHundredHonestReadings() {
        List<End> ends = DATA.get(EndTable.KEY).all();
        int first = 0;
        int amongThree = 0;
        int all = 0;
        for (End end : ends) {
            for (int i = 0; i < DRAWS; i++) {
                Observation seen = reading(end);
                List<Candidate> ranked = identifier.identify(seen).candidates();
                all++;
                first += alike(ranked.get(0).end(), end, seen) ? 1 : 0;
                amongThree += ranked.stream().limit(3).anyMatch(c -> alike(c.end(), end, seen)) ? 1 : 0;
            }
        }
        assertThat(all).isGreaterThan(600);
        assertThat((double) first / all).as("true end first, of " + all).isGreaterThanOrEqualTo(0.97);
        assertThat((double) amongThree / all).as("among three, of " + all).isGreaterThanOrEqualTo(0.998);
    }
}
