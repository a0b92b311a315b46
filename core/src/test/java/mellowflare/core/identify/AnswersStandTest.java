package mellowflare.core.identify;

import static mellowflare.core.Samples.DATA;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Random;
import mellowflare.core.Stands;
import mellowflare.core.connection.Body;
import mellowflare.core.connection.End;
import mellowflare.core.connection.EndTable;
import mellowflare.core.connection.Seat;
import mellowflare.core.measure.Angle;
import mellowflare.core.measure.Instrument;
import mellowflare.core.measure.Length;
import mellowflare.core.measure.UnitSystem;
import mellowflare.core.thread.PitchReading;
import org.junit.jupiter.api.Test;

/** Answers to looks drawn with every clue, in whole: shares, weights, verdicts, the next check and what it would tell. A line that differs is a fault, or to be taken over ({@link Stands}). */
class AnswersStandTest {
    private static final int LOOKS = 160;
    private static final List<String> SERVICES =
            List.of("hydraulic", "pneumatic", "water", "gas", "fuel", "brake", "refrigerant");

    private final Random chance = new Random(17);
    private final List<End> ends = DATA.get(EndTable.KEY).all();
    private final List<String> regions =
            DATA.get(EndTable.KEY).regions().stream().sorted().toList();
    private final List<String> machines =
            DATA.get(EndTable.KEY).machines().stream().sorted().toList();

    private <T> Optional<T> maybe(double share, T value) {
        return chance.nextDouble() < share ? Optional.of(value) : Optional.empty();
    }

    private <T> T any(List<T> of) {
        return of.get(chance.nextInt(of.size()));
    }

    private <T> T any(T[] of) {
        return of[chance.nextInt(of.length)];
    }

    private Observation look(End end) {
        double crest = end.across().map(a -> a.middle().mm()).orElse(20.0) + 0.08 * chance.nextGaussian();
        double little = chance.nextDouble();
        Observation o = Observation.of(end.gender())
                .withInstrument(any(Instrument.values()))
                .withWorn(chance.nextInt(4) == 0)
                .withDiameter(maybe(0.9, Length.ofMm(crest)))
                .withBody(maybe(0.6, chance.nextInt(8) == 0 ? any(Body.values()) : end.body()))
                .withFlank(maybe(little * 0.4, any(FlankSeen.values())))
                .withHand(maybe(little * 0.4, any(HandSeen.values())))
                .withTaper(maybe(little * 0.6, end.tapered() ? TaperSeen.TAPERED : TaperSeen.PARALLEL))
                .withSeat(maybe(little * 0.7, chance.nextInt(3) == 0 ? any(Seat.values()) : any(end.seats())))
                .withSeatAngle(maybe(little * 0.3, Angle.ofDegrees(12 + chance.nextInt(90))))
                .withRing(maybe(little * 0.5, any(RingSeen.values())))
                .withSwivel(maybe(little * 0.5, any(SwivelSeen.values())))
                .withHex(maybe(little * 0.4, Length.ofMm(Math.rint(crest * (1.1 + 0.3 * chance.nextDouble())))))
                .withTube(maybe(little * 0.4, end.tube().orElse(Length.ofMm(12))))
                .withService(maybe(0.3, any(SERVICES)))
                .withRegion(maybe(0.2, any(regions)))
                .withMachine(maybe(0.2, any(machines)))
                .withSecond(maybe(
                        little * 0.3, new SecondDiameter(Length.ofMm(crest - chance.nextDouble()), Length.ofMm(12))));
        return end.thread().isPresent()
                ? o.withPitchReading(maybe(
                        0.6, new PitchReading(end.thread().get().pitch(), maybe(0.4, 3 + chance.nextInt(8)))))
                : o;
    }

    private static String weight(double w) {
        return String.format(Locale.ROOT, "%.4f", w);
    }

    private static List<String> answer(Identification a) {
        List<String> lines = new ArrayList<>();
        lines.add(a.standing() + " unknown " + weight(a.unknownProbability()) + (a.named() ? " named" : "")
                + (a.seatMustBeSeen() ? " seat first" : "") + " course "
                + a.safeCourse().length());
        a.candidates().stream().filter(c -> c.probability() > 0.002).limit(4).forEach(c -> {
            lines.add("  " + c.end().brief() + " " + c.end().gender() + " " + weight(c.probability()) + ", "
                    + c.lookAlikes().size() + " look-alikes");
            c.evidence()
                    .forEach(e -> lines.add("    " + e.clue() + " " + e.verdict() + " " + weight(e.weight()) + " "
                            + Stands.figures(e.figures())));
        });
        a.nextCheck().ifPresent(n -> {
            lines.add("  next " + n.clue() + " " + weight(n.bits()));
            n.outcomes().forEach(o -> lines.add("    " + o.seen() + " " + weight(o.chance()) + " " + o.then()));
        });
        return lines;
    }

    @Test
    void testAnswersStandAsTheyWereLookedThrough() {
        Identifier identifier = new Identifier(DATA);
        List<String> lines = new ArrayList<>();
        for (int i = 0; i < LOOKS; i++) {
            Observation seen = look(any(ends));
            lines.add(
                    i + ": " + ObservationWords.looks(seen) + " " + ObservationWords.readings(seen, UnitSystem.METRIC));
            lines.addAll(answer(identifier.identify(seen)));
        }
        Stands.as(getClass(), "answers.txt", lines);
    }
}
