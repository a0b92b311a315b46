package mellowflare.core.gas;

import static mellowflare.core.gas.GasLines.line;
import static mellowflare.core.gas.GasLines.plan;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;

import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;
import java.util.TreeSet;
import mellowflare.core.advice.Finding;
import mellowflare.core.advice.State;
import mellowflare.core.flow.hold.HoldTest;
import mellowflare.core.gas.line.GasLine;
import mellowflare.core.gas.line.GasSite;
import mellowflare.core.gas.line.GasSource;
import mellowflare.core.gas.line.GasTest;
import mellowflare.core.gas.stock.Drawn;
import mellowflare.core.gas.stock.GasSystem;
import mellowflare.core.measure.Area;
import mellowflare.core.measure.GaugePressure;
import mellowflare.core.measure.Power;
import mellowflare.core.measure.PressureDifference;
import mellowflare.core.measure.Temperature;
import mellowflare.core.measure.UnitSystem;
import org.junit.jupiter.api.Test;

/** Each rule passes and fails somewhere, and says in full sentences what it says. */
class EveryGasRuleTest {
    /** Rules that only ever fail: what is asked there is good by itself. */
    private static final Set<String> ONLY_FAIL = Set.of(
            "gas.walk-twice",
            "gas.walk-length",
            "gas.walk-slant",
            "gas.walk-itself",
            "gas.regulator-known",
            "gas.hose-unmarked-stop",
            "gas.hose-unmarked-warn",
            "gas.hose-made-up-stop",
            "gas.hose-made-up-warn",
            "gas.joint-stop",
            "gas.tube-near");

    private static List<GasLine> lines() {
        GasLine good = line(
                        "v: valve",
                        "a: right 2 m size 22 through",
                        "b: up 1 m size 22 hidden",
                        "r: regulator kw-low-37",
                        "ring: appliance 7 kW inlet regulated hose 0.8 m bore 8 unvented gas g31",
                        "w: valve",
                        "grill: appliance 5 kW inlet regulated hose 1 m bore 8 coupler vented",
                        "c: ahead 1 m size 22",
                        "stove: appliance 6 kW inlet regulated vented")
                .withCode(Optional.of("nfpa54"))
                .withDrop(Optional.of(PressureDifference.ofMillibar(3)));
        GasSource strong = good.source()
                .with()
                .cylinder(Optional.of("kw-47"))
                .count(6)
                .fill(0.8)
                .regulator(Optional.of("kw-first-700"))
                .build();
        GasSite safe = GasSite.UNSAID
                .with()
                .coldest(Temperature.ofCelsius(15))
                .joint(Optional.of(GasSystem.Joint.BRAZE))
                .sealant(Optional.of(GasSite.Sealant.NONE))
                .sleeping(Optional.of(false))
                .openings(Optional.of(Area.ofSquareInches(40)))
                .gasDetector(Optional.of(true))
                .coDetector(Optional.of(true))
                .proved(Optional.of(true))
                .guarded(Optional.of(true))
                .pullOut(Optional.of(true))
                .hot(Optional.of(false))
                .buriedByCode(Optional.of(true))
                .licensed(Optional.of(true))
                .build();
        GasSite unsafe = safe.with()
                .coldest(Temperature.ofCelsius(-20))
                .joint(Optional.of(GasSystem.Joint.FLARE))
                .sealant(Optional.of(GasSite.Sealant.WATER_TAPE))
                .sleeping(Optional.of(true))
                .openings(Optional.of(Area.ofSquareInches(0)))
                .gasDetector(Optional.of(false))
                .coDetector(Optional.of(false))
                .proved(Optional.of(false))
                .guarded(Optional.of(false))
                .pullOut(Optional.of(false))
                .hot(Optional.of(true))
                .buriedByCode(Optional.of(false))
                .licensed(Optional.of(false))
                .build();
        List<GasLine> all = new ArrayList<>();
        all.add(good.with().source(strong).site(safe).test(test(150, 150, true)).build());
        all.add(good.with()
                .source(strong)
                .site(unsafe)
                .test(test(150, 20, false))
                .build());
        all.add(good.withSource(strong).withSite(safe.withJoint(Optional.of(GasSystem.Joint.FLARE))));
        all.add(good.withSite(safe.withJoint(Optional.of(GasSystem.Joint.SOFT_SOLDER))));
        all.add(good.withSite(safe.withJoint(Optional.of(GasSystem.Joint.PRESS))));
        all.add(good.withSite(safe.withJoint(Optional.of(GasSystem.Joint.THREAD))));
        all.add(good.withSource(strong.withRegulator(Optional.of("kw-unknown"))));
        all.add(good.withSource(
                strong.withRegulator(Optional.of("kw-single-37")).withStands(GasSource.Stands.INDOORS)));
        all.add(good.withSource(strong.withRegulator(Optional.of("kw-house-20"))));
        for (String sort : List.of("air", "unmarked", "made-up")) {
            for (String code : List.of("nfpa54", "en1775")) {
                all.add(line("a: right 2 m", "x: appliance hose 3 m sort " + sort + " coupler")
                        .withCode(Optional.of(code)));
            }
        }
        all.add(line(
                        "a: right 40 m size 12",
                        "x: appliance 20 kW inlet own gas g20",
                        "y: appliance 9 kW like range",
                        "b: ahead 1 m")
                .withCode(Optional.of("nfpa54")));
        all.add(line(
                "a: right 30 m size 12", "ring: appliance 7 kW", "b: ahead 3 m size 12", "new: appliance 30 kW new"));
        all.add(line(
                "a: right 9 m size 22", "ring: appliance 7 kW", "b: ahead 1 m size 22", "new: appliance 2 kW new"));
        all.add(line("a: right 2 m", "own: appliance 4 kW inlet own from 300").withSource(strong));
        GasLine bare = line("a: right 2 m", "x: appliance like range");
        all.add(bare.withSource(bare.source().withRegulator(Optional.empty())));
        all.add(bare.withShares(Map.of("g30", 1.0)).withSite(unsafe));
        all.add(bare.withSource(bare.source().withDrawn(Drawn.STEADY))
                .withSite(safe.withColdest(Temperature.ofCelsius(-10))));
        for (double kilowatts : new double[] {5, 60}) {
            all.add(bare.withSource(GasSource.UNSAID
                    .with()
                    .feed(GasSource.Feed.METER)
                    .pressure(Optional.of(GaugePressure.ofMillibar(20)))
                    .capacity(Optional.of(Power.ofKilowatts(kilowatts)))
                    .build()));
        }
        all.add(line("a: right 60 m size 12", "x: appliance 90 kW"));
        all.add(line("a: right 1 m size 54", "x: appliance 40 kW hose 300 mm bore 4"));
        all.add(line("a: right 2 m", "b: right 2 m buried").ofSystem(Optional.of("pe")));
        all.add(line("b: right 2 m buried", "x: appliance 4 kW").ofSystem(Optional.of("pe")));
        all.add(line(
                "a: right 2 m",
                "a: right 0 mm",
                "from nowhere",
                "s: close a",
                "t: up 1 m",
                "u: left 1 m",
                "w: close source"));
        all.add(line("a: right 2 m", "x: close a"));
        all.add(line(
                "a: right 2 m",
                "d: ahead 1 m",
                "from a",
                "r: regulator kw-low-37",
                "b: left 2 m",
                "e: close d",
                "x: appliance 3 kW"));
        all.add(line(
                "a: right 2 m",
                "b: up 1 m",
                "from a",
                "c: left 1 m",
                "from a",
                "d: right 1 m",
                "from a",
                "e: down 1 m",
                "from a",
                "f: back 1 m"));
        all.add(line("a: right 1 m size 54", "r: regulator kw-low-37", "b: right 4 m size 54", "x: appliance 70 kW")
                .withSource(strong.withRegulator(Optional.of("kw-low-37"))));
        return all;
    }

