package mellowflare.core.flow.network;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Random;
import mellowflare.core.flow.GasLaw;
import mellowflare.core.flow.PipeLaw;
import mellowflare.core.flow.network.Network.Trouble;
import mellowflare.core.measure.AbsolutePressure;
import mellowflare.core.measure.AirReference;
import mellowflare.core.measure.FreeAir;
import mellowflare.core.measure.GaugePressure;
import mellowflare.core.measure.Length;
import mellowflare.core.measure.MassFlow;
import mellowflare.core.measure.Temperature;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import org.junit.jupiter.api.Test;

public class NetworkSolverTest {
    private static final Temperature ROOM = Temperature.ofCelsius(20);

    public static Network.Pipe pipe(String name, String from, String to, double metres, double bore) {
        return new Network.Pipe(name, from, to, Length.ofMm(metres * 1000), Length.ofMm(bore), Length.ofMm(0.05), 0);
    }

    public static Network.Demand takes(String node, double litres) {
        return new Network.Demand(node, FreeAir.ofLitresPerMinute(litres).mass());
    }

    /** As free air. */
    public static double litres(MassFlow flow) {
        return FreeAir.of(flow, AirReference.ISO1217).litresPerMinute();
    }

    public static Network.Supply feeds(String node, double bar) {
        return new Network.Supply(node, GaugePressure.ofBar(bar));
    }

    public static Network network(
            List<Network.Pipe> pipes, List<Network.Supply> supplies, List<Network.Demand> demands) {
        return new Network(pipes, supplies, demands, GasLaw.air(ROOM), AbsolutePressure.SEA_LEVEL);
    }

    private static double bar(NetworkFlow f, String node) {
        return f.node(node)
                .orElseThrow()
                .pressure()
                .gauge(AbsolutePressure.SEA_LEVEL)
                .bar();
    }

    /** 50 m of 20 mm bore, 1 000 L/min from 7 bar, reckoned apart: Re 62 400, f by Colebrook 0.02696; p1^2 - p2^2 = 16 f L R T m^2 / (pi^2 D^5). */
    @Test
    void testOnePipeAgreesWithTheFormulaWorkedByHand() {
        double m = 1000 / 60_000.0 * 1e5 / (287.05 * 293.15);
        double mu = 1.716e-5 * Math.pow(293.15 / 273.15, 1.5) * 383.55 / (293.15 + 110.4);
        double re = 4 * m / (Math.PI * 0.02 * mu);
        double f = 0.02;
        for (int i = 0; i < 60; i++) {
            double x = -2 * Math.log10(0.05 / 20 / 3.7 + 2.51 / (re * Math.sqrt(f)));
            f = 1 / (x * x);
        }
        double p1 = (7 + 1.01325) * 1e5;
        double p2 =
                Math.sqrt(p1 * p1 - 16 * f * 50 * 287.05 * 293.15 * m * m / (Math.PI * Math.PI * Math.pow(0.02, 5)));
        NetworkFlow flow = NetworkSolver.solve(
                network(List.of(pipe("p", "a", "b", 50, 20)), List.of(feeds("a", 7)), List.of(takes("b", 1000))));

        assertThat(flow.node("b").orElseThrow().pressure().bar()).isCloseTo(p2 / 1e5, within(1e-9));
        assertThat(re).isCloseTo(69_500, within(500.0));
        assertThat(flow.pipe("p").orElseThrow().reynolds()).isCloseTo(re, within(1.0));
        assertThat(litres(flow.node("a").orElseThrow().fed())).isCloseTo(1000, within(1e-6));
    }

    @Test
    void testALoopOfTwoEqualHalvesSharesTheAirAndLosesAQuarterOrSo() {
        NetworkFlow one = NetworkSolver.solve(
                network(List.of(pipe("p", "a", "b", 40, 20)), List.of(feeds("a", 7)), List.of(takes("b", 1500))));
        NetworkFlow two = NetworkSolver.solve(network(
                List.of(pipe("p", "a", "b", 40, 20), pipe("q", "b", "a", 40, 20)),
                List.of(feeds("a", 7)),
                List.of(takes("b", 1500))));

        assertThat(litres(two.pipe("p").orElseThrow().flow())).isCloseTo(750, within(1e-6));
        assertThat(two.pipe("q").orElseThrow().forward()).isFalse();
        double ratio = two.pipe("p").orElseThrow().drop().bar()
                / one.pipe("p").orElseThrow().drop().bar();
        assertThat(ratio).isBetween(0.25, 0.30);
    }

