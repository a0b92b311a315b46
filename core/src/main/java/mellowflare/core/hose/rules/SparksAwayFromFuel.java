package mellowflare.core.hose.rules;

import java.util.List;
import java.util.Map;
import mellowflare.core.advice.Finding;
import mellowflare.core.advice.Rule;
import mellowflare.core.advice.RuleText;
import mellowflare.core.advice.Severity;
import mellowflare.core.advice.Subject;
import mellowflare.core.hose.line.Cutting;
import mellowflare.core.hose.line.HoseCase;
import mellowflare.core.reference.Source;

/** A cut-off wheel throws sparks: never near fuel or gas. */
final class SparksAwayFromFuel implements Rule<HoseCase> {
    private static final RuleText TEXT = new RuleText(
            "make.sparks",
            Severity.WARN,
            "The hose is to be cut with a cut-off wheel, which throws sparks, and the line carries something that burns.",
            "Nothing throws sparks when cutting.",
            "the shop's method of cutting",
            "Cut it at a bench far from anything that has held fuel, or choose shears or a saw as the method.",
            Source.of("trade practice"));

    @Override
    public List<Finding> check(HoseCase c) {
        return c.fluid().isEmpty() || c.whole()
                ? List.of()
                : List.of(Finding.of(!Cutting.sparksNearFuel(c), TEXT, Subject.MAKE, Map.of()));
    }
}
