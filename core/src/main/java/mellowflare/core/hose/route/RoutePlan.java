package mellowflare.core.hose.route;

import java.util.List;
import java.util.Optional;
import mellowflare.core.advice.Finding;
import mellowflare.core.advice.Rule;
import mellowflare.core.geometry.Curve;
import mellowflare.core.measure.Angle;
import mellowflare.core.measure.Length;

/**
 * The way of a hose.
 *
 * @param task what was asked
 * @param curve along the centre line, at the position that needs most; empty when none keeps the radius
 * @param positions what the hose needs at rest and at each position of a moving end, in that order; empty where none was found
 * @param blocked whether a way keeps the radius but a keep-out stands in it
 * @param clocking from the near elbow to the far one: seen from the near end along the hose, 12 o'clock is the near elbow, clockwise
 */
public record RoutePlan(
        RouteTask task,
        Optional<Curve> curve,
        List<Optional<Length>> positions,
        boolean blocked,
        Optional<Angle> clocking) {
    private static final List<Rule<RoutePlan>> RULES = List.of(
            new RadiusKept(),
            new KeepsClear(),
            new EndsApart(),
            new TurnsTooMuch(),
            new MovesWithin(),
            new MovesInPlane());

    public RoutePlan {
        positions = List.copyOf(positions);
    }

    /** Sealing point to sealing point along the curve, straights included. */
    public Optional<Length> length() {
        return curve.map(c -> Length.ofMm(c.length()));
    }

    /** All findings, worst first. */
    public List<Finding> findings() {
        return Rule.checkAll(RULES, this);
    }
}
