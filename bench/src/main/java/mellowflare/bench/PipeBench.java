package mellowflare.bench;

import java.util.List;
import java.util.Optional;
import java.util.concurrent.TimeUnit;
import mellowflare.core.advice.Finding;
import mellowflare.core.advice.Practice;
import mellowflare.core.fluid.Service;
import mellowflare.core.geometry.Drawing;
import mellowflare.core.job.ShippedData;
import mellowflare.core.line.Ports;
import mellowflare.core.line.Setting;
import mellowflare.core.measure.UnitSystem;
import mellowflare.core.pipe.assemble.Assembly;
import mellowflare.core.pipe.cut.Pieces;
import mellowflare.core.pipe.cut.RunCuts;
import mellowflare.core.pipe.draw.RunDrawing;
import mellowflare.core.pipe.line.PipeCase;
import mellowflare.core.pipe.line.PipeLine;
import mellowflare.core.pipe.makeup.TakeOffs;
import mellowflare.core.pipe.rules.PipeRules;
import mellowflare.core.pipe.space.Laid;
import mellowflare.core.procedure.MakeLog;
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

/** Runs of rigid pipe: 200 parts laid, cut and drawn within a frame of 16 ms; their order of assembly within 2 s, of 60 parts within 200 ms. */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.AverageTime)
@OutputTimeUnit(TimeUnit.MILLISECONDS)
@Warmup(iterations = 4, time = 2)
@Measurement(iterations = 5, time = 2)
@Fork(1)
public class PipeBench {
    @Param({"60", "100", "200", "400"})
    public int parts;

    private PipeLine line;
    private Setting setting;
    private PipeCase worked;

    @Setup
    public void run() {
        line = LongRun.line(parts);
        setting = new Setting(
                Ports.UNKNOWN, Service.UNSAID, Practice.USUAL, UnitSystem.METRIC, MakeLog.EMPTY, ShippedData.load());
        worked = PipeCase.of(line, setting);
        if (!worked.assembly().complete()) {
            throw new IllegalStateException("The run must go together");
        }
    }

    /** What every key costs while a piece is called out: laid, cut, drawn. */
    @Benchmark
    public Drawing layAndDraw() {
        PipeCase sketch = worked.sketched(line);
        return RunDrawing.page(sketch, List.of(), 30, 28, Optional.empty(), RunDrawing.Layout.TALL);
    }

    /** The order of assembly alone. */
    @Benchmark
    public Assembly assemble() {
        Laid laid = worked.laid().orElseThrow();
        TakeOffs take = new TakeOffs(worked.parts());
        Pieces make = new Pieces(take, worked.rounding());
        return Assembly.of(line.run(), laid, RunCuts.of(laid, make), take, make);
    }

    /** The whole line worked out and judged, assembly included. */
    @Benchmark
    public List<Finding> workAndJudge() {
        return PipeRules.check(PipeCase.of(line, setting));
    }
}
