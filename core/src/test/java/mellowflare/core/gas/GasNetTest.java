package mellowflare.core.gas;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import mellowflare.core.gas.fuel.FuelGas;
import mellowflare.core.gas.fuel.GasTable;
import mellowflare.core.gas.fuel.HeatBasis;
import mellowflare.core.gas.net.ByEquation;
import mellowflare.core.gas.net.CheapestSizes;
import mellowflare.core.gas.net.GasFlows;
import mellowflare.core.gas.net.GasNet;
import mellowflare.core.gas.net.GasSolver;
import mellowflare.core.gas.net.GasTrouble;
import mellowflare.core.gas.net.Reach;
import mellowflare.core.gas.net.Resistance;
import mellowflare.core.gas.net.SizingEquation;
import mellowflare.core.measure.AbsolutePressure;
import mellowflare.core.measure.GasFlow;
import mellowflare.core.measure.GaugePressure;
import mellowflare.core.measure.Length;
import mellowflare.core.measure.Power;
import mellowflare.core.measure.Temperature;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.Timeout;

/** Networks of gas, against sums done here in another way. */
class GasNetTest {
    private static final GasTable GASES = GasTable.load();
    private static final FuelGas PROPANE = GASES.find("g31").orElseThrow();
    private static final FuelGas NATURAL = GASES.find("g20").orElseThrow();
    private static final Length ROUGH = Length.ofMm(0.046);

    private static GasNet.Pipe pipe(String name, String from, String to, double metres, double bore) {
        return new GasNet.Pipe(name, from, to, Length.ofMm(metres * 1000), Length.ofMm(0), Length.ofMm(bore), ROUGH);
    }

    private static GasNet.Draw draw(String node, FuelGas gas, double kilowatts) {
        return new GasNet.Draw(node, node, gas.flow(Power.ofKilowatts(kilowatts), HeatBasis.GROSS), Optional.empty());
    }

    private static GasNet net(FuelGas gas, double mbar, List<GasNet.Pipe> pipes, List<GasNet.Draw> draws) {
        return net(gas, mbar, pipes, List.of(), draws, Map.of());
    }

    private static GasNet net(
            FuelGas gas,
            double mbar,
            List<GasNet.Pipe> pipes,
            List<GasNet.Reduce> regulators,
            List<GasNet.Draw> draws,
            Map<String, Length> heights) {
        return new GasNet(
                gas,
                "source",
                GaugePressure.ofMillibar(mbar),
                pipes,
                regulators,
                draws,
                heights,
                Temperature.ofCelsius(15),
                AbsolutePressure.SEA_LEVEL);
    }

    /** Drop (mbar) by Darcy in a hundred slices, friction factor by Haaland, density at each slice. */
    private static double marched(FuelGas gas, double mbar, double metres, double bore, double kilowatts) {
        double m = gas.mass(gas.flow(Power.ofKilowatts(kilowatts), HeatBasis.GROSS))
                .kgPerSecond();
        double d = bore / 1000;
        double re = 4 * m / (Math.PI * d * gas.viscosity());
        double root = -1.8 * Math.log10(6.9 / re + Math.pow(ROUGH.mm() / bore / 3.7, 1.11));
        double f = re < 2300 ? 64 / re : 1 / (root * root);
        double p = 101_325 + mbar * 100;
        for (int i = 0; i < 100; i++) {
            double rho = p / (gas.gasConstant() * 288.15);
            double v = m / rho / (Math.PI * d * d / 4);
            p -= f * metres / 100 / d * rho * v * v / 2;
        }
        return mbar - (p - 101_325) / 100;
    }

    @Test
    void testOnePipeLosesWhatAMarchInSlicesLoses() {
        for (double kilowatts : new double[] {2, 40, 90}) {
            GasFlows flows = GasSolver.solve(net(
                    PROPANE,
                    37,
                    List.of(pipe("a", "source", "ring", 12, 16)),
                    List.of(draw("ring", PROPANE, kilowatts))));
            double lost = 37 - flows.at("ring").orElseThrow().millibar();
            // Haaland's factor lies within 2 % of Colebrook's.
            assertEquals(1, lost / marched(PROPANE, 37, 12, 16, kilowatts), 0.02, kilowatts + " kW");
            assertEquals(lost, flows.in("a").orElseThrow().drop().millibar(), 1e-6);
        }
    }

