package mellowflare.bench;

import java.util.List;
import java.util.Optional;
import java.util.concurrent.TimeUnit;
import mellowflare.core.geometry.BentPath;
import mellowflare.core.geometry.Corners;
import mellowflare.core.geometry.Vector;
import mellowflare.core.job.Evaluation;
import mellowflare.core.job.Job;
import mellowflare.core.job.ShippedData;
import mellowflare.core.measure.Length;
import mellowflare.core.measure.UnitSystem;
import mellowflare.core.reference.ReferenceData;
import mellowflare.core.tube.TubeLineKind;
import mellowflare.core.tube.form.BendMark;
import mellowflare.core.tube.form.Measured;
import mellowflare.core.tube.form.Row;
import mellowflare.core.tube.form.TubeShape;
import mellowflare.core.tube.line.TubeLine;
import mellowflare.core.tube.line.TubePick;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.BenchmarkMode;
import org.openjdk.jmh.annotations.Fork;
import org.openjdk.jmh.annotations.Measurement;
import org.openjdk.jmh.annotations.Mode;
import org.openjdk.jmh.annotations.OutputTimeUnit;
import org.openjdk.jmh.annotations.Scope;
import org.openjdk.jmh.annotations.State;
import org.openjdk.jmh.annotations.Warmup;
import org.openjdk.jmh.infra.Blackhole;

/** A formed tube of 50 bends: points to straights, rotations, bends, marks and back; limit 0.2 ms. And the whole line with every check. */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.SampleTime)
@OutputTimeUnit(TimeUnit.MICROSECONDS)
@Warmup(iterations = 3, time = 1)
@Measurement(iterations = 5, time = 1)
@Fork(1)
public class TubeBench {
    private static final Length RADIUS = Length.ofMm(23.8);
    private static final Length OUTSIDE = Length.ofMm(9.525);
    private final List<Vector> corners = LongTube.corners(50);
    private final ReferenceData data = ShippedData.load();
    private final Job job = Job.open("bench", "50 bends", "", UnitSystem.METRIC)
            .withKind(TubeLineKind.TUBE)
            .with(
                    TubeLineKind.TUBE,
                    TubeLine.NEW
                            .withMeasured(new Measured.Points(corners))
                            .withTube(Optional.of(new TubePick.Listed("ACR-3/8")))
                            .withBender(Optional.of("hand-lever-3/8")));
    private final Evaluation before = Evaluation.of(job, data);

    @Benchmark
    public void formed50(Blackhole hole) {
        TubeShape shape = TubeShape.of(new Measured.Points(corners), RADIUS, OUTSIDE);
        List<Row> rows = shape.rows();
        List<BendMark> marks = BendMark.of(shape.path().orElseThrow(), Length.ZERO);
        hole.consume(rows);
        hole.consume(marks);
        hole.consume(shape.path().orElseThrow().corners());
    }

    @Benchmark
    public BentPath pathOnly50() {
        return ((Corners.Formed) Corners.path(corners, 23.8)).path();
    }

    @Benchmark
    public Evaluation wholeLine50() {
        return Evaluation.after(before, job, data);
    }
}
