package mellowflare.core.air;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import mellowflare.core.air.demand.Use;
import mellowflare.core.air.layout.Outlet;
import mellowflare.core.air.layout.Piece;
import mellowflare.core.air.main.AirMain;
import mellowflare.core.air.main.Held;
import mellowflare.core.air.main.Making;
import mellowflare.core.air.main.Plant;
import mellowflare.core.air.main.Shop;
import mellowflare.core.air.work.AirCase;
import mellowflare.core.flow.hold.HoldTest;
import mellowflare.core.measure.AbsolutePressure;
import mellowflare.core.measure.FreeAir;
import mellowflare.core.measure.GaugePressure;
import mellowflare.core.measure.Length;
import mellowflare.core.measure.PressureDifference;
import mellowflare.core.measure.Temperature;
import mellowflare.core.measure.Volume;
import mellowflare.core.run.walk.Station;
import mellowflare.core.run.walk.TakeOff;
import mellowflare.core.run.walk.Turn;
import org.assertj.core.api.ThrowableAssert.ThrowingCallable;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** What cannot be is not built, and says why; what can be changes one thing at a time. */
class AirValuesTest {
    private static void refused(String word, ThrowingCallable built) {
        assertThatThrownBy(built).isInstanceOf(IllegalArgumentException.class).hasMessageContaining(word);
    }

    @ParameterizedTest
    @ValueSource(doubles = {-0.01, 1.01, Double.NaN})
    void testSharesLieBetweenNoneAndAll(double share) {
        refused("Humidity", () -> Shop.USUAL.withHumidity(share));
        refused("leak share", () -> Use.USUAL.withLeak(share));
    }

    @Test
    void testUseHasItsLimits() {
        refused("growth", () -> Use.USUAL.withGrowth(3.1));
        refused("Working hours", () -> Use.USUAL.withHours(0));
        refused("Working hours", () -> Use.USUAL.withHours(24.5));
        refused("Working days", () -> Use.USUAL.withDays(367));
        refused("kilowatt-hour", () -> Use.USUAL.withKilowattHour(-1));
        refused("drain interval", () -> Use.USUAL.withDrainedEvery(0));
        assertThat(Use.USUAL.withLeak(0.2).withGrowth(0.5).reserve()).isEqualTo(1.2 * 1.5);
    }

    @Test
    void testPlantAndShopHaveTheirLimits() {
        refused("Dryer", () -> Plant.UNSAID.withLost(PressureDifference.ofBar(6)));
        refused("distance", () -> Plant.UNSAID.withToEars(Optional.of(Length.ZERO)));
        refused("barometer", () -> Shop.USUAL.withBarometer(AbsolutePressure.ofBar(0.3)));
        assertThat(Shop.USUAL.withAir(Temperature.ofCelsius(5)).air().celsius()).isEqualTo(5);
        for (Plant.Place place : Plant.Place.values()) {
            assertThat(Plant.UNSAID.withPlace(place).place().word()).isNotBlank();
        }
    }

    @Test
    void testMakingHasItsLimits() {
        refused("kerf", () -> Making.USUAL.withKerf(Length.ofMm(21)));
        refused("rod", () -> Making.USUAL.withRod(Length.ofMm(10_001)));
        refused("old bar", () -> new Making.OldBar("copper", "22", Length.ZERO, 1));
        refused("old bar", () -> new Making.OldBar("copper", "22", Length.ofMm(10), 0));
        for (Making.Hung h : Making.Hung.values()) {
            assertThat(h.how()).isNotBlank();
            assertThat(h.onRods()).isEqualTo(h.how().contains("rod"));
        }
    }

    @Test
    void testPiecesHaveTheirLimits() {
        Length below = Length.ofMm(-1);
        refused("below zero", () -> new Piece.Pipe("a", Turn.UP, below, Optional.empty()));
        refused("below zero", () -> new Piece.Hose("a", Turn.UP, below, Length.ofMm(10)));
        refused("bore", () -> new Piece.Hose("a", Turn.UP, Length.ofMm(10), Length.ZERO));
        refused("below zero", () -> new Piece.Drain("a", below));
        refused(
                "below zero",
                () -> new Piece.Drop("a", below, Optional.empty(), TakeOff.TOP, Optional.empty(), Outlet.BARE));
        refused("receiver", () -> new Piece.Tank("a", Volume.ofLitres(0)));
        refused("hose", () -> Outlet.BARE.withHose(Optional.of(Length.ZERO)));
        refused("four ways", () -> new Station(Length.ZERO, Length.ZERO, Length.ZERO, 4));
    }

    @Test
    void testAMainHasItsLimits() {
        refused("fall", () -> AirMain.NEW.withFall(50.1));
        refused("fall", () -> AirMain.NEW.withFall(Double.NaN));
        List<Piece> many = IntStream.range(0, AirMain.MOST_PIECES + 1)
                .<Piece>mapToObj(i -> new Piece.Valve("v" + i))
                .toList();
        refused("5000", () -> AirMain.NEW.withPieces(many));
    }

