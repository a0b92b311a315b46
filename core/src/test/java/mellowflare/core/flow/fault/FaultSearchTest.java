package mellowflare.core.flow.fault;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import mellowflare.core.advice.Figure;
import mellowflare.core.flow.GasLaw;
import mellowflare.core.flow.network.Network;
import mellowflare.core.measure.AbsolutePressure;
import mellowflare.core.measure.AirReference;
import mellowflare.core.measure.FreeAir;
import mellowflare.core.measure.GaugePressure;
import mellowflare.core.measure.Length;
import mellowflare.core.measure.MassFlow;
import mellowflare.core.measure.PressureDifference;
import mellowflare.core.measure.Temperature;
import org.junit.jupiter.api.Test;

/** Chokes and leaks put into mains are found again from gauges. */
class FaultSearchTest {
    private static final PressureDifference GAUGE = PressureDifference.ofBar(0.03);
    /** What is told to the search: a compressor at S, a run A, B, C, D with a drop at each. */
    private static final Network MAIN = main(600);

    private static Network main(double litres) {
        List<Network.Pipe> pipes = new ArrayList<>();
        String from = "S";
        for (String to : List.of("A", "B", "C", "D")) {
            pipes.add(pipe(from + to, from, to, 12_000, 15));
            pipes.add(pipe("drop " + to, to, "outlet " + to, 3_000, 10));
            from = to;
        }
        return new Network(
                pipes,
                List.of(new Network.Supply("S", GaugePressure.ofBar(7))),
                List.of(air("outlet B", litres / 2), air("outlet D", litres)),
                GasLaw.air(Temperature.ofCelsius(20)),
                AbsolutePressure.SEA_LEVEL);
    }

    private static Network.Pipe pipe(String name, String from, String to, double mm, double bore) {
        return new Network.Pipe(name, from, to, Length.ofMm(mm), Length.ofMm(bore), Length.ofMm(0.01), 2);
    }

    private static Network.Demand air(String node, double litres) {
        return new Network.Demand(node, FreeAir.ofLitresPerMinute(litres).mass());
    }

    private static Probed probed(Network network) {
        return new NetworkProbed(
                network,
                FreeAir.ofLitresPerMinute(2000).mass(),
                GAUGE,
                m -> Figure.of(FreeAir.of(m, AirReference.ISO1217)));
    }

    private static List<Reading> read(Probed net, Fault fault, Random noise, String... places) {
        Map<String, GaugePressure> true_ = net.pressures(Optional.of(fault));
        List<Reading> all = new ArrayList<>();
        for (String p : places) {
            double off = noise == null || p.equals("S") ? 0 : noise.nextGaussian() * GAUGE.bar();
            all.add(new Reading(p, GaugePressure.ofBar(true_.get(p).bar() + off)));
        }
        return all;
    }

    private static FaultFound found(Network network, Fault fault, String... places) {
        Probed net = probed(network);
        return FaultSearch.of(net, read(net, fault, null, places), () -> false);
    }

    @Test
    void testAChokeBetweenTwoGaugesIsFoundWithWhatItTakes() {
        Fault.Choked choke = new Fault.Choked("BC", 400);
        FaultFound f = found(MAIN, choke, "S", "A", "B", "C", "D");
        FaultFound.Suspect first = f.suspects().get(0);
        assertThat(first.fault()).isInstanceOf(Fault.Choked.class);
        assertThat(first.fault().at()).isEqualTo("BC");
        assertThat(((Fault.Choked) first.fault()).k()).isCloseTo(400, within(20.0));
        Probed net = probed(MAIN);
        Map<String, GaugePressure> with = net.pressures(Optional.of(choke));
        Map<String, GaugePressure> plan = net.pressures(Optional.empty());
        double lost = with.get("B").bar()
                - with.get("C").bar()
                - plan.get("B").bar()
                + plan.get("C").bar();
        assertThat(first.lost().bar()).isCloseTo(lost, within(0.02));
        assertThat(first.share()).isGreaterThan(0.9);
        assertThat(f.choked()).isGreaterThan(0.9);
        assertThat(f.hidden()).contains("drop A", "drop C").doesNotContain("BC");
    }

