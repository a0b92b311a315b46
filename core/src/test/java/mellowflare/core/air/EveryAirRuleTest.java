package mellowflare.core.air;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import mellowflare.core.Samples;
import mellowflare.core.Stands;
import mellowflare.core.advice.Finding;
import mellowflare.core.advice.MethodTopic;
import mellowflare.core.advice.Practice;
import mellowflare.core.advice.State;
import mellowflare.core.air.demand.Use;
import mellowflare.core.air.layout.Outlet;
import mellowflare.core.air.layout.Piece;
import mellowflare.core.air.main.AirMain;
import mellowflare.core.air.main.Held;
import mellowflare.core.air.main.Making;
import mellowflare.core.air.main.Plant;
import mellowflare.core.air.work.AirCase;
import mellowflare.core.flow.hold.HoldTest;
import mellowflare.core.measure.GaugePressure;
import mellowflare.core.measure.Length;
import mellowflare.core.measure.PressureDifference;
import mellowflare.core.measure.Temperature;
import mellowflare.core.measure.UnitSystem;
import mellowflare.core.procedure.MakeLog;
import mellowflare.core.run.walk.TakeOff;
import mellowflare.core.run.walk.Turn;
import org.junit.jupiter.api.Test;

/** Sweeps mains good, odd and bad: no sentence lacks a figure, and every rule is seen to pass and to fail. */
class EveryAirRuleTest {
    private static List<AirMain> mains() {
        AirMain small = AirSamples.small();
        AirMain ring = AirSamples.ring();
        List<AirMain> all = new ArrayList<>(List.of(AirMain.NEW, small, ring));
        for (String system :
                List.of("pvc", "abs", "nylon", "pe-air", "rubber-hose", "steel-thread", "copper", "gone")) {
            all.add(small.withSystem(Optional.of(system)));
        }
        all.add(small.withSystem(Optional.of("rubber-hose")).withSize(Optional.of("13")));
        all.add(small.withSystem(Optional.of("pe-air"))
                .withSize(Optional.of("25"))
                .withPlant(small.plant().withCompressor(Optional.of("k-270"))));
        all.add(small.withShop(small.shop()
                .withSize(
                        Optional.of(Length.ofMm(20_000)),
                        Optional.of(Length.ofMm(9000)),
                        Optional.of(Length.ofMm(4000)))));
        all.add(small.withShop(small.shop()
                .withSize(
                        Optional.of(Length.ofMm(8000)), Optional.of(Length.ofMm(9000)), Optional.of(Length.ofMm(4000)))
                .withHumidity(0.95)
                .withAir(Temperature.ofCelsius(32))));
        for (Plant.Place place : Plant.Place.values()) {
            Plant p = small.plant().withPlace(place);
            all.add(small.withPlant(p));
            all.add(small.withPlant(p.withToEars(Optional.of(Length.ofMm(1500)))
                    .withFreshAir(Optional.of(false))
                    .withDrain(Optional.of(false))
                    .withCompressor(Optional.of("k-24"))));
            all.add(small.withPlant(p.withToEars(Optional.of(Length.ofMm(9000)))
                    .withFreshAir(Optional.of(true))
                    .withDrain(Optional.of(true))));
        }
        all.add(ring.withPlant(small.plant().withCompressor(Optional.of("s-37"))));
        all.add(ring.withFall(0));
        all.add(ring.withSize(Optional.of("63")));
        all.add(small.withSize(Optional.of("20")).withUse(Use.USUAL.withDrainedEvery(30)));
        List<Piece> bad = new ArrayList<>(small.pieces());
        bad.remove(0);
        bad.remove(0);
        Piece.Drop d = (Piece.Drop) AirSamples.drop("under", 1, "", "blast-8", "stapler");
        bad.add(new Piece.Drop("under", d.down(), d.size(), TakeOff.BELOW, Optional.empty(), Outlet.BARE));
        bad.add(new Piece.Drop("side", d.down(), d.size(), TakeOff.SIDE, Optional.empty(), d.outlet()));
        bad.add(new Piece.From("", "nowhere"));
        bad.add(new Piece.Close("slant", "bench", Optional.empty()));
        bad.add(new Piece.Close("same", "m3", Optional.empty()));
        bad.add(AirSamples.pipe("m1", Turn.LEFT, 2));
        bad.add(AirSamples.pipe("nothing", Turn.LEFT, 0));
        bad.add(AirSamples.pipe("short", Turn.LEFT, 0.05));
        bad.add(new Piece.Feed("more", "s-7"));
        bad.add(new Piece.Feed("more2", "s-7"));
        bad.add(AirSamples.pipe("open", Turn.UP, 30));
        all.add(small.withPieces(bad));
        Piece tight = new Piece.Drop(
                "far tap",
                Length.ofMm(1500),
                Optional.empty(),
                TakeOff.TOP,
                Optional.empty(),
                new Outlet(
                        List.of("blast-8"),
                        Optional.empty(),
                        Optional.of(Length.ofMm(40_000)),
                        Optional.of(Length.ofMm(6)),
                        true));
        List<Piece> starved = new ArrayList<>(small.pieces());
        starved.add(4, tight);
        all.add(small.withPieces(starved));
        for (double lost : new double[] {1.2, 1.5}) {
            all.add(small.withPlant(small.plant().withLost(PressureDifference.ofBar(lost))));
        }
        AirMain black = small.withSystem(Optional.of("steel-black")).withSize(Optional.of("1/2"));
        all.add(black.withMaking(black.making().withNipples(true)));
        // By hand: 4 in of nipple between two elbows of 15.748 mm each, whole and then half way to the next one.
        for (double mm : new double[] {101.6 + 2 * 15.748, 101.6 + 6 + 2 * 15.748}) {
            all.add(black.withPieces(List.of(
                            AirSamples.pipe("far", Turn.AHEAD, 4),
                            AirSamples.pipe("nip", Turn.LEFT, mm / 1000),
                            AirSamples.pipe("on", Turn.RIGHT, 4),
                            new Piece.Cap("end")))
                    .withMaking(black.making().withNipples(true).withHung(Making.Hung.CEILING)));
        }
        all.add(AirSamples.comb(120));
        for (double drop : new double[] {0, 0.004, 3}) {
            all.add(small.withHeld(Held.NOT_YET
                    .withReadings(List.of(
                            new HoldTest.Reading(0, GaugePressure.ofBar(8), Optional.empty()),
                            new HoldTest.Reading(
                                    drop > 1 ? 60 : 7200, GaugePressure.ofBar(8 - drop), Optional.empty())))
                    .withReceiver(drop < 1)));
        }
        all.add(small.withHeld(Held.NOT_YET
                .withReadings(List.of(
                        new HoldTest.Reading(0, GaugePressure.ofBar(8), Optional.empty()),
                        new HoldTest.Reading(5, GaugePressure.ofBar(8), Optional.empty())))
                .withReceiver(true)));
        return all;
    }

