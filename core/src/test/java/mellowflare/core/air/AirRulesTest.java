package mellowflare.core.air;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import mellowflare.core.Samples;
import mellowflare.core.advice.Finding;
import mellowflare.core.advice.MethodTopic;
import mellowflare.core.advice.Practice;
import mellowflare.core.advice.Severity;
import mellowflare.core.advice.State;
import mellowflare.core.air.demand.Use;
import mellowflare.core.air.layout.Outlet;
import mellowflare.core.air.layout.Piece;
import mellowflare.core.air.main.AirMain;
import mellowflare.core.air.main.Plant;
import mellowflare.core.air.rules.AirRules;
import mellowflare.core.air.work.AirCase;
import mellowflare.core.measure.Length;
import mellowflare.core.measure.PressureDifference;
import mellowflare.core.measure.Temperature;
import mellowflare.core.measure.UnitSystem;
import mellowflare.core.measure.Volume;
import mellowflare.core.procedure.MakeLog;
import mellowflare.core.run.walk.TakeOff;
import mellowflare.core.run.walk.Turn;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/** What each rule says, with its figures reckoned by hand. */
class AirRulesTest {
    private static List<Finding> all(AirMain m, Practice p) {
        return AirRules.check(AirCase.of(m, Samples.setting(p, MakeLog.EMPTY, AirSamples.DATA)));
    }

    private static List<Finding> of(AirMain m, String rule) {
        return all(m, Practice.USUAL).stream()
                .filter(f -> f.rule().id().equals(rule))
                .toList();
    }

    private static Finding one(AirMain m, String rule) {
        List<Finding> found = of(m, rule);
        assertThat(found).as(rule).hasSize(1);
        return found.get(0);
    }

    private static String says(AirMain m, String rule) {
        return one(m, rule).says(UnitSystem.METRIC);
    }

    private static AirMain with(Plant p) {
        return AirSamples.small().withPlant(p.withCompressor(Optional.of("s-11")));
    }

    private static AirMain pieces(Piece... pieces) {
        return AirSamples.small().withPieces(List.of(pieces));
    }

    @ParameterizedTest
    @ValueSource(strings = {"pvc", "cpvc", "abs", "unrated"})
    void testPlasticStopsWithItsReason(String id) {
        Finding f = one(AirSamples.small().withSystem(Optional.of(id)), "air.material");
        assertThat(f.stops()).isTrue();
        assertThat(f.says(UnitSystem.METRIC)).contains("for compressed air.").hasSizeGreaterThan(80);
        assertThat(f.remedy(UnitSystem.METRIC)).contains("rated");
    }

    /** Aluminium withstands 13 bar; the two-stage machine goes to 11, polyethylene withstands 10. */
    @Test
    void testPressureOfTheSystemIsHeldAgainstTheReliefValve() {
        AirMain two = AirSamples.small().withPlant(Plant.UNSAID.withCompressor(Optional.of("k-270")));
        assertThat(one(two, "air.pressure").state()).isEqualTo(State.PASS);
        Finding f = one(two.withSystem(Optional.of("pe-air")).withSize(Optional.of("32")), "air.pressure");
        assertThat(f.stops()).isTrue();
        assertThat(f.because(UnitSystem.METRIC)).startsWith("10 bar against 12 bar");
    }

    /** Air of 20 degrees leaves the two-stage machine 50 warmer: 70 degrees, and polyethylene withstands 40. */
    @Test
    void testWarmthOfTheAirIsHeldAgainstTheSystem() {
        AirMain two = AirSamples.small()
                .withPlant(Plant.UNSAID.withCompressor(Optional.of("k-270")))
                .withSystem(Optional.of("pe-air"))
                .withSize(Optional.of("32"));
        Finding f = one(two, "air.warmth-stop");
        assertThat(f.stops()).isTrue();
        assertThat(f.because(UnitSystem.METRIC)).startsWith("70 °C against 40 °C");
        assertThat(one(two.withShop(two.shop().withAir(Temperature.ofCelsius(-12))), "air.warmth-stop")
                        .state())
                .isEqualTo(State.PASS);
    }

    /** 84 dB(A) at a metre, 15 less through a closet, 12 less over four metres: 57; in the shop 72 at four metres, 84 beside it. */
    @ParameterizedTest
    @CsvSource({"CLOSET,4,PASS,57 dB", "SHOP,4,PASS,72 dB", "SHOP,1,FAIL,84 dB", "OUTSIDE,1,PASS,59 dB"})
    void testNoiseFallsWithDistanceAndWalls(String place, double metres, State state, String level) {
        AirMain m = AirSamples.small()
                .withPlant(Plant.UNSAID
                        .withCompressor(Optional.of("k-200"))
                        .withPlace(Plant.Place.valueOf(place))
                        .withToEars(Optional.of(Length.ofMm(metres * 1000))));
        Finding f = one(m, "air.noise");
        assertThat(f.state()).isEqualTo(state);
        assertThat(f.says(UnitSystem.METRIC)).contains(level);
    }

