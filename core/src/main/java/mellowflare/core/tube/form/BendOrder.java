package mellowflare.core.tube.form;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import mellowflare.core.connection.LineEnd;
import mellowflare.core.geometry.Apart;
import mellowflare.core.geometry.BentPath;
import mellowflare.core.geometry.Vector;
import mellowflare.core.measure.Angle;
import mellowflare.core.measure.Length;
import mellowflare.core.tube.stock.Bender;

/**
 * The order in which a simple bender can make the bends of a tube. Each bend is looked at as the bender sees it: one side held by the grip, the other swung by the shoe, the bend's
 * plane level, the bender always bending the same way round; bends not yet made lie straight. Tried are from A to B, from B to A, and then backward from the finished tube,
 * taking away at each turn a bend that can be made last.
 *
 * <p>Limits: the bench is a plane under the whole tube; the bender's own body and its handles are not in the way; swinging is looked at in steps.
 *
 * @param turns in order of work
 * @param obstacles what is in the way of that order; empty when it can be made
 */
public record BendOrder(List<Turn> turns, List<Obstacle> obstacles) {
    private static final double ENOUGH = 1e-6;

    public BendOrder {
        turns = List.copyOf(turns);
        obstacles = List.copyOf(obstacles);
    }

    /**
     * One bend in the order of work.
     *
     * @param bend counted from 0 from end A
     * @param grip the side that the grip holds
     */
    public record Turn(int bend, LineEnd grip) {}

    public boolean possible() {
        return obstacles.isEmpty();
    }

    /** Whether the bends are simply made from A to B with the A side held. */
    public boolean plain() {
        for (int i = 0; i < turns.size(); i++) {
            if (turns.get(i).bend != i || turns.get(i).grip != LineEnd.A) {
                return false;
            }
        }
        return true;
    }

    /**
     * Finds an order.
     *
     * @param path the finished tube
     * @param ahead straight tube that lies before the start of the path while it is bent
     * @param behind straight tube that lies after its end
     * @param outside of the tube
     * @param bender with its limits
     * @param commanded how far the lever must go for each bend
     */
    public static BendOrder find(
            BentPath path, Length ahead, Length behind, Length outside, Bender bender, List<Angle> commanded) {
        return new Search(path, ahead.mm(), behind.mm(), outside.mm(), bender, commanded).run();
    }

    private static final class Search {
        private static final double[] SWING = {0.35, 0.7, 1};

        private final BentPath path;
        private final int n;
        private final double ahead;
        private final double behind;
        private final double outside;
        private final Bender bender;
        private final List<Angle> commanded;

        Search(BentPath path, double ahead, double behind, double outside, Bender bender, List<Angle> commanded) {
            this.path = path;
            this.n = path.bends().size();
            this.ahead = ahead;
            this.behind = behind;
            this.outside = outside;
            this.bender = bender;
            this.commanded = commanded;
        }

        BendOrder run() {
            List<Turn> fromA = new ArrayList<>();
            List<Turn> fromB = new ArrayList<>();
            for (int i = 0; i < n; i++) {
                fromA.add(new Turn(i, LineEnd.A));
                fromB.add(new Turn(n - 1 - i, LineEnd.B));
            }
            List<Obstacle> plain = obstacles(fromA);
            if (plain.isEmpty()) {
                return new BendOrder(fromA, List.of());
            }
            if (obstacles(fromB).isEmpty()) {
                return new BendOrder(fromB, List.of());
            }
            return backward().map(t -> new BendOrder(t, List.of())).orElse(new BendOrder(fromA, plain));
        }

        private List<Obstacle> obstacles(List<Turn> order) {
            boolean[] made = new boolean[n];
            List<Obstacle> found = new ArrayList<>();
            for (Turn t : order) {
                obstacle(t, made).ifPresent(found::add);
                made[t.bend] = true;
            }
            return found;
        }

