package mellowflare.core.tube.form;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.stream.IntStream;
import mellowflare.core.connection.LineEnd;
import mellowflare.core.geometry.Apart;
import mellowflare.core.geometry.BentPath;
import mellowflare.core.geometry.Vector;
import mellowflare.core.measure.Angle;
import mellowflare.core.measure.Length;
import mellowflare.core.reference.Source;
import mellowflare.core.tube.stock.Bender;
import org.junit.jupiter.api.Test;

/**
 * The order of bends held against another way to work it out: the half-made tube is walked from its start in space, what is straight is counted along the developed length, and every order of a small tube is tried.
 * Cases too near to a limit to call are passed over.
 */
class BendOrderBesideTurtleTest {
    private static final double OUTSIDE = 10;
    /** Nearer to a limit than this nothing is said (mm). */
    private static final double NEAR = 0.01;

    /** What the turtle says of a bend: nothing in the way, this in the way, or too near to call. */
    private record Said(Optional<Obstacle.What> what, double missing, boolean near) {}

    private record Task(BentPath path, double ahead, double behind, Bender bender, List<Angle> levers) {
        int n() {
            return path.bends().size();
        }

        BendOrder found() {
            return BendOrder.find(path, Length.ofMm(ahead), Length.ofMm(behind), Length.ofMm(OUTSIDE), bender, levers);
        }

        Said said(BendOrder.Turn t, boolean[] made) {
            double asked = Math.toDegrees(path.bends().get(t.bend()).angle());
            double lever = levers.get(t.bend()).degrees();
            double most = bender.most().degrees();
            if (asked > most || lever > most + 5) {
                return new Said(Optional.of(Obstacle.What.TOO_FAR), 0, false);
            }
            double held = beside(t.bend(), t.grip(), made) - bender.grip().mm();
            double swung =
                    beside(t.bend(), t.grip().other(), made) - bender.shoe().mm();
            if (held < 0 || swung < 0) {
                boolean grip = held < 0;
                return new Said(
                        Optional.of(grip ? Obstacle.What.GRIP : Obstacle.What.SHOE),
                        grip ? -held : -swung,
                        Math.abs(held) < NEAR || Math.abs(swung) < NEAR);
            }
            boolean near = held < NEAR || swung < NEAR;
            if (bender.overBench().isPresent()) {
                double below =
                        OUTSIDE / 2 - lowest(t, made) - bender.overBench().get().mm();
                if (below > 0) {
                    return new Said(Optional.of(Obstacle.What.BENCH), below, near || below < NEAR);
                }
                near |= below > -NEAR;
            }
            double least = Double.POSITIVE_INFINITY;
            for (double share : new double[] {0.35, 0.7, 1}) {
                least = Math.min(least, apart(t, made, share));
            }
            near |= Math.abs(least - OUTSIDE) < NEAR;
            return new Said(least < OUTSIDE ? Optional.of(Obstacle.What.ITSELF) : Optional.empty(), 0, near);
        }

        /** Counted along the straight tube: from the bend's mark to the nearest made bend's, or to the end. */
        private double beside(int bend, LineEnd side, boolean[] made) {
            double[] from = new double[n()];
            double at = 0;
            for (int i = 0; i < n(); i++) {
                at += path.bends().get(i).straight();
                from[i] = at;
                at += path.bends().get(i).arc();
            }
            double lo = -ahead;
            double hi = at + path.last() + behind;
            for (int i = 0; i < n(); i++) {
                if (made[i] && i < bend) {
                    lo = from[i] + path.bends().get(i).arc();
                }
                if (made[n() - 1 - i] && n() - 1 - i > bend) {
                    hi = from[n() - 1 - i];
                }
            }
            double end = from[bend] + path.bends().get(bend).arc();
            return side == LineEnd.A ? from[bend] - lo : hi - end;
        }

        /** The corners of the half-made tube in space, and where the bend's own lies among them. */
        private record Walked(List<Vector> points, int corner, Vector normal) {}

