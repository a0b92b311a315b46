package mellowflare.core.air.work;

import static mellowflare.core.flow.network.NetworkSolverTest.feeds;
import static mellowflare.core.flow.network.NetworkSolverTest.litres;
import static mellowflare.core.flow.network.NetworkSolverTest.network;
import static mellowflare.core.flow.network.NetworkSolverTest.pipe;
import static mellowflare.core.flow.network.NetworkSolverTest.takes;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import mellowflare.core.advice.Finding;
import mellowflare.core.advice.Severity;
import mellowflare.core.advice.State;
import mellowflare.core.flow.GasLaw;
import mellowflare.core.flow.network.Network;
import mellowflare.core.flow.network.NetworkFlow;
import mellowflare.core.flow.network.NetworkSolver;
import mellowflare.core.measure.AbsolutePressure;
import mellowflare.core.measure.Length;
import mellowflare.core.measure.Temperature;
import mellowflare.core.measure.UnitSystem;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

class NetworkFindingsTest {
    private static List<Finding> of(Network n) {
        return NetworkFindings.of(NetworkSolver.solve(n));
    }

    @Test
    void testASoundNetworkPasses() {
        List<Finding> all =
                of(network(List.of(pipe("p", "a", "b", 10, 20)), List.of(feeds("a", 7)), List.of(takes("b", 300))));
        assertThat(all).hasSize(2).allMatch(f -> f.state() == State.PASS);
    }

    @Test
    void testWhatStopsAndWhatOnlyWarns() {
        List<Finding> all = of(network(
                List.of(
                        pipe("p", "a", "b", 10, 20),
                        pipe("nothing", "b", "c", 0, 20),
                        pipe("far", "x", "y", 5, 20),
                        pipe("thin", "b", "z", 40, 4)),
                List.of(feeds("a", 7)),
                List.of(takes("c", 300), takes("z", 2000))));
        assertThat(all.stream().filter(Finding::stops).map(f -> f.says(UnitSystem.METRIC)))
                .containsExactly(
                        "“far”: No pipe leads to it from a supply.",
                        "“z”: More air is drawn there than can flow: no pressure is left.");
        assertThat(all.stream().filter(f -> f.severity() == Severity.WARN && f.state() == State.FAIL))
                .extracting(f -> f.says(UnitSystem.METRIC))
                .anyMatch(t -> t.startsWith("“nothing”: It has no length"))
                .anyMatch(t -> t.startsWith("In thin the air loses"));
    }

    @ParameterizedTest
    @EnumSource(Network.Trouble.Kind.class)
    void testEveryTroubleIsAWholeSentence(Network.Trouble.Kind kind) {
        assertThat(kind.says()).matches("[A-Z].*\\.");
    }

    @Test
    void testAPipeThatCannotBeIsNotBuilt() {
        Length m = Length.ofMm(1000);
        assertThatThrownBy(() -> new Network.Pipe("p", "a", "b", Length.ofMm(-1), m, m, 0))
                .hasMessageContaining("below zero");
        assertThatThrownBy(() -> new Network.Pipe("p", "a", "b", m, Length.ZERO, m, 0))
                .hasMessageContaining("bore");
        assertThatThrownBy(() -> new Network.Pipe("p", "a", "b", m, m, m, Double.NaN))
                .hasMessageContaining("losses");
    }

    /** Two mains of equal length in a row lose what one of twice the length loses. */
    @Test
    void testPipesInARowAddUp() {
        NetworkFlow two = NetworkSolver.solve(network(
                List.of(pipe("p", "a", "m", 25, 20), pipe("q", "m", "b", 25, 20)),
                List.of(feeds("a", 7)),
                List.of(takes("b", 900))));
        NetworkFlow one = NetworkSolver.solve(
                network(List.of(pipe("p", "a", "b", 50, 20)), List.of(feeds("a", 7)), List.of(takes("b", 900))));
        assertThat(two.node("b").orElseThrow().pressure().bar())
                .isCloseTo(one.node("b").orElseThrow().pressure().bar(), within(1e-9));
        assertThat(two.worstPipe().orElseThrow().pipe().name()).isEqualTo("q");
        assertThat(two.worstNode().orElseThrow().name()).isEqualTo("b");
    }

    /** Warm air is thinner and runs faster: it loses more. */
    @Test
    void testWarmthAndHeightCost() {
        Network cold = network(List.of(pipe("p", "a", "b", 50, 20)), List.of(feeds("a", 7)), List.of(takes("b", 900)));
        Network warm = new Network(
                cold.pipes(),
                cold.supplies(),
                cold.demands(),
                GasLaw.air(Temperature.ofCelsius(60)),
                AbsolutePressure.SEA_LEVEL);
        Network high = new Network(
                cold.pipes(),
                cold.supplies(),
                cold.demands(),
                GasLaw.air(Temperature.ofCelsius(20)),
                AbsolutePressure.ofBar(0.7));
        double usual = drop(cold);
        assertThat(drop(warm)).isGreaterThan(usual * 1.1);
        assertThat(drop(high)).isGreaterThan(usual);
    }

    private static double drop(Network n) {
        return NetworkSolver.solve(n).pipe("p").orElseThrow().drop().bar();
    }

    /** Two starved ends on one main: both give what comes, the one that is nearer more. */
    @Test
    void testTwoStarvedEndsShareWhatThereIs() {
        NetworkFlow f = NetworkSolver.solve(network(
                List.of(pipe("main", "a", "m", 30, 10), pipe("p", "m", "x", 2, 10), pipe("q", "m", "y", 8, 10)),
                List.of(feeds("a", 7)),
                List.of(takes("x", 9000), takes("y", 9000))));
        double x = litres(f.node("x").orElseThrow().taken());
        double y = litres(f.node("y").orElseThrow().taken());
        assertThat(x).isGreaterThan(y).isLessThan(9000);
        assertThat(y).isPositive();
        assertThat(litres(f.node("a").orElseThrow().fed())).isCloseTo(x + y, within(1e-6));
        assertThat(f.imbalance()).isLessThan(1e-9);
    }
}
