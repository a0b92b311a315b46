package mellowflare.core.geometry;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;

class BentPathTest {
    private static final double NEAR = 1e-9;

    private static Vector v(double x, double y, double z) {
        return new Vector(x, y, z);
    }

    private static BentPath path(double radius, Vector... corners) {
        return ((Corners.Formed) Corners.path(List.of(corners), radius)).path();
    }

    private static Corners.Trouble trouble(double radius, Vector... corners) {
        return (Corners.Trouble) Corners.path(List.of(corners), radius);
    }

    /** A right angle by hand: legs 100 and 80, radius 20: straights 80 and 60, arc 31.416, gain 8.584. */
    @Test
    void rightAngleByHand() {
        BentPath p = path(20, v(0, 0, 0), v(100, 0, 0), v(100, 80, 0));
        assertThat(p.bends()).hasSize(1);
        BentPath.Bend b = p.bends().get(0);
        assertThat(b.straight()).isCloseTo(80, within(NEAR));
        assertThat(b.rotation()).isZero();
        assertThat(Math.toDegrees(b.angle())).isCloseTo(90, within(NEAR));
        assertThat(b.arc()).isCloseTo(31.41593, within(1e-5));
        assertThat(b.setback()).isCloseTo(20, within(NEAR));
        assertThat(b.gain()).isCloseTo(8.58407, within(1e-5));
        assertThat(p.last()).isCloseTo(60, within(NEAR));
        assertThat(p.developed()).isCloseTo(180 - 8.58407, within(1e-5));
        assertThat(p.legs()).containsExactly(100.0, 80.0);
    }

    /** Out along x, left along y, then up: the plane turns a quarter by the right-hand rule about +y, from +x toward -z is +90, so up out of the xy plane is told by its sign. */
    @Test
    void rotationFollowsTheRightHandRule() {
        BentPath up = path(10, v(0, 0, 0), v(50, 0, 0), v(50, 50, 0), v(50, 50, 50));
        BentPath down = path(10, v(0, 0, 0), v(50, 0, 0), v(50, 50, 0), v(50, 50, -50));
        // Normals: first +z; up: y cross z = +x. About travel +y, +z goes to +x by +90.
        assertThat(Math.toDegrees(up.bends().get(1).rotation())).isCloseTo(90, within(NEAR));
        assertThat(Math.toDegrees(down.bends().get(1).rotation())).isCloseTo(-90, within(NEAR));
    }

    @Test
    void aSetOfTwoOppositeBendsTurnsHalfRound() {
        BentPath s = path(15, v(0, 0, 0), v(100, 0, 0), v(160, 60, 0), v(260, 60, 0));
        assertThat(Math.abs(Math.toDegrees(s.bends().get(1).rotation()))).isCloseTo(180, within(1e-6));
        BentPath u = path(15, v(0, 0, 0), v(100, 0, 0), v(100, 80, 0), v(0, 80, 0));
        assertThat(Math.toDegrees(u.bends().get(1).rotation())).isCloseTo(0, within(1e-6));
    }

    /** The trip through straights, rotations and bends and back closes on random tubes. */
    @Test
    void pointsToRowsToPointsCloses() {
        Random random = new Random(5);
        for (int k = 0; k < 300; k++) {
            List<Vector> corners = randomTube(random, 2 + random.nextInt(50));
            Corners.Result result = Corners.path(corners, 5);
            assertThat(result).isInstanceOf(Corners.Formed.class);
            BentPath p = ((Corners.Formed) result).path();
            Vector first = corners.get(1).minus(corners.get(0)).unit();
            Vector normal = p.bends().isEmpty()
                    ? first.square()
                    : first.cross(corners.get(2).minus(corners.get(1))).unit();
            List<Vector> back = p.corners(corners.get(0), first, normal);
            assertThat(back).hasSameSizeAs(corners);
            for (int i = 0; i < corners.size(); i++) {
                assertThat(back.get(i).minus(corners.get(i)).length()).isLessThan(1e-6);
            }
        }
    }

