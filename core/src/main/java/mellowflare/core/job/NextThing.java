package mellowflare.core.job;

import java.util.List;
import java.util.Optional;
import mellowflare.core.advice.Finding;
import mellowflare.core.advice.Need;
import mellowflare.core.advice.StillNeeded;
import mellowflare.core.advice.Subject;

/**
 * What to do next with a job: measure end A, then end B, then tell what checks wait for, then clear what stops it, then make it.
 *
 * @param says a short sentence
 * @param at where it is done
 * @param need what is asked for there; empty for a stop and for the making
 */
public record NextThing(String says, Subject at, Optional<Need> need) {
    /** Empty when all is told and nothing is left to do. */
    public static Optional<NextThing> of(Evaluation now) {
        return of(now, now.findings());
    }

    /** The same were these the findings, worst first. */
    public static Optional<NextThing> of(Evaluation now, List<Finding> findings) {
        List<StillNeeded.Asked> needs = StillNeeded.of(findings).needs();
        if (!needs.isEmpty()) {
            Need first = needs.get(0).need();
            return Optional.of(new NextThing(first.asks(), first.at(), Optional.of(first)));
        }
        Optional<Finding> stop = findings.stream().filter(Finding::stops).findFirst();
        if (stop.isPresent()) {
            Finding f = stop.get();
            return Optional.of(new NextThing(f.says(now.job().units()), f.about(), Optional.empty()));
        }
        return now.steps().isEmpty() || now.leftOff().done()
                ? Optional.empty()
                : Optional.of(new NextThing(Say.it("next-thing.make"), Subject.MAKE, Optional.empty()));
    }
}
