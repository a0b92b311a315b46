package mellowflare.core.hose.route;

import java.util.List;
import java.util.Map;
import mellowflare.core.advice.Figure;
import mellowflare.core.advice.Finding;
import mellowflare.core.advice.Rule;
import mellowflare.core.advice.RuleText;
import mellowflare.core.advice.Severity;
import mellowflare.core.advice.Subject;
import mellowflare.core.geometry.Vector;
import mellowflare.core.measure.Length;
import mellowflare.core.reference.Source;

/** Straights behind the ends that run into each other leave no room for a hose. */
final class EndsApart implements Rule<RoutePlan> {
    private static final RuleText TEXT = new RuleText(
            "route.ends-apart",
            Severity.STOP,
            "The ports are too close: {apart} apart, {room} needed for the straight lengths behind the ends.",
            "There is room for the straight lengths behind both ends.",
            "{apart} against {room}",
            "Check both positions and directions: each direction points out of the port, toward the hose.",
            Source.house("the straight behind each end"));

    @Override
    public List<Finding> check(RoutePlan p) {
        RouteTask t = p.task();
        Vector way = t.end().at().minus(t.start().at());
        double room = t.straight().mm() + t.farStraight().mm();
        boolean facing = t.start().toward().dot(t.end().toward()) < 0
                && way.dot(t.start().toward()) > 0;
        boolean holds = way.length() > 1e-6 && (!facing || way.length() >= room);
        return List.of(Finding.of(
                holds,
                TEXT,
                Subject.LENGTH,
                Map.of(
                        "apart", Figure.of(Length.ofMm(way.length())),
                        "room", Figure.of(Length.ofMm(room)))));
    }
}
