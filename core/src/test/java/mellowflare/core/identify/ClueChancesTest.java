package mellowflare.core.identify;

import static mellowflare.core.Samples.DATA;
import static mellowflare.core.Samples.id;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import mellowflare.core.advice.Figure;
import mellowflare.core.connection.Body;
import mellowflare.core.connection.End;
import mellowflare.core.connection.EndCode;
import mellowflare.core.connection.EndTable;
import mellowflare.core.connection.Gender;
import mellowflare.core.connection.Seat;
import mellowflare.core.measure.Angle;
import mellowflare.core.measure.Length;
import mellowflare.core.text.Lists;
import mellowflare.core.thread.Pitch;
import mellowflare.core.thread.PitchReading;
import mellowflare.core.thread.ThreadForm;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** What each clue says of one end, worked out by hand from the shares that its comment names. */
class ClueChancesTest {
    private static final double CLOSE = 1e-9;

    private static List<End> ends(Gender gender) {
        return DATA.get(EndTable.KEY).of(gender);
    }

    private static End end(EndCode code, String size, Gender gender) {
        return DATA.get(EndTable.KEY).find(id(code, size, gender)).orElseThrow();
    }

    /** Any end with this seat and no other. */
    private static Optional<End> with(Seat seat, Gender gender) {
        return ends(gender).stream()
                .filter(e -> e.seats().equals(List.of(seat)))
                .findFirst();
    }

    private static End with(Seat seat) {
        return with(seat, Gender.MALE).or(() -> with(seat, Gender.FEMALE)).orElseThrow();
    }

    private static Observation seen() {
        return Observation.of(Gender.MALE);
    }

    private static double normal(double off, double scatter) {
        return Math.exp(-off * off / scatter / scatter / 2) / scatter / Math.sqrt(2 * Math.PI);
    }

    /** How much seldomer one seat is taken for another than seen as what it is. */
    @ParameterizedTest
    @CsvSource({
        "CONE37, CONE45, 0.03",
        "CONE37, CONE30, 0.03",
        "CONE37, CONE24, 0.0006",
        "CONE30, CONE60, 0.03",
        "CONE45, CONE30, 0.0006",
        "CONE37, INVERTED45, 0.03",
        "CONE24, INVERTED42, 0.0006",
        "INVERTED42, INVERTED45, 0.9",
        "INVERTED42, BUBBLE, 0.03",
        "BUBBLE, INVERTED42, 0.03",
        "BUBBLE, INVERTED45, 0.03",
        "CONE37, BUBBLE, 0.0006",
        "BUBBLE, CONE45, 0.0006",
        "CONE37, TAPER_SEAT, 0.01",
        "BUBBLE, TAPER_SEAT, 0.01",
        "PILOT_ORING, FACE_ORING, 0.05",
        "FACE_ORING, TUBE_ORING, 0.05",
        "FACE_ORING, PORT_ORING, 0.0006",
        "PORT_ORING, FACE_ORING, 0.0006",
        "FERRULE, NONE, 0.9",
        "PORT_ORING, NONE, 0.2",
        "WASHER, NONE, 0.14",
        "PILOT_ORING, NONE, 0.14",
        "CONE37, NONE, 0.03",
        "NONE, WASHER, 0.06",
        "PORT_ORING, WASHER, 0.06",
        "CONE37, WASHER, 0.0006",
        "NONE, CONE37, 0.0006",
        "FERRULE, BARB, 0.0006"
    })
    void testSeatsAreMixedUpAsTheyLookAlike(Seat truth, Seat taken, double weight) {
        SeatClue clue = new SeatClue();
        End end = with(truth);
        assertThat(clue.chance(taken, end) / clue.chance(truth, end)).isCloseTo(weight / 0.9, within(CLOSE));
    }

