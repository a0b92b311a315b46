package mellowflare.core.identify;

import static mellowflare.core.Samples.DATA;
import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import mellowflare.core.connection.Body;
import mellowflare.core.connection.End;
import mellowflare.core.connection.EndTable;
import mellowflare.core.connection.Gender;
import mellowflare.core.connection.Seat;
import mellowflare.core.measure.Instrument;
import mellowflare.core.measure.Length;
import mellowflare.core.thread.Pitch;
import mellowflare.core.thread.ThreadForm;
import org.junit.jupiter.api.Test;

/**
 * Readings drawn from a bench of its own: none of its shares comes from the clues that judge them. Calipers held askew, leaves laid next door,
 * cones taken for their neighbours, rings lost with their seat unseen, left-hand parts, ends that no table holds, an inch figure typed as
 * millimetres. Prints what {@code docs/calibration.md} holds.
 */
class IndependentReadingsTest {
    /** More with -Dreadings=60000, as the tables in the documents have them. */
    private static final int DRAWS = Integer.getInteger("readings", 30_000);

    private static final int BINS = 10;
    private static final double UNLISTED = 0.08;
    private static final double TYPED_IN_THE_OTHER_UNIT = 0.005;

    private final Random chance = new Random(20261128);
    private final List<End> ends = DATA.get(EndTable.KEY).all();
    private final Identifier identifier = new Identifier(DATA);
    private final double shares = ends.stream().mapToDouble(End::share).sum();
    private final List<Pitch> leaves = ends.stream()
            .flatMap(e -> e.thread().stream())
            .map(t -> t.pitch())
            .distinct()
            .sorted((a, b) -> a.length().compareTo(b.length()))
            .toList();

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

    private boolean in(double share) {
        return chance.nextDouble() < share;
    }

    private <T> T any(List<T> of) {
        return of.get(chance.nextInt(of.size()));
    }

    /** Over the crests, by a hand that holds the caliper a little askew now and then; a rule is read to half a millimetre. */
    private Length read(End end, boolean worn, Instrument instrument) {
        double low = end.across().orElseThrow().low().mm();
        double high = end.across().orElseThrow().high().mm();
        boolean male = end.gender() == Gender.MALE;
        // Made near the middle of its band, seldom at its edge.
        double made = low + (high - low) * (chance.nextDouble() + chance.nextDouble()) / 2;
        double wear = worn && end.thread().isPresent() ? 0.3 * chance.nextDouble() : 0;
        double askew = in(0.2) ? Math.abs(chance.nextGaussian()) * 0.06 : 0;
        double mm = made + (male ? -wear + askew : wear - askew) + chance.nextGaussian() * (male ? 0.03 : 0.05);
        return Length.ofMm(
                instrument == Instrument.CALIPER
                        ? Math.rint(mm * 100) / 100
                        : Math.rint((mm + chance.nextGaussian() * 0.25) * 2) / 2);
    }

    private Pitch leaf(Pitch truth) {
        int at = 0;
        for (int i = 0; i < leaves.size(); i++) {
            if (Math.abs(Math.log(leaves.get(i).length().mm() / truth.length().mm()))
                    < Math.abs(Math.log(
                            leaves.get(at).length().mm() / truth.length().mm()))) {
                at = i;
            }
        }
        return in(0.02) ? leaves.get(Math.max(0, Math.min(leaves.size() - 1, at + (in(0.5) ? 1 : -1)))) : truth;
    }

    /** The seat as somebody saw it who knows what seats there are; who looks at everything with care sees it as it is. */
    private Seat look(Seat truth, boolean careful) {
        if (careful || in(truth.isCone() ? 0.9 : 0.94)) {
            return truth;
        }
        if (truth.isCone() && in(0.85)) {
            List<Seat> near = Stream.of(Seat.values())
                    .filter(s -> s.isCone() && s != truth && s != Seat.TAPER_SEAT)
                    .filter(s -> Math.abs(s.halfAngleDegrees().orElse(40.0)
                                    - truth.halfAngleDegrees().orElse(40.0))
                            < 10)
                    .toList();
            return near.isEmpty() ? truth : any(near);
        }
        return in(0.7) ? Seat.NONE : any(List.of(Seat.values()));
    }

