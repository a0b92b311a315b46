package mellowflare.core.mend;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.function.BooleanSupplier;
import java.util.function.Consumer;
import mellowflare.core.advice.Finding;
import mellowflare.core.advice.Severity;
import mellowflare.core.advice.State;
import mellowflare.core.job.Evaluation;
import mellowflare.core.job.Job;
import mellowflare.core.line.Kind;
import mellowflare.core.line.Line;
import mellowflare.core.line.Mending;
import mellowflare.core.line.Plan;

/**
 * Looks for the smallest changes that clear every stop of a line: one change first, then two together where one is not enough or changes more parts than two would, then all anew. Each is really worked
 * out by all rules.
 */
public final class Mender {
    /** Of the lines that one change brought nearer, so many are changed once more. */
    private static final int NEARER = 12;

    private static final int ENOUGH = 8;

    private final Evaluation broken;
    private final BooleanSupplier cancelled;
    private final Consumer<Mend> found;
    private final Set<Line> seen = new HashSet<>();
    private final List<Mend> mends = new ArrayList<>();

    /**
     * @param broken the line as it is
     * @param cancelled asked before each change; once true what was found so far is given
     * @param found told of each way when it is found
     */
    public Mender(Evaluation broken, BooleanSupplier cancelled, Consumer<Mend> found) {
        this.broken = broken;
        this.cancelled = cancelled;
        this.found = found;
    }

    private record Tried(List<String> changes, int parts, Evaluation after) {}

    /** The ways, the smallest first: fewest parts changed, then warnings, parts that lack, cost; none for a line that nothing stops and nothing warns of. */
    public List<Mend> ways() {
        if (ailing(broken) == 0) {
            return List.of();
        }
        Kind<?, ?> kind = broken.job().kind();
        seen.add(broken.job().line(kind));
        List<Tried> once = round(kind, new Tried(List.of(), 0, broken), Integer.MAX_VALUE);
        // Two changes are looked for only where they change fewer parts than one that is known.
        int most = mends.stream().mapToInt(Mend::parts).min().orElse(Integer.MAX_VALUE) - 1;
        if (most >= 2) {
            int known = mends.size();
            List<Tried> nearer = once.stream()
                    .sorted(Comparator.comparingLong((Tried t) -> Mend.stops(t.after()))
                            .thenComparingLong(t -> ailing(t.after()))
                            .thenComparingDouble(t -> Mend.cost(t.after())))
                    .limit(NEARER)
                    .toList();
            for (Tried t : nearer) {
                if (mends.size() - known >= ENOUGH) {
                    break;
                }
                round(kind, t, most);
            }
        }
        if (mends.isEmpty() && !cancelled.getAsBoolean()) {
            anew(kind);
        }
        return mends.stream()
                .sorted(Comparator.comparingInt(Mend::parts)
                        .thenComparingInt(m -> m.left().size())
                        .thenComparingLong(Mend::lacks)
                        .thenComparingDouble(Mend::cost))
                .toList();
    }

    /** Where no few changes mend it, it may be built anew. */
    private <L extends Line, P extends Plan> void anew(Kind<L, P> kind) {
        round(
                kind,
                new Tried(List.of(), 0, broken),
                kind.rebuilt(kind.planType().cast(broken.plan()), cancelled),
                Integer.MAX_VALUE);
    }

    private <L extends Line, P extends Plan> List<Tried> round(Kind<L, P> kind, Tried from, int most) {
        return round(kind, from, kind.mendings(kind.planType().cast(from.after().plan())), most);
    }

    /** Works out each line that is not known yet, and is not further away than so many parts. */
    private <L extends Line> List<Tried> round(Kind<L, ?> kind, Tried from, List<Mending<L>> mendings, int most) {
        List<Tried> tried = new ArrayList<>();
        for (Mending<L> m : mendings) {
            if (cancelled.getAsBoolean()) {
                return tried;
            }
            int parts = from.parts() + m.parts();
            if (parts > most || !seen.add(m.line())) {
                continue;
            }
            Job job = from.after().job().with(kind, m.line());
            List<String> changes = new ArrayList<>(from.changes());
            changes.add(m.words());
            Tried t = new Tried(changes, parts, Evaluation.after(from.after(), job, broken.data()));
            if (mended(t.after())) {
                Mend mend = new Mend(changes, parts, t.after());
                mends.add(mend);
                found.accept(mend);
            } else {
                tried.add(t);
            }
        }
        return tried;
    }

    /** Nothing stops it, it is better than it was, and no check that could stop it went unasked to get there. */
    private boolean mended(Evaluation e) {
        return Mend.stops(e) == 0
                && unchecked(e) <= unchecked(broken)
                && (Mend.stops(broken) > 0 || ailing(e) < ailing(broken));
    }

    private static long unchecked(Evaluation e) {
        return count(e, State.NOT_CHECKED, Severity.STOP);
    }

    private static long ailing(Evaluation e) {
        return Mend.stops(e) + count(e, State.FAIL, Severity.WARN);
    }

    private static long count(Evaluation e, State state, Severity severity) {
        return e.plan().findings().stream()
                .filter((Finding f) -> f.state() == state && f.severity() == severity)
                .count();
    }
}