    @Test
    void testWhatIsSeenOfASeatAddsUp() {
        SeatClue clue = new SeatClue();
        for (End e : ends(Gender.MALE)) {
            assertThat(clue.outcomes(Gender.MALE).stream()
                            .mapToDouble(s -> clue.chance(s, e))
                            .sum())
                    .as(e.brief())
                    .isCloseTo(1, within(CLOSE));
        }
        End two = Stream.concat(ends(Gender.MALE).stream(), ends(Gender.FEMALE).stream())
                .filter(e -> e.seats().size() > 1)
                .findFirst()
                .orElseThrow();
        assertThat(clue.expected(two))
                .isEqualTo(Lists.or(two.seats().stream().map(Seat::words).toList()));
        assertThat(clue.word(Seat.CONE37)).isEqualTo("37° cone");
    }

    @ParameterizedTest
    @CsvSource({
        "PORT_ORING, MALE, 0.85, 0.01",
        "PORT_ORING, FEMALE, 0.15, 0.01",
        "PILOT_ORING, MALE, 0.2, 0.6",
        "PILOT_ORING, FEMALE, 0.03, 0.05",
        "WASHER, MALE, 0.45, 0.01",
        "WASHER, FEMALE, 0.1, 0.01",
        "FACE_ORING, MALE, 0.02, 0.85",
        "FACE_ORING, FEMALE, 0.02, 0.06",
        "CONE37, MALE, 0.02, 0.01",
        "CONE37, FEMALE, 0.02, 0.01"
    })
    void testWhereARingIsSeen(Seat seat, Gender gender, double base, double face) {
        RingClue clue = new RingClue();
        Optional<End> end = with(seat, gender);
        assertThat(end).isPresent();
        assertThat(clue.chance(RingSeen.THREAD_BASE, end.get())).isCloseTo(base, within(CLOSE));
        assertThat(clue.chance(RingSeen.FACE, end.get())).isCloseTo(face, within(CLOSE));
        assertThat(clue.chance(RingSeen.NONE, end.get())).isCloseTo(1 - base - face, within(CLOSE));
        String shows = face > 0.5
                ? RingSeen.FACE.word()
                : base > 0.5
                        ? RingSeen.THREAD_BASE.word()
                        : base > 0.16 ? "a captive ring or none" : RingSeen.NONE.word();
        assertThat(clue.expected(end.get())).isEqualTo(shows);
    }

    /** A ring that follows from the seat that was seen is no second look. */
    @ParameterizedTest
    @CsvSource({
        "NONE, NONE, true",
        "PORT_ORING, THREAD_BASE, true",
        "FACE_ORING, FACE, true",
        "NONE, FACE, false",
        "PORT_ORING, NONE, false",
        "FACE_ORING, THREAD_BASE, false",
        "CONE37, NONE, false"
    })
    void testARingThatFollowsFromTheSeatSaysHardlyAnything(Seat seat, RingSeen ring, boolean follows) {
        RingClue clue = new RingClue();
        Observation o = seen().withSeat(Optional.of(seat)).withRing(Optional.of(ring));
        End boss = end(EndCode.ORB, "-8", Gender.MALE);
        assertThat(clue.likelihood(o, boss)).isCloseTo(follows ? 0.95 : clue.chance(ring, boss), within(CLOSE));
        assertThat(clue.likelihoodOfUnknown(o))
                .isCloseTo(follows ? 0.95 : ring == RingSeen.NONE ? 0.6 : 0.2, within(CLOSE));
    }

