package mellowflare.core.flow.network;

import static mellowflare.core.flow.network.NetworkSolverTest.feeds;
import static mellowflare.core.flow.network.NetworkSolverTest.litres;
import static mellowflare.core.flow.network.NetworkSolverTest.network;
import static mellowflare.core.flow.network.NetworkSolverTest.pipe;
import static mellowflare.core.flow.network.NetworkSolverTest.takes;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.Set;
import java.util.TreeSet;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import org.junit.jupiter.api.Test;

class DeadEndsTest {
    /** a-b-c-d in line, b-e-f hanging off; fed at a, used at d. */
    private static final List<Network.Pipe> COMB = List.of(
            pipe("ab", "a", "b", 5, 20),
            pipe("bc", "b", "c", 5, 20),
            pipe("cd", "c", "d", 5, 20),
            pipe("be", "b", "e", 3, 15),
            pipe("ef", "e", "f", 3, 15));

    @Test
    void testABranchWhereNothingIsAskedIsADeadEndFromItsEndInward() {
        DeadEnds d = new DeadEnds(new int[] {0, 1, 2, 1, 4}, new int[] {1, 2, 3, 4, 5}, used(6, 0, 3));
        assertThat(d.count()).isEqualTo(2);
        assertThat(List.of(d.dead(0), d.dead(1), d.dead(2), d.dead(3), d.dead(4)))
                .containsExactly(false, false, false, true, true);
        // The one at the main comes first, so that the pressure can be handed on.
        assertThat(List.of(d.pipe(0), d.pipe(1))).containsExactly(3, 4);
        assertThat(List.of(d.far(0), d.far(1))).containsExactly(4, 5);
    }

    @Test
    void testALoopIsNoDeadEndAndATreeWithoutUseIsOneThroughout() {
        assertThat(new DeadEnds(new int[] {0, 1, 2}, new int[] {1, 2, 0}, used(3, 0)).count())
                .isZero();
        assertThat(new DeadEnds(new int[] {0, 1, 1}, new int[] {1, 2, 3}, used(4, 0)).count())
                .isEqualTo(3);
        assertThat(new DeadEnds(new int[0], new int[0], used(2, 0)).count()).isZero();
    }

    private static boolean[] used(int places, int... at) {
        boolean[] used = new boolean[places];
        for (int i : at) {
            used[i] = true;
        }
        return used;
    }

    @Test
    void testADeadEndHasThePressureOfThePlaceWhereItLeavesAndNothingRunsInIt() {
        NetworkFlow flow = NetworkSolver.solve(network(COMB, List.of(feeds("a", 7)), List.of(takes("d", 900))));
        double b = flow.node("b").orElseThrow().pressure().bar();
        assertThat(flow.node("e").orElseThrow().pressure().bar()).isEqualTo(b);
        assertThat(flow.node("f").orElseThrow().pressure().bar()).isEqualTo(b);
        NetworkFlow.InPipe dead = flow.pipe("ef").orElseThrow();
        assertThat(litres(dead.flow())).isZero();
        assertThat(dead.metresPerSecond()).isZero();
        assertThat(dead.drop().bar()).isZero();
        assertThat(dead.reynolds()).isZero();
        // Every pipe comes out, in the network's own order.
        assertThat(flow.pipes().stream().map(p -> p.pipe().name())).containsExactly("ab", "bc", "cd", "be", "ef");
        assertThat(flow.troubles()).isEmpty();
        assertThat(flow.imbalance()).isLessThan(1e-9);
    }

    @Test
    void testADemandPutAtADeadEndLaterIsStillAnswered() {
        NetworkSolver solver = new NetworkSolver(network(COMB, List.of(feeds("a", 7)), List.of(takes("d", 900))));
        solver.flow(List.of(takes("d", 900)));
        NetworkFlow later = solver.flow(List.of(takes("f", 300)));
        NetworkFlow anew = NetworkSolver.solve(network(COMB, List.of(feeds("a", 7)), List.of(takes("f", 300))));
        assertThat(litres(later.pipe("ef").orElseThrow().flow())).isCloseTo(300, within(1e-6));
        assertThat(later.node("f").orElseThrow().pressure().bar())
                .isCloseTo(anew.node("f").orElseThrow().pressure().bar(), within(1e-9));
    }

    @Test
    void testDeadEndsOfAnIslandAreNamedAsPartsOfIt() {
        List<Network.Pipe> pipes = new ArrayList<>(COMB);
        pipes.add(pipe("xy", "x", "y", 2, 15));
        pipes.add(pipe("yz", "y", "z", 2, 15));
        NetworkFlow flow =
                NetworkSolver.solve(network(pipes, List.of(feeds("a", 7)), List.of(takes("d", 400), takes("z", 100))));
        assertThat(flow.troubles().stream()
                        .filter(t -> t.kind() == Network.Trouble.Kind.ISLAND)
                        .map(Network.Trouble::piece))
                .contains("z", "xy", "yz");
        assertThat(flow.node("y")).isEmpty();
        assertThat(flow.node("d")).isPresent();
    }

    /** Where a demand of nothing stands at every place, no end is dead: both must come to the same pressures and flows. */
    @Property(tries = 60)
    void testLeavingDeadEndsOutChangesNothing(@ForAll long seed) {
        Random r = new Random(seed);
        List<Network.Pipe> pipes = new ArrayList<>();
        Set<String> places = new TreeSet<>(Set.of("n0"));
        int n = 3 + r.nextInt(40);
        for (int i = 1; i < n; i++) {
            pipes.add(pipe("t" + i, "n" + r.nextInt(i), "n" + i, 0.5 + 6 * r.nextDouble(), 12 + r.nextInt(30)));
            places.add("n" + i);
        }
        for (int i = 0; i < n / 8; i++) {
            int a = r.nextInt(n);
            int b = r.nextInt(n);
            if (a != b) {
                pipes.add(pipe("loop" + i, "n" + a, "n" + b, 1 + 6 * r.nextDouble(), 15 + r.nextInt(20)));
            }
        }
        List<Network.Demand> few = new ArrayList<>();
        for (int i = 0; i <= n / 6; i++) {
            few.add(takes("n" + (1 + r.nextInt(n - 1)), 20 + 200 * r.nextDouble()));
        }
        List<Network.Demand> everywhere = new ArrayList<>(few);
        places.forEach(p -> everywhere.add(takes(p, 0)));
        NetworkFlow pruned = NetworkSolver.solve(network(pipes, List.of(feeds("n0", 7)), few));
        NetworkFlow whole = NetworkSolver.solve(network(pipes, List.of(feeds("n0", 7)), everywhere));
        assertThat(pruned.nodes().keySet()).isEqualTo(whole.nodes().keySet());
        whole.nodes()
                .forEach((name, at) -> assertThat(
                                pruned.nodes().get(name).pressure().bar())
                        .as(name)
                        .isCloseTo(at.pressure().bar(), within(1e-7)));
        for (int i = 0; i < pipes.size(); i++) {
            NetworkFlow.InPipe other = whole.pipes().get(i);
            double sign = pruned.pipes().get(i).forward() == other.forward() ? 1 : -1;
            assertThat(sign * litres(pruned.pipes().get(i).flow()))
                    .as(other.pipe().name())
                    .isCloseTo(litres(other.flow()), within(1e-3));
        }
    }
}
