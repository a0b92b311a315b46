package mellowflare.app.pipe;

import java.util.List;
import java.util.Map;
import java.util.concurrent.Executor;
import java.util.concurrent.atomic.AtomicInteger;
import mellowflare.core.cutting.CutPlan;
import mellowflare.core.cutting.CutTask;
import mellowflare.core.pipe.line.PipeBars;

/** Packs the pieces of lines over bars, off the interface thread: the search for the best plan may take a while. */
public final class PipeWork {
    private final Executor background;
    private final Executor foreground;
    private final AtomicInteger running = new AtomicInteger();
    private Map<PipeBars.Kind, CutTask> of = Map.of();
    private Map<PipeBars.Kind, CutPlan> plans = Map.of();
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

    /** Packs the pieces of lines, unless they are packed already. */
    public void pack(List<PipeBars.Marked> lines) {
        Map<PipeBars.Kind, CutTask> tasks = PipeBars.tasks(lines);
        if (tasks.equals(of)) {
            return;
        }
        of = tasks;
        plans = Map.of();
        int mine = running.incrementAndGet();
        background.execute(() -> {
            Map<PipeBars.Kind, CutPlan> found = PipeBars.of(lines);
            foreground.execute(() -> {
                if (running.get() == mine) {
                    plans = found;
                    onChange.run();
                }
            });
        });
    }

    /** Whether a plan is being looked for. */
    public boolean searching() {
        return plans.isEmpty() && !of.isEmpty();
    }

    /** The plans of the lines that were packed last, by kind and size of pipe; empty while they are searched. */
    public Map<PipeBars.Kind, CutPlan> plans() {
        return plans;
    }
}