    @Test
    void testAHeavyGasLosesAsItRisesAndALightOneGains() {
        Map<String, Length> up = Map.of("source", Length.ofMm(0), "ring", Length.ofMm(10_000));
        for (FuelGas gas : List.of(PROPANE, NATURAL)) {
            GasNet n = net(
                    gas,
                    30,
                    List.of(pipe("a", "source", "ring", 10, 20)),
                    List.of(),
                    List.of(new GasNet.Draw("ring", "ring", GasFlow.ofCubicMetresPerHour(0), Optional.empty())),
                    up);
            double gained = GasSolver.solve(n).at("ring").orElseThrow().millibar() - 30;
            double air = 101_325 / (287.05 * 288.15);
            double expected = air * (1 - gas.gravity() * (101_325 + 3000) / 101_325) * 9.80665 * 10 / 100;
            assertEquals(expected, gained, 0.005, gas.name());
        }
        // TRADE-2: about -6.3 Pa for each metre of propane; pure propane of 1.52 or 1.55.
        assertEquals(
                6.6,
                net(PROPANE, 0, List.of(), List.of())
                                .perMetre(GaugePressure.ofMillibar(0))
                                .bar()
                        * 1e5,
                0.35);
    }

    @Test
    void testWhatIsBehindARegulatorHangsOnItAndLoadsTheStageBefore() {
        List<GasNet.Pipe> pipes = List.of(
                pipe("first", "source", "wall", 30, 12),
                pipe("second", "house", "boiler", 5, 22),
                pipe("branch", "wall", "grill", 6, 12));
        GasNet n = net(
                PROPANE,
                700,
                pipes,
                List.of(new GasNet.Reduce(
                        "r2", "wall", "house", GaugePressure.ofMillibar(37), GaugePressure.ofMillibar(300))),
                List.of(draw("boiler", PROPANE, 24), draw("grill", PROPANE, 10)),
                Map.of());
        GasFlows flows = GasSolver.solve(n);
        GasFlow both = PROPANE.flow(Power.ofKilowatts(34), HeatBasis.GROSS);
        assertEquals(
                both.cubicMetresPerHour(),
                flows.in("first").orElseThrow().flow().cubicMetresPerHour(),
                1e-6);
        assertEquals(37, flows.at("house").orElseThrow().millibar(), 1e-9);
        assertTrue(flows.at("wall").orElseThrow().millibar() < 700);
        assertEquals(List.of(), flows.troubles());
        assertEquals(
                PROPANE.flow(Power.ofKilowatts(24), HeatBasis.GROSS).cubicMetresPerHour(),
                flows.regulators().get(0).flow().cubicMetresPerHour(),
                1e-6);
    }

    @Test
    void testARegulatorThatGetsTooLittleLetsThroughWhatItGets() {
        GasNet n = net(
                PROPANE,
                30,
                List.of(pipe("a", "source", "r", 2, 22), pipe("b", "behind", "ring", 1, 22)),
                List.of(new GasNet.Reduce(
                        "r2", "r", "behind", GaugePressure.ofMillibar(37), GaugePressure.ofMillibar(37))),
                List.of(draw("ring", PROPANE, 5)),
                Map.of());
        assertTrue(GasSolver.solve(n).at("ring").orElseThrow().millibar() < 30.001);
    }

    @Test
    void testAPipeAroundARegulatorIsNamed() {
        GasNet n = net(
                PROPANE,
                700,
                List.of(
                        pipe("a", "source", "wall", 3, 12),
                        pipe("b", "house", "ring", 3, 12),
                        pipe("round", "wall", "ring", 3, 12)),
                List.of(new GasNet.Reduce(
                        "r2", "wall", "house", GaugePressure.ofMillibar(37), GaugePressure.ofMillibar(300))),
                List.of(draw("ring", PROPANE, 5)),
                Map.of());
        assertTrue(GasSolver.solve(n).troubles().contains(new GasTrouble(GasTrouble.Kind.PAST_REGULATOR, "r2")));
    }

    @Test
    void testADrawWithoutAPipeIsNamedAndTheRestIsWorkedOut() {
        GasFlows flows = GasSolver.solve(net(
                PROPANE,
                37,
                List.of(pipe("a", "source", "ring", 3, 12)),
                List.of(draw("ring", PROPANE, 5), draw("nowhere", PROPANE, 5))));
        assertEquals(List.of(new GasTrouble(GasTrouble.Kind.NOT_REACHED, "nowhere")), flows.troubles());
        assertTrue(flows.at("ring").orElseThrow().millibar() > 30);
    }