        /** Takes away from the finished tube, again and again, a bend that can be made last. Fewer finished bends are hardly ever more in the way, so there is no need to go back. */
        private Optional<List<Turn>> backward() {
            boolean[] made = new boolean[n];
            Arrays.fill(made, true);
            List<Turn> turns = new ArrayList<>();
            for (int left = n; left > 0; left--) {
                Optional<Turn> last = lastOf(made);
                if (last.isEmpty()) {
                    return Optional.empty();
                }
                turns.add(0, last.get());
                made[last.get().bend] = false;
            }
            return Optional.of(turns);
        }

        private Optional<Turn> lastOf(boolean[] made) {
            for (int i = n - 1; i >= 0; i--) {
                if (made[i]) {
                    made[i] = false;
                    for (LineEnd grip : LineEnd.values()) {
                        Turn t = new Turn(i, grip);
                        if (obstacle(t, made).isEmpty()) {
                            made[i] = true;
                            return Optional.of(t);
                        }
                    }
                    made[i] = true;
                }
            }
            return Optional.empty();
        }

        private Optional<Obstacle> obstacle(Turn t, boolean[] made) {
            double over = commanded.get(t.bend).degrees() - bender.most().degrees();
            // The lever may go a little past its scale to meet spring-back.
            if (Math.toDegrees(path.bends().get(t.bend).angle()) > bender.most().degrees() + ENOUGH || over > 5) {
                return Optional.of(new Obstacle(t.bend, Obstacle.What.TOO_FAR, Length.ZERO));
            }
            double held = straight(t.bend, t.grip, made);
            if (held < bender.grip().mm() - ENOUGH) {
                return Optional.of(new Obstacle(
                        t.bend, Obstacle.What.GRIP, Length.ofMm(bender.grip().mm() - held)));
            }
            double swung = straight(t.bend, t.grip.other(), made);
            if (swung < bender.shoe().mm() - ENOUGH) {
                return Optional.of(new Obstacle(
                        t.bend, Obstacle.What.SHOE, Length.ofMm(bender.shoe().mm() - swung)));
            }
            return sweep(t, made);
        }

        /** Straight tube beside a bend, up to the next finished bend or the end. */
        private double straight(int bend, LineEnd side, boolean[] made) {
            double sum = 0;
            if (side == LineEnd.A) {
                for (int i = bend; i >= 0; i--) {
                    sum += path.bends().get(i).straight();
                    if (i == 0) {
                        return sum + ahead;
                    }
                    if (made[i - 1]) {
                        return sum;
                    }
                    sum += path.bends().get(i - 1).arc();
                }
            }
            for (int i = bend; i < n; i++) {
                sum += path.straightAfter(i);
                if (i == n - 1) {
                    return sum + behind;
                }
                if (made[i + 1]) {
                    return sum;
                }
                sum += path.bends().get(i + 1).arc();
            }
            return sum;
        }

        /** Corners of one side as seen from the bend: x along the straight away from the bend's corner, the bend's plane level, up by z. */
        private List<Vector> side(int bend, LineEnd side, boolean[] made, double lead) {
            List<Vector> points = new ArrayList<>();
            // Going outward from the bend. The way out on the A side is walked backward, so the normal is turned round.
            Vector at = Vector.ZERO;
            Vector way = new Vector(1, 0, 0);
            Vector normal = new Vector(0, 0, side == LineEnd.A ? -1 : 1);
            points.add(at);
            double run = lead;
            int step = side == LineEnd.A ? -1 : 1;
            for (int i = bend + step; i >= 0 && i < n; i += step) {
                BentPath.Bend b = path.bends().get(i);
                run += side == LineEnd.A ? path.bends().get(i + 1).straight() : b.straight();
                double rotation = side == LineEnd.A ? path.bends().get(i + 1).rotation() : b.rotation();
                normal = normal.turned(way, rotation);
                if (made[i]) {
                    at = at.plus(way.times(run + b.setback()));
                    points.add(at);
                    way = way.turned(normal, b.angle());
                    run = b.setback();
                } else {
                    run += b.arc();
                }
            }
            run += side == LineEnd.A ? path.bends().get(0).straight() + ahead : path.last() + behind;
            points.add(at.plus(way.times(run)));
            return points;
        }

