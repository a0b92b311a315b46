package mellowflare.core.hose.route;

import java.util.List;
import java.util.Map;
import mellowflare.core.advice.Figure;
import mellowflare.core.advice.Finding;
import mellowflare.core.advice.Rule;
import mellowflare.core.advice.RuleText;
import mellowflare.core.advice.Severity;
import mellowflare.core.advice.Subject;
import mellowflare.core.measure.LengthFormat;
import mellowflare.core.reference.Source;

/** A hose that must turn on and on has its ends too near each other or pointing away. */
final class TurnsTooMuch implements Rule<RoutePlan> {
    private static final double MOST = 270;
    private static final RuleText TEXT = new RuleText(
            "route.turns",
            Severity.WARN,
            "The hose turns through {turns} altogether: a loop, not a route.",
            "The hose turns through {turns} altogether.",
            "{turns} against {most}",
            "An elbow at one end, or more distance between the ports, saves the loop and the hose.",
            Source.house("more than three quarters of a turn"));

    @Override
    public List<Finding> check(RoutePlan p) {
        if (p.curve().isEmpty()) {
            return List.of(Finding.notChecked(TEXT, Subject.HOSE, RouteNeeds.WITHIN_RADIUS));
        }
        double turns = Math.toDegrees(p.curve().get().turning());
        return List.of(Finding.of(
                turns <= MOST,
                TEXT,
                Subject.HOSE,
                Map.of(
                        "turns", Figure.of(LengthFormat.decimal(turns, 0, 0) + "°"),
                        "most", Figure.of(LengthFormat.decimal(MOST, 0, 0) + "°"))));
    }
}
