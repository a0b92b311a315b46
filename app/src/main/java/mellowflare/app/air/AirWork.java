package mellowflare.app.air;

import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.Executor;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.function.BooleanSupplier;
import java.util.function.Consumer;
import java.util.function.DoubleConsumer;
import javafx.beans.property.ReadOnlyDoubleProperty;
import javafx.beans.property.ReadOnlyDoubleWrapper;
import javafx.beans.property.ReadOnlyStringProperty;
import javafx.beans.property.ReadOnlyStringWrapper;
import mellowflare.app.desk.Desk;
import mellowflare.core.advice.MethodTopic;
import mellowflare.core.air.AirMainKind;
import mellowflare.core.air.day.DayRun;
import mellowflare.core.air.main.AirMain;
import mellowflare.core.air.size.Sizing;
import mellowflare.core.air.stock.PipeSystem;
import mellowflare.core.air.stock.PipeSystems;
import mellowflare.core.air.work.AirCase;
import mellowflare.core.air.work.Together;
import mellowflare.core.cutting.CutPlan;
import mellowflare.core.job.Evaluation;

/** The long searches of a main, off the interface thread, each with its progress and a way to give it up. A result is of the main it was begun with and says so once that has changed. */
public final class AirWork {
    /** Nothing here is worth waiting longer for. */
    private static final Duration BUDGET = Duration.ofMinutes(3);

    private final Desk desk;
    private final Duration budget;
    private final Executor background;
    private final Executor foreground;
    private final ReadOnlyDoubleWrapper progress = new ReadOnlyDoubleWrapper(-1);
    private final ReadOnlyStringWrapper doing = new ReadOnlyStringWrapper("");
    private final AtomicInteger running = new AtomicInteger();
    private Of<List<Sizing>> sizings = new Of<>(null, List.of());
    private Of<Optional<DayRun>> day = new Of<>(null, Optional.empty());
    private Of<Map<String, CutPlan>> bars = new Of<>(null, Map.of());
    private Runnable onChange = () -> {};

    /** A result with the main that it belongs to. */
    private record Of<T>(AirMain main, T result) {}

    /** What a search does. */
    private interface Search<T> {
        T find(DoubleConsumer progress, BooleanSupplier cancelled);
    }

    /**
     * @param background where long work runs
     * @param foreground where its results are shown
     */
    public AirWork(Desk desk, Executor background, Executor foreground) {
        this(desk, background, foreground, BUDGET);
    }

    AirWork(Desk desk, Executor background, Executor foreground, Duration budget) {
        this.desk = desk;
        this.background = background;
        this.foreground = foreground;
        this.budget = budget;
    }

    /** Called when something was found or given up. */
    public void onChange(Runnable action) {
        onChange = action;
    }

    /** Share that is done, 0 to 1; below zero while nothing runs. */
    public ReadOnlyDoubleProperty progressProperty() {
        return progress.getReadOnlyProperty();
    }

    /** What is being done, or why it was given up; empty otherwise. */
    public ReadOnlyStringProperty doingProperty() {
        return doing.getReadOnlyProperty();
    }

    private AirCase c() {
        return desk.current().plan(AirMainKind.AIR).orElseThrow().c();
    }

    private <T> void run(String what, Search<T> search, Consumer<T> found) {
        int mine = running.incrementAndGet();
        doing.set(what);
        progress.set(0);
        background.execute(() -> {
            long[] told = {0};
            long until = System.nanoTime() + budget.toNanos();
            T result;
            try {
                result = search.find(
                        p -> {
                            // The bar moves a hundred times at most.
                            long now = Math.round(p * 100);
                            if (now != told[0]) {
                                told[0] = now;
                                foreground.execute(() -> {
                                    if (running.get() == mine) {
                                        progress.set(p);
                                    }
                                });
                            }
                        },
                        () -> running.get() != mine || System.nanoTime() > until);
            } catch (RuntimeException | Error e) {
                foreground.execute(() -> end(mine, ""));
                throw e;
            }
            boolean late = System.nanoTime() > until;
            foreground.execute(() -> {
                if (late) {
                    end(mine, Say.it("air-work.took-too-long", "what", what));
                } else if (running.get() == mine) {
                    doing.set("");
                    progress.set(-1);
                    found.accept(result);
                    onChange.run();
                }
            });
        });
    }

