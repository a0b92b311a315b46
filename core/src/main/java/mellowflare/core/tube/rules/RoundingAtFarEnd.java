package mellowflare.core.tube.rules;

import java.util.List;
import java.util.Map;
import mellowflare.core.advice.Figure;
import mellowflare.core.advice.Finding;
import mellowflare.core.advice.Rule;
import mellowflare.core.advice.RuleText;
import mellowflare.core.advice.Severity;
import mellowflare.core.advice.Subject;
import mellowflare.core.measure.Length;
import mellowflare.core.reference.Source;
import mellowflare.core.tube.form.Rounded;
import mellowflare.core.tube.line.TubeCase;

/** What rounding to the rule and to the degree does where it matters. */
final class RoundingAtFarEnd implements Rule<TubeCase> {
    private static final RuleText TEXT = new RuleText(
            "fit.rounding",
            Severity.WARN,
            "Rounding the marks and angles moves the far end by {off} ({along} along, {across} across, {askew} out of line).",
            "Rounding the marks and angles moves the far end by only {off} ({along} along, {across} across, {askew} out of line).",
            "{off} against {allowed}, half of what the nuts can take up",
            "Set the marks finer, or bend the last bends to fit the job, not the figure.",
            Source.house("what two nuts started by hand take up"));

    @Override
    public List<Finding> check(TubeCase c) {
        if (c.rounded().isEmpty()) {
            return List.of();
        }
        Rounded r = c.rounded().get();
        Length allowed = c.fit().orElseThrow().allowedPlace().times(0.5);
        return List.of(Finding.of(
                r.off().compareTo(allowed) <= 0,
                TEXT,
                Subject.SHAPE,
                Map.of(
                        "off", Figure.of(r.off()),
                        "along", Figure.of(r.along()),
                        "across", Figure.of(r.across()),
                        "askew", Figure.of(r.askew()),
                        "allowed", Figure.of(allowed))));
    }
}
