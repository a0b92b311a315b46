package mellowflare.core.mend;

import java.util.List;
import mellowflare.core.advice.Finding;
import mellowflare.core.advice.Severity;
import mellowflare.core.advice.State;
import mellowflare.core.job.Evaluation;
import mellowflare.core.line.Take;

/**
 * A way to mend a line.
 *
 * @param changes what is changed, in words, one or more
 * @param parts how many parts are others then, at least one for each change
 * @param after the line with the changes, worked out by all rules
 */
public record Mend(List<String> changes, int parts, Evaluation after) {
    public Mend {
        changes = List.copyOf(changes);
        if (changes.isEmpty() || parts < changes.size() || stops(after) > 0) {
            throw new IllegalArgumentException("A mended line was changed, and nothing stops it");
        }
    }

    /** How many findings on the line itself forbid it; what a test found no other part mends. */
    static long stops(Evaluation e) {
        return e.plan().findings().stream().filter(Finding::stops).count();
    }

    /** What it costs, as far as prices are known, in the catalogue's money. */
    public double cost() {
        return cost(after);
    }

    /** What the parts of a line cost, as far as prices are known, in the catalogue's money. */
    public static double cost(Evaluation e) {
        return e.plan().takes().stream()
                .mapToDouble(t -> t.each().orElse(0.0) * t.need())
                .sum();
    }

    /** How many of its parts are short on a shelf that is kept. */
    public long lacks() {
        return Take.together(after.plan().takes()).stream()
                .filter(t -> t.onShelf().isPresent() && t.lacks() > 0)
                .count();
    }

    /** Warnings that remain; none is hidden. */
    public List<Finding> left() {
        return after.findings().stream()
                .filter(f -> f.state() == State.FAIL && f.severity() == Severity.WARN)
                .toList();
    }
}
