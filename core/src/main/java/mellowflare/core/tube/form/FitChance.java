package mellowflare.core.tube.form;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import mellowflare.core.geometry.BentPath;
import mellowflare.core.geometry.Vector;
import mellowflare.core.measure.Angle;
import mellowflare.core.measure.Instrument;
import mellowflare.core.measure.Length;
import mellowflare.core.tube.stock.Bender;

/**
 * The chance that a tube drops into its far port when its near end is held in line, and what contributes most. Each figure scatters by a normal law of its own; what each does to the far end
 * is taken to first order; place and direction of the far end together are then drawn many times from a fixed seed.
 *
 * @param chance that both ports can be started by hand, 0 to 1
 * @param place one standard deviation of the far end's place
 * @param direction one standard deviation of its direction
 * @param allowedPlace what the nuts take up
 * @param allowedDirection what the nuts take up
 * @param causes what scatters, the largest first
 */
public record FitChance(
        double chance, Length place, Angle direction, Length allowedPlace, Angle allowedDirection, List<Cause> causes) {
    static final int DRAWS = 1000;
    static final long SEED = 20261126;

    public FitChance {
        causes = List.copyOf(causes);
    }

    /**
     * One figure that scatters.
     *
     * @param what in words
     * @param share of the variance of the far end's place, 0 to 1
     * @param better what would make it smaller
     */
    public record Cause(String what, double share, String better) {}

    private record Part(String what, String better, Vector place, Vector direction) {}

    /**
     * The chance for a tube.
     *
     * @param path exact tube
     * @param measured how it was measured
     * @param instrument that the lengths were measured with
     * @param again whether a second reading of the distance end to end agreed
     * @param bender which is used; empty for bending by hand
     * @param shift what rounding does to the far end, known beforehand
     * @param scatter house figures
     */
    public static FitChance of(
            BentPath path,
            Measured measured,
            Instrument instrument,
            boolean again,
            Optional<Bender> bender,
            Optional<Rounded> shift,
            TubeScatter scatter) {
        List<Part> parts = new Parts(path, measured, instrument, again, bender, scatter).all();
        double[][] c = new double[6][6];
        for (Part p : parts) {
            double[] v = {p.place.x(), p.place.y(), p.place.z(), p.direction.x(), p.direction.y(), p.direction.z()};
            for (int i = 0; i < 6; i++) {
                for (int j = 0; j < 6; j++) {
                    c[i][j] += v[i] * v[j];
                }
            }
        }
        double all = c[0][0] + c[1][1] + c[2][2];
        double turn = c[3][3] + c[4][4] + c[5][5];
        double allowedPlace = scatter.of("allowed", "position");
        double allowedTurn = Math.toRadians(scatter.of("allowed", "direction"));
        double middle = shift.map(r -> r.off().mm()).orElse(0.0);
        return new FitChance(
                draw(c, middle, allowedPlace, allowedTurn),
                Length.ofMm(Math.sqrt(all)),
                Angle.ofDegrees(Math.toDegrees(Math.sqrt(turn))),
                Length.ofMm(allowedPlace),
                Angle.ofDegrees(Math.toDegrees(allowedTurn)),
                parts.stream()
                        .map(p -> new Cause(p.what, all > 0 ? p.place.dot(p.place) / all : 0, p.better))
                        .filter(p -> p.share > 0)
                        .sorted(Comparator.comparingDouble(Cause::share).reversed())
                        .toList());
    }

    /** Draws from the joint normal law by its Cholesky factor. */
    private static double draw(double[][] c, double middle, double allowedPlace, double allowedTurn) {
        double[][] l = cholesky(c);
        int fits = 0;
        double[] x = new double[6];
        for (int k = 0; k < DRAWS; k++) {
            for (int i = 0; i < 6; i++) {
                x[i] = 0;
                for (int j = 0; j <= i; j++) {
                    x[i] += l[i][j] * Normals.of(k, j);
                }
            }
            double place = Math.sqrt((x[0] + middle) * (x[0] + middle) + x[1] * x[1] + x[2] * x[2]);
            double turn = Math.sqrt(x[3] * x[3] + x[4] * x[4] + x[5] * x[5]);
            if (place <= allowedPlace && turn <= allowedTurn) {
                fits++;
            }
        }
        return (double) fits / DRAWS;
    }

    private static double[][] cholesky(double[][] c) {
        int n = c.length;
        double[][] l = new double[n][n];
        for (int i = 0; i < n; i++) {
            for (int j = 0; j <= i; j++) {
                double sum = c[i][j];
                for (int k = 0; k < j; k++) {
                    sum -= l[i][k] * l[j][k];
                }
                if (i == j) {
                    l[i][i] = Math.sqrt(Math.max(0, sum));
                } else {
                    l[i][j] = l[j][j] > 1e-12 ? sum / l[j][j] : 0;
                }
            }
        }
        return l;
    }

    /** The largest cause; empty when nothing scatters. */
    public Optional<Cause> largest() {
        return causes.stream().findFirst();
    }

    /** What each figure does to the far end, one standard deviation of it. */
    private static final class Parts {
        private final BentPath path;
        private final Measured measured;
        private final double reading;
        private final Optional<Bender> bender;
        private final TubeScatter scatter;
        private final List<Vector> corners;
        private final List<Vector> ways = new ArrayList<>();
        private final List<Vector> normals = new ArrayList<>();
        private final List<Part> parts = new ArrayList<>();

        Parts(
                BentPath path,
                Measured measured,
                Instrument instrument,
                boolean again,
                Optional<Bender> bender,
                TubeScatter scatter) {
            this.path = path;
            this.measured = measured;
            this.reading = instrument.scatter().mm() * (again ? Math.sqrt(0.5) : 1);
            this.bender = bender;
            this.scatter = scatter;
            this.corners = path.corners();
            Vector way = new Vector(1, 0, 0);
            Vector normal = new Vector(0, 0, 1);
            ways.add(way);
            for (int i = 0; i < path.bends().size(); i++) {
                normal =
                        i == 0 ? normal : normal.turned(way, path.bends().get(i).rotation());
                way = way.turned(normal, path.bends().get(i).angle());
                normals.add(normal);
                ways.add(way);
            }
        }

        private Vector end() {
            return corners.get(corners.size() - 1);
        }

        List<Part> all() {
            measuring();
            double mark = scatter.of("mark", "tape");
            double bend = Math.toRadians(
                    scatter.of("bend", bender.map(b -> b.kind().name()).orElse("HAND")));
            double turn = Math.toRadians(scatter.of("turn", "line"));
            for (int i = 0; i < path.bends().size(); i++) {
                Vector slide = ways.get(i).minus(ways.get(i + 1));
                add(
                        Say.it("fit-chance.mark-bend", "bend", i + 1),
                        Say.it("fit-chance.mark-with-sharp-scriber"),
                        slide.times(mark),
                        Vector.ZERO);
                about(
                        Say.it("fit-chance.angle-bend", "bend", i + 1),
                        Say.it("fit-chance.trial-bend-protractor-on"),
                        bent(i),
                        normals.get(i),
                        bend);
                if (i > 0) {
                    about(
                            Say.it("fit-chance.rotation-before-bend", "bend", i + 1),
                            Say.it("fit-chance.line-drawn-along-tube"),
                            corners.get(i + 1),
                            ways.get(i),
                            turn);
                }
            }
            add(
                    Say.it("fit-chance.cutting"),
                    Say.it("fit-chance.square-up-with-file"),
                    ways.get(ways.size() - 1).times(scatter.of("cut", "wheel")),
                    Vector.ZERO);
            add(
                    Say.it("fit-chance.flaring"),
                    Say.it("fit-chance.set-stick-out-by"),
                    ways.get(ways.size() - 1).times(scatter.of("flare", "flare") * Math.sqrt(2)),
                    Vector.ZERO);
            return parts;
        }

        /** Of points only the ports' places matter: corners between move the tube, not its ends. Of legs and rows every figure does. */
        private void measuring() {
            if (measured instanceof Measured.Points || measured instanceof Measured.Template) {
                String better = Say.it("fit-chance.measure-point-again-from", "size", corners.size());
                add(Say.it("fit-chance.place-far-port-forward"), better, new Vector(reading, 0, 0), Vector.ZERO);
                add(Say.it("fit-chance.place-far-port-sideways"), better, new Vector(0, reading, 0), Vector.ZERO);
                add(Say.it("fit-chance.place-far-port-height"), better, new Vector(0, 0, reading), Vector.ZERO);
                return;
            }
            double angle = Math.toRadians(scatter.of("measure-angle", "gauge"));
            double turn = Math.toRadians(scatter.of("measure-turn", "gauge"));
            for (int i = 0; i < ways.size(); i++) {
                add(
                        Say.it("fit-chance.leg-as-measured", "leg", i + 1),
                        Say.it("fit-chance.measure-leg-again", "leg", i + 1),
                        ways.get(i).times(reading),
                        Vector.ZERO);
            }
            for (int i = 0; i < path.bends().size(); i++) {
                about(
                        Say.it("fit-chance.bend-as-measured", "bend", i + 1),
                        Say.it("fit-chance.measure-bend-again", "bend", i + 1),
                        corners.get(i + 1),
                        normals.get(i),
                        angle);
                if (i > 0) {
                    about(
                            Say.it("fit-chance.turn-as-measured", "turn", i + 1),
                            Say.it("fit-chance.measure-turn-again", "turn", i + 1),
                            corners.get(i + 1),
                            ways.get(i),
                            turn);
                }
            }
        }

        /** Where a bend ends: with its start at the mark and the next mark fixed on the tube, a bend too far turns the rest about there. */
        private Vector bent(int bend) {
            return corners.get(bend + 1)
                    .plus(ways.get(bend + 1).times(path.bends().get(bend).setback()));
        }

        /** A small turn about an axis through a place moves the end by axis x arm. */
        private void about(String what, String better, Vector at, Vector axis, double radians) {
            Vector arm = end().minus(at);
            add(
                    what,
                    better,
                    axis.cross(arm).times(radians),
                    axis.cross(ways.get(ways.size() - 1)).times(radians));
        }

        private void add(String what, String better, Vector place, Vector direction) {
            parts.add(new Part(what, better, place, direction));
        }
    }
}
