package mellowflare.app.gas;

import java.util.Optional;
import java.util.concurrent.Executor;
import java.util.concurrent.atomic.AtomicInteger;
import mellowflare.core.gas.net.CheapestSizes;
import mellowflare.core.gas.work.GasCase;

/** The search for the cheapest sizes, off the interface thread. A result is of the line it was begun with, and falls away once that has changed. */
public final class SizeSearch {
    private final Executor background;
    private final Executor foreground;
    private final AtomicInteger running = new AtomicInteger();
    private GasCase of;
    private Optional<CheapestSizes.Found> found = Optional.empty();
    private boolean searching;
    private Runnable onChange = () -> {};

    public SizeSearch(Executor background, Executor foreground) {
        this.background = background;
        this.foreground = foreground;
    }

    /** Called when something was found. */
    public void onChange(Runnable action) {
        onChange = action;
    }

    /** Searches for a line, unless its answer is known or on its way. */
    public void search(GasCase c) {
        if (of != null && of.line().equals(c.line()) && of.setting().equals(c.setting())) {
            return;
        }
        of = c;
        found = Optional.empty();
        searching = true;
        int mine = running.incrementAndGet();
        background.execute(() -> {
            Optional<CheapestSizes.Found> result;
            try {
                result = c.cheapest();
            } catch (RuntimeException | Error e) {
                foreground.execute(() -> done(mine, Optional.empty()));
                throw e;
            }
            foreground.execute(() -> done(mine, result));
        });
    }

    private void done(int mine, Optional<CheapestSizes.Found> result) {
        if (running.get() == mine) {
            found = result;
            searching = false;
            onChange.run();
        }
    }

    public boolean searching() {
        return searching;
    }

    /** What was found for the line last asked about; empty while it is searched, and where no sizes serve. */
    public Optional<CheapestSizes.Found> found() {
        return found;
    }
}
