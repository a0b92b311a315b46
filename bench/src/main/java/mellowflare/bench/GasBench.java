package mellowflare.bench;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.concurrent.TimeUnit;
import mellowflare.core.gas.fuel.FuelGas;
import mellowflare.core.gas.fuel.GasTable;
import mellowflare.core.gas.net.GasFlows;
import mellowflare.core.gas.net.GasNet;
import mellowflare.core.gas.net.GasSolver;
import mellowflare.core.measure.AbsolutePressure;
import mellowflare.core.measure.GasFlow;
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

/** Gas networks with a loop in every tenth place, solved anew: 1 000 pipes within 50 ms. */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.AverageTime)
@OutputTimeUnit(TimeUnit.MILLISECONDS)
@Warmup(iterations = 4, time = 1)
@Measurement(iterations = 5, time = 1)
@Fork(1)
public class GasBench {
    @Param({"100", "1000", "10000"})
    public int pipes;

    private GasNet net;

    @Setup
    public void network() {
        FuelGas gas = GasTable.load().find("g20").orElseThrow();
        Random random = new Random(pipes);
        List<GasNet.Pipe> all = new ArrayList<>();
        List<GasNet.Draw> draws = new ArrayList<>();
        for (int i = 0; i < pipes; i++) {
            String from = i == 0 ? "source" : "n" + (i - 1 - random.nextInt(Math.min(i, 8)));
            boolean loop = i > 20 && i % 10 == 0;
            String to = loop ? "n" + (i - 15) : "n" + i;
            if (loop) {
                all.add(pipe("p" + i, "n" + (i - 1), "n" + i));
                all.add(pipe("l" + i, "n" + i, to));
            } else {
                all.add(pipe("p" + i, from, to));
            }
            if (i % 3 == 0) {
                draws.add(new GasNet.Draw(
                        "d" + i, "n" + i, GasFlow.ofCubicMetresPerHour(0.4 * random.nextDouble()), Optional.empty()));
            }
        }
        net = new GasNet(
                gas,
                "source",
                GaugePressure.ofMillibar(100),
                all,
                List.of(),
                draws,
                Map.of(),
                Temperature.ofCelsius(15),
                AbsolutePressure.SEA_LEVEL);
    }

    private GasNet.Pipe pipe(String name, String from, String to) {
        return new GasNet.Pipe(
                name,
                from,
                to,
                Length.ofMm(2000),
                Length.ofMm(500),
                Length.ofMm(60 + 20 * Math.log10(pipes)),
                Length.ofMm(0.046));
    }

    @Benchmark
    public GasFlows solve() {
        return GasSolver.solve(net);
    }
}
