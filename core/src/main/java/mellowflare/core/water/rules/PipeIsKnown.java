package mellowflare.core.water.rules;

import java.util.List;
import java.util.Map;
import mellowflare.core.advice.Figure;
import mellowflare.core.advice.Finding;
import mellowflare.core.advice.Rule;
import mellowflare.core.advice.RuleText;
import mellowflare.core.advice.Severity;
import mellowflare.core.advice.Subject;
import mellowflare.core.reference.Confidence;
import mellowflare.core.reference.Source;
import mellowflare.core.water.work.WaterCase;

/** Whether what was measured is a size of the pipe that it looks like. */
final class PipeIsKnown implements Rule<WaterCase> {
    private static final RuleText SIZE = new RuleText(
            "water.pipe-size",
            Severity.WARN,
            "{outside} is no size of {material}.",
            "{outside} outside: {pipe}.",
            "nearest size by outside diameter: copper, PEX and CPVC share tube sizes, PVC and iron are pipe sizes",
            "Scrape off paint, measure again in two directions, and look again what it is made of.",
            new Source("ASTM B88, F876, D2846, D1785; EN 1057", Confidence.SURE));

    @Override
    public List<Finding> check(WaterCase c) {
        if (c.line().material().isEmpty()) {
            return List.of(Finding.notChecked(SIZE, Subject.HOUSE_PIPE, WaterNeeds.MATERIAL));
        }
        if (c.line().outside().isEmpty()) {
            return List.of(Finding.notChecked(SIZE, Subject.HOUSE_PIPE, WaterNeeds.OUTSIDE));
        }
        return List.of(Finding.of(
                c.pipe().isPresent(),
                SIZE,
                Subject.HOUSE_PIPE,
                Map.of(
                        "outside", Figure.of(c.line().outside().get()),
                        "material", Figure.of(c.line().material().get().word()),
                        "pipe", Figure.of(c.pipe().map(p -> p.name()).orElse("")))));
    }
}