    @Test
    void testLongestAndBranchLengthsOfATree() {
        GasNet n = net(
                NATURAL,
                20,
                List.of(
                        pipe("main", "source", "tee", 10, 20),
                        pipe("short", "tee", "ring", 2, 15),
                        pipe("long", "tee", "boiler", 15, 15)),
                List.of(draw("ring", NATURAL, 8), draw("boiler", NATURAL, 24)));
        Reach reach = Reach.of(n);
        assertEquals(25_000, reach.of("short").orElseThrow().longest().mm(), 1e-9);
        assertEquals(12_000, reach.of("short").orElseThrow().branch().mm(), 1e-9);
        assertEquals(25_000, reach.of("main").orElseThrow().branch().mm(), 1e-9);
        assertEquals(
                NATURAL.flow(Power.ofKilowatts(32), HeatBasis.GROSS).cubicMetresPerHour(),
                reach.of("main").orElseThrow().flow().cubicMetresPerHour(),
                1e-9);
    }

    @Test
    void testALoopHasNoLongestLengthButFlows() {
        GasNet n = net(
                NATURAL,
                20,
                List.of(
                        pipe("a", "source", "x", 5, 15),
                        pipe("b", "x", "ring", 5, 15),
                        pipe("c", "source", "ring", 9, 15)),
                List.of(draw("ring", NATURAL, 12)));
        assertFalse(Reach.of(n).tree());
        GasFlows flows = GasSolver.solve(n);
        double in = flows.in("a").orElseThrow().flow().cubicMetresPerHour()
                + flows.in("c").orElseThrow().flow().cubicMetresPerHour();
        assertEquals(GasSolver.total(n).cubicMetresPerHour(), in, 1e-9);
    }

    // --- cheapest sizes ---

    private static final double[] BORES = {10, 13, 16, 20, 26};
    private static final double[] PRICES = {3.1, 4.4, 5.2, 7.7, 10.9};

    /** A random tree of so many pipes with draws at its ends, and sizes for every pipe. */
    private record Tree(GasNet net, Map<String, List<CheapestSizes.Choice>> choices) {
        static Tree of(Random random, int pipes, double kilowatts, double least) {
            List<GasNet.Pipe> all = new ArrayList<>();
            List<String> places = new ArrayList<>(List.of("source"));
            Map<String, Length> heights = new LinkedHashMap<>();
            for (int i = 0; i < pipes; i++) {
                String from = places.get(random.nextInt(places.size()));
                all.add(pipe("p" + i, from, "n" + i, 0.5 + 6 * random.nextDouble(), 26));
                heights.put("n" + i, Length.ofMm(random.nextInt(3000)));
                places.add("n" + i);
            }
            List<GasNet.Draw> draws = new ArrayList<>();
            for (GasNet.Pipe p : all) {
                if (all.stream().noneMatch(q -> q.from().equals(p.to()))) {
                    draws.add(new GasNet.Draw(
                            p.to(),
                            p.to(),
                            PROPANE.flow(Power.ofKilowatts(2 + kilowatts * random.nextDouble()), HeatBasis.GROSS),
                            Optional.of(GaugePressure.ofMillibar(least))));
                }
            }
            Map<String, List<CheapestSizes.Choice>> choices = new LinkedHashMap<>();
            for (GasNet.Pipe p : all) {
                List<CheapestSizes.Choice> sizes = new ArrayList<>();
                for (int k = 0; k < BORES.length; k++) {
                    sizes.add(new CheapestSizes.Choice(
                            "s" + k,
                            p.with(Length.ofMm(BORES[k]), Length.ofMm(BORES[k] * 30), ROUGH),
                            PRICES[k] * p.length().mm() / 1000));
                }
                choices.put(p.name(), sizes);
            }
            return new Tree(GasNetTest.net(PROPANE, 37, all, List.of(), draws, heights), choices);
        }

        boolean serves(List<GasNet.Pipe> pipes) {
            GasFlows flows = GasSolver.solve(net.withPipes(pipes));
            return net.draws().stream()
                    .allMatch(d -> flows.at(d.node()).orElseThrow().millibar()
                            >= d.least().orElseThrow().millibar() - 1e-9);
        }
    }