    @Test
    void testWithGaugesFarApartTheStretchBetweenThemIsNamedAndThePlaceToReadNext() {
        FaultFound f = found(MAIN, new Fault.Choked("BC", 400), "S", "D");
        assertThat(f.suspects()).extracting(s -> s.fault().at()).contains("SA", "AB", "BC", "CD");
        assertThat(f.next()).get().isIn("A", "B", "C", "outlet B");
        FaultFound more = found(MAIN, new Fault.Choked("BC", 400), "S", f.next().orElseThrow(), "D");
        assertThat(more.likely().size()).isLessThan(f.likely().size());
    }

    @Test
    void testALeakIsFoundWithItsFlow() {
        MassFlow flow = FreeAir.ofLitresPerMinute(500).mass();
        FaultFound f = found(MAIN, new Fault.Leaking("outlet C", flow), "S", "B", "C", "D", "outlet C");
        FaultFound.Suspect first = f.suspects().get(0);
        assertThat(first.fault()).isInstanceOf(Fault.Leaking.class);
        assertThat(first.fault().at()).isEqualTo("outlet C");
        assertThat(((Fault.Leaking) first.fault()).flow().kgPerSecond())
                .isCloseTo(flow.kgPerSecond(), within(0.03 * flow.kgPerSecond()));
        assertThat(first.left()).isEmpty();
    }

    @Test
    void testAMainAsPlannedIsSaidToBeSo() {
        FaultFound f = found(MAIN, new Fault.Choked("BC", 0), "S", "B", "C", "D");
        // Likelier than all faults together: what hides at a drop that nobody read cannot be ruled out.
        assertThat(f.asPlanned()).isGreaterThan(0.5);
        assertThat(f.asPlanned() + f.unknown() + f.choked() + f.leaks()).isCloseTo(1, within(0.06));
    }

    @Test
    void testWhatIsNotOneFaultIsUnknown() {
        Probed net = probed(MAIN);
        List<Reading> odd = List.of(
                new Reading("S", GaugePressure.ofBar(7)),
                new Reading("A", GaugePressure.ofBar(4)),
                new Reading("B", GaugePressure.ofBar(6.8)),
                new Reading("D", GaugePressure.ofBar(6.9)));
        FaultFound f = FaultSearch.of(net, odd, () -> false);
        assertThat(f.unknown()).isGreaterThan(0.9);
        assertThat(f.suspects()).isEmpty();
    }

    @Test
    void testTwoHundredFaultsUnderScatterAreFoundAsOftenAsIsSaid() {
        Random random = new Random(20261130);
        List<String> pipes = List.of("SA", "AB", "BC", "CD", "drop B", "drop D");
        List<String> places = List.of("A", "B", "C", "D", "outlet A", "outlet B", "outlet C", "outlet D");
        int inLikely = 0;
        int first = 0;
        double said = 0;
        int all = 200;
        for (int i = 0; i < all; i++) {
            Network net = main(400 + random.nextInt(400));
            Fault fault = random.nextBoolean()
                    ? new Fault.Choked(pipes.get(random.nextInt(pipes.size())), Math.exp(3 + 5 * random.nextDouble()))
                    : new Fault.Leaking(
                            places.get(random.nextInt(places.size())),
                            FreeAir.ofLitresPerMinute(150 + 700 * random.nextDouble())
                                    .mass());
            Probed probed = probed(net);
            FaultFound f = FaultSearch.of(
                    probed, read(probed, fault, random, "S", "A", "B", "outlet B", "C", "D", "outlet D"), () -> false);
            inLikely += f.likely().stream().anyMatch(s -> same(s.fault(), fault)) ? 1 : 0;
            said += f.suspects().isEmpty() ? 0 : f.suspects().get(0).share();
            first += !f.suspects().isEmpty() && same(f.suspects().get(0).fault(), fault) ? 1 : 0;
        }
        assertThat(inLikely).describedAs("among those that hold nine tenths").isGreaterThanOrEqualTo(180);
        assertThat((double) first / all)
                .describedAs("first, against what was said")
                .isCloseTo(said / all, within(0.08));
    }

