package mellowflare.core.hose.route;

import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import mellowflare.core.advice.Figure;
import mellowflare.core.advice.Finding;
import mellowflare.core.advice.Rule;
import mellowflare.core.advice.RuleText;
import mellowflare.core.advice.Severity;
import mellowflare.core.advice.Subject;
import mellowflare.core.measure.Length;
import mellowflare.core.reference.Source;

/** A moving end is reached at its worst position; everywhere else the hose hangs slack. */
final class MovesWithin implements Rule<RoutePlan> {
    private static final double MUCH = 0.15;
    private static final RuleText TEXT = new RuleText(
            "route.slack",
            Severity.WARN,
            "Cut for its worst position, the hose has {slack} of slack at another.",
            "Over all positions the slack is {slack} at most.",
            "{longest} against {shortest}",
            "Guide the slack where nothing catches it, clamp it, or lay the loop in the plane of movement.",
            Source.house("slack of more than a seventh of the length"));

    @Override
    public List<Finding> check(RoutePlan p) {
        List<Length> lengths = p.positions().stream().flatMap(Optional::stream).toList();
        if (p.task().motion().isEmpty()) {
            return List.of();
        }
        if (lengths.size() < p.positions().size()) {
            return List.of(Finding.notChecked(TEXT, Subject.LENGTH, RouteNeeds.EVERY_POSITION));
        }
        Length longest = lengths.stream().max(Comparator.naturalOrder()).orElseThrow();
        Length shortest = lengths.stream().min(Comparator.naturalOrder()).orElseThrow();
        Length slack = longest.minus(shortest);
        return List.of(Finding.of(
                slack.mm() <= MUCH * longest.mm(),
                TEXT,
                Subject.LENGTH,
                Map.of(
                        "slack", Figure.of(slack),
                        "longest", Figure.of(longest),
                        "shortest", Figure.of(shortest))));
    }
}
