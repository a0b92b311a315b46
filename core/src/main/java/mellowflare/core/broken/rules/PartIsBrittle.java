package mellowflare.core.broken.rules;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import mellowflare.core.advice.Figure;
import mellowflare.core.advice.Finding;
import mellowflare.core.advice.Rule;
import mellowflare.core.advice.RuleText;
import mellowflare.core.advice.Severity;
import mellowflare.core.advice.Subject;
import mellowflare.core.broken.stock.StuckMaterial;
import mellowflare.core.broken.work.BrokenCase;
import mellowflare.core.reference.Confidence;
import mellowflare.core.reference.Source;

/** What the part may do under the wrench, said before the pull. */
final class PartIsBrittle implements Rule<BrokenCase> {
    private static final RuleText BRITTLE = new RuleText(
            "broken.brittle",
            Severity.WARN,
            "{warning}",
            "{material} is not brittle.",
            "what it is made of",
            "Say so before the pull, and have what cutting back takes at hand.",
            new Source("table of materials", Confidence.TYPICAL));

    @Override
    public List<Finding> check(BrokenCase c) {
        Optional<StuckMaterial> m = c.material();
        if (m.isEmpty()) {
            return List.of(Finding.notChecked(BRITTLE, Subject.STUCK, BrokenNeeds.MATERIAL));
        }
        return List.of(Finding.of(
                !m.get().brittle(),
                BRITTLE,
                Subject.STUCK,
                Map.of(
                        "warning", Figure.of(m.get().warning()),
                        "material", Figure.of(m.get().name()))));
    }
}
