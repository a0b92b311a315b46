package mellowflare.core.tube.rules;

import java.util.List;
import java.util.Map;
import mellowflare.core.advice.Finding;
import mellowflare.core.advice.Needs;
import mellowflare.core.advice.Rule;
import mellowflare.core.advice.RuleText;
import mellowflare.core.advice.Severity;
import mellowflare.core.reference.Source;
import mellowflare.core.tube.end.EndKinds;
import mellowflare.core.tube.line.TubeCase;

/** Whether the kind of end suits what runs in the line. */
final class EndCompatible implements Rule<TubeCase> {
    private static final Map<Severity, RuleText> TEXTS = RuleText.bySeverity(
            "tube-end.suits",
            "{kind} for {fluid}: {because}.",
            "{kind} is right for {fluid}: {because}.",
            "{source}",
            "Use an end made for {fluid}.",
            Source.house("what end suits what"));

    @Override
    public List<Finding> check(TubeCase c) {
        return c.sides().stream()
                .map(s -> {
                    if (s.traits().isEmpty() || c.fluid().isEmpty()) {
                        return Finding.notChecked(
                                TEXTS.get(Severity.STOP),
                                s.which().tubeEnd(),
                                s.traits().isEmpty() ? TubeNeeds.kind(s.which()) : Needs.FLUID);
                    }
                    return Verdicts.finding(
                            TEXTS,
                            s.which().tubeEnd(),
                            c.data()
                                    .get(EndKinds.KEY)
                                    .use(
                                            s.traits().get().kind(),
                                            c.fluid().get().group()),
                            s.traits().get().name(),
                            "kind",
                            c.fluid().get().name());
                })
                .toList();
    }
}