    @Test
    void testTwoCompressorsShareByTheirPressures() {
        NetworkFlow f = NetworkSolver.solve(network(
                List.of(pipe("p", "a", "m", 20, 25), pipe("q", "c", "m", 20, 25)),
                List.of(feeds("a", 7), feeds("c", 7)),
                List.of(takes("m", 2000))));
        assertThat(litres(f.node("a").orElseThrow().fed())).isCloseTo(1000, within(1e-6));

        NetworkFlow back = NetworkSolver.solve(network(
                List.of(pipe("p", "a", "m", 20, 25), pipe("q", "c", "m", 20, 25)),
                List.of(feeds("a", 7), feeds("c", 6)),
                List.of(takes("m", 100))));
        assertThat(back.pipe("q").orElseThrow().forward()).isFalse();
    }

    @Test
    void testAStarvedEndGivesWhatComesOutAndTheRestIsWorkedOut() {
        NetworkFlow f = NetworkSolver.solve(network(
                List.of(pipe("main", "a", "m", 10, 40), pipe("thin", "m", "x", 30, 5), pipe("drop", "m", "y", 3, 15)),
                List.of(feeds("a", 7)),
                List.of(takes("x", 3000), takes("y", 500))));

        assertThat(f.troubles()).contains(new Trouble(Trouble.Kind.STARVED, "x"));
        assertThat(litres(f.node("x").orElseThrow().taken())).isBetween(50.0, 1500.0);
        assertThat(bar(f, "x")).isCloseTo(0, within(1e-9));
        assertThat(bar(f, "y")).isGreaterThan(6.5);
        assertThat(f.imbalance()).isLessThan(1e-9);
    }

    @Test
    void testAirFasterThanSoundIsSaidToChoke() {
        NetworkFlow f = NetworkSolver.solve(
                network(List.of(pipe("p", "a", "b", 0.05, 5)), List.of(feeds("a", 7)), List.of(takes("b", 9000))));
        assertThat(f.troubles()).extracting(Trouble::kind).contains(Trouble.Kind.CHOKED);
        assertThat(f.pipe("p").orElseThrow().beyondTheLaw()).isTrue();
    }

    @Test
    void testIslandsZeroLengthsDoubledNamesAndWrongPlacesAreNamedAndTheRestStands() {
        NetworkFlow f = NetworkSolver.solve(network(
                List.of(
                        pipe("p", "a", "b", 10, 20),
                        pipe("p", "b", "c", 0, 20),
                        pipe("ring", "c", "c", 3, 20),
                        pipe("far", "x", "y", 5, 20)),
                List.of(feeds("a", 7), feeds("a", 6)),
                List.of(takes("c", 300), takes("y", 100), takes("nowhere", 5))));

        assertThat(f.troubles())
                .contains(
                        new Trouble(Trouble.Kind.TWICE, "p"),
                        new Trouble(Trouble.Kind.NO_LENGTH, "p"),
                        new Trouble(Trouble.Kind.TO_ITSELF, "ring"),
                        new Trouble(Trouble.Kind.ISLAND, "far"),
                        new Trouble(Trouble.Kind.ISLAND, "y"),
                        new Trouble(Trouble.Kind.NO_PLACE, "nowhere"),
                        new Trouble(Trouble.Kind.TWO_PRESSURES, "a"));
        assertThat(litres(f.node("c").orElseThrow().taken())).isCloseTo(300, within(1e-9));
        assertThat(f.node("x")).isEmpty();
        assertThat(f.imbalance()).isLessThan(1e-9);
    }

    @Test
    void testNothingAtAllIsNoFault() {
        NetworkFlow f = NetworkSolver.solve(network(List.of(), List.of(), List.of()));
        assertThat(f.nodes()).isEmpty();
        NetworkFlow still =
                NetworkSolver.solve(network(List.of(pipe("p", "a", "b", 1, 20)), List.of(feeds("a", 7)), List.of()));
        assertThat(bar(still, "b")).isCloseTo(7, within(1e-9));
        assertThat(litres(still.pipe("p").orElseThrow().flow())).isCloseTo(0, within(1e-9));
    }