    private static boolean same(Fault a, Fault b) {
        return a.getClass() == b.getClass() && a.at().equals(b.at());
    }

    @Test
    void testWithoutTheGaugeAtTheCompressorNothingIsSaid() {
        Probed net = probed(MAIN);
        List<Reading> without = List.of(new Reading("B", GaugePressure.ofBar(5)));
        assertThat(FaultSearch.missing(net, without).orElseThrow()).contains("at S too");
        assertThatThrownBy(() -> FaultSearch.of(net, without, () -> false))
                .isInstanceOf(IllegalArgumentException.class);
        List<Reading> alone = List.of(new Reading("S", GaugePressure.ofBar(7)));
        assertThat(FaultSearch.missing(net, alone).orElseThrow()).contains("one more place");
        List<Reading> nowhere =
                List.of(new Reading("S", GaugePressure.ofBar(7)), new Reading("Q", GaugePressure.ofBar(5)));
        assertThatThrownBy(() -> FaultSearch.of(net, nowhere, () -> false)).hasMessageContaining("Q");
    }

    @Test
    void testWhatStandsAtTheCompressorCountsAsRead() {
        Network low = new Network(
                MAIN.pipes(),
                List.of(new Network.Supply("S", GaugePressure.ofBar(5.5))),
                MAIN.demands(),
                MAIN.law(),
                MAIN.barometer());
        Probed real = probed(low);
        List<Reading> read = read(real, new Fault.Choked("CD", 0), null, "S", "B", "D");
        assertThat(FaultSearch.of(probed(MAIN), read, () -> false).asPlanned())
                .describedAs("a low receiver is no fault of the pipes")
                .isGreaterThan(0.5);
    }

    @Test
    void testASearchThatIsCalledOffStops() {
        Probed net = probed(MAIN);
        FaultFound f = FaultSearch.of(net, read(net, new Fault.Choked("BC", 400), null, "S", "B", "C"), () -> true);
        assertThat(f.suspects()).isEmpty();
    }

    /** A network of which all can be worked out by hand: each choke takes so much a unit of the logarithm of its k, at each place. */
    private record ByHand(Map<String, Map<String, Double>> takes, MassFlow mostLeak) implements Probed {
        @Override
        public List<Stretch> stretches() {
            return takes.keySet().stream()
                    .sorted()
                    .map(x -> new Stretch(x, "S", "p", Length.ofMm(10)))
                    .toList();
        }

        @Override
        public List<String> places() {
            return List.of("S", "p", "q", "r");
        }

        @Override
        public List<String> fed() {
            return List.of("S");
        }

        @Override
        public Probed at(Map<String, GaugePressure> read) {
            return this;
        }

        @Override
        public Map<String, GaugePressure> pressures(Optional<Fault> fault) {
            Map<String, GaugePressure> all = new java.util.HashMap<>();
            for (String place : places()) {
                double taken = fault.map(
                                f -> takes.getOrDefault(f.at(), Map.of()).getOrDefault(place, 0.0)
                                        * (f instanceof Fault.Choked c ? Math.log(Math.max(1, c.k())) : 0))
                        .orElse(0.0);
                all.put(place, GaugePressure.ofBar(8 - taken));
            }
            return all;
        }

        @Override
        public PressureDifference scatter() {
            return PressureDifference.ofBar(0.1);
        }

        @Override
        public Figure flow(MassFlow flow) {
            return Figure.of(flow.kgPerSecond() + " kg/s");
        }
    }

    private static final MassFlow NO_LEAK = MassFlow.ofKgPerSecond(0);

    private static Reading at(String place, double bar) {
        return new Reading(place, GaugePressure.ofBar(bar));
    }

