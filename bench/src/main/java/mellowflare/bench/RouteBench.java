package mellowflare.bench;

import java.util.List;
import java.util.concurrent.TimeUnit;
import mellowflare.core.geometry.Pose;
import mellowflare.core.geometry.Vector;
import mellowflare.core.hose.route.KeepOut;
import mellowflare.core.hose.route.RouteFinder;
import mellowflare.core.hose.route.RoutePlan;
import mellowflare.core.hose.route.RouteTask;
import mellowflare.core.measure.Length;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.BenchmarkMode;
import org.openjdk.jmh.annotations.Fork;
import org.openjdk.jmh.annotations.Measurement;
import org.openjdk.jmh.annotations.Mode;
import org.openjdk.jmh.annotations.OutputTimeUnit;
import org.openjdk.jmh.annotations.Scope;
import org.openjdk.jmh.annotations.State;
import org.openjdk.jmh.annotations.Warmup;

/** The way of a hose with clocking; limit 10 ms. */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.SampleTime)
@OutputTimeUnit(TimeUnit.MICROSECONDS)
@Warmup(iterations = 3, time = 1)
@Measurement(iterations = 5, time = 1)
@Fork(1)
public class RouteBench {
    private final Vector up = new Vector(0, 0, 1);
    private final RouteTask flat = RouteTask.of(
                    new Pose(Vector.ZERO, new Vector(0, 1, 0)),
                    new Pose(new Vector(700, 200, 0), new Vector(0, 1, 0)),
                    Length.ofMm(100))
            .withStraight(Length.ofMm(50))
            .withElbows(up, up);
    private final RouteTask space = RouteTask.of(
                    new Pose(Vector.ZERO, new Vector(0, 1, 0.3)),
                    new Pose(new Vector(700, 200, 350), new Vector(-0.4, 1, 0.5)),
                    Length.ofMm(100))
            .withStraight(Length.ofMm(50))
            .withElbows(up, up);

    private final RouteTask blocked = space.around(
            List.of(KeepOut.between("box", new Vector(300, 250, 60), new Vector(420, 420, 260))), Length.ofMm(25));

    @Benchmark
    public RoutePlan roundABox() {
        return RouteFinder.find(blocked);
    }

    @Benchmark
    public RoutePlan flat() {
        return RouteFinder.find(flat);
    }

    @Benchmark
    public RoutePlan inSpace() {
        return RouteFinder.find(space);
    }
}
