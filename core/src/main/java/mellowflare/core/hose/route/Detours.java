package mellowflare.core.hose.route;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.PriorityQueue;
import java.util.Set;
import mellowflare.core.geometry.Curve;
import mellowflare.core.geometry.Pose;
import mellowflare.core.geometry.Vector;

/**
 * Leads a way round what it must stay out of. Where a way meets a keep-out, ways along each of the four sides of the box are put beside it, and so on, those
 * whose straight lines are shortest looked at first. The shortest that meets nothing is taken: near the shortest there is, not proved to be it.
 */
final class Detours {
    /** How densely a way is looked at for what it meets (mm). */
    private static final double STEP = 6;

    private static final int MOST_TRIED = 40;
    /** Once a way is found, so many more are tried for a shorter one. */
    private static final int PATIENCE = 3;

    private static final int MOST_PLACES = 6;
    /** How far outside a box the places lie by which it is passed, as shares of the bend radius. */
    private static final double[] OUT = {0.02, 0.3};

    private record Way(List<Vector> places, double atLeast) {}

    private record Hit(KeepOut box, Pose where, int leg) {}

    private final RouteTask task;
    private final Vector offset;
    private final Map<List<Pose>, Optional<Curve>> legs = new HashMap<>();

    private Detours(RouteTask task, Vector offset) {
        this.task = task;
        this.offset = offset;
    }

    static Optional<Curve> find(RouteTask task, Vector offset) {
        Detours detours = new Detours(task, offset);
        return task.keepOuts().isEmpty()
                ? RouteFinder.through(task, offset, task.waypoints(), detours.legs)
                : detours.around();
    }

    private Optional<Curve> around() {
        PriorityQueue<Way> ways = new PriorityQueue<>(Comparator.comparingDouble(Way::atLeast));
        Set<List<Vector>> seen = new HashSet<>();
        ways.add(new Way(task.waypoints(), 0));
        Optional<Curve> best = Optional.empty();
        int left = MOST_TRIED;
        while (left-- > 0 && !ways.isEmpty()) {
            Way way = ways.poll();
            if (best.isPresent() && way.atLeast() >= best.get().length()) {
                break;
            }
            Optional<Curve> curve = RouteFinder.through(task, offset, way.places(), legs);
            if (curve.isEmpty()) {
                continue;
            }
            Optional<Hit> hit = hit(curve.get(), way.places());
            if (hit.isEmpty()) {
                if (best.isEmpty() || curve.get().length() < best.get().length()) {
                    best = curve;
                    left = Math.min(left, PATIENCE);
                }
            } else {
                for (List<Vector> passing : passings(hit.get())) {
                    List<Vector> places = new ArrayList<>(way.places());
                    places.addAll(hit.get().leg(), passing);
                    if (places.size() - task.waypoints().size() <= MOST_PLACES && seen.add(places)) {
                        ways.add(new Way(places, straightLines(places)));
                    }
                }
            }
        }
        return best;
    }

    private double straightLines(List<Vector> places) {
        double sum = 0;
        Vector from = task.start().at();
        for (Vector p : places) {
            sum += p.minus(from).length();
            from = p;
        }
        return sum + task.end().at().plus(offset).minus(from).length();
    }

    /** The first place where a way comes too near to a keep-out, and how many of its places lie before it. */
    private Optional<Hit> hit(Curve curve, List<Vector> places) {
        int leg = 0;
        for (Pose p : curve.along(STEP)) {
            if (leg < places.size() && p.at().minus(places.get(leg)).length() < 1e-6 * (1 + p.at().length())) {
                leg++;
            }
            for (KeepOut box : task.keepOuts()) {
                if (box.distance(p.at()) < task.clearance().mm() - 1e-6) {
                    return Optional.of(new Hit(box, p, leg));
                }
            }
        }
        return Optional.empty();
    }

    /** Along each of the four sides that lie in the direction of travel: past both edges, or over the middle; close by and further out. */
    private List<List<Vector>> passings(Hit hit) {
        List<List<Vector>> passings = new ArrayList<>();
        double[] low = array(hit.box().low());
        double[] high = array(hit.box().high());
        double[] at = array(hit.where().at());
        double[] way = array(hit.where().toward());
        int along = 0;
        for (int axis = 1; axis < 3; axis++) {
            along = Math.abs(way[axis]) > Math.abs(way[along]) ? axis : along;
        }
        double first = way[along] > 0 ? low[along] : high[along];
        double last = way[along] > 0 ? high[along] : low[along];
        for (double share : OUT) {
            double out = task.clearance().mm() + share * task.radius().mm();
            for (int side = 1; side < 3; side++) {
                int axis = (along + side) % 3;
                for (double face : new double[] {low[axis] - out, high[axis] + out}) {
                    Vector in = place(at, along, first, axis, face);
                    Vector through = place(at, along, last, axis, face);
                    passings.add(List.of(in, through));
                    passings.add(List.of(in.plus(through).times(0.5)));
                }
            }
        }
        return passings;
    }

    private static double[] array(Vector v) {
        return new double[] {v.x(), v.y(), v.z()};
    }

    private static Vector place(double[] at, int along, double alongAt, int axis, double axisAt) {
        double[] p = at.clone();
        p[along] = alongAt;
        p[axis] = axisAt;
        return new Vector(p[0], p[1], p[2]);
    }
}
