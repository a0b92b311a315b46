package mellowflare.core.hose.route;

import java.util.List;
import java.util.Optional;
import mellowflare.core.geometry.Pose;
import mellowflare.core.geometry.Vector;
import mellowflare.core.measure.Length;

/**
 * What a hose must join. Both directions point out of the port toward the hose.
 *
 * @param start near end (mm)
 * @param end far end (mm)
 * @param radius smallest bend radius on the centre line, above zero
 * @param straight how far the hose stays straight behind the near end
 * @param farStraight the same behind the far end
 * @param waypoints clamps that it passes, in order (mm)
 * @param nearElbow where the outlet of an elbow at the near end points
 * @param farElbow where the outlet of an elbow at the far end points
 * @param motion how far the far end moves from where it stands, one for each position (mm)
 * @param keepOuts what it must stay out of
 * @param clearance how far the centre line must stay from them: half the outside diameter and what else is wanted
 */
public record RouteTask(
        Pose start,
        Pose end,
        Length radius,
        Length straight,
        Length farStraight,
        List<Vector> waypoints,
        Optional<Vector> nearElbow,
        Optional<Vector> farElbow,
        List<Vector> motion,
        List<KeepOut> keepOuts,
        Length clearance) {
    public RouteTask {
        waypoints = List.copyOf(waypoints);
        motion = List.copyOf(motion);
        keepOuts = List.copyOf(keepOuts);
        if (radius.mm() <= 0 || straight.mm() < 0 || farStraight.mm() < 0 || clearance.mm() < 0) {
            throw new IllegalArgumentException(
                    "A bend radius lies above zero, a straight and a clearance not below it");
        }
    }

    public static RouteTask of(Pose start, Pose end, Length radius) {
        return new RouteTask(
                start,
                end,
                radius,
                Length.ZERO,
                Length.ZERO,
                List.of(),
                Optional.empty(),
                Optional.empty(),
                List.of(),
                List.of(),
                Length.ZERO);
    }

    /** The same straight behind both ends. */
    public RouteTask withStraight(Length s) {
        return withStraights(s, s);
    }

    public RouteTask withStraights(Length near, Length far) {
        return new RouteTask(
                start, end, radius, near, far, waypoints, nearElbow, farElbow, motion, keepOuts, clearance);
    }

    public RouteTask through(List<Vector> points) {
        return new RouteTask(
                start, end, radius, straight, farStraight, points, nearElbow, farElbow, motion, keepOuts, clearance);
    }

    public RouteTask withElbows(Vector near, Vector far) {
        return withElbows(Optional.of(near), Optional.of(far));
    }

    public RouteTask withElbows(Optional<Vector> near, Optional<Vector> far) {
        return new RouteTask(
                start, end, radius, straight, farStraight, waypoints, near, far, motion, keepOuts, clearance);
    }

    public RouteTask moving(List<Vector> positions) {
        return new RouteTask(
                start,
                end,
                radius,
                straight,
                farStraight,
                waypoints,
                nearElbow,
                farElbow,
                positions,
                keepOuts,
                clearance);
    }

    public RouteTask around(List<KeepOut> boxes, Length clear) {
        return new RouteTask(
                start, end, radius, straight, farStraight, waypoints, nearElbow, farElbow, motion, boxes, clear);
    }
}
