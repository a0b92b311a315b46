package mellowflare.core.gas.rules;

import java.util.List;
import java.util.Map;
import mellowflare.core.advice.Figure;
import mellowflare.core.advice.Finding;
import mellowflare.core.advice.Rule;
import mellowflare.core.advice.RuleText;
import mellowflare.core.advice.Severity;
import mellowflare.core.advice.Subject;
import mellowflare.core.gas.work.GasCase;
import mellowflare.core.reference.Source;
import mellowflare.core.run.walk.Walked;

/** What could not be followed on the walk. */
final class WalkHolds implements Rule<GasCase> {
    private static final RuleText PLACE = new RuleText(
            "gas.walk",
            Severity.STOP,
            "“{piece}” refers to “{other}”, which does not exist.",
            "Every place that the layout refers to exists.",
            "names in the layout",
            "Use the name of a place that comes earlier in the layout.",
            Source.house("the walk"));

    private static final RuleText TWICE = new RuleText(
            "gas.walk-twice",
            Severity.WARN,
            "“{piece}” is used twice; the later one is worked out under another name.",
            "Every piece has its own name.",
            "names in the layout",
            "Give each piece its own name.",
            Source.house("the walk"));

    private static final RuleText LENGTH = new RuleText(
            "gas.walk-length",
            Severity.WARN,
            "“{piece}” has no length; it counts as a joint.",
            "Every pipe has a length.",
            "lengths in the layout",
            "Measure it, or remove it.",
            Source.house("the walk"));

    private static final RuleText SLANT = new RuleText(
            "gas.walk-slant",
            Severity.WARN,
            "“{piece}” would need an angle to {other} that no fitting makes.",
            "Every pipe runs along a wall or straight up.",
            "90 degree fittings",
            "Go round the corner in two pieces, or correct a length: the two ends do not line up.",
            Source.house("the walk"));

    private static final RuleText ITSELF = new RuleText(
            "gas.walk-itself",
            Severity.STOP,
            "“{piece}” would lead from {other} to itself.",
            "No pipe leads to itself.",
            "the layout",
            "Close to another place.",
            Source.house("the walk"));

    @Override
    public List<Finding> check(GasCase c) {
        if (c.line().pieces().isEmpty()) {
            return List.of(Finding.notChecked(PLACE, Subject.GAS_LAYOUT, GasNeeds.WALK));
        }
        if (c.walk().walked().odd().isEmpty()) {
            return List.of(Finding.pass(PLACE, Subject.GAS_LAYOUT, Map.of()));
        }
        return c.walk().walked().odd().stream()
                .map(o -> Finding.fail(
                        text(o.kind()),
                        Subject.GAS_LAYOUT,
                        Map.of("piece", Figure.of(o.piece()), "other", Figure.of(o.other()))))
                .toList();
    }

    private static RuleText text(Walked.Odd.Kind kind) {
        return switch (kind) {
            case TWICE -> TWICE;
            case NO_SUCH_PLACE, FEED_TWICE -> PLACE;
            case NO_LENGTH -> LENGTH;
            case SLANTS -> SLANT;
            case TO_ITSELF -> ITSELF;
        };
    }
}