    /** On the leaf of 16 a thread of 16 reads nearly always, the leaf of 18 only by a slip to the next one. */
    @Test
    void testPitchLeavesAndCounts() {
        PitchClue clue = new PitchClue();
        End end = end(EndCode.JIC37, "-8", Gender.MALE);
        double onLeaf = 0.972 * 0.03 * normal(0, 0.012) + 0.025 * 0.03 * normal(0, 0.06) + 0.003 / 20;
        assertThat(clue.chance(Pitch.ofPerInch(16), end)).isCloseTo(onLeaf, within(CLOSE));
        double off = Math.log(16.0 / 18);
        double nextDoor = 0.972 * 0.03 * normal(off, 0.012) + 0.025 * 0.03 * normal(off, 0.06) + 0.003 / 20;
        assertThat(clue.chance(Pitch.ofPerInch(18), end)).isCloseTo(nextDoor, within(CLOSE));
        Observation counted =
                seen().withPitchReading(Optional.of(new PitchReading(Pitch.ofPerInch(18), Optional.of(4))));
        double scatter = Math.hypot(0.012, 0.25 / 4);
        assertThat(clue.likelihood(counted, end))
                .isCloseTo(
                        0.972 * 0.03 * normal(off, scatter) + 0.025 * 0.03 * normal(off, 0.06) + 0.003 / 20,
                        within(CLOSE));
        End push = end(EndCode.PUSH, "8 mm", Gender.MALE);
        assertThat(clue.chance(Pitch.ofMm(1), push)).isCloseTo(1 / 20.0, within(CLOSE));
        assertThat(clue.likelihood(counted, push)).isCloseTo(0.003 / 20, within(CLOSE));
        assertThat(clue.expected(end)).isEqualTo("16 per inch");
        assertThat(clue.expected(push)).isIn("no thread", "any pitch: the maker's own");
        assertThat(clue.word(Pitch.ofMm(1.5))).isEqualTo(Pitch.ofMm(1.5).text());
        assertThat(clue.figures(counted, end))
                .containsEntry("seen", Figure.of("18 per inch"))
                .containsEntry("expected", Figure.of("16 per inch"));
    }

    /** Nine inch hexes lie between a 3/4 thread and 1.7 times as much. */
    @Test
    void testHexesThatStandOnSuchAThread() {
        HexClue clue = new HexClue();
        End end = end(EndCode.JIC37, "-8", Gender.MALE);
        double low = end.across().orElseThrow().low().mm();
        double high = end.across().orElseThrow().high().mm();
        long within = 0;
        for (double sixteenths = 5; sixteenths <= 24; sixteenths++) {
            double w = sixteenths * 25.4 / 16;
            within += w >= low && w <= 1.7 * high ? 1 : 0;
        }
        assertThat(within).isEqualTo(9);
        Length hex = Length.ofMm(22.225);
        Observation o = seen().withHex(Optional.of(hex));
        double odd = 1 / (22.225 * Math.log(20));
        assertThat(clue.likelihoodOfUnknown(o)).isCloseTo(odd, within(CLOSE));
        assertThat(clue.likelihood(o, end)).isCloseTo(0.08 * odd + 0.92 * normal(0, 0.15) / 9, within(1e-6));
        Observation between = seen().withHex(Optional.of(Length.ofMm(24)));
        assertThat(clue.likelihood(between, end))
                .isCloseTo(0.08 / (24 * Math.log(20)) + 0.92 * normal(24 - 23.8125, 0.15) / 9, within(1e-6));
        Observation tooWide = seen().withHex(Optional.of(Length.ofMm(33.3375)));
        assertThat(clue.likelihood(tooWide, end)).isCloseTo(0.08 / (33.3375 * Math.log(20)), within(1e-6));
        assertThat(clue.figures(o, end))
                .containsEntry("expected", Figure.of("an inch hex a little over its thread"))
                .containsEntry("seen", Figure.of(hex));
        End barb = end(EndCode.BARB, "3/8", Gender.MALE);
        assertThat(clue.likelihood(o, barb)).isCloseTo(odd, within(CLOSE));
        assertThat(clue.figures(o, barb)).isEmpty();
        assertThat(clue.kind()).isEqualTo(ClueKind.HEX);
        assertThat(clue.given(o)).isTrue();
        assertThat(clue.given(seen())).isFalse();
    }

