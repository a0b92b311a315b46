package mellowflare.core.identify;

import static mellowflare.core.Samples.DATA;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Optional;
import mellowflare.core.advice.Finding;
import mellowflare.core.advice.State;
import mellowflare.core.connection.End;
import mellowflare.core.connection.EndCode;
import mellowflare.core.connection.EndTable;
import mellowflare.core.connection.Gender;
import mellowflare.core.connection.Seat;
import mellowflare.core.measure.Angle;
import mellowflare.core.measure.Instrument;
import mellowflare.core.measure.Length;
import mellowflare.core.measure.Normal;
import mellowflare.core.measure.UnitSystem;
import mellowflare.core.thread.Pitch;
import mellowflare.core.thread.PitchReading;
import org.junit.jupiter.api.Test;

class IdentifierTest {
    private final Identifier identifier = new Identifier(DATA);

    private static Observation male(double mm) {
        return Observation.of(Gender.MALE).withDiameter(Optional.of(Length.ofMm(mm)));
    }

    private static Observation pitch(Observation o, double perInch) {
        return o.withPitch(Optional.of(Pitch.ofPerInch(perInch)));
    }

    private String best(Observation seen) {
        Identification answer = identifier.identify(seen);
        return answer.standing() == Identification.Standing.NOTHING_FITS
                ? "nothing"
                : answer.best().orElseThrow().end().brief();
    }

    @Test
    void testRankingAloneSaysTheSameAsTheWholeAnswer() {
        for (Observation seen : List.of(
                pitch(male(14.2), 18),
                pitch(male(21.2), 14).withWorn(true),
                male(3.3),
                Observation.of(Gender.FEMALE))) {
            Identification whole = identifier.identify(seen);
            Identification ranked = identifier.rank(seen);
            assertThat(ranked.unknownProbability()).isEqualTo(whole.unknownProbability());
            assertThat(ranked.standing()).isEqualTo(whole.standing());
            assertThat(ranked.candidates())
                    .usingRecursiveComparison()
                    .ignoringFields("evidence", "lookAlikes")
                    .isEqualTo(whole.candidates());
        }
    }

    @Test
    void testPartsFromTheBenchAreNamed() {
        assertThat(best(pitch(male(14.2), 18).withRing(Optional.of(RingSeen.THREAD_BASE))))
                .isEqualTo("ORB -6");
        assertThat(best(pitch(male(14.2), 18).withSeat(Optional.of(Seat.CONE37))))
                .isEqualTo("JIC37 -6");
        assertThat(best(pitch(male(21.2), 14)
                        .withTaper(Optional.of(TaperSeen.TAPERED))
                        .withFlank(Optional.of(FlankSeen.DEG60))))
                .isEqualTo("NPT 1/2");
        assertThat(best(pitch(male(21.2), 14)
                        .withTaper(Optional.of(TaperSeen.TAPERED))
                        .withFlank(Optional.of(FlankSeen.DEG55))))
                .isEqualTo("BSPT 1/2");
        assertThat(best(pitch(male(20.9), 14).withTaper(Optional.of(TaperSeen.PARALLEL))))
                .isEqualTo("BSPP 1/2");
        assertThat(best(pitch(male(13.1), 19).withTaper(Optional.of(TaperSeen.PARALLEL))))
                .isEqualTo("BSPP 1/4");
        assertThat(best(pitch(male(33.1), 12).withRing(Optional.of(RingSeen.THREAD_BASE))))
                .isEqualTo("ORB -16");
        assertThat(best(pitch(male(33.1), 11).withTaper(Optional.of(TaperSeen.PARALLEL))))
                .isEqualTo("BSPP 1");
        Observation female = Observation.of(Gender.FEMALE).withDiameter(Optional.of(Length.ofMm(17.5)));
        assertThat(best(pitch(female, 16).withSeat(Optional.of(Seat.PORT_ORING))))
                .isEqualTo("ORB -8");
    }

