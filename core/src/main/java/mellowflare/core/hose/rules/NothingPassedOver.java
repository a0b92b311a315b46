package mellowflare.core.hose.rules;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import mellowflare.core.advice.Figure;
import mellowflare.core.advice.Finding;
import mellowflare.core.advice.Rule;
import mellowflare.core.advice.RuleText;
import mellowflare.core.advice.Severity;
import mellowflare.core.advice.Subject;
import mellowflare.core.hose.line.HoseCase;
import mellowflare.core.procedure.StepEntry;
import mellowflare.core.reference.Source;

/** Hold points passed over stay visible. */
final class NothingPassedOver implements Rule<HoseCase> {
    private static final RuleText TEXT = new RuleText(
            "make.passed-over",
            Severity.WARN,
            "“{step}” was skipped by {by}: {reason}",
            "No step was skipped.",
            "the record of the steps",
            "Settle who answers for it before the line is used.",
            Source.house("hold points"));

    @Override
    public List<Finding> check(HoseCase c) {
        if (c.log().entries().isEmpty()) {
            return List.of();
        }
        List<Finding> over = new ArrayList<>();
        for (StepEntry entry : c.log().entries()) {
            if (entry.outcome() == StepEntry.Outcome.PASSED_OVER) {
                over.add(Finding.fail(
                        TEXT,
                        Subject.MAKE,
                        Map.of(
                                "step", Figure.of(entry.stepId().replace('-', ' ')),
                                "by", Figure.of(entry.by()),
                                "reason", Figure.of(entry.reason()))));
            }
        }
        return over.isEmpty() ? List.of(Finding.pass(TEXT, Subject.MAKE, Map.of())) : over;
    }
}