    @Test
    void testTheTubeInIt() {
        TubeClue clue = new TubeClue();
        End end = ends(Gender.MALE).stream()
                .filter(e -> e.tube().isPresent())
                .findFirst()
                .orElseThrow();
        double d = end.tube().orElseThrow().mm();
        Observation o = seen().withTube(Optional.of(Length.ofMm(d + 0.12)));
        double odd = 1 / ((d + 0.12) * Math.log(100.0 / 3));
        assertThat(clue.likelihood(o, end)).isCloseTo(0.02 * odd + 0.98 * normal(0.12, 0.12), within(CLOSE));
        assertThat(clue.likelihoodOfUnknown(o)).isCloseTo(odd, within(CLOSE));
        End none = end(EndCode.NPT, "1/2", Gender.MALE);
        assertThat(clue.likelihood(o, none)).isCloseTo(odd, within(CLOSE));
        assertThat(clue.figures(o, none)).isEmpty();
        assertThat(clue.figures(o, end))
                .containsEntry("expected", Figure.of(end.tube().get()));
        assertThat(clue.foretold(none)).isEmpty();
        assertThat(clue.foretold(end)).isPresent();
        assertThat(clue.given(o)).isTrue();
        assertThat(clue.given(seen())).isFalse();
    }

    @Test
    void testHandBodyFlankTaperAndNut() {
        End flare = end(EndCode.JIC37, "-8", Gender.MALE);
        End left = end(EndCode.LPG, "G 3/8 left", Gender.MALE);
        End push = end(EndCode.PUSH, "8 mm", Gender.MALE);
        End pipe = end(EndCode.NPT, "1/2", Gender.MALE);
        End whitworth = end(EndCode.BSPP, "1/2", Gender.MALE);
        HandClue hand = new HandClue();
        assertThat(hand.chance(HandSeen.LEFT, left)).isCloseTo(0.9995, within(CLOSE));
        assertThat(hand.chance(HandSeen.LEFT, flare)).isCloseTo(0.0005, within(CLOSE));
        assertThat(hand.chance(HandSeen.RIGHT, flare)).isCloseTo(0.9995, within(CLOSE));
        assertThat(hand.chance(HandSeen.LEFT, push)).isEqualTo(0.5);
        assertThat(hand.likelihoodOfUnknown(seen().withHand(Optional.of(HandSeen.LEFT))))
                .isCloseTo(0.3, within(CLOSE));
        assertThat(hand.likelihoodOfUnknown(seen().withHand(Optional.of(HandSeen.RIGHT))))
                .isCloseTo(0.7, within(CLOSE));
        assertThat(hand.expected(left)).isEqualTo(HandSeen.LEFT.word());
        assertThat(hand.expected(flare)).isEqualTo(HandSeen.RIGHT.word());
        BodyClue body = new BodyClue();
        assertThat(body.chance(Body.THREAD, flare)).isCloseTo(0.996, within(CLOSE));
        assertThat(body.chance(Body.TUBE, flare)).isCloseTo(0.001, within(CLOSE));
        assertThat(body.likelihoodOfUnknown(seen().withBody(Optional.of(Body.THREAD))))
                .isCloseTo(0.85, within(CLOSE));
        assertThat(body.likelihoodOfUnknown(seen().withBody(Optional.of(Body.BARB))))
                .isCloseTo(0.0375, within(CLOSE));
        assertThat(body.expected(push)).isEqualTo(push.body().words());
        FlankClue flank = new FlankClue();
        assertThat(flank.chance(FlankSeen.DEG55, whitworth)).isCloseTo(0.85, within(CLOSE));
        assertThat(flank.chance(FlankSeen.DEG60, whitworth)).isCloseTo(0.15, within(CLOSE));
        assertThat(flank.chance(FlankSeen.DEG60, flare)).isCloseTo(0.85, within(CLOSE));
        assertThat(flank.chance(FlankSeen.DEG60, push)).isEqualTo(0.5);
        Optional<End> acme = ends(Gender.MALE).stream()
                .filter(e -> e.thread().filter(t -> t.form() == ThreadForm.ACME).isPresent())
                .findFirst();
        assertThat(flank.chance(FlankSeen.DEG60, acme.orElseThrow())).isEqualTo(0.5);
        TaperClue taper = new TaperClue();
        assertThat(taper.chance(TaperSeen.TAPERED, pipe)).isCloseTo(0.95, within(CLOSE));
        assertThat(taper.chance(TaperSeen.TAPERED, flare)).isCloseTo(0.05, within(CLOSE));
        assertThat(taper.chance(TaperSeen.TAPERED, push)).isEqualTo(0.5);
        assertThat(taper.expected(pipe)).isEqualTo("tapered");
        SwivelClue nut = new SwivelClue();
        for (End e : List.of(flare, end(EndCode.JIC37, "-8", Gender.FEMALE), whitworth)) {
            double share = e.form().swivel();
            assertThat(nut.chance(SwivelSeen.LOOSE_NUT, e)).isCloseTo(1 / 30.0 + 28 / 30.0 * share, within(CLOSE));
            assertThat(nut.expected(e))
                    .isEqualTo(
                            share > 0.6 ? "mostly a loose nut" : share < 0.2 ? "mostly fixed" : "fixed or a loose nut");
        }
    }