    @Test
    void testCheapestSizesAreThoseOfAFullSearch() {
        Random random = new Random(20);
        int found = 0;
        for (int round = 0; round < 40; round++) {
            Tree t = Tree.of(random, 1 + random.nextInt(5), 22, 33 + 2 * random.nextDouble());
            double best = Double.POSITIVE_INFINITY;
            int cases = (int) Math.pow(BORES.length, t.choices.size());
            List<List<CheapestSizes.Choice>> sizes = List.copyOf(t.choices.values());
            for (int c = 0; c < cases; c++) {
                double price = 0;
                List<GasNet.Pipe> pipes = new ArrayList<>();
                int rest = c;
                for (List<CheapestSizes.Choice> s : sizes) {
                    price += s.get(rest % BORES.length).price();
                    pipes.add(s.get(rest % BORES.length).pipe());
                    rest /= BORES.length;
                }
                if (price < best && t.serves(pipes)) {
                    best = price;
                }
            }
            Optional<CheapestSizes.Found> got = CheapestSizes.of(t.net, t.choices);
            assertEquals(Double.isFinite(best), got.isPresent(), "round " + round);
            if (got.isPresent()) {
                assertEquals(best, got.get().price(), 1e-9, "round " + round);
                assertTrue(got.get().proven());
                assertTrue(t.serves(got.get().sizes().values().stream()
                        .map(CheapestSizes.Choice::pipe)
                        .toList()));
                found++;
            }
        }
        assertTrue(found > 15, "sized: " + found);
    }

    @Test
    @Timeout(5)
    void testThirtySectionsAreSizedAndProven() {
        Tree t = Tree.of(new Random(7), 30, 6, 32);
        CheapestSizes.Found found = CheapestSizes.of(t.net, t.choices).orElseThrow();
        assertTrue(found.proven());
        assertEquals(30, found.sizes().size());
    }

    /** Two pipes in a row, the second called out from its far end, and a branch nobody draws from: each loses its own drop, the riser what gas weighs. */
    @Test
    void testByTheEquationEveryPipeLosesItsOwnDropAndARiserWhatGasWeighs() {
        Map<String, Length> heights = Map.of("ring", Length.ofMm(3000), "dead", Length.ofMm(-2000));
        GasNet n = net(
                PROPANE,
                37,
                List.of(pipe("a", "source", "t", 6, 16), pipe("b", "ring", "t", 4, 13), pipe("c", "t", "dead", 5, 13)),
                List.of(),
                List.of(draw("ring", PROPANE, 30)),
                heights);
        Map<String, GaugePressure> said = ByEquation.pressures(n, GasSolver.solve(n));
        GasFlow flow = PROPANE.flow(Power.ofKilowatts(30), HeatBasis.GROSS);
        double a = SizingEquation.drop(Resistance.of(PROPANE), flow, Length.ofMm(6000), Length.ofMm(16))
                .millibar();
        double b = SizingEquation.drop(Resistance.of(PROPANE), flow, Length.ofMm(4000), Length.ofMm(13))
                .millibar();
        double metre = n.perMetre(GaugePressure.ofMillibar(37)).millibar();
        assertTrue(metre > 0.05, "propane weighs more than air: a metre takes some of the gauge");
        assertTrue(a > 0.1 && b > a, "drops to be told apart: " + a + " and " + b);
        assertEquals(37, said.get("source").millibar(), 1e-9);
        assertEquals(37 - a, said.get("t").millibar(), 1e-6);
        assertEquals(37 - a - b - 3 * metre, said.get("ring").millibar(), 1e-6);
        assertEquals(37 - a + 2 * metre, said.get("dead").millibar(), 1e-6);
        assertEquals(4, said.size());
    }

    /** Behind a regulator the count begins anew at what it holds; a ring of pipe is counted once. */
    @Test
    void testByTheEquationARegulatorBeginsAnew() {
        GasNet n = net(
                PROPANE,
                700,
                List.of(
                        pipe("a", "source", "r", 3, 10),
                        pipe("b", "out", "ring", 5, 16),
                        pipe("d", "out", "ring", 5, 16)),
                List.of(new GasNet.Reduce(
                        "r", "r", "out", GaugePressure.ofMillibar(37), GaugePressure.ofMillibar(300))),
                List.of(draw("ring", PROPANE, 12)),
                Map.of());
        GasFlows flows = GasSolver.solve(n);
        Map<String, GaugePressure> said = ByEquation.pressures(n, flows);
        double held = flows.at("out").orElseThrow().millibar();
        assertEquals(37, held, 1);
        assertEquals(held, said.get("out").millibar(), 1e-9);
        double half = SizingEquation.drop(
                        Resistance.of(PROPANE), flows.in("b").orElseThrow().flow(), Length.ofMm(5000), Length.ofMm(16))
                .millibar();
        assertEquals(held - half, said.get("ring").millibar(), 1e-6);
    }
}