    @Test
    void testReadingsStandInOrderAndAllWithTemperatureOrNone() {
        HoldTest.Reading cold = new HoldTest.Reading(60, GaugePressure.ofBar(7), Optional.of(Temperature.ofCelsius(9)));
        HoldTest.Reading blind = new HoldTest.Reading(120, GaugePressure.ofBar(7), Optional.empty());
        HoldTest.Reading later = new HoldTest.Reading(120, cold.gauge(), cold.air());
        refused("order", () -> Held.NOT_YET.withReadings(List.of(later, cold)));
        refused("temperature", () -> Held.NOT_YET.withReadings(List.of(cold, blind)));
        refused("step", () -> Held.NOT_YET.withGaugeStep(PressureDifference.ofBar(0)));
        refused("seconds", () -> new HoldTest.Reading(Double.NaN, GaugePressure.ofBar(1), Optional.empty()));
        assertThat(cold.minutes()).isEqualTo(1);
    }

    /** Each kind of piece keeps everything but its name. */
    @Test
    void testAPieceIsTheSameUnderAnotherName() {
        for (Piece p : List.of(
                AirSamples.pipe("a", Turn.LEFT, 2),
                AirSamples.hose("a", Turn.UP, 1),
                AirSamples.drop("a", 2, "me", "stapler"),
                new Piece.Drain("a", Length.ofMm(300)),
                new Piece.Valve("a"),
                new Piece.Feed("a", "s-7"),
                new Piece.Tank("a", Volume.ofLitres(90)),
                new Piece.Cap("a"),
                new Piece.From("a", "b"),
                new Piece.Close("a", "b", Optional.of("32")))) {
            assertThat(p.named("z").name()).isEqualTo("z");
            assertThat(p.named("z").named("a")).isEqualTo(p);
        }
    }

    @Test
    void testTurnsOfTheOneWhoWalks() {
        for (int heading = 0; heading < 4; heading++) {
            assertThat(Turn.LEFT.after(Turn.RIGHT.after(heading))).isEqualTo(heading);
            assertThat(Turn.BACK.after(Turn.BACK.after(heading))).isEqualTo(heading);
            assertThat(Turn.UP.after(heading)).isEqualTo(heading);
            assertThat(Turn.AHEAD
                            .way(heading)
                            .plus(Turn.AHEAD.way(Turn.BACK.after(heading)))
                            .length())
                    .isZero();
        }
        assertThat(Turn.UP.level()).isFalse();
        assertThat(Turn.LEFT.level()).isTrue();
    }

    /** A change of system forgets sizes of their own, as they are named otherwise there. */
    @Test
    void testAnotherSystemForgetsSizes() {
        AirMain own = AirSamples.small()
                .insert(9, new Piece.Pipe("own", Turn.UP, Length.ofMm(900), Optional.of("40")))
                .insert(10, new Piece.Close("loop", "riser", Optional.of("40")));
        AirMain other = own.withSystem(Optional.of("copper"));
        assertThat(other.pieces())
                .noneMatch(p -> p instanceof Piece.Pipe x && x.size().isPresent());
        assertThat(other.pieces())
                .noneMatch(p -> p instanceof Piece.Close x && x.size().isPresent());
        assertThat(own.withSystem(Optional.of("ringed-aluminium"))).isSameAs(own);
        assertThat(own.walkedLength().mm()).isEqualTo(2400 + 5000 + 1600 + 7000 + 1800 + 500 + 900);
    }

    /** Rates of a refused, a missing and a sound choice of size. */
    @Test
    void testAMainWithoutSizeHasNoFlowButAWalk() {
        AirCase c = AirSamples.of(AirSamples.small().withSize(Optional.empty()).withDropSize(Optional.empty()));
        assertThat(c.flows()).isFalse();
        assertThat(c.work().orElseThrow().stretches()).isEmpty();
        assertThat(c.pipeLength().mm()).isGreaterThan(15_000);
        assertThat(c.heaviest(5)).isEmpty();
        assertThat(c.oneSizeUp("m1")).isEmpty();
        AirCase gone = AirSamples.of(AirSamples.small().withSize(Optional.of("no such size")));
        assertThat(gone.flows()).isFalse();
    }

    @Test
    void testTheHeaviestPipesComeFirst() {
        AirCase c = AirSamples.of(AirSamples.ring());
        List<Double> drops = c.heaviest(4).stream().map(p -> -p.drop().bar()).toList();
        assertThat(drops).hasSize(4).isSorted();
        assertThat(c.heaviest(50))
                .noneMatch(
                        p -> p.pipe().name().equals("flex") || p.pipe().name().endsWith("hose"));
    }

    @Test
    void testAYearOfALeakCostsByTheMachinesEnergy() {
        AirCase c = AirSamples.of(AirSamples.small());
        // 10 L/min are 5 256 m3 a year; 11 kW for 102 m3/h are 0.1078 kWh/m3; at 0.30 each 170.
        assertThat(c.yearly(FreeAir.ofLitresPerMinute(10)).orElseThrow()).isBetween(169.0, 171.0);
        assertThat(AirSamples.of(AirMain.NEW).yearly(FreeAir.ofLitresPerMinute(10)))
                .isEmpty();
    }
}
