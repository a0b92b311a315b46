package mellowflare.core.identify;

import static mellowflare.core.Samples.DATA;
import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Optional;
import java.util.Random;
import mellowflare.core.connection.Body;
import mellowflare.core.connection.End;
import mellowflare.core.connection.EndTable;
import mellowflare.core.connection.Gender;
import mellowflare.core.measure.Instrument;
import mellowflare.core.measure.Length;
import mellowflare.core.measure.LengthBand;
import mellowflare.core.thread.Pitch;
import mellowflare.core.thread.ThreadForm;
import mellowflare.core.thread.ThreadSize;
import org.junit.jupiter.api.Test;

/** Honest readings of known ends, drawn as a fitter would take them: the true end must come out. */
class SimulatedReadingsTest {
    private static final int DRAWS = 4;

    private final Random chance = new Random(20261124);
    private final Identifier identifier = new Identifier(DATA);

    /** Whether an end shows just what the true one shows to these readings: same thread, and the seat that was seen. */
    private static boolean alike(End end, End truth, Observation seen) {
        if (seen.diameter().isEmpty()) {
            return end.body() == truth.body()
                    && end.seats().contains(seen.seat().orElseThrow());
        }
        return end.gender() == truth.gender()
                && end.body() == truth.body()
                && end.thread().map(ThreadSize::series).equals(truth.thread().map(ThreadSize::series))
                && end.thread().map(ThreadSize::size).equals(truth.thread().map(ThreadSize::size))
                && end.leftHand() == truth.leftHand()
                && (end.thread().isPresent() || overlap(end, truth))
                && end.seats().contains(seen.seat().orElseThrow());
    }

    /** Without a thread, two sizes show the same when their bands overlap. */
    private static boolean overlap(End a, End b) {
        return a.equals(b)
                || a.across().isPresent()
                        && b.across().isPresent()
                        && a.across().get().gapTo(b.across().get().middle()).mm() < 0.15;
    }

    private Observation reading(End end) {
        Observation looks = Observation.of(end.gender())
                .withBody(Optional.of(end.body()))
                .withSeat(Optional.of(end.seats().get(chance.nextInt(end.seats().size()))));
        Observation measured =
                end.across().map(a -> looks.withDiameter(Optional.of(read(a)))).orElse(looks);
        return end.thread()
                .map(t -> measured.withPitch(Optional.of(t.pitch()))
                        .withHand(Optional.of(end.leftHand() ? HandSeen.LEFT : HandSeen.RIGHT))
                        .withTaper(Optional.of(t.tapered() ? TaperSeen.TAPERED : TaperSeen.PARALLEL))
                        .withFlank(Optional.of(t.form() == ThreadForm.WHITWORTH ? FlankSeen.DEG55 : FlankSeen.DEG60)))
                .orElse(measured);
    }

    private Length read(LengthBand across) {
        double low = across.low().mm();
        double high = across.high().mm();
        return Length.ofMm(low
                + chance.nextDouble() * (high - low)
                + chance.nextGaussian() * Instrument.CALIPER.scatter().mm());
    }

    /** Whether any known end comes near these readings; a part is foreign only if none does. */
    private static boolean known(double mm, Pitch pitch, Gender gender) {
        return DATA.get(EndTable.KEY).of(gender).stream()
                .filter(e -> e.thread().isPresent())
                .anyMatch(e -> e.across()
                                .orElseThrow()
                                .widened(Length.ofMm(0.7))
                                .holds(Length.ofMm(mm))
                        && Math.abs(Math.log(e.thread().get().pitch().length().mm()
                                        / pitch.length().mm()))
                                < 0.05);
    }

    @Test
    void testPartsInNoTableAreCalledSoInAtLeastNineOfTen() {
        List<Pitch> leaves = new PitchClue().outcomes(Gender.MALE);
        int foreign = 0;
        int calledSo = 0;
        while (foreign < 2000) {
            double mm = 6 * Math.pow(20, chance.nextDouble());
            Pitch pitch = leaves.get(chance.nextInt(leaves.size()));
            Gender gender = chance.nextBoolean() ? Gender.MALE : Gender.FEMALE;
            if (known(mm, pitch, gender)) {
                continue;
            }
            foreign++;
            Observation seen = Observation.of(gender)
                    .withDiameter(Optional.of(Length.ofMm(mm)))
                    .withPitch(Optional.of(pitch))
                    .withBody(Optional.of(Body.THREAD))
                    .withTaper(Optional.of(TaperSeen.PARALLEL));
            calledSo += identifier.rank(seen).standing() == Identification.Standing.NOTHING_FITS ? 1 : 0;
        }
        assertThat((double) calledSo / foreign)
                .as("called unknown, of " + foreign)
                .isGreaterThanOrEqualTo(0.9);
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
                List<Candidate> ranked = identifier.rank(seen).candidates();
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