        /**
         * Heights do not change while a side swings about the upright, so the bench is looked at once; the swung side is looked at against the held one in steps. Up is where
         * the bender's turn is right-handed going from grip to shoe.
         */
        private Optional<Obstacle> sweep(Turn t, boolean[] made) {
            BentPath.Bend b = path.bends().get(t.bend);
            List<Vector> held = side(t.bend, t.grip, made, b.setback());
            List<Vector> swung = side(t.bend, t.grip.other(), made, b.setback());
            double up = t.grip == LineEnd.A ? 1 : -1;
            if (bender.overBench().isPresent()) {
                double floor = bender.overBench().get().mm();
                double lowest = 0;
                for (List<Vector> side : List.of(held, swung)) {
                    for (Vector v : side) {
                        lowest = Math.min(lowest, up * v.z());
                    }
                }
                double below = outside / 2 - lowest - floor;
                if (below > 0) {
                    return Optional.of(new Obstacle(t.bend, Obstacle.What.BENCH, Length.ofMm(below)));
                }
            }
            if (held.size() == 2 && swung.size() == 2) {
                return Optional.empty();
            }
            for (double share : SWING) {
                if (meets(held, swung, b.angle() * share, t.grip)) {
                    return Optional.of(new Obstacle(t.bend, Obstacle.What.ITSELF, Length.ZERO));
                }
            }
            return Optional.empty();
        }

        /** Both sides lie along +x of their own; joined at the corner they point apart by half a turn less the bend. */
        private boolean meets(List<Vector> held, List<Vector> swung, double bend, LineEnd grip) {
            // The held side runs back from the corner: turned half round. The swung side goes on, turned by the bend:
            // for a held A side about +z, for a held B side the other way about.
            double turn = grip == LineEnd.A ? bend : -bend;
            List<Vector> fixed = turned(held, Math.PI);
            List<Vector> moving = turned(swung, turn);
            double[] far = balls(fixed);
            double[] near = balls(moving);
            for (int i = 1; i < fixed.size(); i++) {
                for (int j = i == 1 ? 2 : 1; j < moving.size(); j++) {
                    int a = 4 * i;
                    int b = 4 * j;
                    double x = far[a] - near[b];
                    double y = far[a + 1] - near[b + 1];
                    double z = far[a + 2] - near[b + 2];
                    double reach = far[a + 3] + near[b + 3] + outside;
                    if (x * x + y * y + z * z < reach * reach
                            && Apart.between(fixed.get(i - 1), fixed.get(i), moving.get(j - 1), moving.get(j))
                                    < outside) {
                        return true;
                    }
                }
            }
            return false;
        }

        /** Of each piece of a way the middle and half its length, four numbers from four times its place on. */
        private static double[] balls(List<Vector> points) {
            double[] balls = new double[4 * points.size()];
            for (int i = 1; i < points.size(); i++) {
                Vector p = points.get(i - 1);
                Vector q = points.get(i);
                balls[4 * i] = (p.x() + q.x()) / 2;
                balls[4 * i + 1] = (p.y() + q.y()) / 2;
                balls[4 * i + 2] = (p.z() + q.z()) / 2;
                balls[4 * i + 3] = q.minus(p).length() / 2;
            }
            return balls;
        }

        private static List<Vector> turned(List<Vector> points, double angle) {
            List<Vector> out = new ArrayList<>(points.size());
            double cos = Math.cos(angle);
            double sin = Math.sin(angle);
            for (Vector v : points) {
                out.add(new Vector(v.x() * cos - v.y() * sin, v.x() * sin + v.y() * cos, v.z()));
            }
            return out;
        }
    }
}
