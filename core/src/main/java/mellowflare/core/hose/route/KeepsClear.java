package mellowflare.core.hose.route;

import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import mellowflare.core.advice.Figure;
import mellowflare.core.advice.Finding;
import mellowflare.core.advice.Rule;
import mellowflare.core.advice.RuleText;
import mellowflare.core.advice.Severity;
import mellowflare.core.advice.Subject;
import mellowflare.core.measure.Length;
import mellowflare.core.reference.Source;

/** The way stays out of what it must not touch, at every position. */
final class KeepsClear implements Rule<RoutePlan> {
    private static final RuleText TEXT = new RuleText(
            "route.clear",
            Severity.STOP,
            "No route round {what} keeps the bend radius and {clearance} clearance.",
            "The route stays {nearest} or more away from {what}.",
            "{clearance} from the centre line: half the outside diameter and 10 mm",
            "Turn a port's outlet with an elbow, guide the hose with a clamp, shield the place, or use a hose that bends tighter.",
            Source.house("free space beside a hose"));

    @Override
    public List<Finding> check(RoutePlan p) {
        RouteTask t = p.task();
        if (t.keepOuts().isEmpty()) {
            return List.of();
        }
        if (p.curve().isEmpty() && !p.blocked()) {
            return List.of(Finding.notChecked(TEXT, Subject.HOSE, RouteNeeds.WITHIN_RADIUS));
        }
        String what = t.keepOuts().stream().map(KeepOut::name).collect(Collectors.joining(", "));
        double nearest = p.curve().stream()
                .flatMap(c -> c.along(4).stream())
                .mapToDouble(pose -> t.keepOuts().stream()
                        .mapToDouble(k -> k.distance(pose.at()))
                        .min()
                        .orElseThrow())
                .min()
                .orElse(0);
        return List.of(Finding.of(
                p.curve().isPresent(),
                TEXT,
                Subject.HOSE,
                Map.of(
                        "what", Figure.of(what),
                        "clearance", Figure.of(t.clearance()),
                        "nearest", Figure.of(Length.ofMm(nearest)))));
    }
}