    @Test
    void testPosteriorSumsToOneWithTheUnknown() {
        Identification answer = identifier.identify(pitch(male(14.2), 18));
        double sum = answer.unknownProbability()
                + answer.candidates().stream()
                        .mapToDouble(Candidate::probability)
                        .sum();
        assertThat(sum).isCloseTo(1, within(1e-3));
        assertThat(answer.candidates()).isSortedAccordingTo((a, b) -> Double.compare(b.probability(), a.probability()));
    }

    @Test
    void testPartInNoTableIsCalledSo() {
        Observation strange = male(29.0).withPitch(Optional.of(Pitch.ofMm(3)));
        assertThat(identifier.identify(strange).standing()).isEqualTo(Identification.Standing.NOTHING_FITS);
        assertThat(best(strange)).isEqualTo("nothing");
    }

    @Test
    void testNothingGivenAsksForTheDiameterFirst() {
        Identification answer = identifier.identify(Observation.of(Gender.MALE));
        assertThat(answer.standing()).isEqualTo(Identification.Standing.NOTHING_GIVEN);
        assertThat(answer.nextCheck().orElseThrow().clue()).isEqualTo(ClueKind.DIAMETER);
    }

    @Test
    void testSeatIsTheNextCheckBetweenBossAndFlare() {
        NextCheck next = identifier
                .identify(pitch(male(14.2), 18).withTaper(Optional.of(TaperSeen.PARALLEL)))
                .nextCheck()
                .orElseThrow();
        assertThat(next.clue()).isIn(ClueKind.SEAT, ClueKind.RING);
        assertThat(next.bits()).isGreaterThan(0.3);
        assertThat(next.outcomes()).extracting(NextCheck.Outcome::then).contains("JIC37 -6", "ORB -6");
    }

    @Test
    void testFlankIsTheNextCheckBetweenTaperTwins() {
        NextCheck next = identifier
                .identify(pitch(male(21.2), 14)
                        .withTaper(Optional.of(TaperSeen.TAPERED))
                        .withSeat(Optional.of(Seat.NONE))
                        .withRing(Optional.of(RingSeen.NONE)))
                .nextCheck()
                .orElseThrow();
        assertThat(next.clue()).isEqualTo(ClueKind.FLANK);
        assertThat(next.says()).contains("55").contains("60");
    }

    @Test
    void testWornMaleReadingSmallKeepsItsEnd() {
        Observation small = pitch(male(13.75), 18).withSeat(Optional.of(Seat.CONE37));
        double sound = share(small, EndCode.JIC37);
        double worn = share(small.withWorn(true), EndCode.JIC37);
        assertThat(worn).isGreaterThan(sound).isGreaterThan(0.9);
        assertThat(best(small.withWorn(true))).isEqualTo("JIC37 -6");
    }

    private double share(Observation seen, EndCode code) {
        return identifier.identify(seen).candidates().stream()
                .filter(c -> c.end().id().code() == code)
                .mapToDouble(Candidate::probability)
                .sum();
    }

    @Test
    void testMissingRingProvesLittle() {
        Observation flat = pitch(male(14.2), 18).withTaper(Optional.of(TaperSeen.PARALLEL));
        double unseen = share(flat, EndCode.ORB);
        double missing = share(flat.withRing(Optional.of(RingSeen.NONE)), EndCode.ORB);
        assertThat(missing).isLessThan(unseen).isGreaterThan(0.05);
    }

    @Test
    void testByEyeLeavesMoreOpenThanACaliper() {
        Observation caliper = male(14.2);
        double sure = identifier.identify(caliper).best().orElseThrow().probability();
        double guess = identifier
                .identify(caliper.withInstrument(Instrument.EYE))
                .best()
                .orElseThrow()
                .probability();
        assertThat(guess).isLessThan(sure);
    }

    @Test
    void testSeatAngleCountsHalfOrIncluded() {
        Observation thread = pitch(male(14.2), 18);
        assertThat(best(thread.withSeatAngle(Optional.of(Angle.ofDegrees(37))))).isEqualTo("JIC37 -6");
        assertThat(best(thread.withSeatAngle(Optional.of(Angle.ofDegrees(74))))).isEqualTo("JIC37 -6");
    }

