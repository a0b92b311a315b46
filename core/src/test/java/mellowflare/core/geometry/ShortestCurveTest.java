package mellowflare.core.geometry;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Optional;
import java.util.Random;
import org.junit.jupiter.api.Test;

class ShortestCurveTest {
    private final Random chance = new Random(1957);

    private static Pose flat(double x, double y, double heading) {
        return new Pose(new Vector(x, y, 0), new Vector(Math.cos(heading), Math.sin(heading), 0));
    }

    /**
     * Exact shortest curvature-limited length in a plane by the six words in normalised form (A. Shkel and V. Lumelsky, Classification of the Dubins
     * set, 2001), written apart from the program's own way of finding it.
     */
    private static double dubins(double x, double y, double h0, double h1, double r) {
        double d = Math.hypot(x, y) / r;
        double theta = Math.atan2(y, x);
        double a = mod(h0 - theta);
        double b = mod(h1 - theta);
        double sa = Math.sin(a);
        double sb = Math.sin(b);
        double ca = Math.cos(a);
        double cb = Math.cos(b);
        double cab = Math.cos(a - b);
        double best = Double.POSITIVE_INFINITY;
        double p2 = 2 + d * d - 2 * cab + 2 * d * (sa - sb);
        if (p2 >= 0) {
            double t = Math.atan2(cb - ca, d + sa - sb);
            best = Math.min(best, mod(-a + t) + Math.sqrt(p2) + mod(b - t));
        }
        p2 = 2 + d * d - 2 * cab + 2 * d * (sb - sa);
        if (p2 >= 0) {
            double t = Math.atan2(ca - cb, d - sa + sb);
            best = Math.min(best, mod(a - t) + Math.sqrt(p2) + mod(-b + t));
        }
        p2 = -2 + d * d + 2 * cab + 2 * d * (sa + sb);
        if (p2 >= 0) {
            double p = Math.sqrt(p2);
            double t = Math.atan2(-ca - cb, d + sa + sb) - Math.atan2(-2, p);
            best = Math.min(best, mod(-a + t) + p + mod(-mod(b) + t));
        }
        p2 = d * d - 2 + 2 * cab - 2 * d * (sa + sb);
        if (p2 >= 0) {
            double p = Math.sqrt(p2);
            double t = Math.atan2(ca + cb, d - sa - sb) - Math.atan2(2, p);
            best = Math.min(best, mod(a - t) + p + mod(b - t));
        }
        double c = (6 - d * d + 2 * cab + 2 * d * (sa - sb)) / 8;
        if (Math.abs(c) <= 1) {
            double p = mod(2 * Math.PI - Math.acos(c));
            double t = mod(a - Math.atan2(ca - cb, d - sa + sb) + p / 2);
            best = Math.min(best, t + p + mod(a - b - t + p));
        }
        c = (6 - d * d + 2 * cab + 2 * d * (-sa + sb)) / 8;
        if (Math.abs(c) <= 1) {
            double p = mod(2 * Math.PI - Math.acos(c));
            double t = mod(-a - Math.atan2(ca - cb, d + sa - sb) + p / 2);
            best = Math.min(best, t + p + mod(mod(b) - a - t + mod(p)));
        }
        return best * r;
    }

    private static double mod(double angle) {
        double m = angle % (2 * Math.PI);
        return m < 0 ? m + 2 * Math.PI : m;
    }

    @Test
    void testInAPlaneItIsTheExactShortest() {
        int within = 0;
        int all = 3000;
        for (int i = 0; i < all; i++) {
            double r = 40 + 200 * chance.nextDouble();
            double x = (chance.nextDouble() - 0.5) * 16 * r;
            double y = (chance.nextDouble() - 0.5) * 16 * r;
            double h0 = chance.nextDouble() * 2 * Math.PI;
            double h1 = chance.nextDouble() * 2 * Math.PI;
            Curve c = ShortestCurve.between(flat(0, 0, h0), flat(x, y, h1), r).orElseThrow();
            double exact = dubins(x, y, h0, h1, r);
            String what = "r %.1f to %.1f %.1f, %.3f %.3f".formatted(r, x, y, h0, h1);
            assertThat(c.length()).as(what).isGreaterThan(exact - 1e-6 * exact);
            assertThat(c.length()).as(what + ", at most a tenth longer").isLessThan(exact * 1.1);
            within += c.length() < exact * 1.000001 ? 1 : 0;
            assertThat(c.tightest()).isGreaterThanOrEqualTo(r);
        }
        assertThat((double) within / all).as("the exact one itself").isGreaterThan(0.99);
    }

