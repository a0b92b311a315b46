package mellowflare.core.identify;

import static mellowflare.core.Samples.DATA;
import static mellowflare.core.Samples.id;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.Optional;
import mellowflare.core.connection.Body;
import mellowflare.core.connection.End;
import mellowflare.core.connection.EndCode;
import mellowflare.core.connection.EndTable;
import mellowflare.core.connection.Gender;
import mellowflare.core.connection.Seat;
import mellowflare.core.measure.Angle;
import mellowflare.core.measure.Instrument;
import mellowflare.core.measure.Length;
import mellowflare.core.measure.UnitSystem;
import mellowflare.core.thread.Pitch;
import mellowflare.core.thread.PitchReading;
import org.junit.jupiter.api.Test;

/** Each clue on its own: it must move the answer the way a fitter would, and no further than it deserves. */
class CluesTest {
    private final Identifier identifier = new Identifier(DATA);

    private static Observation male(double mm) {
        return Observation.of(Gender.MALE).withDiameter(Optional.of(Length.ofMm(mm)));
    }

    private static End end(EndCode code, String size, Gender gender) {
        return DATA.get(EndTable.KEY).find(id(code, size, gender)).orElseThrow();
    }

    private double share(Observation seen, String brief) {
        return identifier.identify(seen).candidates().stream()
                .filter(c -> c.end().brief().equals(brief))
                .mapToDouble(Candidate::probability)
                .sum();
    }

    private String best(Observation seen) {
        return identifier.identify(seen).best().orElseThrow().end().brief();
    }

    @Test
    void testPartsWithoutAThreadAreNamed() {
        assertThat(best(male(44.4).withBody(Optional.of(Body.FLANGE)))).isEqualTo("CODE61 -16");
        assertThat(best(male(47.6).withBody(Optional.of(Body.FLANGE)))).isEqualTo("CODE62 -16");
        assertThat(best(male(8.0).withBody(Optional.of(Body.TUBE)))).isIn("PUSH 8 mm", "PUSH 5/16");
        assertThat(best(male(6.35).withBody(Optional.of(Body.TUBE)))).isEqualTo("PUSH 1/4");
        assertThat(best(male(10.9).withBody(Optional.of(Body.BARB)))).isEqualTo("BARB 3/8");
        assertThat(best(male(13.0).withBody(Optional.of(Body.COUPLER)).withService(Optional.of("refrigerant"))))
                .isEqualTo("ACSERVICE R134a low");
        Observation pad = Observation.of(Gender.FEMALE)
                .withDiameter(Optional.of(Length.ofMm(58.8)))
                .withBody(Optional.of(Body.FLANGE));
        assertThat(best(pad)).isEqualTo("CODE61 -20");
    }

    @Test
    void testLeftHandIsTheGasThreadAndNotThePipeThreadOfItsSize() {
        Observation seen =
                male(16.6).withPitch(Optional.of(Pitch.ofPerInch(19))).withBody(Optional.of(Body.THREAD));
        assertThat(best(seen)).isEqualTo("BSPP 3/8");
        assertThat(best(seen.withHand(Optional.of(HandSeen.LEFT)))).isEqualTo("LPG G 3/8 left");
        assertThat(end(EndCode.LPG, "G 3/8 left", Gender.MALE).threadName()).isEqualTo("G 3/8 left-hand");
    }

    @Test
    void testTwoDiametersOverALengthTellTheTaper() {
        // 1/2 NPT: 21.3 at the large end, 12 mm down 21.3 - 12/16 = 20.55.
        Observation seen = male(21.0).withPitch(Optional.of(Pitch.ofPerInch(14)));
        Observation tapered = seen.withSecond(Optional.of(new SecondDiameter(Length.ofMm(20.25), Length.ofMm(12))));
        Observation straight = seen.withSecond(Optional.of(new SecondDiameter(Length.ofMm(21.0), Length.ofMm(12))));
        assertThat(identifier.identify(tapered).best().orElseThrow().end().tapered())
                .isTrue();
        assertThat(identifier.identify(straight).best().orElseThrow().end().tapered())
                .isFalse();
        Evidence words = identifier.identify(tapered).best().orElseThrow().evidence().stream()
                .filter(e -> e.clue() == ClueKind.TAPER_READING)
                .findFirst()
                .orElseThrow();
        assertThat(words.says(UnitSystem.METRIC))
                .isEqualTo("The two diameters give a taper of 1 in 16: 1 in 16, as this end.");
        Observation byRule = tapered.withInstrument(Instrument.RULE);
        assertThat(share(byRule, "BSPP 1/2"))
                .as("a rule cannot tell three quarters of a millimetre surely")
                .isGreaterThan(share(tapered, "BSPP 1/2"));
    }

