package mellowflare.bench;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.concurrent.TimeUnit;
import mellowflare.core.air.AirMainKind;
import mellowflare.core.cutting.CutPlan;
import mellowflare.core.cutting.CutTask;
import mellowflare.core.job.Evaluation;
import mellowflare.core.job.Job;
import mellowflare.core.job.ShippedData;
import mellowflare.core.measure.Length;
import mellowflare.core.measure.UnitSystem;
import mellowflare.core.reference.ReferenceData;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.BenchmarkMode;
import org.openjdk.jmh.annotations.Fork;
import org.openjdk.jmh.annotations.Measurement;
import org.openjdk.jmh.annotations.Mode;
import org.openjdk.jmh.annotations.OutputTimeUnit;
import org.openjdk.jmh.annotations.Scope;
import org.openjdk.jmh.annotations.Setup;
import org.openjdk.jmh.annotations.State;
import org.openjdk.jmh.annotations.Warmup;

/** A shop of 200 pieces worked out with every check, and 500 pieces packed into bars within one in a hundred of the bound (limit 1 s). */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.AverageTime)
@OutputTimeUnit(TimeUnit.MILLISECONDS)
@Warmup(iterations = 4, time = 2)
@Measurement(iterations = 5, time = 2)
@Fork(1)
public class ShopBench {
    private final ReferenceData data = ShippedData.load();
    private Job job;
    private CutTask task;

    /** The shop, and pieces from a hand's breadth to half a bar. */
    @Setup
    public void fill() {
        job = Job.open("bench", "200 pieces", "", UnitSystem.METRIC)
                .withKind(AirMainKind.AIR)
                .with(AirMainKind.AIR, LargeShop.main(200));
        Random r = new Random(11);
        List<CutTask.Piece> pieces = new ArrayList<>();
        for (int i = 0; i < 500; i++) {
            pieces.add(new CutTask.Piece("p" + i, Length.ofMm(150 + r.nextInt(2900)), 1));
        }
        task = new CutTask(
                pieces,
                List.of(new CutTask.Stock("bar", Length.ofMm(6000), 1, Optional.empty())),
                Length.ofMm(2.5),
                false,
                Length.ofMm(300));
    }

    @Benchmark
    public Evaluation evaluateShop() {
        return Evaluation.of(job, data);
    }

    @Benchmark
    public CutPlan packFiveHundred() {
        CutPlan plan = CutPlan.of(task);
        if (plan.bars().size() > Math.ceil(plan.lowerBound() * 1.01)) {
            throw new IllegalStateException(plan.bars().size() + " bars where the bound is " + plan.lowerBound());
        }
        return plan;
    }
}