    /**
     * One choke that takes 0.2 bar a unit of ln k, read at 8 - 0.2 x 5 = 7 bar. It fits exactly at ln k = 5; a standard deviation of 0.1 bar is 0.5 of ln k; it counts from 0.2 bar, ln k = 1, up to ln 10^6 = 13.816. So
     * choked weighs 0.4 x sqrt(2 pi) x 0.5 / 12.816 = 0.03912, as planned 0.2 x exp(-50), else 0.05 x 0.1 x sqrt(2 pi) / 8 = 0.001567: 96.15 % and 3.85 %.
     */
    @Test
    void testTheChancesAreThoseOfASumByHand() {
        Probed net = new ByHand(Map.of("x", Map.of("p", 0.2)), NO_LEAK);
        FaultFound f = FaultSearch.of(net, List.of(at("S", 8), at("p", 7)), () -> false);
        FaultFound.Suspect s = f.suspects().get(0);
        assertThat(Math.log(((Fault.Choked) s.fault()).k())).isCloseTo(5, within(0.01));
        assertThat(s.share()).isCloseTo(0.9615, within(0.003));
        assertThat(f.unknown()).isCloseTo(0.0385, within(0.003));
        assertThat(f.asPlanned()).isLessThan(1e-6);
        assertThat(s.lost().bar()).describedAs("between its ends").isCloseTo(1, within(0.01));
        assertThat(s.left().orElseThrow().mm()).isCloseTo(10 * Math.sqrt(FaultSearch.free(Math.exp(5))), within(0.05));
        assertThat(f.leaks()).isZero();
        assertThat(f.choked()).isEqualTo(s.share());
    }

    /**
     * Two readings, one of them off by a standard deviation: it fits at ln k = 4.75, each reading off by half of one, so exp(-1/4); the width is 0.1 / sqrt(0.2^2 + 0.2^2) = 0.3536: 0.4 x exp(-0.25) x 2.5066 x 0.3536 /
     * 12.816 = 0.02155; else 0.05 x (0.1 x 2.5066 / 8)^2 = 4.91e-5.
     */
    @Test
    void testTwoReadingsNarrowItDown() {
        Probed net = new ByHand(Map.of("x", Map.of("p", 0.2, "q", 0.2)), NO_LEAK);
        FaultFound f = FaultSearch.of(net, List.of(at("S", 8), at("p", 7), at("q", 7.1)), () -> false);
        assertThat(Math.log(((Fault.Choked) f.suspects().get(0).fault()).k())).isCloseTo(4.75, within(0.01));
        assertThat(f.unknown()).isCloseTo(4.91e-5 / (0.02155 + 4.91e-5), within(0.0002));
    }

    @Test
    void testTheNextPlaceIsWhereTheLikelyFaultsDifferMost() {
        Probed net = new ByHand(
                Map.of("x", Map.of("r", 0.2, "p", 0.3), "y", Map.of("r", 0.2, "p", 0.25, "q", 0.15)), NO_LEAK);
        FaultFound f = FaultSearch.of(net, List.of(at("S", 8), at("r", 7)), () -> false);
        // At q they differ by 0.75 bar, at p by 0.25.
        assertThat(f.next()).hasValue("q");
        assertThat(f.likely()).hasSize(2);
        Probed same = new ByHand(Map.of("x", Map.of("r", 0.2, "p", 0.2), "y", Map.of("r", 0.2, "p", 0.2)), NO_LEAK);
        assertThat(FaultSearch.of(same, List.of(at("S", 8), at("r", 7)), () -> false)
                        .suspects())
                .describedAs("nothing tells them apart")
                .extracting(s -> Math.round(100 * s.share()))
                .containsExactly(48L, 48L);
    }

    /** A plate that leaves half the bore's area: c = 0.63 + 0.37 / 8 = 0.676, K = (1 / 0.338 - 1)^2 = 3.83, by hand. */
    @Test
    void testThePlateThatTakesAsMuch() {
        assertThat(FaultSearch.free(3.834)).isCloseTo(0.5, within(0.002));
        assertThat(FaultSearch.free(0)).isCloseTo(1, within(1e-6));
        assertThat(FaultSearch.free(1e6)).isLessThan(0.002);
    }
}
