package mellowflare.core.fluid;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import mellowflare.core.advice.Figure;
import mellowflare.core.advice.Finding;
import mellowflare.core.advice.Needs;
import mellowflare.core.advice.RuleText;
import mellowflare.core.advice.Severity;
import mellowflare.core.advice.Subject;
import mellowflare.core.reference.ReferenceData;
import mellowflare.core.reference.Source;

/** What can hurt and who decides, by what runs in a line of any kind. */
public final class FluidLaw {
    private static final Map<Severity, RuleText> TEXTS = RuleText.bySeverity(
            "law",
            "{says}",
            "No further law or hazard to mention.",
            "{source}",
            "{do}",
            Source.of("local code and licensed practice come before this program"));

    private FluidLaw() {}

    /** A finding for each law of the fluid. */
    public static List<Finding> check(Optional<Fluid> fluid, ReferenceData data) {
        if (fluid.isEmpty()) {
            return List.of(Finding.notChecked(TEXTS.get(Severity.WARN), Subject.LINE, Needs.FLUID));
        }
        return data.get(Laws.KEY).of(fluid.get().group()).stream()
                .map(law -> Finding.fail(
                        TEXTS.get(law.severity()),
                        Subject.LINE,
                        Map.of(
                                "says", Figure.of(law.says()),
                                "do", Figure.of(law.todo()),
                                "source", Figure.of(law.source().shown()))))
                .toList();
    }
}