    private static List<GasPlan> plans() {
        List<GasPlan> all = new ArrayList<>();
        lines().forEach(l -> all.add(plan(l)));
        GasLine corrugated = line("a: right 2 m size 25", "x: appliance 4 kW").ofSystem(Optional.of("corrugated"));
        all.add(plan(corrugated));
        all.add(plan(corrugated, CorrugatedTubeTest.data()));
        return all;
    }

    private static GasTest test(double first, double last, boolean apart) {
        List<HoldTest.Reading> readings = new ArrayList<>();
        for (int i = 0; i <= 6; i++) {
            readings.add(new HoldTest.Reading(
                    i * 600,
                    GaugePressure.ofMillibar(first + (last - first) * i / 6),
                    Optional.of(Temperature.ofCelsius(15))));
        }
        return GasTest.NOT_YET
                .with()
                .readings(readings)
                .apart(Optional.of(apart))
                .build();
    }

    @Test
    void testEachRulePassesAndFailsSomewhere() {
        Map<String, Set<State>> seen = new TreeMap<>();
        for (GasPlan p : plans()) {
            for (Finding f : p.findings()) {
                seen.computeIfAbsent(f.rule().id(), k -> EnumSet.noneOf(State.class))
                        .add(f.state());
            }
        }
        Set<String> lacking = new TreeSet<>();
        seen.forEach((id, states) -> {
            if (!states.contains(State.FAIL)) {
                lacking.add(id + " never fails");
            }
            if (!states.contains(State.PASS) && !ONLY_FAIL.contains(id)) {
                lacking.add(id + " never passes");
            }
        });
        lacking.removeIf(x -> x.startsWith("hold.") || x.equals("gas.joint-note never fails"));
        assertEquals(Set.of(), lacking);
    }

    @Test
    void testNoPlaceInASentenceStaysUnfilled() {
        for (GasPlan p : plans()) {
            for (Finding f : p.findings()) {
                for (UnitSystem u : UnitSystem.values()) {
                    String all = f.says(u) + f.because(u) + f.remedy(u);
                    assertFalse(all.contains("{") || all.contains("}"), f.rule().id() + ": " + all);
                }
            }
        }
    }
}
