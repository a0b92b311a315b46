package mellowflare.core.hose.route;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import mellowflare.core.advice.Figure;
import mellowflare.core.advice.Finding;
import mellowflare.core.advice.Rule;
import mellowflare.core.advice.RuleText;
import mellowflare.core.advice.Severity;
import mellowflare.core.advice.Subject;
import mellowflare.core.geometry.Curve;
import mellowflare.core.geometry.Vector;
import mellowflare.core.measure.LengthFormat;
import mellowflare.core.reference.Source;

/** A hose bends in one plane and hardly twists: an end that moves out of that plane twists it. */
final class MovesInPlane implements Rule<RoutePlan> {
    private static final double MOST_DEGREES = 10;
    private static final RuleText TEXT = new RuleText(
            "route.twist",
            Severity.WARN,
            "The moving end leaves the plane of the bend by {angle}: that twists the hose.",
            "The moving end stays within {angle} of the plane of the bend.",
            "{angle} against {most}",
            "Turn the ports so that the loop lies in the plane of movement, or split the movement between two hoses with a fixed joint.",
            Source.of("SAE J1273; house limit of 10 degrees"));

    @Override
    public List<Finding> check(RoutePlan p) {
        if (p.task().motion().isEmpty() || p.curve().isEmpty()) {
            return List.of();
        }
        Optional<Vector> plane = plane(p.curve().get());
        if (plane.isEmpty()) {
            return List.of(Finding.notChecked(TEXT, Subject.HOSE, RouteNeeds.IN_ONE_PLANE));
        }
        double worst = p.task().motion().stream()
                .filter(m -> m.length() > 1e-9)
                .mapToDouble(m ->
                        Math.toDegrees(Math.asin(Math.min(1, Math.abs(m.unit().dot(plane.get()))))))
                .max()
                .orElse(0);
        return List.of(Finding.of(
                worst <= MOST_DEGREES,
                TEXT,
                Subject.HOSE,
                Map.of(
                        "angle", Figure.of(LengthFormat.decimal(worst, 0, 0) + "°"),
                        "most", Figure.of(LengthFormat.decimal(MOST_DEGREES, 0, 0) + "°"))));
    }

    /** The one axis about which all arcs turn; empty when they differ. A straight hose bends in whatever plane it is moved in. */
    private static Optional<Vector> plane(Curve curve) {
        Optional<Vector> first = Optional.empty();
        for (Curve.Piece piece : curve.pieces()) {
            if (piece instanceof Curve.Arc arc && arc.angle() > 0.02) {
                if (first.isEmpty()) {
                    first = Optional.of(arc.axis());
                } else if (first.get().cross(arc.axis()).length() > 0.1) {
                    return Optional.empty();
                }
            }
        }
        return first;
    }
}
