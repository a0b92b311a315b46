package mellowflare.core.hose.route;

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

/** Some way must keep the radius. */
final class RadiusKept implements Rule<RoutePlan> {
    private static final RuleText TEXT = new RuleText(
            "route.radius",
            Severity.STOP,
            "No route keeps the bend radius of {need} everywhere.",
            "{found, select, bent {The route keeps the bend radius of {need} everywhere.} straight {The route is straight.} other {A route would keep the bend radius of {need} without the keep-outs.}}",
            "smallest bend radius {need} on the centre line",
            "Move a clamp, turn an end with an elbow, or use a hose that bends tighter.",
            Source.of("the bend radius that was given"));

    @Override
    public List<Finding> check(RoutePlan p) {
        String found = p.curve()
                .map(c -> Double.isFinite(c.tightest()) ? "bent" : "straight")
                .orElse("blocked");
        Length need = p.task().radius();
        return List.of(Finding.of(
                p.curve().isPresent() || p.blocked(),
                TEXT,
                Subject.HOSE,
                Map.of("need", Figure.of(need), "found", Figure.of(found))));
    }
}