    /** 11 kW warm 3 284 m3/h of air by 10 K: P x 3600 / (1.2 x 1.005 x 10). */
    @Test
    void testAClosetNeedsCoolAir() {
        Finding f = one(with(Plant.UNSAID.withPlace(Plant.Place.CLOSET).withFreshAir(Optional.of(false))), "air.heat");
        assertThat(f.says(UnitSystem.METRIC)).contains("11 kW");
        assertThat(f.remedy(UnitSystem.METRIC)).contains("3284 m³/h");
        assertThat(one(with(Plant.UNSAID.withPlace(Plant.Place.CLOSET)), "air.heat")
                        .state())
                .isEqualTo(State.NOT_CHECKED);
        assertThat(one(with(Plant.UNSAID.withPlace(Plant.Place.SHOP).withDrain(Optional.of(false))), "air.drain-reach")
                        .state())
                .isEqualTo(State.FAIL);
    }

    /** 500 L x 1.5 bar are 750 L; 341 L/min drawn, 1 359 left over while it runs: 60 / (750/341 + 750/1359) = 22 starts an hour, 12 are borne. */
    @Test
    void testStartsFollowFromReceiverAndUse() {
        Finding f = one(AirSamples.small(), "air.starts");
        assertThat(f.says(UnitSystem.METRIC)).contains("22 times an hour").contains("12");
        assertThat(f.state()).isEqualTo(State.FAIL);
        AirMain more = AirSamples.small().insert(4, new Piece.Tank("store", Volume.ofLitres(900)));
        assertThat(one(more, "air.starts").state()).isEqualTo(State.PASS);
    }

    /** A machine that never catches up never starts again: that is said of what it delivers, not of its starts. */
    @Test
    void testTooSmallACompressorStopsByWhatItDelivers() {
        AirMain m = AirSamples.ring().withPlant(Plant.UNSAID.withCompressor(Optional.of("k-24")));
        assertThat(one(m, "air.delivers").stops()).isTrue();
        assertThat(says(m, "air.starts")).contains("0 times an hour");
        assertThat(one(m, "air.receiver").says(UnitSystem.METRIC)).contains("the 24 L receiver covers it for 0 s");
    }

    /** EN 1254-1: soft solder on 54 mm at 105 C withstands 16 - (16 - 10) x 40 / 45 = 10.67 bar, said as 10; the relief valve opens at 11. */
    @Test
    void testSolderedJointsAreHeldToTheWarmthOfTheAir() {
        AirMain copper = AirSamples.small()
                .withSystem(Optional.of("copper"))
                .withSize(Optional.of("54"))
                .withDropSize(Optional.of("22"))
                .withPlant(Plant.UNSAID.withCompressor(Optional.of("k-50")));
        assertThat(one(copper, "air.solder").state()).isEqualTo(State.PASS);
        AirMain hot = copper.withShop(copper.shop().withAir(Temperature.ofCelsius(50)));
        assertThat(one(hot, "air.solder").severity()).isEqualTo(Severity.WARN);
        assertThat(says(hot, "air.solder"))
                .contains(
                        "Soft-soldered joints of 54 mm are too weak: rated to 10 bar at 105 °C, and the compressor can put 11 bar on them.")
                .contains("11 bar");
        assertThat(of(AirSamples.small(), "air.solder")).isEmpty();
    }

    @Test
    void testWideToolHosesAskForAFlowFuseAndADeadMansHandle() {
        assertThat(one(AirSamples.small(), "air.whip").state()).isEqualTo(State.PASS);
        List<Piece> blast = new ArrayList<>(AirSamples.small().pieces());
        blast.add(AirSamples.drop("shed", 2, "Tobbe", "blast-8", "blow-gun"));
        AirMain m = AirSamples.small().withPieces(blast);
        assertThat(says(m, "air.whip")).contains("blast pot with 8 mm nozzle").contains("32 mm");
        assertThat(one(m, "air.whip").remedy(UnitSystem.METRIC)).contains("flow fuse", "dead-man");
    }

    @Test
    void testTheHoseIsAskedOfEveryCompressor() {
        List<Piece> bare = new ArrayList<>(AirSamples.small().pieces());
        bare.remove(0);
        bare.add(3, new Piece.Feed("second", "s-7"));
        assertThat(of(AirSamples.small().withPieces(bare), "air.hose"))
                .hasSize(2)
                .allMatch(f -> f.state() == State.FAIL);
        assertThat(one(AirSamples.small(), "air.hose").state()).isEqualTo(State.PASS);
    }

