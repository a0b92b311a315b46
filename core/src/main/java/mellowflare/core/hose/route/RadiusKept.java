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
            "No way was found that keeps {need} everywhere.",
            "The way keeps {need}{tightest}.",
            "smallest bend radius {need} on the centre line",
            "Move a clamp, turn an end with an elbow, or take a hose that bends closer.",
            Source.of("the bend radius that was given"));

    @Override
    public List<Finding> check(RoutePlan p) {
        String tightest = p.curve()
                .filter(c -> Double.isFinite(c.tightest()))
                .map(c -> " everywhere")
                .orElse(" and is straight");
        Length need = p.task().radius();
        return List.of(Finding.of(
                p.curve().isPresent() || p.blocked(),
                TEXT,
                Subject.HOSE,
                Map.of(
                        "need",
                        Figure.of(need),
                        "tightest",
                        Figure.of(p.curve().isPresent() ? tightest : " without the keep-outs"))));
    }
}
