package mellowflare.app.pipe;

import java.util.List;
import java.util.Map;
import java.util.concurrent.Executor;
import java.util.concurrent.atomic.AtomicInteger;
import mellowflare.core.cutting.CutPlan;
import mellowflare.core.pipe.line.PipeBars;
import mellowflare.core.pipe.line.PipeCase;

/** Packs the pieces of a line over bars, off the interface thread: the search for the best plan may take a while. */
public final class PipeWork {
    private final Executor background;
    private final Executor foreground;
    private final AtomicInteger running = new AtomicInteger();
    private PipeCase of;
    private Map<String, CutPlan> plans = Map.of();
    private Runnable onChange = () -> {};

    /**
     * @param background where long work runs
     * @param foreground where its results are shown
     */
    public PipeWork(Executor background, Executor foreground) {
        this.background = background;
        this.foreground = foreground;
    }

    /** Called when a plan was found. */
    public void onChange(Runnable action) {
        onChange = action;
    }

    /** Packs the pieces of a line, unless they are packed already. */
    public void pack(PipeCase c) {
        if (of != null
                && of.pieces().equals(c.pieces())
                && of.line().making().equals(c.line().making())) {
            return;
        }
        of = c;
        plans = Map.of();
        int mine = running.incrementAndGet();
        background.execute(() -> {
            Map<String, CutPlan> found = PipeBars.of(List.of(new PipeBars.Marked(c, "")));
            foreground.execute(() -> {
                if (running.get() == mine) {
                    plans = found;
                    onChange.run();
                }
            });
        });
    }

    /** The plans of the line that was packed last, by kind and size of pipe; empty while they are searched. */
    public Map<String, CutPlan> plans() {
        return plans;
    }
}