    @Test
    void testADropOffTheSideOrBelowIsNamed() {
        List<Piece> p = new ArrayList<>(AirSamples.small().pieces());
        p.set(
                4,
                new Piece.Drop(
                        "bench", Length.ofMm(1600), Optional.empty(), TakeOff.SIDE, Optional.empty(), Outlet.BARE));
        AirMain m = AirSamples.small().withPieces(p);
        assertThat(says(m, "air.drop-top"))
                .isEqualTo("Drop “bench” leaves the main at its side: water runs into it with the air.");
        assertThat(says(m, "air.drop-leg")).isEqualTo("Drop “bench” has no drip leg below its outlet.");
    }

    @Test
    void testARiserWithoutALegIsNamed() {
        List<Piece> p = new ArrayList<>(AirSamples.small().pieces());
        p.remove(1);
        assertThat(says(AirSamples.small().withPieces(p), "air.riser"))
                .startsWith("The first riser, “riser”, has no drip leg");
    }

    /** 16 m of aluminium over 30 K: 16 000 x 23.8e-6 x 30 = 11.4 mm. */
    @Test
    void testALongRunGrows() {
        assertThat(says(AirSamples.ring(), "air.grows"))
                .isEqualTo("“m4” is 16 m long and expands by 11.42 mm over 30 K.");
    }

    /** A drop of 60 mm leaves 42 between two fittings that take 54 in size 20. */
    @Test
    void testAPieceTooShortForItsFittingsStops() {
        AirMain m = pieces(
                AirSamples.hose("flex", Turn.AHEAD, 0.6),
                AirSamples.pipe("main", Turn.AHEAD, 3),
                AirSamples.drop("stub", 0.06, "me", "stapler"),
                new Piece.Cap("end"));
        Finding f = of(m, "air.piece-short").stream()
                .filter(x -> x.says(UnitSystem.METRIC).startsWith("“stub”"))
                .findFirst()
                .orElseThrow();
        assertThat(f.stops()).isTrue();
        assertThat(f.says(UnitSystem.METRIC))
                .contains("“stub” is too short: 28 mm between two fittings, and the two take 54 mm of pipe.");
    }

    @Test
    void testAMainOutsideTheRoomIsNamedWithItsPlace() {
        AirMain m = AirSamples.small()
                .withShop(AirSamples.small()
                        .shop()
                        .withSize(
                                Optional.of(Length.ofMm(10_000)),
                                Optional.of(Length.ofMm(5000)),
                                Optional.of(Length.ofMm(4000))));
        assertThat(of(m, "air.room"))
                .isNotEmpty()
                .anyMatch(f -> f.says(UnitSystem.METRIC).contains("13.4 m along the long wall"));
    }

    /** The tool gets what is left: cut-in 7.5 less what dryer and filters take. */
    @Test
    void testWhatDryerAndFiltersTakeIsMissingAtTheTool() {
        double before = AirSamples.of(AirSamples.small()).together().margin().bar();
        AirMain m = AirSamples.small().withPlant(AirSamples.small().plant().withLost(PressureDifference.ofBar(1.2)));
        double after = AirSamples.of(m).together().margin().bar();
        assertThat(before - after).isBetween(1.2, 1.25);
        Finding f = of(m, "air.tool-pressure-near").get(0);
        assertThat(f.severity()).isEqualTo(Severity.WARN);
        assertThat(f.state()).isEqualTo(State.FAIL);
        assertThat(f.says(UnitSystem.METRIC))
                .startsWith(
                        "The impact wrench, half-inch drive at door gets 6.1 bar, 6.2 bar needed: 0.121 bar short, less than a gauge can show.")
                .contains("6.2 bar needed", "less than a gauge can show");
        assertThat(f.because(UnitSystem.METRIC)).contains("leaks of 10 % and growth of 20 %");
    }

    /** The compressor starts again at 7.5 bar; with 1.5 bar for dryer and filters 6.0 bar are left, and 6.2 are needed whatever the pipe. */
    @Test
    void testALowCutInIsNotCuredByALargerPipe() {
        AirMain m = AirSamples.small().withPlant(AirSamples.small().plant().withLost(PressureDifference.ofBar(1.5)));
        Finding f = of(m, "air.cut-in").stream()
                .filter(x -> x.state() == State.FAIL)
                .findFirst()
                .orElseThrow();
        assertThat(f.stops()).isTrue();
        assertThat(f.says(UnitSystem.METRIC)).contains("cuts in too low: 7.5 bar leaves 6 bar", "No larger pipe helps");
        assertThat(f.remedy(UnitSystem.METRIC))
                .contains(
                        "Raise the cut-in to at least 8.1 bar if compressor and relief valve allow it, or use a tool that needs less.")
                .doesNotContain("larger pipe");
        assertThat(of(m, "air.tool-pressure")).isEmpty();
    }