    private Observation reading(End end, Seat seat, boolean left, double thorough) {
        boolean worn = in(0.15);
        Instrument instrument = in(0.85) ? Instrument.CALIPER : Instrument.RULE;
        boolean male = end.gender() == Gender.MALE;
        boolean lost = seat == Seat.PORT_ORING && male && in(0.2);
        Observation o = Observation.of(end.gender())
                .withInstrument(instrument)
                .withWorn(worn && in(0.7))
                .withDiameter(end.across()
                        .map(a -> {
                            double mm = read(end, worn, instrument).mm();
                            return Length.ofMm(in(TYPED_IN_THE_OTHER_UNIT) ? mm / 25.4 : mm);
                        })
                        .filter(Observation::isDiameter));
        if (in(0.9)) {
            o = o.withBody(Optional.of(in(0.995) ? end.body() : any(List.of(Body.values()))));
        }
        if (end.thread().isPresent()) {
            var t = end.thread().get();
            if (in(0.5 + thorough / 2)) {
                o = o.withPitch(Optional.of(leaf(t.pitch())));
            }
            if (in(thorough)) {
                boolean tapered = t.tapered() == in(0.95);
                o = o.withTaper(Optional.of(tapered ? TaperSeen.TAPERED : TaperSeen.PARALLEL));
            }
            if (in(thorough * 0.5)) {
                boolean whitworth = (t.form() == ThreadForm.WHITWORTH) == in(0.85);
                o = o.withFlank(Optional.of(whitworth ? FlankSeen.DEG55 : FlankSeen.DEG60));
            }
            if (in(thorough)) {
                o = o.withHand(Optional.of(left ? HandSeen.LEFT : HandSeen.RIGHT));
            }
        }
        if (in(thorough)) {
            o = o.withSeat(Optional.of(lost ? Seat.NONE : look(seat, thorough >= 1)));
        }
        if (in(thorough * 0.8)) {
            boolean base = seat == Seat.PORT_ORING && male && !lost || seat == Seat.WASHER && male && in(0.4);
            boolean face = seat == Seat.FACE_ORING && male && in(0.85) || seat == Seat.PILOT_ORING && male && in(0.7);
            o = o.withRing(Optional.of(base ? RingSeen.THREAD_BASE : face ? RingSeen.FACE : RingSeen.NONE));
        }
        if (in(0.5)) {
            o = o.withService(Optional.of(
                    in(0.92) && !end.form().metIn().isEmpty() ? any(end.form().metIn()) : any(SERVICES)));
        }
        return o;
    }

    private static final List<String> SERVICES =
            List.of("hydraulic", "pneumatic", "water", "gas", "fuel", "brake", "refrigerant");

    /** A thread of no standard that is listed here: nothing about it follows from the tables. */
    private Observation foreign(double thorough) {
        Gender gender = in(0.5) ? Gender.MALE : Gender.FEMALE;
        Observation o = Observation.of(gender)
                .withBody(Optional.of(Body.THREAD))
                .withDiameter(Optional.of(Length.ofMm(Math.rint(100 * 6 * Math.pow(15, chance.nextDouble())) / 100)))
                .withHand(in(thorough) ? Optional.of(in(0.9) ? HandSeen.RIGHT : HandSeen.LEFT) : Optional.empty());
        if (in(0.5 + thorough / 2)) {
            o = o.withPitch(Optional.of(any(leaves)));
        }
        if (in(thorough)) {
            o = o.withTaper(Optional.of(in(0.8) ? TaperSeen.PARALLEL : TaperSeen.TAPERED));
        }
        if (in(thorough)) {
            o = o.withSeat(Optional.of(in(0.5) ? Seat.NONE : any(List.of(Seat.values()))));
        }
        return o;
    }

    /** Seats that a careful look may still take for each other. */
    private static boolean alike(Seat a, Seat b) {
        if (a == b || a == Seat.BUBBLE && b.code().startsWith("inverted")) {
            return true;
        }
        Set<Seat> rings = Set.of(Seat.PILOT_ORING, Seat.FACE_ORING, Seat.TUBE_ORING);
        return rings.contains(a) && rings.contains(b)
                || a.halfAngleDegrees().isPresent()
                        && b.halfAngleDegrees().isPresent()
                        && Math.abs(a.halfAngleDegrees().get()
                                        - b.halfAngleDegrees().get())
                                < 10;
    }