        private Walked walk(int bend, boolean[] made, double share) {
            List<Vector> points = new ArrayList<>();
            Vector p = Vector.ZERO;
            Vector d = new Vector(1, 0, 0);
            Vector n = new Vector(0, 0, 1);
            points.add(p);
            int corner = 0;
            Vector normal = n;
            double run = ahead;
            for (int i = 0; i < n(); i++) {
                BentPath.Bend b = path.bends().get(i);
                n = i == 0 ? n : n.turned(d, b.rotation());
                run += b.straight();
                if (!made[i] && i != bend) {
                    run += b.arc();
                    continue;
                }
                p = p.plus(d.times(run + b.setback()));
                if (i == bend) {
                    corner = points.size();
                    normal = n;
                }
                points.add(p);
                d = d.turned(n, i == bend ? share * b.angle() : b.angle());
                run = b.setback();
            }
            points.add(p.plus(d.times(run + path.last() + behind)));
            return new Walked(points, corner, normal);
        }

        private double lowest(BendOrder.Turn t, boolean[] made) {
            Walked w = walk(t.bend(), made, 1);
            Vector up = w.normal().times(t.grip() == LineEnd.A ? 1 : -1);
            Vector at = w.points().get(w.corner());
            return w.points().stream()
                    .mapToDouble(p -> p.minus(at).dot(up))
                    .min()
                    .orElseThrow();
        }

        private double apart(BendOrder.Turn t, boolean[] made, double share) {
            Walked w = walk(t.bend(), made, share);
            List<Vector> p = w.points();
            double least = Double.POSITIVE_INFINITY;
            for (int i = 0; i < w.corner(); i++) {
                for (int j = w.corner(); j + 1 < p.size(); j++) {
                    if (i != w.corner() - 1 || j != w.corner()) {
                        least = Math.min(least, Apart.between(p.get(i), p.get(i + 1), p.get(j), p.get(j + 1)));
                    }
                }
            }
            return least;
        }

        /** What is in the way of an order, bend by bend; empty where something is too near to call. */
        Optional<List<Obstacle>> obstacles(List<BendOrder.Turn> order) {
            boolean[] made = new boolean[n()];
            List<Obstacle> all = new ArrayList<>();
            for (BendOrder.Turn t : order) {
                Said s = said(t, made);
                if (s.near()) {
                    return Optional.empty();
                }
                s.what().ifPresent(w -> all.add(new Obstacle(t.bend(), w, Length.ofMm(s.missing()))));
                made[t.bend()] = true;
            }
            return Optional.of(all);
        }

        List<BendOrder.Turn> straightOn(LineEnd grip) {
            List<BendOrder.Turn> order = new ArrayList<>();
            for (int i = 0; i < n(); i++) {
                order.add(new BendOrder.Turn(grip == LineEnd.A ? i : n() - 1 - i, grip));
            }
            return order;
        }

        /** Whether any order at all can be made; empty where that hangs on something too near to call. */
        Optional<Boolean> any(boolean[] made, int left) {
            if (left == 0) {
                return Optional.of(true);
            }
            boolean unsure = false;
            for (int i = 0; i < n(); i++) {
                for (LineEnd grip : made[i] ? new LineEnd[0] : LineEnd.values()) {
                    Said s = said(new BendOrder.Turn(i, grip), made);
                    unsure |= s.near();
                    if (!s.near() && s.what().isEmpty()) {
                        made[i] = true;
                        Optional<Boolean> on = any(made, left - 1);
                        made[i] = false;
                        if (on.filter(x -> x).isPresent()) {
                            return on;
                        }
                        unsure |= on.isEmpty();
                    }
                }
            }
            return unsure ? Optional.empty() : Optional.of(false);
        }
    }

