package mellowflare.core.line;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import mellowflare.core.measure.Length;
import mellowflare.core.measure.LengthFormat;
import mellowflare.core.measure.UnitSystem;
import mellowflare.core.procedure.Step;
import mellowflare.core.reference.ReferenceData;
import mellowflare.core.shelf.Held;
import mellowflare.core.shelf.PartRole;
import mellowflare.core.shelf.Shelf;
import mellowflare.core.shelf.Used;

/** Which parts a step of the order of work takes. */
public final class Taking {
    private Taking() {}

    /**
     * What a tick takes: the parts that the step asks for and none before it did; a step that asks for the rest takes what none asks for.
     *
     * @param step one of the plan's
     */
    public static List<Used> at(Step step, Plan plan, ReferenceData data) {
        Shelf shelf = data.get(Shelf.KEY);
        List<Step> steps = plan.steps();
        boolean rest = step.takes().contains(PartRole.REST);
        List<Used> all = new ArrayList<>();
        List<Cuts> cuts = plan.cuts();
        for (Take t : plan.takes()) {
            Optional<Step> first = steps.stream().filter(s -> asks(s, t)).findFirst();
            if (t.need() > 0 && first.map(step::equals).orElse(rest)) {
                if (!t.metres() || !cut(t, cuts)) {
                    all.add(t.used(shelf.held(t.key()).isPresent() ? Used.From.SHELF : Used.From.JOB));
                }
            }
        }
        if (steps.stream().filter(Taking::cuts).findFirst().map(step::equals).orElse(rest)) {
            cuts.forEach(c -> all.addAll(c.used()));
        }
        return all;
    }

    private static boolean asks(Step step, Take take) {
        return step.takes().contains(take.role())
                && (take.end().isEmpty() || step.end().isEmpty() || step.end().equals(take.end()));
    }

    private static boolean cuts(Step step) {
        return step.takes().contains(PartRole.CUT);
    }

    /** Whether the cuts say what it takes, bar by bar. */
    private static boolean cut(Take take, List<Cuts> cuts) {
        return take.role() == PartRole.CUT && !cuts.isEmpty();
    }

    /** What is taken, a sentence for each part. */
    public static List<String> says(List<Used> used, UnitSystem units) {
        return used.stream().map(u -> says(u, units)).toList();
    }

    private static String says(Used u, UnitSystem units) {
        boolean job = u.from() == Used.From.JOB;
        if (!u.metres()) {
            long count = Math.round(u.amount());
            return job
                    ? Say.it("taking.job-counted", "count", count, "name", u.name())
                    : Say.it("taking.counted", "count", count, "name", u.name());
        }
        String amount = shop(Length.ofMm(u.amount() * 1000), units);
        Optional<String> left = u.left().map(l -> shop(l, units));
        if (job) {
            return left.map(l -> Say.it("taking.job-left", "amount", amount, "name", u.name(), "left", l))
                    .orElse(Say.it("taking.job", "amount", amount, "name", u.name()));
        }
        if (u.piece().isEmpty()) {
            return Say.it("taking.none-long-enough", "amount", amount, "name", u.name());
        }
        String piece = shop(u.piece().get(), units);
        return left.map(l -> Say.it("taking.cut-left", "amount", amount, "name", u.name(), "piece", piece, "left", l))
                .orElse(Say.it("taking.cut", "amount", amount, "name", u.name(), "piece", piece));
    }

    private static String shop(Length l, UnitSystem units) {
        return LengthFormat.shop(l, units);
    }

    /** Parts of which the shelf holds less than that, each a sentence; the work need not wait, the shelf wants counting. */
    public static List<String> missing(List<Used> used, Shelf shelf) {
        return used.stream()
                .filter(u -> u.from() == Used.From.SHELF)
                .filter(u -> u.metres()
                        ? u.piece().isEmpty()
                        : shelf.held(u.key()).map(Held::amount).orElse(0.0) < u.amount())
                .map(u -> Say.it("taking.short", "name", u.name()))
                .toList();
    }
}