    /** From the standard frame: first leg along +X, first bend toward +Y, and the same rows again. */
    @Test
    void rowsToPointsToRowsCloses() {
        Random random = new Random(6);
        for (int k = 0; k < 100; k++) {
            BentPath p = ((Corners.Formed) Corners.path(randomTube(random, 12), 5)).path();
            List<Vector> corners = p.corners();
            assertThat(corners.get(0)).isEqualTo(Vector.ZERO);
            assertThat(corners.get(1).y()).isCloseTo(0, within(1e-9));
            assertThat(corners.get(2).y()).isPositive();
            assertThat(corners.get(2).z()).isCloseTo(0, within(1e-9));
            BentPath again = ((Corners.Formed) Corners.path(corners, 5)).path();
            for (int i = 0; i < p.bends().size(); i++) {
                assertThat(again.bends().get(i).straight())
                        .isCloseTo(p.bends().get(i).straight(), within(1e-7));
                assertThat(again.bends().get(i).angle())
                        .isCloseTo(p.bends().get(i).angle(), within(1e-9));
                assertThat(BentPath.plusMinusPi(again.bends().get(i).rotation()
                                - p.bends().get(i).rotation()))
                        .isCloseTo(0, within(1e-7));
            }
        }
    }

    @Test
    void theCurveEndsWhereTheCornersEnd() {
        BentPath p = ((Corners.Formed) Corners.path(randomTube(new Random(7), 20), 5)).path();
        Curve curve = p.curve(Vector.ZERO, v(1, 0, 0), v(0, 0, 1));
        List<Vector> corners = p.corners();
        assertThat(curve.end().at().minus(corners.get(corners.size() - 1)).length())
                .isLessThan(1e-7);
        assertThat(curve.length()).isCloseTo(p.developed(), within(1e-9));
    }

    @Test
    void seenFromTheOtherEndItIsTheSameTube() {
        List<Vector> corners = randomTube(new Random(8), 15);
        BentPath p = ((Corners.Formed) Corners.path(corners, 5)).path();
        List<Vector> other = new ArrayList<>(corners);
        java.util.Collections.reverse(other);
        BentPath q = ((Corners.Formed) Corners.path(other, 5)).path();
        BentPath r = p.reversed();
        assertThat(r.developed()).isCloseTo(p.developed(), within(1e-9));
        for (int i = 0; i < q.bends().size(); i++) {
            assertThat(r.bends().get(i).straight()).isCloseTo(q.bends().get(i).straight(), within(1e-7));
            assertThat(r.bends().get(i).angle()).isCloseTo(q.bends().get(i).angle(), within(1e-9));
            assertThat(BentPath.plusMinusPi(
                            r.bends().get(i).rotation() - q.bends().get(i).rotation()))
                    .isCloseTo(0, within(1e-7));
        }
        assertThat(p.reversed().reversed().fromFirstPlane()).isEqualTo(p);
    }

    @Test
    void whatIsNoTubeIsSaidWithItsPlace() {
        assertThat(trouble(10, v(0, 0, 0)).what()).isEqualTo(Corners.What.TOO_FEW);
        Corners.Trouble same = trouble(10, v(0, 0, 0), v(50, 0, 0), v(50, 0, 0), v(50, 50, 0));
        assertThat(same.what()).isEqualTo(Corners.What.COINCIDENT);
        assertThat(same.corner()).isEqualTo(1);
        Corners.Trouble back = trouble(10, v(0, 0, 0), v(50, 0, 0), v(10, 0, 0));
        assertThat(back.what()).isEqualTo(Corners.What.REVERSED);
        assertThat(back.corner()).isEqualTo(1);
        // Two right angles 30 apart with radius 20 need 40.
        Corners.Trouble overlap = trouble(20, v(0, 0, 0), v(100, 0, 0), v(100, 30, 0), v(200, 30, 0));
        assertThat(overlap.what()).isEqualTo(Corners.What.OVERLAP);
        assertThat(overlap.corner()).isEqualTo(1);
        assertThat(overlap.missing()).isCloseTo(10, within(1e-9));
        assertThat(trouble(60, v(0, 0, 0), v(100, 0, 0), v(100, 50, 0)).missing())
                .isCloseTo(10, within(1e-9));
    }

