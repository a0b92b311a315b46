package mellowflare.bench;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.concurrent.TimeUnit;
import mellowflare.core.flow.GasLaw;
import mellowflare.core.flow.network.Network;
import mellowflare.core.flow.network.NetworkFlow;
import mellowflare.core.flow.network.NetworkSolver;
import mellowflare.core.measure.AbsolutePressure;
import mellowflare.core.measure.FreeAir;
import mellowflare.core.measure.GaugePressure;
import mellowflare.core.measure.Length;
import mellowflare.core.measure.Temperature;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.BenchmarkMode;
import org.openjdk.jmh.annotations.Fork;
import org.openjdk.jmh.annotations.Measurement;
import org.openjdk.jmh.annotations.Mode;
import org.openjdk.jmh.annotations.OutputTimeUnit;
import org.openjdk.jmh.annotations.Param;
import org.openjdk.jmh.annotations.Scope;
import org.openjdk.jmh.annotations.Setup;
import org.openjdk.jmh.annotations.State;
import org.openjdk.jmh.annotations.Warmup;

/** Random grids of air pipe, solved cold: 1 000 pipes within 50 ms, 10 000 within 1 s, growth no faster than n^1.3. */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.AverageTime)
@OutputTimeUnit(TimeUnit.MILLISECONDS)
@Warmup(iterations = 4, time = 2)
@Measurement(iterations = 5, time = 2)
@Fork(1)
public class AirBench {
    private static final double[] BORES = {16, 21, 27, 36, 46};

    /** About as many pipes; the grid is square. */
    @Param({"1000", "2500", "5000", "10000"})
    public int pipes;

    private Network network;

    /** A grid with random lengths and bores, fed at two corners, a demand at every fourth place. */
    @Setup
    public void grid() {
        int side = (int) Math.round((1 + Math.sqrt(1 + 2.0 * pipes)) / 2);
        Random r = new Random(7);
        List<Network.Pipe> all = new ArrayList<>();
        List<Network.Demand> demands = new ArrayList<>();
        double each = 8000.0 / (side * side / 4.0);
        for (int x = 0; x < side; x++) {
            for (int y = 0; y < side; y++) {
                if (x + 1 < side) {
                    all.add(pipe(name(x, y), name(x + 1, y), r));
                }
                if (y + 1 < side) {
                    all.add(pipe(name(x, y), name(x, y + 1), r));
                }
                if (r.nextInt(4) == 0) {
                    demands.add(new Network.Demand(
                            name(x, y), FreeAir.ofLitresPerMinute(each).mass()));
                }
            }
        }
        network = new Network(
                all,
                List.of(
                        new Network.Supply(name(0, 0), GaugePressure.ofBar(8)),
                        new Network.Supply(name(side - 1, side - 1), GaugePressure.ofBar(8))),
                demands,
                GasLaw.air(Temperature.ofCelsius(25)),
                AbsolutePressure.SEA_LEVEL);
    }

    private static Network.Pipe pipe(String from, String to, Random r) {
        return new Network.Pipe(
                from + " " + to,
                from,
                to,
                Length.ofMm(500 + 5500 * r.nextDouble()),
                Length.ofMm(BORES[r.nextInt(BORES.length)]),
                Length.ofMm(0.05),
                2);
    }

    private static String name(int x, int y) {
        return x + "," + y;
    }

    @Benchmark
    public NetworkFlow solve() {
        NetworkFlow flow = NetworkSolver.solve(network);
        if (!(flow.imbalance() < 1e-9)) {
            throw new IllegalStateException("mass is out of balance by " + flow.imbalance());
        }
        return flow;
    }
}
