package mellowflare.core.air.rules;

import java.util.List;
import java.util.Map;
import mellowflare.core.advice.Figure;
import mellowflare.core.advice.Finding;
import mellowflare.core.advice.Rule;
import mellowflare.core.advice.RuleText;
import mellowflare.core.advice.Severity;
import mellowflare.core.advice.Subject;
import mellowflare.core.air.stock.PipeSystem;
import mellowflare.core.air.work.AirCase;
import mellowflare.core.reference.Source;

/** Whether what the main is made of may carry compressed air at all. */
final class MaterialRated implements Rule<AirCase> {
    private static final RuleText TEXT = new RuleText(
            "air.material",
            Severity.STOP,
            "Never use {system} for compressed air. {reason}",
            "{system} is rated for compressed air.",
            "{system}",
            "Use pipe its maker rates for compressed air: aluminium, copper, steel, nylon or polyethylene rated for air, rubber hose.",
            Source.of("plastic pipe under compressed air: advice of work-safety authorities; makers' ratings"));

    @Override
    public List<Finding> check(AirCase c) {
        if (c.system().isEmpty()) {
            return List.of(Finding.notChecked(TEXT, Subject.MAIN, AirNeeds.SYSTEM));
        }
        PipeSystem s = c.system().get();
        return List.of(Finding.of(
                s.rated(),
                TEXT,
                Subject.MAIN,
                Map.of(
                        "system",
                        Figure.of(s.name()),
                        "reason",
                        Figure.of(s.refused().orElse("")))));
    }
}
