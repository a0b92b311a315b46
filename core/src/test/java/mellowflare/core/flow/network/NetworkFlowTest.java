package mellowflare.core.flow.network;

import static mellowflare.core.flow.network.NetworkSolverTest.feeds;
import static mellowflare.core.flow.network.NetworkSolverTest.network;
import static mellowflare.core.flow.network.NetworkSolverTest.pipe;
import static mellowflare.core.flow.network.NetworkSolverTest.takes;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import mellowflare.core.measure.Length;
import org.junit.jupiter.api.Test;

/** What is told of a network that was worked out. */
class NetworkFlowTest {
    /** A long wide pipe to a tee, then a short narrow one to the tool and a wider one to the bench. */
    private static final Network TEE = network(
            List.of(
                    pipe("main", "source", "tee", 60, 25),
                    pipe("whip", "tee", "tool", 3, 8),
                    pipe("wide", "tee", "bench", 5, 20)),
            List.of(feeds("source", 7)),
            List.of(takes("tool", 300), takes("bench", 200)));

    @Test
    void testTheWorstPlaceIsWhereSomethingIsTakenAtTheLeastPressure() {
        NetworkFlow flow = NetworkSolver.solve(TEE);
        assertThat(flow.worstNode().orElseThrow().name()).isEqualTo("tool");
        // Nobody takes anything at the tee, however low its pressure.
        NetworkFlow far = NetworkSolver.solve(network(
                List.of(pipe("main", "source", "tee", 60, 15), pipe("dead", "tee", "blank", 5, 8)),
                List.of(feeds("source", 7)),
                List.of(takes("tee", 300))));
        assertThat(far.worstNode().orElseThrow().name()).isEqualTo("tee");
        assertThat(NetworkSolver.solve(network(
                                List.of(pipe("main", "source", "tee", 60, 15)), List.of(feeds("source", 7)), List.of()))
                        .worstNode())
                .isEmpty();
    }

    @Test
    void testTheWorstPipeLosesMostForItsLengthAndNotMostInAll() {
        NetworkFlow flow = NetworkSolver.solve(TEE);
        NetworkFlow.InPipe main = flow.pipe("main").orElseThrow();
        NetworkFlow.InPipe whip = flow.pipe("whip").orElseThrow();
        assertThat(flow.worstPipe().orElseThrow().pipe().name()).isEqualTo("whip");
        assertThat(main.drop().bar() / 60).isLessThan(whip.drop().bar() / 3);
        // A fitting without length has no loss by the metre.
        Network.Pipe valve =
                new Network.Pipe("valve", "tool", "end", Length.ZERO, Length.ofMm(8), Length.ofMm(0.05), 9);
        NetworkFlow valved = NetworkSolver.solve(network(
                List.of(pipe("main", "source", "tool", 60, 25), valve),
                List.of(feeds("source", 7)),
                List.of(takes("end", 300))));
        assertThat(valved.worstPipe().orElseThrow().pipe().name()).isEqualTo("main");
    }

    @Test
    void testTheFiguresOfAPipeHangTogether() {
        NetworkFlow flow = NetworkSolver.solve(TEE);
        NetworkFlow.InPipe whip = flow.pipe("whip").orElseThrow();
        double head = flow.node("tee").orElseThrow().pressure().bar();
        double foot = flow.node("tool").orElseThrow().pressure().bar();
        assertThat(whip.forward()).isTrue();
        assertThat(whip.drop().bar()).isCloseTo(head - foot, within(1e-9));
        assertThat(whip.share()).isCloseTo((head - foot) / head, within(1e-9));
        // The mass that 300 L/min of free air have, at the density at the foot, through 8 mm.
        double density = foot * 1e5 / (287.05 * 293.15);
        double speed = whip.flow().kgPerSecond() / density / (Math.PI * 0.008 * 0.008 / 4);
        assertThat(whip.metresPerSecond()).isCloseTo(speed, within(0.002 * speed));
        assertThat(whip.mach()).isCloseTo(whip.metresPerSecond() / Math.sqrt(1.4 * 287.05 * 293.15), within(1e-4));
        // Re = 4 m / (pi D mu), viscosity of air at 20 degrees 1.81e-5 Pa s.
        double reynolds = 4 * whip.flow().kgPerSecond() / (Math.PI * 0.008 * 1.813e-5);
        assertThat(whip.reynolds()).isCloseTo(reynolds, within(0.01 * reynolds));
    }

    @Test
    void testEveryTroubleIsSaidInASentence() {
        for (Network.Trouble.Kind kind : Network.Trouble.Kind.values()) {
            assertThat(kind.says()).as(kind.name()).endsWith(".").contains(" ");
        }
    }

    @Test
    void testAPipeOfNoBoreOrBelowZeroIsRefused() {
        assertThatThrownBy(() -> pipe("p", "a", "b", 1, 0)).hasMessageContaining("bore");
        assertThatThrownBy(() -> pipe("p", "a", "b", -1, 8)).hasMessageContaining("below zero");
        assertThat(pipe("p", "a", "b", 0, 8).length()).isEqualTo(Length.ZERO);
    }
}