    @Test
    void aCornerStraightOnIsNoBend() {
        Corners.Formed f =
                (Corners.Formed) Corners.path(List.of(v(0, 0, 0), v(40, 0, 0), v(100, 0, 0), v(100, 80, 0)), 20);
        assertThat(f.passed()).containsExactly(1);
        assertThat(f.path().bends()).hasSize(1);
        assertThat(f.path().legs().get(0)).isCloseTo(100, within(1e-9));
    }

    @Test
    void impossibleRowsCannotBeBuilt() {
        assertThatThrownBy(() -> new BentPath.Bend(-1, 0, 1, 10)).hasMessageContaining("not below zero");
        assertThatThrownBy(() -> new BentPath.Bend(1, 0, 0, 10)).hasMessageContaining("0 and 180");
        assertThatThrownBy(() -> new BentPath.Bend(1, 0, Math.PI, 10)).hasMessageContaining("0 and 180");
        assertThatThrownBy(() -> new BentPath.Bend(1, 0, 1, 0)).hasMessageContaining("above zero");
        assertThatThrownBy(() -> new BentPath.Bend(1, Double.NaN, 1, 5)).hasMessageContaining("rotation");
        assertThatThrownBy(() -> new BentPath(List.of(), -1)).hasMessageContaining("not below zero");
    }

    @Test
    void distanceOfStraightPieces() {
        assertThat(Apart.between(v(0, 0, 0), v(10, 0, 0), v(0, 3, 0), v(10, 3, 0)))
                .isCloseTo(3, within(NEAR));
        assertThat(Apart.between(v(0, 0, 0), v(10, 0, 0), v(5, -5, 2), v(5, 5, 2)))
                .isCloseTo(2, within(NEAR));
        assertThat(Apart.between(v(0, 0, 0), v(10, 0, 0), v(13, 4, 0), v(20, 4, 0)))
                .isCloseTo(5, within(NEAR));
        // Against many points tried on both.
        Random r = new Random(3);
        for (int k = 0; k < 200; k++) {
            Vector a = any(r);
            Vector b = any(r);
            Vector c = any(r);
            Vector d = any(r);
            double least = Double.POSITIVE_INFINITY;
            for (int i = 0; i <= 100; i++) {
                for (int j = 0; j <= 100; j++) {
                    Vector p = a.plus(b.minus(a).times(i / 100.0));
                    Vector q = c.plus(d.minus(c).times(j / 100.0));
                    least = Math.min(least, p.minus(q).length());
                }
            }
            double between = Apart.between(a, b, c, d);
            assertThat(between).isLessThanOrEqualTo(least + 1e-9);
            assertThat(between).isGreaterThan(least - 1.5);
        }
    }

    private static Vector any(Random r) {
        return v(r.nextDouble() * 100, r.nextDouble() * 100, r.nextDouble() * 100);
    }

    /** Legs of 40 to 120 with turns of 10 to 120 degrees about any axis: room for a radius of 5. */
    static List<Vector> randomTube(Random random, int legs) {
        List<Vector> corners = new ArrayList<>();
        Vector at = v(random.nextDouble() * 500, random.nextDouble() * 500, random.nextDouble() * 500);
        Vector way = v(random.nextGaussian(), random.nextGaussian(), random.nextGaussian())
                .unit();
        corners.add(at);
        for (int i = 0; i < legs; i++) {
            at = at.plus(way.times(40 + random.nextDouble() * 80));
            corners.add(at);
            Vector axis = way.square().turned(way, random.nextDouble() * 2 * Math.PI);
            way = way.turned(axis, Math.toRadians(10 + random.nextDouble() * 110))
                    .unit();
        }
        return corners;
    }
}
