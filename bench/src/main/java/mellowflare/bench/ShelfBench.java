package mellowflare.bench;

import java.time.Instant;
import java.util.List;
import java.util.concurrent.TimeUnit;
import mellowflare.book.demo.KittiwakeSlip;
import mellowflare.core.connection.EndTable;
import mellowflare.core.hose.FromShelf;
import mellowflare.core.hose.HoseLineKind;
import mellowflare.core.job.Evaluation;
import mellowflare.core.job.Job;
import mellowflare.core.job.ShippedData;
import mellowflare.core.parts.PartExport;
import mellowflare.core.parts.PartFile;
import mellowflare.core.parts.PartImport;
import mellowflare.core.parts.Stock;
import mellowflare.core.reference.ForeignFile;
import mellowflare.core.reference.ReferenceData;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.BenchmarkMode;
import org.openjdk.jmh.annotations.Fork;
import org.openjdk.jmh.annotations.Measurement;
import org.openjdk.jmh.annotations.Mode;
import org.openjdk.jmh.annotations.OutputTimeUnit;
import org.openjdk.jmh.annotations.Scope;
import org.openjdk.jmh.annotations.State;
import org.openjdk.jmh.annotations.Warmup;

/** Looking through the shelf for the demo job, taking ten thousand rows in, and working the job out again with its way known. */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.SampleTime)
@OutputTimeUnit(TimeUnit.MICROSECONDS)
@Warmup(iterations = 3, time = 2)
@Measurement(iterations = 3, time = 3)
@Fork(1)
public class ShelfBench {
    private final ReferenceData data = ShippedData.load();
    private final Job job = KittiwakeSlip.jobs(data, Instant.EPOCH).get(2);
    private final Evaluation before = Evaluation.of(job, data);
    private final String rows = rows();

    private String rows() {
        StringBuilder text = new StringBuilder(PartExport.csv(PartFile.HOSES, Stock.of(data)));
        String like = text.toString()
                .lines()
                .filter(l -> l.startsWith("KH2-08,"))
                .findFirst()
                .orElseThrow();
        for (int i = 0; i < 10_000; i++) {
            text.append('X').append(i).append(like.substring("KH2-08".length())).append('\n');
        }
        return text.toString();
    }

    @Benchmark
    public List<FromShelf.Build> lookThroughTheShelf() {
        return new FromShelf(job.line(HoseLineKind.HOSE), job.setting(HoseLineKind.HOSE, data), () -> false).find();
    }

    @Benchmark
    public PartImport takeTenThousandRowsIn() throws ForeignFile {
        return PartImport.read("rows.csv", rows, data.get(EndTable.KEY));
    }

    @Benchmark
    public Evaluation workOutAgain() {
        return Evaluation.after(before, job, data);
    }
}