    @Test
    void testCountedPitchIsLessSureThanALeafAndBetterOverMoreThreads() {
        Observation seen = male(14.2);
        PitchReading leaf = PitchReading.read("18", UnitSystem.METRIC).value().orElseThrow();
        PitchReading few =
                PitchReading.read("3 over 4.233 mm", UnitSystem.METRIC).value().orElseThrow();
        PitchReading many =
                PitchReading.read("12 over 16.93", UnitSystem.METRIC).value().orElseThrow();
        double byLeaf = seventeen(seen, leaf);
        assertThat(seventeen(seen, many)).isGreaterThan(byLeaf * 0.99);
        assertThat(seventeen(seen, few))
                .as("M14x1.5 stays possible after three threads")
                .isGreaterThan(5 * byLeaf);
    }

    /** Share of the ends of 1.5 mm pitch. */
    private double seventeen(Observation seen, PitchReading pitch) {
        return identifier.identify(seen.withPitchReading(Optional.of(pitch))).candidates().stream()
                .filter(c -> c.end()
                        .thread()
                        .filter(t -> t.pitch().equals(Pitch.ofMm(1.5)))
                        .isPresent())
                .mapToDouble(Candidate::probability)
                .sum();
    }

    @Test
    void testTubeTellsTheLightFromTheHeavySeriesOnOneThread() {
        Observation seen = male(13.85).withPitch(Optional.of(Pitch.ofMm(1.5))).withSeat(Optional.of(Seat.CONE24));
        NextCheck next = identifier.identify(seen).nextCheck().orElseThrow();
        assertThat(next.clue()).isEqualTo(ClueKind.TUBE);
        assertThat(next.says()).isEqualTo("Measure the tube over its outside.");
        assertThat(next.outcomes()).extracting(NextCheck.Outcome::seen).contains("8 mm", "6 mm");
        assertThat(best(seen.withTube(Optional.of(Length.ofMm(8.02))))).isEqualTo("DIN24L L8");
        assertThat(best(seen.withTube(Optional.of(Length.ofMm(6))))).isEqualTo("DIN24S S6");
    }

    @Test
    void testHexOfInchOrMetricSizeLeansTowardItsSystem() {
        Observation seen = male(13.95).withSeat(Optional.of(Seat.PORT_ORING)).withInstrument(Instrument.RULE);
        double plain = share(seen, "ISO6149 M14x1.5");
        assertThat(share(seen.withHex(Optional.of(Length.ofMm(19))), "ISO6149 M14x1.5"))
                .as("19 mm and 3/4 in are one wrench: nothing is learned")
                .isCloseTo(plain, within(0.12));
        assertThat(share(seen.withHex(Optional.of(Length.ofMm(17))), "ISO6149 M14x1.5"))
                .isGreaterThan(plain + 0.1);
        assertThat(share(seen.withHex(Optional.of(Length.ofInches(11 / 16.0))), "ISO6149 M14x1.5"))
                .isLessThan(plain - 0.1);
    }

    @Test
    void testLooseNutSpeaksForTheFlareAndAgainstThePort() {
        Observation port = Observation.of(Gender.FEMALE)
                .withDiameter(Optional.of(Length.ofMm(17.5)))
                .withPitch(Optional.of(Pitch.ofPerInch(16)));
        double before = share(port, "JIC37 -8");
        assertThat(share(port.withSwivel(Optional.of(SwivelSeen.LOOSE_NUT)), "JIC37 -8"))
                .isGreaterThan(before);
        assertThat(share(port.withSwivel(Optional.of(SwivelSeen.FIXED)), "ORB -8"))
                .isGreaterThan(share(port, "ORB -8"));
    }

    @Test
    void testWhereItWasFoundIsGentleAndNeverRulesOut() {
        Observation seen = male(13.1)
                .withPitch(Optional.of(Pitch.ofPerInch(19)))
                .withTaper(Optional.of(TaperSeen.PARALLEL))
                .withSeat(Optional.of(Seat.CONE30));
        double japan =
                share(seen.withRegion(Optional.of("japan")).withMachine(Optional.of("construction")), "JIS30BSP 1/4");
        double america =
                share(seen.withRegion(Optional.of("north-america")).withMachine(Optional.of("house")), "JIS30BSP 1/4");
        assertThat(japan).isGreaterThan(america);
        assertThat(america).as("a seat seen outweighs where").isGreaterThan(0.4);
    }