    /** Ends a search that came to nothing, with what is to be said of it. */
    private void end(int mine, String says) {
        if (running.get() == mine) {
            running.incrementAndGet();
            doing.set(says);
            progress.set(-1);
            onChange.run();
        }
    }

    /** Gives up what runs. */
    public void stop() {
        running.incrementAndGet();
        doing.set("");
        progress.set(-1);
        onChange.run();
    }

    /** Sizes the main in every system that may carry air, cheapest first. */
    public void size() {
        AirCase c = c();
        AirMain main = desk.job().line(AirMainKind.AIR);
        Sizing.Way way = c.method(MethodTopic.AIR_SIZES).is("one") ? Sizing.Way.ONE : Sizing.Way.STEPPED;
        List<PipeSystem> systems = desk.data().get(PipeSystems.KEY).rated();
        run(
                Say.it("air-work.sizing-every-kind-pipe"),
                (told, cancelled) -> {
                    List<Sizing> all = new ArrayList<>();
                    for (int i = 0; i < systems.size() && !cancelled.getAsBoolean(); i++) {
                        double from = i;
                        Sizing.of(c, systems.get(i), way, p -> told.accept((from + p) / systems.size()), cancelled)
                                .ifPresent(all::add);
                        told.accept((i + 1.0) / systems.size());
                    }
                    all.sort((a, b) -> a.possible() == b.possible()
                            ? Double.compare(a.price(), b.price())
                            : a.possible() ? -1 : 1);
                    return all;
                },
                found -> sizings = new Of<>(main, found));
    }

    /** What sizing found; empty before. */
    public List<Sizing> sizings() {
        return sizings.result;
    }

    /** Takes the sizes of a system into the main. */
    public void take(Sizing s) {
        desk.change(Say.it("air-work.sizes"), "", j -> j.change(AirMainKind.AIR, s::into));
        sizings = new Of<>(desk.job().line(AirMainKind.AIR), sizings.result);
        onChange.run();
    }

    /** Whether the main has changed since the sizes were found. */
    public boolean sizingsOld() {
        return sizings.main != null && !sizings.main.equals(desk.job().line(AirMainKind.AIR));
    }

    /** Runs a working day through. */
    public void day(long seed) {
        AirCase c = c();
        AirMain main = desk.job().line(AirMainKind.AIR);
        run(
                Say.it("air-work.running-day"),
                (told, cancelled) -> DayRun.of(c, seed, told, cancelled),
                found -> day = new Of<>(main, found));
    }

    public Optional<DayRun> day() {
        return day.result;
    }

    public boolean dayOld() {
        return day.main != null && !day.main.equals(desk.job().line(AirMainKind.AIR));
    }

    /** Looks through all that may run together, and shows the worst. */
    public void allCases() {
        AirCase c = c();
        Evaluation now = desk.current();
        run(Say.it("air-work.looking-at-all-that"), c::worstOfAll, (Together found) -> {
            if (desk.current() == now) {
                now.plan(AirMainKind.AIR).ifPresent(p -> desk.found(now.with(p.with(found))));
            }
        });
    }

    /** Packs the pieces into bars. */
    public void pack() {
        AirCase c = c();
        AirMain main = desk.job().line(AirMainKind.AIR);
        if (main.equals(bars.main) || c.work().isEmpty()) {
            return;
        }
        PipeSystem system = c.system().orElseThrow();
        run(
                Say.it("air-work.packing-pieces-into-bars"),
                (told, cancelled) -> c.work().orElseThrow().bars(main, system),
                found -> bars = new Of<>(main, found));
    }

    /** The bars of the main as it is; empty while they are not packed. */
    public Map<String, CutPlan> bars() {
        return desk.job().line(AirMainKind.AIR).equals(bars.main) ? bars.result : Map.of();
    }
}
