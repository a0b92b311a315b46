package mellowflare.core.machine;

import java.time.Duration;
import java.util.HashSet;
import java.util.Optional;
import java.util.Set;
import mellowflare.core.procedure.Step;
import mellowflare.core.procedure.StepEntry;

/**
 * Hours of work on the lines of a machine, by the ticks of this shop.
 *
 * @param spent what the ticks of its lines say was worked
 * @param left what the steps still to do take, of those that were ticked here before
 * @param known how many of the steps still to do that is
 * @param open how many steps are still to do
 */
public record Hours(Duration spent, Duration left, int known, int open) {
    /** Before anything is known. */
    public static final Hours NONE = new Hours(Duration.ZERO, Duration.ZERO, 0, 0);

    /** Hours of a machine, with what steps took elsewhere in this shop. */
    public static Hours of(Machine m, StepTimes times) {
        Duration spent = Duration.ZERO;
        Duration left = Duration.ZERO;
        int known = 0;
        int open = 0;
        for (MachineLine l : m.lines()) {
            spent = spent.plus(StepTimes.spent(l.of().job().log().entries()));
            Set<String> ticked = new HashSet<>();
            l.of().job().log().entries().stream().map(StepEntry::stepId).forEach(ticked::add);
            for (Step s : l.of().steps()) {
                if (!ticked.contains(s.id())) {
                    Optional<Duration> takes = times.of(s.id());
                    left = left.plus(takes.orElse(Duration.ZERO));
                    known += takes.isPresent() ? 1 : 0;
                    open++;
                }
            }
        }
        return new Hours(spent, left, known, open);
    }

    /** What is still to be worked; open while this shop has ticked less than half of those steps before. */
    public String toGo() {
        if (2 * known < open || open == 0) {
            return Say.it("hours.unknown");
        }
        return known == open ? text(left) : Say.it("hours.over", "time", text(left));
    }

    /** What was worked, and how much of what is left is known. */
    public String says() {
        return known == open
                ? Say.it("hours.worked", "spent", text(spent))
                : Say.it("hours.not-all", "spent", text(spent), "known", known, "open", open);
    }

    private static String text(Duration d) {
        return d.toHours() == 0
                ? Say.it("hours.minutes", "minutes", d.toMinutesPart())
                : Say.it("hours.text", "hours", d.toHours(), "minutes", d.toMinutesPart());
    }
}