    @Test
    void testConeOfNoStatedAngleNeitherGainsNorLosesMuchByAnAngle() {
        End taper = end(EndCode.ACTAPER, "#8", Gender.MALE);
        End flare = end(EndCode.JIC37, "-8", Gender.MALE);
        Observation seen = male(19).withSeatAngle(Optional.of(Angle.ofDegrees(37)));
        SeatAngleClue clue = new SeatAngleClue();
        assertThat(clue.likelihood(seen, taper)).isLessThan(clue.likelihood(seen, flare));
        assertThat(clue.likelihood(seen, taper)).isCloseTo(clue.likelihoodOfUnknown(seen), within(1e-9));
    }

    @Test
    void testEndWithoutAFigureIsNeitherForNorAgainstByItsDiameter() {
        End gas = end(EndCode.LPG, "gas quick 3/8", Gender.MALE);
        Observation seen = male(13).withBody(Optional.of(Body.COUPLER));
        assertThat(new DiameterClue().likelihood(seen, gas)).isEqualTo(new DiameterClue().likelihoodOfUnknown(seen));
        Candidate c = identifier.identify(seen).candidates().stream()
                .filter(x -> x.end().equals(gas))
                .findFirst()
                .orElseThrow();
        assertThat(c.evidence()).noneMatch(e -> e.clue() == ClueKind.DIAMETER);
    }

    @Test
    void testReadingInsideTheBandAlwaysSpeaksForTheEnd() {
        // A barb's band is wide and so its density low; that must not be said against it.
        Candidate barb = identifier
                .identify(male(13.9).withBody(Optional.of(Body.BARB)))
                .best()
                .orElseThrow();
        assertThat(barb.speaking(Evidence.Verdict.AGAINST)).isEmpty();
        assertThat(barb.speaking(Evidence.Verdict.FOR)).anyMatch(e -> e.clue() == ClueKind.DIAMETER);
    }

    @Test
    void testOnlyWhereAndWhatItIsOutsideNameNothingYet() {
        Identification answer = identifier.identify(
                Observation.of(Gender.MALE).withBody(Optional.of(Body.FLANGE)).withService(Optional.of("hydraulic")));
        assertThat(answer.standing()).isEqualTo(Identification.Standing.NOTHING_GIVEN);
        assertThat(answer.nextCheck().orElseThrow().says()).isEqualTo("Measure across the flange head.");
    }

    @Test
    void testImpossibleSecondDiameterOrCountCannotBeObserved() {
        assertThatThrownBy(() -> new SecondDiameter(Length.ofMm(20), Length.ZERO))
                .isInstanceOf(IllegalArgumentException.class);
        assertThat(SecondDiameter.read("20.2", UnitSystem.METRIC).refusal()).isPresent();
        assertThat(SecondDiameter.read("20.2 at 0", UnitSystem.METRIC).refusal())
                .isPresent();
        assertThat(SecondDiameter.read("7/8 at 1/2", UnitSystem.INCH)
                        .value()
                        .orElseThrow()
                        .apart())
                .isEqualTo(Length.ofInches(0.5));
        assertThatThrownBy(
                        () -> male(20).withPitchReading(Optional.of(new PitchReading(Pitch.ofMm(1), Optional.of(0)))))
                .isInstanceOf(IllegalArgumentException.class);
    }

    /** 42 and 45 degrees inverted are one seat to the eye: no clue speaks against it and no finding says the looks contradict. */
    @Test
    void testInvertedSeatsOfBothAnglesAreTaken() {
        for (Seat seat : new Seat[] {Seat.INVERTED42, Seat.INVERTED45}) {
            Observation seen = Observation.of(Gender.MALE)
                    .withDiameter(Optional.of(Length.ofMm(11.05)))
                    .withPitch(Optional.of(Pitch.ofPerInch(24)))
                    .withSeat(Optional.of(seat));
            assertThat(best(seen)).as(seat.code()).isEqualTo("INVFLARE 1/4");
            assertThat(new LooksAgree().check(IdentifyCase.of(seen, new Identifier(DATA), DATA)))
                    .as(seat.code())
                    .noneMatch(f -> f.state() == mellowflare.core.advice.State.FAIL);
        }
        assertThat(Seat.INVERTED42.looksLike(Seat.CONE45)).isFalse();
    }
}