    private static Task draw(Random r) {
        int n = 2 + r.nextInt(3);
        List<BentPath.Bend> bends = new ArrayList<>();
        double[] turns = {0, 90, 180, -90};
        for (int i = 0; i < n; i++) {
            double rotation = r.nextBoolean() ? turns[r.nextInt(4)] : r.nextDouble() * 360 - 180;
            bends.add(new BentPath.Bend(
                    5 + r.nextDouble() * 120, Math.toRadians(rotation), Math.toRadians(30 + r.nextDouble() * 140), 20));
        }
        Bender bender = new Bender(
                "test",
                "test bender",
                Bender.Kind.LEVER,
                Length.ofMm(10),
                Length.ofMm(20),
                Angle.ofDegrees(r.nextInt(4) == 0 ? 120 : 175),
                Length.ofMm(5 + r.nextDouble() * 45),
                Length.ofMm(2 + r.nextDouble() * 45),
                Bender.Mark.START,
                r.nextInt(3) == 0 ? Optional.empty() : Optional.of(Length.ofMm(10 + r.nextDouble() * 80)),
                0.05,
                Source.house("test"));
        List<Angle> levers = bends.stream()
                .map(b -> Angle.ofDegrees(Math.toDegrees(b.angle()) * (1 + 0.06 * r.nextDouble())))
                .toList();
        return new Task(
                new BentPath(bends, 5 + r.nextDouble() * 120),
                r.nextDouble() * 50,
                r.nextDouble() * 50,
                bender,
                levers);
    }

    @Test
    void testTheOrderFoundCanBeMadeAndWhatIsInTheWayIsInTheWay() {
        Random r = new Random(20261129);
        Map<Obstacle.What, Integer> seen = new EnumMap<>(Obstacle.What.class);
        int plain = 0;
        int turned = 0;
        int mixed = 0;
        int missed = 0;
        for (int k = 0; k < 2000; k++) {
            Task task = draw(r);
            BendOrder o = task.found();
            Optional<List<Obstacle>> own = task.obstacles(o.turns());
            Optional<List<Obstacle>> fromA = task.obstacles(task.straightOn(LineEnd.A));
            Optional<List<Obstacle>> fromB = task.obstacles(task.straightOn(LineEnd.B));
            if (own.isEmpty() || fromA.isEmpty() || fromB.isEmpty()) {
                continue;
            }
            String which = "task " + k + " " + task;
            assertThat(o.obstacles()).as(which).hasSameSizeAs(own.get());
            for (int i = 0; i < own.get().size(); i++) {
                Obstacle a = o.obstacles().get(i);
                Obstacle b = own.get().get(i);
                assertThat(a.bend() + " " + a.what()).as(which).isEqualTo(b.bend() + " " + b.what());
                assertThat(Math.abs(a.missing().mm() - b.missing().mm()))
                        .as(which)
                        .isLessThan(1e-6);
                seen.merge(a.what(), 1, Integer::sum);
            }
            assertThat(o.turns().stream()
                            .mapToInt(BendOrder.Turn::bend)
                            .sorted()
                            .toArray())
                    .as(which)
                    .containsExactly(IntStream.range(0, task.n()).toArray());
            assertThat(o.plain() && o.possible())
                    .as(which)
                    .isEqualTo(fromA.get().isEmpty());
            if (fromA.get().isEmpty()) {
                plain++;
            } else if (fromB.get().isEmpty()) {
                assertThat(o.turns()).as(which).isEqualTo(task.straightOn(LineEnd.B));
                turned++;
            } else if (o.possible()) {
                mixed++;
            } else if (task.any(new boolean[task.n()], task.n()).filter(x -> x).isPresent()) {
                missed++;
            } else {
                assertThat(o.turns()).as(which).isEqualTo(task.straightOn(LineEnd.A));
            }
        }
        assertThat(seen)
                .hasSize(Obstacle.What.values().length)
                .allSatisfy((w, n) -> assertThat(n).isGreaterThan(20));
        assertThat(Arrays.asList(plain, turned, mixed)).allMatch(n -> n > 50);
        // Working backward without going back misses hardly any that a search through every order finds.
        assertThat(missed).isLessThan(1 + mixed / 50);
    }
}
