package mellowflare.core.gas.rules;

import java.util.List;
import java.util.Map;
import mellowflare.core.advice.Finding;
import mellowflare.core.advice.Rule;
import mellowflare.core.advice.RuleText;
import mellowflare.core.advice.Severity;
import mellowflare.core.advice.Subject;
import mellowflare.core.gas.work.GasCase;
import mellowflare.core.reference.Confidence;
import mellowflare.core.reference.Source;

/** Who may open a gas line. */
final class MayBeOpened implements Rule<GasCase> {
    private static final RuleText TEXT = new RuleText(
            "gas.licence",
            Severity.STOP,
            "No one here may do gas work: do not open the line.",
            "Someone who may do gas work is at hand.",
            "as answered",
            "Call a licensed gas fitter. Measure and plan all you like; leave it shut.",
            new Source("local code", Confidence.SURE));

    @Override
    public List<Finding> check(GasCase c) {
        return List.of(c.line()
                .site()
                .licensed()
                .map(l -> Finding.of(l, TEXT, Subject.SITE, Map.of()))
                .orElseGet(() -> Finding.notChecked(TEXT, Subject.SITE, GasNeeds.LICENSED)));
    }
}