    /** Grids with random bores: what flows to every place leaves it, and every pipe keeps the law of friction. */
    @Property(tries = 40)
    void testMassAndEnergyHoldInRandomGrids(@ForAll @IntRange(min = 2, max = 9) int side, @ForAll long seed) {
        Network grid = grid(side, seed);
        NetworkFlow f = NetworkSolver.solve(grid);

        assertThat(f.imbalance()).isLessThan(1e-9);
        assertThat(f.troubles()).noneMatch(t -> t.kind() == Trouble.Kind.UNSETTLED);
        for (NetworkFlow.InPipe p : f.pipes()) {
            PipeLaw law = GasLaw.air(ROOM)
                    .pipe(
                            p.pipe().length(),
                            p.pipe().bore(),
                            p.pipe().roughness(),
                            p.pipe().k());
            double[] lost = {0, 0};
            law.lost(p.flow().kgPerSecond() * (p.forward() ? 1 : -1), lost);
            double a = f.node(p.pipe().from()).orElseThrow().pressure().pascal();
            double b = f.node(p.pipe().to()).orElseThrow().pressure().pascal();
            assertThat(a * a - b * b).isCloseTo(lost[0], within(1e-9 * a * a));
        }
        double fed = f.nodes().values().stream()
                .mapToDouble(n -> n.fed().kgPerSecond())
                .sum();
        double taken = f.nodes().values().stream()
                .mapToDouble(n -> n.taken().kgPerSecond())
                .sum();
        assertThat(fed).isCloseTo(taken, within(1e-6 * taken));
    }

    /** The order of pipes and which way each is written do not matter. */
    @Property(tries = 20)
    void testTheWayItIsWrittenDownDoesNotMatter(@ForAll @IntRange(min = 3, max = 6) int side, @ForAll long seed) {
        Network grid = grid(side, seed);
        List<Network.Pipe> other = new ArrayList<>();
        for (Network.Pipe p : grid.pipes()) {
            other.add(new Network.Pipe(p.name(), p.to(), p.from(), p.length(), p.bore(), p.roughness(), p.k()));
        }
        Collections.shuffle(other, new Random(seed));
        NetworkFlow one = NetworkSolver.solve(grid);
        NetworkFlow two = NetworkSolver.solve(network(other, grid.supplies(), grid.demands()));
        one.nodes()
                .values()
                .forEach(n -> assertThat(
                                two.node(n.name()).orElseThrow().pressure().bar())
                        .isCloseTo(n.pressure().bar(), within(1e-8)));
    }

    @Test
    void testASolverGivesForOtherDemandsWhatANewOneGives() {
        Network grid = grid(6, 5);
        NetworkSolver solver = new NetworkSolver(grid);
        solver.flow(grid.demands());
        List<Network.Demand> other = List.of(takes("n3-3", 400), takes("n5-1", 250));
        NetworkFlow warm = solver.flow(other);
        NetworkFlow cold = NetworkSolver.solve(network(grid.pipes(), grid.supplies(), other));
        cold.nodes()
                .values()
                .forEach(n -> assertThat(
                                warm.node(n.name()).orElseThrow().pressure().bar())
                        .isCloseTo(n.pressure().bar(), within(1e-8)));
    }

    @Test
    void testFreeAirSaysItsReference() {
        FreeAir normal = new FreeAir(1000, AirReference.NORMAL);
        assertThat(normal.in(AirReference.ISO1217).litresPerMinute())
                .isCloseTo(1000 * 1.01325 * 293.15 / 273.15, within(1e-6));
        assertThat(new FreeAir(1000, AirReference.ISO8778).kgPerSecond())
                .isLessThan(FreeAir.ofLitresPerMinute(1000).kgPerSecond());
    }

    /** A square grid of mains fed at one corner, a demand at every third place. */
    public static Network grid(int side, long seed) {
        Random r = new Random(seed);
        List<Network.Pipe> pipes = new ArrayList<>();
        List<Network.Demand> demands = new ArrayList<>();
        double[] bores = {15, 20, 25, 32, 40};
        for (int x = 0; x < side; x++) {
            for (int y = 0; y < side; y++) {
                String here = "n" + x + "-" + y;
                if (x + 1 < side) {
                    pipes.add(pipe(
                            "h" + x + "-" + y,
                            here,
                            "n" + (x + 1) + "-" + y,
                            1 + 9 * r.nextDouble(),
                            bores[r.nextInt(bores.length)]));
                }
                if (y + 1 < side) {
                    pipes.add(pipe(
                            "v" + x + "-" + y,
                            here,
                            "n" + x + "-" + (y + 1),
                            1 + 9 * r.nextDouble(),
                            bores[r.nextInt(bores.length)]));
                }
                if (r.nextInt(3) == 0) {
                    demands.add(takes(here, 10 + 100 * r.nextDouble()));
                }
            }
        }
        demands.add(takes("n" + (side - 1) + "-" + (side - 1), 50));
        return network(pipes, List.of(feeds("n0-0", 7)), demands);
    }
}
