package mellowflare.bench;

import java.util.List;
import java.util.Optional;
import java.util.concurrent.TimeUnit;
import mellowflare.core.connection.Gender;
import mellowflare.core.connection.Seat;
import mellowflare.core.identify.Identification;
import mellowflare.core.identify.Identifier;
import mellowflare.core.identify.Observation;
import mellowflare.core.identify.RingSeen;
import mellowflare.core.identify.TaperSeen;
import mellowflare.core.job.Evaluation;
import mellowflare.core.job.Job;
import mellowflare.core.job.ShippedData;
import mellowflare.core.measure.Length;
import mellowflare.core.measure.UnitSystem;
import mellowflare.core.reference.ReferenceData;
import mellowflare.core.section.HalfSection;
import mellowflare.core.thread.Pitch;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.BenchmarkMode;
import org.openjdk.jmh.annotations.Fork;
import org.openjdk.jmh.annotations.Measurement;
import org.openjdk.jmh.annotations.Mode;
import org.openjdk.jmh.annotations.OutputTimeUnit;
import org.openjdk.jmh.annotations.Param;
import org.openjdk.jmh.annotations.Scope;
import org.openjdk.jmh.annotations.State;
import org.openjdk.jmh.annotations.Warmup;

/** Ranking all known ends for one observation; limit 1 ms median, 5 ms worst. */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.SampleTime)
@OutputTimeUnit(TimeUnit.MICROSECONDS)
@Warmup(iterations = 3, time = 1)
@Measurement(iterations = 5, time = 1)
@Fork(1)
public class RankBench {
    private final ReferenceData data = ShippedData.load();
    private final Identifier identifier = new Identifier(data);
    private final Job job = Job.open("j", "bench", "", UnitSystem.METRIC);

    @Param({"diameter", "diameter-pitch", "everything"})
    private String seen;

    private Observation observation() {
        Observation diameter = Observation.of(Gender.MALE).withDiameter(Optional.of(Length.ofMm(14.2)));
        Observation pitch = diameter.withPitch(Optional.of(Pitch.ofPerInch(18)));
        return switch (seen) {
            case "diameter" -> diameter;
            case "diameter-pitch" -> pitch;
            default ->
                pitch.withTaper(Optional.of(TaperSeen.PARALLEL))
                        .withSeat(Optional.of(Seat.CONE37))
                        .withRing(Optional.of(RingSeen.NONE))
                        .withService(Optional.of("hydraulic"));
        };
    }

    @Benchmark
    public Identification rank() {
        return identifier.identify(observation());
    }

    /** Ranking with the drawing that follows from it. */
    @Benchmark
    public List<Object> rankAndDraw() {
        Identification answer = identifier.identify(observation());
        return List.of(answer, HalfSection.of(answer, UnitSystem.METRIC));
    }

    /** A whole job worked out, as on every key press. */
    @Benchmark
    public Evaluation evaluateJob() {
        return Evaluation.of(job, data);
    }
}
