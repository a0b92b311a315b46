package mellowflare.app.mend;

import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.Executor;
import java.util.concurrent.atomic.AtomicInteger;
import javafx.beans.property.ReadOnlyObjectProperty;
import javafx.beans.property.ReadOnlyObjectWrapper;
import mellowflare.app.desk.Desk;
import mellowflare.core.advice.Severity;
import mellowflare.core.advice.State;
import mellowflare.core.job.Evaluation;
import mellowflare.core.measure.LengthFormat;
import mellowflare.core.measure.UnitSystem;
import mellowflare.core.mend.Mend;
import mellowflare.core.mend.Mender;

/** Looks for ways to mend the open line off the interface thread, shows each as it is found, and takes one. */
public final class MendModel {
    private static final int SHOWN = 8;

    private final Desk desk;
    private final Executor away;
    private final Executor back;
    private final AtomicInteger turn = new AtomicInteger();
    private final ReadOnlyObjectWrapper<List<Mend>> ways = new ReadOnlyObjectWrapper<>(List.of());
    private final ReadOnlyObjectWrapper<Searching> searching = new ReadOnlyObjectWrapper<>(Searching.NOT);
    private Evaluation before;

    /** How far the search is. */
    public enum Searching {
        NOT,
        RUNS,
        STOPPED,
        DONE
    }

    /**
     * @param away runs the search
     * @param back hands its results on, on the interface thread
     */
    public MendModel(Desk desk, Executor away, Executor back) {
        this.desk = desk;
        this.away = away;
        this.back = back;
        this.before = desk.current();
    }

    public ReadOnlyObjectProperty<List<Mend>> waysProperty() {
        return ways.getReadOnlyProperty();
    }

    public List<Mend> ways() {
        return ways.get();
    }

    public ReadOnlyObjectProperty<Searching> searchingProperty() {
        return searching.getReadOnlyProperty();
    }

    /** The line as it was when the search began. */
    public Evaluation before() {
        return before;
    }

    /** Whether anything stops the line, or warns of it. */
    public boolean ails() {
        return before.plan().findings().stream()
                .anyMatch(f -> f.state() == State.FAIL && f.severity() != Severity.NOTE);
    }

    public UnitSystem units() {
        return desk.units();
    }

    /** Searches for the open line. */
    public void search() {
        int mine = turn.incrementAndGet();
        before = desk.current();
        ways.set(List.of());
        searching.set(Searching.RUNS);
        Evaluation of = before;
        away.execute(() -> {
            List<Mend> all = new Mender(
                            of,
                            () -> turn.get() != mine,
                            found -> back.execute(() -> {
                                if (turn.get() == mine) {
                                    List<Mend> more = new ArrayList<>(ways.get());
                                    more.add(found);
                                    ways.set(List.copyOf(more.subList(0, Math.min(SHOWN, more.size()))));
                                }
                            }))
                    .ways();
            back.execute(() -> {
                if (turn.get() == mine) {
                    ways.set(all.subList(0, Math.min(SHOWN, all.size())));
                    searching.set(Searching.DONE);
                }
            });
        });
    }

    /** Gives up; what was found stays. */
    public void cancel() {
        if (searching.get() == Searching.RUNS) {
            turn.incrementAndGet();
            searching.set(Searching.STOPPED);
        }
    }

    /** Takes a way: one step for undo. False where the line has been changed since it was looked for. */
    public boolean take(Mend way) {
        cancel();
        if (!desk.job().equals(before.job())) {
            desk.tell(Say.it("mend-model.changed"));
            return false;
        }
        desk.change(
                Say.it("mend-model.mended", "changes", String.join("; ", way.changes())),
                "",
                j -> way.after().job());
        return true;
    }

    /** What it costs more or less than the line as it is, as far as prices are known. */
    public String costs(Mend way) {
        double more = way.cost() - Mend.cost(before);
        return Say.it(
                "mend-model.costs",
                "sign",
                Math.abs(more) < 0.5 ? "same" : more > 0 ? "more" : "less",
                "much",
                LengthFormat.decimal(Math.abs(more), 0, 0));
    }
}