    @Test
    void testWhatIsLostInThePipeIsStillCuredThere() {
        AirMain m = AirSamples.small();
        List<Piece> starved = new ArrayList<>(m.pieces());
        starved.replaceAll(p -> p instanceof Piece.Drop d
                ? d.with(
                        d.outlet().withHose(Optional.of(Length.ofMm(40_000))).withHoseBore(Optional.of(Length.ofMm(6))))
                : p);
        Finding f = of(m.withPieces(starved), "air.tool-pressure").get(0);
        assertThat(f.stops()).isTrue();
        assertThat(f.remedy(UnitSystem.METRIC)).contains("larger pipe");
    }

    @Test
    void testSchoolsOfFallChangeWhatIsSaid() {
        AirMain capped = AirSamples.small();
        List<Piece> p = new ArrayList<>(capped.pieces());
        p.set(8, new Piece.Cap("far"));
        capped = capped.withPieces(p);
        assertThat(one(capped, "air.holds-water").severity()).isEqualTo(Severity.WARN);
        Practice back = Practice.USUAL.with(MethodTopic.AIR_FALL, "back");
        assertThat(all(capped, back).stream().filter(f -> f.rule().id().equals("air.holds-water")))
                .allMatch(f -> f.state() == State.PASS);
        Practice level = Practice.USUAL.with(MethodTopic.AIR_FALL, "level");
        assertThat(all(capped, level).stream().filter(f -> f.rule().id().equals("air.level")))
                .allMatch(f -> f.state() == State.FAIL && f.severity() == Severity.NOTE);
    }

    @Test
    void testHoseForAMainIsASchoolOfSmallShopsOnly() {
        AirMain m = AirSamples.small().withSystem(Optional.of("rubber-hose")).withSize(Optional.of("19"));
        assertThat(one(m, "air.hose-main").state()).isEqualTo(State.FAIL);
        assertThat(says(m, "air.hose-main")).contains("die grinder");
        assertThat(says(m, "air.metal")).contains("The air stays warm in rubber air hose");
        List<Piece> p = new ArrayList<>(m.pieces());
        p.set(4, AirSamples.drop("bench", 1.6, "fitter", "stapler"));
        AirMain few = m.withPieces(p);
        assertThat(one(few, "air.hose-main").state()).isEqualTo(State.FAIL);
        assertThat(all(few, Practice.USUAL.with(MethodTopic.AIR_SMALL_SHOP, "hose")).stream()
                        .filter(f -> f.rule().id().equals("air.hose-main")))
                .allMatch(f -> f.state() == State.PASS);
    }

    /** 10 % of 259 L/min, 11 kW for 1 700 L/min (0.108 kWh/m3), 0.30 each: 92 over 1 840 h of work, 440 over the 8 760 h of a year. */
    @Test
    void testLeaksHaveAPrice() {
        assertThat(says(AirSamples.small(), "air.leak-cost"))
                .contains("26 L/min")
                .contains("about 440 a year")
                .contains("they cost 92");
    }

    @Test
    void testLegsDrainedSeldomRunOver() {
        AirMain m = AirSamples.small().withUse(Use.USUAL.withDrainedEvery(30));
        assertThat(of(m, "air.leg-fills")).isNotEmpty().allMatch(f -> f.state() == State.FAIL);
        assertThat(of(m, "air.leg-fills").get(0).says(UnitSystem.METRIC)).contains("drained every 30 days");
    }

    @Test
    void testEveryOpenEndIsNamedByItself() {
        AirMain m = pieces(
                AirSamples.hose("flex", Turn.AHEAD, 0.6),
                AirSamples.pipe("a", Turn.AHEAD, 3),
                AirSamples.pipe("b", Turn.LEFT, 2),
                new Piece.From("from", "a"),
                AirSamples.pipe("c", Turn.RIGHT, 2));
        assertThat(of(m, "air.open-end").stream().map(f -> f.says(UnitSystem.METRIC)))
                .containsExactly("The pipe is open at b.", "The pipe is open at c.");
    }

    @Test
    void testWhatIsMissingIsAskedForAndNothingStops() {
        List<Finding> none = all(AirMain.NEW, Practice.USUAL);
        assertThat(none).noneMatch(Finding::stops);
        assertThat(none.stream().filter(f -> f.state() == State.NOT_CHECKED)).hasSizeGreaterThan(12);
        assertThat(none)
                .allMatch(f -> f.state() != State.NOT_CHECKED || !f.asks().isBlank());
    }
}