    @Test
    void testServiceIsAGentlePriorOnly() {
        Observation seen = pitch(male(21.1), 14).withTaper(Optional.of(TaperSeen.TAPERED));
        assertThat(identifier
                        .identify(seen.withService(Optional.of("fuel")))
                        .best()
                        .orElseThrow()
                        .end()
                        .id()
                        .code())
                .isEqualTo(EndCode.NPT);
        assertThat(share(seen.withService(Optional.of("fuel")), EndCode.BSPT)).isGreaterThan(0.005);
    }

    @Test
    void testReasonsSpeakForAndAgainstInWords() {
        Identification answer = identifier.identify(pitch(male(14.2), 18).withRing(Optional.of(RingSeen.THREAD_BASE)));
        List<String> reasons = answer.best().orElseThrow().speaking(Evidence.Verdict.FOR).stream()
                .map(e -> e.says(UnitSystem.METRIC))
                .toList();
        assertThat(reasons).anySatisfy(r -> assertThat(r).contains("14.2 mm").contains("14.03 mm to 14.25 mm"));
        Candidate flare = answer.candidates().stream()
                .filter(c -> c.end().id().code() == EndCode.JIC37)
                .findFirst()
                .orElseThrow();
        assertThat(flare.speaking(Evidence.Verdict.AGAINST))
                .anySatisfy(e -> assertThat(e.says(UnitSystem.METRIC)).contains("ring at the foot"));
    }

    private Finding finding(String rule, Observation seen) {
        return IdentifyCase.of(seen, identifier, DATA).findings().stream()
                .peek(f -> assertThat(f.says(UnitSystem.INCH) + f.because(UnitSystem.INCH) + f.remedy(UnitSystem.INCH))
                        .as("every finding can be written, whatever its state")
                        .doesNotContain("{"))
                .filter(f -> f.rule().id().startsWith(rule))
                .findFirst()
                .orElseThrow();
    }

    @Test
    void testSettledRuleNeverPassesAGuessOn() {
        assertThat(finding("end.settled", male(14.2)).state()).isEqualTo(State.FAIL);
        Observation sure = pitch(male(14.2), 18).withSeat(Optional.of(Seat.CONE37));
        assertThat(finding("end.settled", sure).state()).isEqualTo(State.PASS);
        assertThat(finding("end.settled", Observation.of(Gender.MALE)).state()).isEqualTo(State.NOT_CHECKED);
        Observation strange = male(29).withPitch(Optional.of(Pitch.ofMm(3)));
        assertThat(finding("end.nothing-fits", strange).says(UnitSystem.METRIC))
                .startsWith("Nothing in the tables fits well");
    }

    @Test
    void testInchFigureTypedAsMillimetresIsOfferedTheOtherWay() {
        Observation slip = pitch(male(0.559), 18);
        Finding f = finding("end.unit-slip", slip);
        assertThat(f.state()).isEqualTo(State.FAIL);
        assertThat(f.says(UnitSystem.METRIC))
                .isEqualTo("0.56 mm fits no end, but 14.2 mm fits JIC37 -6 male: did you mean the other unit?");
        assertThat(finding("end.unit-slip", pitch(male(14.2), 18)).state()).isEqualTo(State.PASS);
        Observation strange = male(29).withPitch(Optional.of(Pitch.ofMm(3)));
        assertThat(finding("end.unit-slip", strange).state()).isEqualTo(State.PASS);
        assertThat(finding("end.unit-slip", Observation.of(Gender.MALE)).state())
                .isEqualTo(State.NOT_CHECKED);
    }

    @Test
    void testLooksThatNoEndShowsTogetherAreSaid() {
        Observation odd =
                pitch(male(21.2), 14).withTaper(Optional.of(TaperSeen.TAPERED)).withSeat(Optional.of(Seat.FACE_ORING));
        assertThat(finding("end.looks-agree", odd).says(UnitSystem.METRIC))
                .isEqualTo("A tapered thread and ring in a flat face: no end in the tables has both.");
        Observation sound = odd.withSeat(Optional.of(Seat.NONE));
        assertThat(finding("end.looks-agree", sound).state()).isEqualTo(State.PASS);
    }

