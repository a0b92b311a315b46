package mellowflare.core.hose.route;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import mellowflare.core.geometry.Curve;
import mellowflare.core.geometry.Pose;
import mellowflare.core.geometry.ShortestCurve;
import mellowflare.core.geometry.Vector;
import mellowflare.core.measure.Angle;
import mellowflare.core.measure.Length;

/** Finds the way of a hose. */
public final class RouteFinder {
    private RouteFinder() {}

    public static RoutePlan find(RouteTask task) {
        List<Vector> positions = new ArrayList<>(List.of(Vector.ZERO));
        positions.addAll(task.motion());
        List<Optional<Curve>> curves =
                positions.stream().map(offset -> Detours.find(task, offset)).toList();
        // One position without a way means that the hose cannot be made at all.
        Optional<Curve> worst = curves.stream().allMatch(Optional::isPresent)
                ? curves.stream().flatMap(Optional::stream).max(Comparator.comparingDouble(Curve::length))
                : Optional.empty();
        return new RoutePlan(
                task,
                worst,
                curves.stream().map(c -> c.map(x -> Length.ofMm(x.length()))).toList(),
                worst.isEmpty()
                        && positions.stream()
                                .allMatch(offset -> through(task, offset, task.waypoints(), new HashMap<>())
                                        .isPresent()),
                curves.get(0).flatMap(c -> clocking(task, c)));
    }

    /** The shortest way through the clamps and some places more, whatever stands in it; empty when none keeps the radius. Legs found are kept for the next try. */
    static Optional<Curve> through(
            RouteTask task, Vector offset, List<Vector> places, Map<List<Pose>, Optional<Curve>> legs) {
        Pose far = new Pose(task.end().at().plus(offset), task.end().toward());
        double straight = task.straight().mm();
        double farStraight = task.farStraight().mm();
        Pose first = task.start().ahead(straight);
        Pose last = new Pose(far.ahead(farStraight).at(), far.toward().times(-1));
        List<Pose> stations = new ArrayList<>(List.of(first));
        List<Vector> points = new ArrayList<>(List.of(first.at()));
        points.addAll(places);
        points.add(last.at());
        for (int i = 1; i < points.size() - 1; i++) {
            Vector along = points.get(i + 1).minus(points.get(i - 1));
            if (!(along.length() > 0)) {
                return Optional.empty();
            }
            stations.add(new Pose(points.get(i), along));
        }
        stations.add(last);
        Curve all = new Curve(task.start(), List.of(new Curve.Straight(straight)));
        for (int i = 1; i < stations.size(); i++) {
            Optional<Curve> leg = legs.computeIfAbsent(
                    List.of(stations.get(i - 1), stations.get(i)),
                    ends -> ShortestCurve.between(
                            ends.get(0), ends.get(1), task.radius().mm()));
            if (leg.isEmpty()) {
                return Optional.empty();
            }
            all = all.then(leg.get());
        }
        return Optional.of(all.then(new Curve(last, List.of(new Curve.Straight(farStraight)))));
    }

    /** The hose carries the near elbow's direction along without twist; what is left to the far elbow is the clocking. */
    private static Optional<Angle> clocking(RouteTask task, Curve curve) {
        if (task.nearElbow().isEmpty() || task.farElbow().isEmpty()) {
            return Optional.empty();
        }
        Vector near = across(task.nearElbow().get(), task.start().toward());
        Vector way = curve.end().toward();
        Vector far = across(task.farElbow().get(), way);
        if (near.length() < 1e-9 || far.length() < 1e-9) {
            return Optional.empty();
        }
        Vector carried = curve.carried(near.unit());
        double angle = Math.toDegrees(Math.atan2(way.dot(carried.cross(far)), carried.dot(far)));
        double clockwise = (angle + 360) % 360;
        return Optional.of(Angle.ofDegrees(clockwise > 360 - 1e-9 ? 0 : clockwise));
    }

    private static Vector across(Vector v, Vector along) {
        return v.minus(along.times(v.dot(along)));
    }
}
