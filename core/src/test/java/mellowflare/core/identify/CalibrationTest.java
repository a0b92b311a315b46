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
import mellowflare.core.connection.Seat;
import mellowflare.core.measure.Instrument;
import mellowflare.core.measure.Length;
import mellowflare.core.thread.Pitch;
import org.junit.jupiter.api.Test;

/**
 * Draws parts as they are met, and noisy, gappy readings of them with the slips that the clues assume, and looks whether an answer given so many per
 * cent is right about that often. Prints the curve that {@code docs/calibration.md} holds.
 */
class CalibrationTest {
    private static final int DRAWS = Integer.getInteger("calibration.readings", 12_000);
    private static final int BINS = 10;
    private static final double WORN = 0.15;
    /** Looks that a clumsy fitter gets wrong beyond what the clues assume. */
    private static final double CLUMSY_SLIP = 0.04;

    private double clumsiness;

    private final Random chance = new Random(965);
    private final List<End> ends = DATA.get(EndTable.KEY).all();
    private final Identifier identifier = new Identifier(DATA);
    private final double shares = ends.stream().mapToDouble(End::share).sum();

    private End drawEnd() {
        double at = chance.nextDouble() * shares;
        for (End end : ends) {
            at -= end.share();
            if (at <= 0) {
                return end;
            }
        }
        return ends.get(ends.size() - 1);
    }

    private <T> Optional<T> drawn(OutcomeClue<T> clue, End end, double seen) {
        if (chance.nextDouble() > seen) {
            return Optional.empty();
        }
        double at = chance.nextDouble();
        List<T> outcomes = clue.outcomes(end.gender());
        if (chance.nextDouble() < clumsiness * CLUMSY_SLIP) {
            return Optional.of(outcomes.get(chance.nextInt(outcomes.size())));
        }
        for (T outcome : outcomes) {
            at -= clue.chance(outcome, end);
            if (at <= 0) {
                return Optional.of(outcome);
            }
        }
        return Optional.of(outcomes.get(outcomes.size() - 1));
    }

    /** The leaf that a fitter lays: near the true pitch, now and then the one next door, hardly ever any. */
    private Optional<Pitch> leaf(End end) {
        if (end.thread().isEmpty() || chance.nextDouble() > 0.85) {
            return Optional.empty();
        }
        List<Pitch> leaves = new PitchClue().outcomes(end.gender());
        double slip = chance.nextDouble();
        if (slip < 0.003) {
            return Optional.of(leaves.get(chance.nextInt(leaves.size())));
        }
        double scatter = slip < 0.028 + clumsiness * 0.025 ? 0.06 : 0.012;
        double felt = end.thread().get().pitch().length().mm() * Math.exp(scatter * chance.nextGaussian());
        return leaves.stream()
                .min((a, b) -> Double.compare(
                        Math.abs(Math.log(a.length().mm() / felt)),
                        Math.abs(Math.log(b.length().mm() / felt))));
    }

    private Observation drawReading(End end) {
        boolean worn = chance.nextDouble() < WORN;
        double wornBy = chance.nextDouble() < (worn ? 0.8 : 0.1) ? 0.35 + clumsiness * 0.15 : 0;
        boolean male = end.gender() == Gender.MALE;
        Instrument instrument = chance.nextDouble() < 0.8 ? Instrument.CALIPER : Instrument.RULE;
        double blur = instrument.scatter().mm() * (male ? 1 : 1.6) * (1 + clumsiness * 0.5);
        Optional<Length> read = end.across().map(a -> {
            double move = end.thread().isPresent() ? wornBy : 0;
            double low = a.low().mm() - (male ? move : 0);
            double high = a.high().mm() + (male ? 0 : move);
            return Length.ofMm(low + chance.nextDouble() * (high - low) + chance.nextGaussian() * blur);
        });
        return Observation.of(end.gender())
                .withDiameter(read)
                .withBody(drawn(new BodyClue(), end, 0.9))
                .withHand(drawn(new HandClue(), end, 0.3))
                .withSwivel(drawn(new SwivelClue(), end, 0.4))
                .withInstrument(instrument)
                .withWorn(worn)
                .withPitch(leaf(end))
                .withTaper(drawn(new TaperClue(), end, 0.6))
                .withFlank(drawn(new FlankClue(), end, 0.25))
                .withSeat(drawn(new SeatClue(), end, 0.6))
                .withRing(drawn(new RingClue(), end, 0.5));
    }

    /** A part in no table, as met once in a dozen: it may show anything. */
    private Observation drawForeign() {
        Gender gender = chance.nextBoolean() ? Gender.MALE : Gender.FEMALE;
        List<Pitch> leaves = new PitchClue().outcomes(gender);
        return Observation.of(gender)
                .withDiameter(Optional.of(Length.ofMm(5 * Math.pow(340.0 / 5, chance.nextDouble()))))
                .withBody(Optional.of(chance.nextDouble() < 0.85 ? Body.THREAD : any(List.of(Body.values()))))
                .withPitch(maybe(0.85, leaves))
                .withTaper(maybe(0.6, List.of(TaperSeen.values())))
                .withFlank(maybe(0.25, List.of(FlankSeen.values())))
                .withSeat(maybe(0.6, List.of(Seat.values())))
                .withRing(maybe(0.5, List.of(RingSeen.values())));
    }

    private <T> T any(List<T> of) {
        return of.get(chance.nextInt(of.size()));
    }

    private <T> Optional<T> maybe(double share, List<T> of) {
        return chance.nextDouble() < share ? Optional.of(any(of)) : Optional.empty();
    }

    /** Mean distance between what was said and how often it was right, in points; prints the curve. */
    private double error(String what) {
        int[] count = new int[BINS];
        int[] right = new int[BINS];
        double[] said = new double[BINS];
        for (int i = 0; i < DRAWS; i++) {
            Optional<End> truth =
                    chance.nextDouble() < Identifier.UNKNOWN_PRIOR ? Optional.empty() : Optional.of(drawEnd());
            Optional<Candidate> answer = identifier
                    .rank(truth.map(this::drawReading).orElseGet(this::drawForeign))
                    .best();
            if (answer.isEmpty()) {
                // A coupler of no known figure of which nothing was seen: no answer is given, so none can be wrong.
                continue;
            }
            Candidate best = answer.get();
            int bin = Math.min(BINS - 1, (int) (best.probability() * BINS));
            count[bin]++;
            said[bin] += best.probability();
            right[bin] += truth.filter(best.end()::equals).isPresent() ? 1 : 0;
        }
        double error = 0;
        StringBuilder curve = new StringBuilder(what + System.lineSeparator());
        for (int b = 0; b < BINS; b++) {
            if (count[b] == 0) {
                continue;
            }
            double mean = said[b] / count[b];
            double share = (double) right[b] / count[b];
            error += 100 * Math.abs(mean - share) * count[b] / DRAWS;
            curve.append("| %.1f %% | %.1f %% | %d |%n".formatted(100 * mean, 100 * share, count[b]));
        }
        System.out.println(curve + "calibration error %.2f points".formatted(error));
        return error;
    }

    @Test
    void testAnswersAreRightAboutAsOftenAsTheySay() {
        assertThat(error("as assumed")).as("points").isLessThan(3);
    }

    /** Nobody slips just as assumed: with more of every slip than the clues know of, the answers must not go far astray. */
    @Test
    void testClumsierHandsThanAssumedCostLittle() {
        clumsiness = 1;
        assertThat(error("clumsier than assumed")).as("points").isLessThan(6);
    }
}
