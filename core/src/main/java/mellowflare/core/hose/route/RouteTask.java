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
 * @param straight how far the hose stays straight behind each end
 * @param waypoints clamps that it passes, in order (mm)
 * @param nearElbow where the outlet of an elbow at the near end points
 * @param farElbow where the outlet of an elbow at the far end points
 * @param motion how far the far end moves from where it stands, one for each position (mm)
 */
public record RouteTask(
        Pose start,
        Pose end,
        Length radius,
        Length straight,
        List<Vector> waypoints,
        Optional<Vector> nearElbow,
        Optional<Vector> farElbow,
        List<Vector> motion) {
    public RouteTask {
        waypoints = List.copyOf(waypoints);
        motion = List.copyOf(motion);
        if (radius.mm() <= 0 || straight.mm() < 0) {
            throw new IllegalArgumentException("A bend radius lies above zero, a straight not below it");
        }
    }

    public static RouteTask of(Pose start, Pose end, Length radius) {
        return new RouteTask(start, end, radius, Length.ZERO, List.of(), Optional.empty(), Optional.empty(), List.of());
    }

    public RouteTask withStraight(Length s) {
        return new RouteTask(start, end, radius, s, waypoints, nearElbow, farElbow, motion);
    }

    public RouteTask through(List<Vector> points) {
        return new RouteTask(start, end, radius, straight, points, nearElbow, farElbow, motion);
    }

    public RouteTask withElbows(Vector near, Vector far) {
        return new RouteTask(start, end, radius, straight, waypoints, Optional.of(near), Optional.of(far), motion);
    }

    public RouteTask moving(List<Vector> positions) {
        return new RouteTask(start, end, radius, straight, waypoints, nearElbow, farElbow, positions);
    }
}
