package mellowflare.core.air.rules;

import java.util.List;
import java.util.Map;
import mellowflare.core.advice.Figure;
import mellowflare.core.advice.Finding;
import mellowflare.core.advice.Rule;
import mellowflare.core.advice.RuleText;
import mellowflare.core.advice.Severity;
import mellowflare.core.advice.Subject;
import mellowflare.core.air.work.AirCase;
import mellowflare.core.air.work.Together;
import mellowflare.core.reference.Confidence;
import mellowflare.core.reference.Source;

/** How much of what may run together was looked at. */
final class AllLookedAt implements Rule<AirCase> {
    private static final RuleText TEXT = new RuleText(
            "air.cases",
            Severity.NOTE,
            "Only {tried} of {cases} combinations of tools were checked.",
            "All {cases} combinations of tools were checked.",
            "each person works at one outlet at a time",
            "Check every combination before you buy pipe.",
            new Source("search over who runs what", Confidence.TYPICAL));

    @Override
    public List<Finding> check(AirCase c) {
        if (c.choices().isEmpty() || !c.flows()) {
            return List.of(Finding.notChecked(TEXT, Subject.OUTLET, AirNeeds.flowing(c)));
        }
        Together t = c.together();
        return List.of(Finding.of(
                t.all(),
                TEXT,
                Subject.OUTLET,
                Map.of("tried", Figure.of(Long.toString(t.tried())), "cases", Figure.of(Long.toString(t.cases())))));
    }
}