    /** Read as half the cone or, one time in five, as the whole of it. */
    @Test
    void testTheAngleOfTheSeat() {
        SeatAngleClue clue = new SeatAngleClue();
        End flare = with(Seat.CONE37);
        assertThat(clue.likelihood(angle(37), flare)).isCloseTo(1 / 900.0 + 0.8 * normal(0, 2), within(1e-6));
        assertThat(clue.likelihood(angle(39), flare)).isCloseTo(1 / 900.0 + 0.8 * normal(2, 2), within(1e-6));
        assertThat(clue.likelihood(angle(74), flare)).isCloseTo(1 / 900.0 + 0.2 * normal(0, 2), within(1e-6));
        assertThat(clue.likelihood(angle(37), with(Seat.BUBBLE))).isCloseTo(1 / 90.0, within(CLOSE));
        assertThat(clue.likelihood(angle(37), with(Seat.PORT_ORING))).isCloseTo(1 / 900.0, within(CLOSE));
        assertThat(clue.likelihoodOfUnknown(angle(37))).isCloseTo(1 / 90.0, within(CLOSE));
        assertThat(clue.foretold(flare)).contains("37° cone");
        assertThat(clue.foretold(with(Seat.PORT_ORING))).isEmpty();
        assertThat(clue.figures(angle(37), flare)).containsEntry("expected", Figure.of("37° cone"));
    }

    private static Observation angle(double degrees) {
        return seen().withSeatAngle(Optional.of(Angle.ofDegrees(degrees)));
    }

    @Test
    void testTheTaperReadAndThePlaceWhereItWasFound() {
        TaperReadingClue clue = new TaperReadingClue();
        Observation o = seen().withDiameter(Optional.of(Length.ofMm(21.3)))
                .withSecond(Optional.of(new SecondDiameter(Length.ofMm(20.5), Length.ofMm(12))));
        double blur = Math.hypot(0.004, o.instrument().scatter().mm() * Math.sqrt(2) / 12);
        End pipe = end(EndCode.NPT, "1/2", Gender.MALE);
        assertThat(clue.likelihood(o, pipe)).isCloseTo(0.02 + normal(0.8 / 12 - 1 / 16.0, blur), within(1e-6));
        assertThat(clue.likelihood(o, end(EndCode.JIC37, "-8", Gender.MALE)))
                .isCloseTo(0.02 + normal(0.8 / 12, blur), within(1e-6));
        assertThat(clue.likelihood(o, end(EndCode.PUSH, "8 mm", Gender.MALE))).isCloseTo(1 / 0.18, within(CLOSE));
        assertThat(clue.figures(o, pipe)).containsEntry("seen", Figure.of("a taper of 1 in 15"));
        Observation found = seen().withService(Optional.of("water"));
        assertThat(FoundClue.SERVICE.likelihoodOfUnknown(found)).isCloseTo(0.56, within(CLOSE));
        for (End e : ends(Gender.MALE)) {
            assertThat(FoundClue.SERVICE.likelihood(found, e))
                    .isEqualTo(e.form().metIn().contains("water") ? 1 : 0.12);
        }
    }
}
