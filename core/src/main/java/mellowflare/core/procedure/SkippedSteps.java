package mellowflare.core.procedure;

import java.util.List;
import java.util.Map;
import mellowflare.core.advice.Figure;
import mellowflare.core.advice.Finding;
import mellowflare.core.advice.RuleText;
import mellowflare.core.advice.Severity;
import mellowflare.core.advice.Subject;
import mellowflare.core.reference.Source;

/** Steps that were passed over stay visible, whatever the line is made of. */
public final class SkippedSteps {
    static final RuleText TEXT = new RuleText(
            "make.passed-over",
            Severity.WARN,
            "“{step}” was skipped by {by}: {reason}",
            "No step was skipped.",
            "the record of the steps",
            "Settle who answers for it before the line is used.",
            Source.house("hold points"));

    private SkippedSteps() {}

    /**
     * @param steps the order of work, for the titles of its steps
     * @return none while nothing was ticked
     */
    public static List<Finding> check(MakeLog log, List<Step> steps) {
        if (log.entries().isEmpty()) {
            return List.of();
        }
        List<Finding> over = log.entries().stream()
                .filter(e -> e.outcome() == StepEntry.Outcome.PASSED_OVER)
                .map(e -> Finding.fail(
                        TEXT,
                        Subject.MAKE,
                        Map.of(
                                "step", Figure.of(title(e.stepId(), steps)),
                                "by", Figure.of(e.by()),
                                "reason", Figure.of(e.reason()))))
                .toList();
        return over.isEmpty() ? List.of(Finding.pass(TEXT, Subject.MAKE, Map.of())) : over;
    }

    /** Of a step that the order of work does not have any more its name in the log. */
    private static String title(String id, List<Step> steps) {
        return steps.stream()
                .filter(s -> s.id().equals(id))
                .map(Step::title)
                .findFirst()
                .orElse(id);
    }
}
