package mellowflare.core.tube.rules;

import java.util.List;
import java.util.Map;
import mellowflare.core.advice.Figure;
import mellowflare.core.advice.Finding;
import mellowflare.core.advice.Rule;
import mellowflare.core.advice.RuleText;
import mellowflare.core.advice.Severity;
import mellowflare.core.advice.Subject;
import mellowflare.core.reference.Source;
import mellowflare.core.tube.line.TubeCase;

/** What was measured makes a tube. */
final class ShapeHolds implements Rule<TubeCase> {
    private static final RuleText TEXT = new RuleText(
            "shape.holds",
            Severity.STOP,
            "{trouble}",
            "What was measured makes a tube of {bends}.",
            "corners and radius as given",
            "Put the figure right; all others stay.",
            Source.of("geometry of straights and round bends"));

    @Override
    public List<Finding> check(TubeCase c) {
        if (!c.line().measured().said()) {
            return List.of(Finding.notChecked(TEXT, Subject.SHAPE, TubeNeeds.SHAPE));
        }
        if (c.shape().trouble().isPresent()) {
            return List.of(Finding.fail(
                    TEXT,
                    Subject.SHAPE,
                    Map.of("trouble", Figure.of(c.shape().trouble().get().says(c.units())), "bends", Figure.of(""))));
        }
        int n = c.shape().path().map(p -> p.bends().size()).orElse(0);
        String bends = c.shape().template().isPresent()
                ? "one developed length, its bends set on the job"
                : n == 0 ? "one straight" : n == 1 ? "one bend" : n + " bends";
        return List.of(Finding.pass(TEXT, Subject.SHAPE, Map.of("trouble", Figure.of(""), "bends", Figure.of(bends))));
    }
}
