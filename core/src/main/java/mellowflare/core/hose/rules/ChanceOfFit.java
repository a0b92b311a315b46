package mellowflare.core.hose.rules;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import mellowflare.core.advice.Figure;
import mellowflare.core.advice.Finding;
import mellowflare.core.advice.Rule;
import mellowflare.core.advice.RuleText;
import mellowflare.core.advice.Severity;
import mellowflare.core.advice.Subject;
import mellowflare.core.hose.line.HoseCase;
import mellowflare.core.hose.line.ToleranceBudget;
import mellowflare.core.reference.Source;

/** The chance that the finished hose lies within its tolerance, and which figure to measure again. */
final class ChanceOfFit implements Rule<HoseCase> {
    private static final double ENOUGH = 0.9;
    private static final RuleText TEXT = new RuleText(
            "length.chance",
            Severity.WARN,
            "Only {chance} chance that the hose comes out within {tolerance}. Biggest uncertainty: {largest}.",
            "{chance} chance that the hose comes out within {tolerance}.",
            "standard deviation {deviation} (first order); most of it from {largest}",
            "To improve it: {better}.",
            Source.house("scatter of readings, cuts and make-up"));

    @Override
    public List<Finding> check(HoseCase c) {
        if (c.whole()) {
            return List.of();
        }
        Optional<ToleranceBudget> budget = ToleranceBudget.of(c);
        if (budget.isEmpty()) {
            return List.of(Finding.notChecked(TEXT, Subject.LENGTH, Missing.cut(c)));
        }
        ToleranceBudget b = budget.get();
        String better = b.causes().stream()
                .map(ToleranceBudget.Cause::better)
                .filter(t -> !t.isEmpty())
                .findFirst()
                .orElse(Say.it("chance-of-fit.nothing-simple"));
        return List.of(Finding.of(
                b.chance() >= ENOUGH,
                TEXT,
                Subject.LENGTH,
                Map.of(
                        "tolerance", Figure.of(b.tolerance()),
                        "chance", new Figure.OfShare(b.chance()),
                        "largest", Figure.of(b.largest()),
                        "deviation", Figure.of(b.deviation()),
                        "better", Figure.of(better))));
    }
}
