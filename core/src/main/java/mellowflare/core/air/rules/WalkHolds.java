package mellowflare.core.air.rules;

import java.util.List;
import java.util.Map;
import mellowflare.core.advice.Figure;
import mellowflare.core.advice.Finding;
import mellowflare.core.advice.Rule;
import mellowflare.core.advice.RuleText;
import mellowflare.core.advice.Severity;
import mellowflare.core.advice.Subject;
import mellowflare.core.air.work.AirCase;
import mellowflare.core.reference.Source;
import mellowflare.core.run.walk.Walked;

/** Whether the walk can be followed. */
final class WalkHolds implements Rule<AirCase> {
    private static final RuleText PLACE = new RuleText(
            "air.walk-place",
            Severity.STOP,
            "“{piece}” refers to “{other}”, which does not exist.",
            "Every place that the layout refers to exists.",
            "names in the layout",
            "Use the name of a place that comes earlier in the layout.",
            Source.house("the walk"));

    private static final RuleText TWICE = new RuleText(
            "air.walk-twice",
            Severity.WARN,
            "“{piece}” is used twice; the later one is worked out under another name.",
            "Every piece has its own name.",
            "names in the layout",
            "Give each piece its own name.",
            Source.house("the walk"));

    private static final RuleText LENGTH = new RuleText(
            "air.walk-length",
            Severity.WARN,
            "“{piece}” has no length; it counts as a joint.",
            "Every pipe has a length.",
            "lengths in the layout",
            "Measure it, or remove it.",
            Source.house("the walk"));

    private static final RuleText SLANT = new RuleText(
            "air.walk-slant",
            Severity.WARN,
            "“{piece}” would need an angle to {other} that no fitting makes.",
            "Every pipe runs along a wall or straight up.",
            "90 degree fittings",
            "Go round the corner in two pieces, or correct a length: the two ends do not line up.",
            Source.house("the walk"));

    private static final RuleText ITSELF = new RuleText(
            "air.walk-itself",
            Severity.STOP,
            "“{piece}” would lead from {other} to itself.",
            "No pipe leads to itself.",
            "the layout",
            "Close to another place.",
            Source.house("the walk"));

    private static final RuleText FEED = new RuleText(
            "air.walk-feed",
            Severity.WARN,
            "A compressor already feeds in at {other}; {piece} is ignored.",
            "Every compressor has its own place.",
            "the layout",
            "Add some pipe before the next one feeds in.",
            Source.house("the walk"));

    @Override
    public List<Finding> check(AirCase c) {
        if (c.main().pieces().isEmpty()) {
            return List.of(Finding.notChecked(PLACE, Subject.MAIN, AirNeeds.WALK));
        }
        if (c.walked().odd().isEmpty()) {
            return List.of(Finding.pass(PLACE, Subject.MAIN, Map.of()));
        }
        return c.walked().odd().stream()
                .map(o -> Finding.fail(
                        text(o.kind()),
                        Subject.MAIN,
                        Map.of("piece", Figure.of(o.piece()), "other", Figure.of(o.other()))))
                .toList();
    }

    private static RuleText text(Walked.Odd.Kind kind) {
        return switch (kind) {
            case TWICE -> TWICE;
            case NO_SUCH_PLACE -> PLACE;
            case NO_LENGTH -> LENGTH;
            case SLANTS -> SLANT;
            case TO_ITSELF -> ITSELF;
            case FEED_TWICE -> FEED;
        };
    }
}
