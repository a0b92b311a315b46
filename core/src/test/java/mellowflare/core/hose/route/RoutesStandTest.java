package mellowflare.core.hose.route;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.stream.Collectors;
import mellowflare.core.Stands;
import mellowflare.core.geometry.Pose;
import mellowflare.core.geometry.Vector;
import mellowflare.core.measure.Length;
import org.junit.jupiter.api.Test;

/** Routes of many kinds as they were when they were last looked through: lengths, clock angles, where they pass, what is judged. */
class RoutesStandTest {
    private static final Length RADIUS = Length.ofMm(100);

    private static Pose pose(double x, double y, double z, double dx, double dy, double dz) {
        return new Pose(new Vector(x, y, z), new Vector(dx, dy, dz));
    }

    private static String at(Vector v) {
        return String.format(Locale.ROOT, "(%.1f %.1f %.1f)", v.x(), v.y(), v.z());
    }

    private static List<RouteTask> tasks() {
        List<RouteTask> all = new ArrayList<>();
        Pose[] starts = {pose(0, 0, 0, 1, 0, 0), pose(0, 0, 0, 0, 1, 0), pose(0, 0, 0, 0, -1, 0)};
        Pose[] ends = {
            pose(600, 0, 0, -1, 0, 0),
            pose(500, 300, 200, 0, 0, -1),
            pose(700, 200, 0, 0, 1, 0),
            pose(150, 60, 0, 1, 0, 0),
            pose(300, -200, 400, -1, 0, 0)
        };
        Vector up = new Vector(0, 0, 1);
        for (Pose s : starts) {
            for (Pose e : ends) {
                RouteTask task = RouteTask.of(s, e, RADIUS);
                all.add(task.withElbows(up, new Vector(0, 1, 0)));
                all.add(task.withStraights(Length.ofMm(40), Length.ofMm(70)));
            }
        }
        RouteTask long_ = RouteTask.of(pose(0, 0, 0, 1, 0, 0), pose(1300, 200, 100, -1, 0, 0), RADIUS);
        all.add(long_.through(List.of(new Vector(400, 150, 80), new Vector(800, 0, 200))));
        all.add(long_.moving(List.of(new Vector(0, 120, 0), new Vector(60, -80, 40))));
        all.add(long_.moving(List.of(new Vector(300, 0, 0))));
        KeepOut box = KeepOut.between("box", new Vector(500, -100, -150), new Vector(700, 350, 250));
        KeepOut wall = KeepOut.between("wall", new Vector(850, -400, -400), new Vector(900, 150, 400));
        KeepOut beam = KeepOut.between("beam", new Vector(300, 40, -500), new Vector(360, 160, 500));
        all.add(long_.around(List.of(box), Length.ofMm(12)));
        all.add(long_.around(List.of(box, wall), Length.ofMm(12)));
        all.add(long_.around(List.of(beam, wall), Length.ofMm(40)));
        all.add(long_.around(List.of(beam), Length.ofMm(12)).withStraight(Length.ofMm(60)));
        all.add(long_.through(List.of(new Vector(600, 420, 0))).around(List.of(box), Length.ofMm(20)));
        all.add(long_.around(
                List.of(KeepOut.between("on the port", new Vector(-50, -50, -50), new Vector(30, 30, 30))),
                Length.ofMm(12)));
        return all;
    }

    private static String said(RoutePlan p) {
        String way = p.curve()
                .map(c -> c.along(150).stream().map(q -> at(q.at())).collect(Collectors.joining(" ")))
                .orElse("none");
        return p.length().map(l -> Stands.figure(l.mm())).orElse("-") + " clock "
                + p.clocking().map(a -> Stands.figure(a.degrees())).orElse("-") + " tightest "
                + p.curve().map(c -> Stands.figure(c.tightest())).orElse("-") + " positions "
                + p.positions().stream()
                        .map((Optional<Length> l) ->
                                l.map(x -> Stands.figure(x.mm())).orElse("-"))
                        .collect(Collectors.joining(" "))
                + " way " + way;
    }

    @Test
    void testRoutesStandAsTheyWereLookedThrough() {
        List<String> lines = new ArrayList<>();
        int number = 1;
        for (RouteTask task : tasks()) {
            RoutePlan p = RouteFinder.find(task);
            lines.add(number++ + ": " + said(p));
            lines.addAll(Stands.findings(p.findings()));
        }
        Stands.as(getClass(), "routes.txt", lines);
    }

    /** How far places lie from a box, by hand: inside as far as the nearest face, below zero; before a face its distance, at a corner the diagonal. */
    @Test
    void testDistancesFromABoxByHand() {
        KeepOut box = KeepOut.between("box", new Vector(10, 0, 0), new Vector(0, 20, 30));
        List<String> lines = new ArrayList<>();
        for (Vector v : List.of(
                new Vector(5, 5, 5),
                new Vector(-3, 5, 5),
                new Vector(14, 5, 5),
                new Vector(5, -2, 5),
                new Vector(5, 26, 5),
                new Vector(5, 5, -7),
                new Vector(5, 5, 38),
                new Vector(13, 24, 5),
                new Vector(-2, -3, -6))) {
            lines.add(Stands.figure(box.distance(v)));
        }
        org.assertj.core.api.Assertions.assertThat(lines)
                .containsExactly("-5.000", "3.000", "4.000", "2.000", "6.000", "7.000", "8.000", "5.000", "7.000");
    }
}