    @Test
    void testImpossibleDiameterCannotBeObserved() {
        assertThatThrownBy(() -> male(0)).isInstanceOf(IllegalArgumentException.class);
        assertThatThrownBy(() -> male(401)).isInstanceOf(IllegalArgumentException.class);
        assertThat(Observation.isDiameter(Length.ofMm(400))).isTrue();
    }

    @Test
    void testChancesOfEveryOutcomeSumToOneOnEveryEnd() {
        List<OutcomeClue<?>> clues = List.of(new SeatClue(), new RingClue(), new TaperClue(), new FlankClue());
        for (End end : DATA.get(EndTable.KEY).all()) {
            for (OutcomeClue<?> clue : clues) {
                assertThat(sum(clue, end))
                        .as(clue.kind() + " on " + end.brief())
                        .isCloseTo(1, within(1e-9));
            }
        }
    }

    private static <T> double sum(OutcomeClue<T> clue, End end) {
        return clue.outcomes(end.gender()).stream()
                .mapToDouble(o -> clue.chance(o, end))
                .sum();
    }

    @Test
    void testDiameterLikelihoodIsADensity() {
        DiameterClue clue = new DiameterClue();
        End end = DATA.get(EndTable.KEY)
                .find(new mellowflare.core.connection.EndId(EndCode.JIC37, "-8", Gender.MALE))
                .orElseThrow();
        for (boolean worn : new boolean[] {false, true}) {
            double sum = 0;
            for (double x = 10; x < 30; x += 0.001) {
                sum += clue.likelihood(male(x).withWorn(worn), end) * 0.001;
            }
            assertThat(sum).isCloseTo(1, within(0.001));
        }
    }

    @Test
    void testNormalDistributionAgainstTheTable() {
        assertThat(Normal.below(0)).isCloseTo(0.5, within(1e-7));
        assertThat(Normal.below(1.96)).isCloseTo(0.9750021, within(1e-6));
        assertThat(Normal.below(-1)).isCloseTo(0.1586553, within(1e-6));
    }

    private List<String> warnings(Observation seen) {
        return IdentifyCase.of(seen, identifier, DATA).findings().stream()
                .filter(f -> f.state() == State.FAIL)
                .map(f -> f.says(UnitSystem.METRIC) + " " + f.remedy(UnitSystem.METRIC))
                .toList();
    }

    @Test
    void testPitchThatNoGaugeHasIsSaidWithTheLeavesNextToIt() {
        assertThat(warnings(pitch(male(14.2), 17)))
                .anySatisfy(w -> assertThat(w)
                        .startsWith(
                                "No thread gauge has a leaf of 17 per inch. Try 16 per inch and 18 per inch again"));
        assertThat(warnings(pitch(male(14.2), 18))).noneMatch(w -> w.contains("No gauge"));
        Observation counted = male(14.2)
                .withPitchReading(
                        PitchReading.read("10 over 14.9 mm", UnitSystem.METRIC).value());
        assertThat(warnings(counted)).as("a count may come to anything").noneMatch(w -> w.contains("No gauge"));
    }

    @Test
    void testReadingsAreSaidInWords() {
        Observation seen = pitch(male(14.2), 18)
                .withSeat(Optional.of(Seat.CONE37))
                .withHex(Optional.of(Length.ofMm(17.5)))
                .withService(Optional.of("hydraulic"))
                .withWorn(true);
        assertThat(ObservationWords.readings(seen, UnitSystem.METRIC))
                .containsExactly(
                        "14.2 mm over the crests (caliper)", "18 per inch", "hex 17.5 mm", "found on hydraulic");
        assertThat(ObservationWords.looks(seen)).containsExactly("male", "37° cone", "worn");
    }

