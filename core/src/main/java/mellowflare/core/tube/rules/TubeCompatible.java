package mellowflare.core.tube.rules;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import mellowflare.core.advice.Finding;
import mellowflare.core.advice.Needs;
import mellowflare.core.advice.Rule;
import mellowflare.core.advice.RuleText;
import mellowflare.core.advice.Severity;
import mellowflare.core.advice.Subject;
import mellowflare.core.reference.Source;
import mellowflare.core.tube.end.EndKinds;
import mellowflare.core.tube.end.Use;
import mellowflare.core.tube.line.TubeCase;

/** Whether the tube's material suits what runs in it. */
final class TubeCompatible implements Rule<TubeCase> {
    private static final Map<Severity, RuleText> TEXTS = RuleText.bySeverity(
            "tube.suits",
            "{material} for {fluid}: {because}.",
            "{material} is right for {fluid}: {because}.",
            "{source}",
            "Use tube made for {fluid}.",
            Source.house("what tube suits what"));

    @Override
    public List<Finding> check(TubeCase c) {
        if (c.tube().isEmpty() || c.fluid().isEmpty()) {
            return List.of(Finding.notChecked(
                    TEXTS.get(Severity.STOP), Subject.TUBE, c.tube().isEmpty() ? TubeNeeds.TUBE : Needs.FLUID));
        }
        Optional<Use> use = c.data()
                .get(EndKinds.KEY)
                .use(c.tube().get().material(), c.fluid().get());
        return List.of(Verdicts.finding(
                TEXTS,
                Subject.TUBE,
                use,
                c.tube().get().material().name(),
                "material",
                c.fluid().get().name()));
    }
}
