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
            "The measurements make a tube with {bends}.",
            "corners and radius as given",
            "Correct that figure; the others are kept.",
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
                ? Say.it("shape-holds.one-developed-length-its")
                : n == 0
                        ? Say.it("shape-holds.one-straight")
                        : n == 1 ? Say.it("shape-holds.one-bend") : Say.it("shape-holds.bends", "n", n);
        return List.of(Finding.pass(TEXT, Subject.SHAPE, Map.of("trouble", Figure.of(""), "bends", Figure.of(bends))));
    }
}