    /** Known threads with a seat or a hand that no table holds: none of these may be called by the name of what merely shares the thread. */
    @Test
    void testContradictedThreadIsUnknownAndNeverSettled() {
        Observation brake = Observation.of(Gender.MALE)
                .withDiameter(Optional.of(Length.ofMm(13.88)))
                .withPitch(Optional.of(Pitch.ofMm(1.5)))
                .withSeat(Optional.of(Seat.TUBE_ORING))
                .withService(Optional.of("brake"))
                .withMachine(Optional.of("car"));
        assertThat(identifier.identify(brake).standing()).isEqualTo(Identification.Standing.NOTHING_FITS);
        Observation left = Observation.of(Gender.MALE)
                .withDiameter(Optional.of(Length.ofMm(13.05)))
                .withPitch(Optional.of(Pitch.ofPerInch(19)))
                .withHand(Optional.of(HandSeen.LEFT))
                .withService(Optional.of("gas"));
        Identification gas = identifier.identify(left);
        assertThat(gas.best().filter(b -> !b.end().leftHand() && b.probability() > 0.5))
                .isEmpty();
        assertThat(gas.standing()).isNotEqualTo(Identification.Standing.SETTLED);
    }

    @Test
    void testLostRingIsCountedOnceAndDoesNotTurnABossIntoAFlare() {
        Observation lost = Observation.of(Gender.MALE)
                .withDiameter(Optional.of(Length.ofMm(33.2)))
                .withPitch(Optional.of(Pitch.ofPerInch(12)))
                .withTaper(Optional.of(TaperSeen.PARALLEL))
                .withSeat(Optional.of(Seat.NONE))
                .withRing(Optional.of(RingSeen.NONE));
        assertThat(identifier.identify(lost).best().orElseThrow().end().id().code())
                .isEqualTo(EndCode.ORB);
    }

    @Test
    void testNothingIsSettledOnBrakeGasOrRefrigerantBeforeTheSeatWasSeen() {
        for (String service : new String[] {"brake", "gas", "refrigerant"}) {
            for (double mm : new double[] {9.47, 12.63, 15.81, 19.0, 20.9}) {
                Observation seen = Observation.of(Gender.MALE)
                        .withDiameter(Optional.of(Length.ofMm(mm)))
                        .withPitch(Optional.of(
                                Pitch.ofPerInch(mm > 20 ? 14 : mm > 18 ? 16 : mm > 15 ? 18 : mm > 12 ? 20 : 24)))
                        .withHand(Optional.of(HandSeen.RIGHT))
                        .withTaper(Optional.of(TaperSeen.PARALLEL))
                        .withService(Optional.of(service));
                assertThat(identifier.identify(seen).standing())
                        .as(service + " " + mm)
                        .isNotEqualTo(Identification.Standing.SETTLED);
            }
        }
    }

    @Test
    void testRareGasEndDoesNotBeatBspInHydraulics() {
        for (double mm : new double[] {16.5, 20.8, 22.8, 26.3}) {
            Observation seen = Observation.of(Gender.MALE)
                    .withDiameter(Optional.of(Length.ofMm(mm)))
                    .withPitch(Optional.of(Pitch.ofPerInch(mm < 17 ? 19 : 14)))
                    .withTaper(Optional.of(TaperSeen.PARALLEL))
                    .withService(Optional.of("hydraulic"));
            assertThat(identifier.identify(seen).best().orElseThrow().end().id().code())
                    .as(mm + " mm")
                    .isEqualTo(EndCode.BSPP);
        }
    }

    @Test
    void testReasonsSayOnlyWhatIsSo() {
        Observation worn = Observation.of(Gender.MALE)
                .withDiameter(Optional.of(Length.ofMm(18.62)))
                .withPitch(Optional.of(Pitch.ofPerInch(16)))
                .withSeat(Optional.of(Seat.CONE37))
                .withWorn(true);
        var best = identifier.identify(worn).best().orElseThrow();
        assertThat(best.end().across().orElseThrow().holds(Length.ofMm(18.62))).isFalse();
        assertThat(best.evidence())
                .filteredOn(e -> e.clue() == ClueKind.DIAMETER)
                .allSatisfy(e -> assertThat(e.says(UnitSystem.METRIC))
                        .doesNotContain(" fits the ")
                        .contains("outside"));
    }
}