    @Test
    void testInSpaceItArrivesWhereItMustAndKeepsTheRadius() {
        int found = 0;
        for (int i = 0; i < 1000; i++) {
            double r = 60;
            Pose from = new Pose(Vector.ZERO, random());
            Pose to = new Pose(random().times(150 + 800 * chance.nextDouble()), random());
            Optional<Curve> curve = ShortestCurve.between(from, to, r);
            if (curve.isEmpty()) {
                continue;
            }
            found++;
            Curve c = curve.get();
            assertThat(c.end().at().minus(to.at()).length()).isLessThan(0.01);
            assertThat(c.end().toward().minus(to.toward()).length()).isLessThan(1e-5);
            assertThat(c.tightest()).isGreaterThanOrEqualTo(r);
            assertThat(c.length()).isGreaterThanOrEqualTo(to.at().length() - 1e-6);
        }
        assertThat(found).isGreaterThan(995);
    }

    private Vector random() {
        Vector v;
        do {
            v = new Vector(chance.nextGaussian(), chance.nextGaussian(), chance.nextGaussian());
        } while (v.length() < 0.1);
        return v.unit();
    }

    @Test
    void testHandSums() {
        Curve straight =
                ShortestCurve.between(flat(0, 0, 0), flat(500, 0, 0), 100).orElseThrow();
        assertThat(straight.length()).isCloseTo(500, within(1e-6));
        assertThat(straight.tightest()).isInfinite();
        Curve quarter = ShortestCurve.between(flat(0, 0, 0), flat(100, 100, Math.PI / 2), 100)
                .orElseThrow();
        assertThat(quarter.length()).isCloseTo(50 * Math.PI, within(1e-4));
        Curve back =
                ShortestCurve.between(flat(0, 0, 0), flat(0, 200, Math.PI), 100).orElseThrow();
        assertThat(back.length()).isCloseTo(100 * Math.PI, within(1e-3));
    }

    @Test
    void testPlacesAlongItLieCloseTogetherAndOnIt() {
        Curve c = ShortestCurve.between(flat(0, 0, 0), flat(300, 400, Math.PI / 2), 100)
                .orElseThrow();
        List<Pose> along = c.along(5);
        assertThat(along.get(0)).isEqualTo(c.start());
        double sum = 0;
        for (int i = 1; i < along.size(); i++) {
            double step = along.get(i).at().minus(along.get(i - 1).at()).length();
            assertThat(step).isLessThanOrEqualTo(5 + 1e-9);
            sum += step;
        }
        assertThat(sum).isCloseTo(c.length(), within(c.length() * 1e-3));
        assertThat(along.get(along.size() - 1)
                        .at()
                        .minus(new Vector(300, 400, 0))
                        .length())
                .isLessThan(1e-3);
    }

    /** In a plane a direction square to it stays as it is; carried once about a turn in space it does not. */
    @Test
    void testDirectionIsCarriedWithoutTwist() {
        Curve flat =
                ShortestCurve.between(flat(0, 0, 0), flat(300, 400, 2), 100).orElseThrow();
        assertThat(flat.carried(new Vector(0, 0, 1)).minus(new Vector(0, 0, 1)).length())
                .isLessThan(1e-9);
        Vector across = flat.carried(new Vector(0, 1, 0));
        assertThat(across.dot(flat.end().toward())).isCloseTo(0, within(1e-9));
        assertThat(across.length()).isCloseTo(1, within(1e-9));
    }

    @Test
    void testNoRadiusAndNoDirectionAreRefused() {
        assertThatThrownBy(() -> ShortestCurve.between(flat(0, 0, 0), flat(1, 0, 0), 0))
                .isInstanceOf(IllegalArgumentException.class);
        assertThatThrownBy(() -> new Pose(Vector.ZERO, Vector.ZERO)).isInstanceOf(IllegalArgumentException.class);
    }
}