    /** An end that no table holds: a known thread with a seat or a hand that no end on that thread has. */
    private Optional<Observation> unlisted(double thorough) {
        End end = drawEnd();
        if (end.thread().isEmpty()) {
            return Optional.empty();
        }
        var pitch = end.thread().get().pitch();
        double mm = end.across().orElseThrow().middle().mm();
        List<End> same = ends.stream()
                .filter(e -> e.gender() == end.gender()
                        && e.across()
                                .filter(a -> a.gapTo(Length.ofMm(mm)).mm() < 0.4)
                                .isPresent()
                        && e.thread()
                                .filter(t ->
                                        Math.abs(Math.log(t.pitch().length().mm()
                                                        / pitch.length().mm()))
                                                < 0.06)
                                .isPresent())
                .toList();
        if (in(0.3)) {
            return same.stream().anyMatch(End::leftHand)
                    ? Optional.empty()
                    : Optional.of(reading(end, end.usualSeat(), true, thorough));
        }
        Set<Seat> shown = same.stream().flatMap(e -> e.seats().stream()).collect(Collectors.toSet());
        List<Seat> other = Stream.of(
                        Seat.BUBBLE, Seat.FACE_ORING, Seat.PILOT_ORING, Seat.CONE24, Seat.TUBE_ORING, Seat.CONE60)
                .filter(s -> shown.stream().noneMatch(known -> alike(s, known)))
                .toList();
        return other.isEmpty() ? Optional.empty() : Optional.of(reading(end, any(other), end.leftHand(), thorough));
    }

    @Test
    void testAnswersAreRightAboutAsOftenAsTheySay() {
        int[] count = new int[BINS];
        int[] right = new int[BINS];
        double[] said = new double[BINS];
        int drawn = 0;
        while (drawn < DRAWS) {
            Optional<End> truth = Optional.empty();
            Optional<Observation> seen;
            double thorough = 0.3 + 0.7 * chance.nextDouble();
            if (in(UNLISTED)) {
                seen = in(0.4) ? Optional.of(foreign(thorough)) : Optional.empty();
                while (seen.isEmpty()) {
                    seen = unlisted(thorough);
                }
            } else {
                End end = drawEnd();
                truth = Optional.of(end);
                seen = Optional.of(reading(end, any(end.seats()), end.leftHand(), thorough));
            }
            drawn++;
            Optional<Candidate> best = identifier.rank(seen.get()).best();
            if (best.isEmpty()) {
                continue;
            }
            int bin = Math.min(BINS - 1, (int) (best.get().probability() * BINS));
            count[bin]++;
            said[bin] += best.get().probability();
            right[bin] += truth.filter(best.get().end()::equals).isPresent() ? 1 : 0;
        }
        double error = 0;
        double worst = 0;
        StringBuilder curve = new StringBuilder("independent readings" + System.lineSeparator());
        for (int b = 0; b < BINS; b++) {
            double off = 100 * Math.abs(said[b] - right[b]) / Math.max(1, count[b]);
            error += off * count[b] / DRAWS;
            worst = count[b] < 200 ? worst : Math.max(worst, off);
            curve.append("| %.1f %% | %.1f %% | %d |%n"
                    .formatted(100 * said[b] / count[b], 100.0 * right[b] / count[b], count[b]));
        }
        System.out.println(curve + "error %.2f points, worst tenth %.2f".formatted(error, worst));
        assertThat(error).as("points").isLessThan(2);
        assertThat(worst).as("worst tenth").isLessThan(4);
    }

    @Test
    void testUnlistedEndsAreCalledUnknown() {
        int called = 0;
        int all = 0;
        List<String> missed = new ArrayList<>();
        while (all < 2000) {
            Optional<Observation> seen = unlisted(1);
            if (seen.isEmpty()) {
                continue;
            }
            all++;
            Identification answer = identifier.rank(seen.get());
            if (answer.standing() == Identification.Standing.NOTHING_FITS) {
                called++;
            } else if (missed.size() < 12) {
                missed.add(answer.best().orElseThrow().end().brief() + " "
                        + Math.round(100 * answer.best().orElseThrow().probability()) + " % for "
                        + answer.observation());
            }
        }
        System.out.println("unlisted called unknown: " + called + " of " + all);
        assertThat((double) called / all).as(String.join("\n", missed)).isGreaterThanOrEqualTo(0.95);
    }
}