    @Test
    void testPlansStandAsTheyWereLookedThrough() {
        Stands.as(
                getClass(),
                "plans.txt",
                Stands.apart(mains().stream()
                        .map(m -> Stands.plan(AirPlan.of(AirSamples.of(m))))
                        .toList()));
    }

    @Test
    void testEveryRuleSpeaksPassesAndFailsAndLacksNoFigure() {
        Map<String, Set<State>> seen = new HashMap<>();
        Practice hose = Practice.USUAL
                .with(MethodTopic.AIR_SMALL_SHOP, "hose")
                .with(MethodTopic.AIR_FALL, "back")
                .with(MethodTopic.AIR_DEMAND, "table");
        Practice level = Practice.USUAL.with(MethodTopic.AIR_FALL, "level");
        List<AirMain> mains = new ArrayList<>(mains());
        mains.add(AirSamples.small()
                .withPieces(List.of(
                        AirSamples.hose("flex", Turn.AHEAD, 1),
                        AirSamples.pipe("m", Turn.AHEAD, 4),
                        AirSamples.drop("tap", 1, "", "stapler"),
                        new Piece.Cap("end")))
                .withSystem(Optional.of("rubber-hose"))
                .withSize(Optional.of("13")));
        for (AirMain m : mains) {
            for (Practice p : List.of(Practice.USUAL, hose, level)) {
                AirPlan plan = AirPlan.of(AirCase.of(m, Samples.setting(p, MakeLog.EMPTY, AirSamples.DATA)));
                for (Finding f : plan.findings()) {
                    for (UnitSystem u : UnitSystem.values()) {
                        assertThat(f.says(u)).doesNotContain("{").isNotBlank();
                        assertThat(f.because(u)).doesNotContain("{").isNotBlank();
                        assertThat(f.remedy(u)).doesNotContain("{");
                    }
                    seen.computeIfAbsent(f.rule().id(), k -> new HashSet<>()).add(f.state());
                }
                plan.steps().forEach(s -> assertThat(s.says(UnitSystem.INCH)).doesNotContain("{"));
            }
        }
        assertThat(seen.keySet()).hasSizeGreaterThan(30);
        seen.forEach((id, states) -> {
            if (!Set.of("air.water", "air.leak-cost", "air.harm").contains(id)
                    && !id.startsWith("air.walk-")
                    && !id.equals("air.network-odd")) {
                assertThat(states).as(id).contains(State.FAIL, State.PASS);
            }
        });
        assertThat(seen.keySet())
                .contains(
                        "air.walk-place",
                        "air.walk-twice",
                        "air.walk-length",
                        "air.walk-slant",
                        "air.walk-itself",
                        "air.walk-feed");
    }
}
