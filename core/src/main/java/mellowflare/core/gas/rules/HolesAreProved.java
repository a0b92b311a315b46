package mellowflare.core.gas.rules;

import java.util.List;
import java.util.Map;
import mellowflare.core.advice.Finding;
import mellowflare.core.advice.Rule;
import mellowflare.core.advice.RuleText;
import mellowflare.core.advice.Severity;
import mellowflare.core.advice.Subject;
import mellowflare.core.gas.layout.Piece;
import mellowflare.core.gas.work.GasCase;
import mellowflare.core.reference.Confidence;
import mellowflare.core.reference.Source;

/** Holes through walls and panels. */
final class HolesAreProved implements Rule<GasCase> {
    private static final RuleText PROVED = new RuleText(
            "gas.hole",
            Severity.STOP,
            "A hole is drilled through without proof of what lies behind it.",
            "Every hole was proved from both sides by a pilot.",
            "as answered",
            "Measure from one fixed edge on both sides, drill a small pilot, look behind it, and only then open it out.",
            Source.house("hole proved from both sides"));

    private static final RuleText GUARD = new RuleText(
            "gas.guard",
            Severity.WARN,
            "Pipe or hose rubs where it passes through: nothing guards it.",
            "Pipe and hose are guarded where they pass through.",
            "as answered",
            "Fit a sleeve or a grommet, sealed on one side.",
            new Source("NFPA 54 7.1.4; trade practice", Confidence.TYPICAL));

    @Override
    public List<Finding> check(GasCase c) {
        boolean through =
                c.line().pieces().stream().anyMatch(p -> p instanceof Piece.Pipe x && x.lies() == Piece.Lies.THROUGH);
        if (!through) {
            return List.of();
        }
        return List.of(
                c.line()
                        .site()
                        .proved()
                        .map(p -> Finding.of(p, PROVED, Subject.GAS_JOINTS, Map.of()))
                        .orElseGet(() -> Finding.notChecked(PROVED, Subject.GAS_JOINTS, GasNeeds.PROVED)),
                c.line()
                        .site()
                        .guarded()
                        .map(p -> Finding.of(p, GUARD, Subject.GAS_JOINTS, Map.of()))
                        .orElseGet(() -> Finding.notChecked(GUARD, Subject.GAS_JOINTS, GasNeeds.GUARDED)));
    }
}
