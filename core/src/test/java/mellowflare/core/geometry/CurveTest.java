package mellowflare.core.geometry;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertSame;

import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;

/** A straight of 100, a quarter turn left of 50, a straight of 20, half a turn up of 10, by hand. */
class CurveTest {
    private static final Vector UP = new Vector(0, 0, 1);
    private static final Curve CURVE = new Curve(
            new Pose(Vector.ZERO, new Vector(1, 0, 0)),
            List.of(
                    new Curve.Straight(100),
                    new Curve.Arc(UP, 50, Math.PI / 2),
                    new Curve.Straight(20),
                    new Curve.Arc(new Vector(1, 0, 0), 10, Math.PI)));

    private static void at(Vector wanted, Vector is) {
        assertEquals(0, wanted.minus(is).length(), 1e-9, wanted + " is " + is);
    }

    @Test
    void testItsFigures() {
        assertEquals(100 + 25 * Math.PI + 20 + 10 * Math.PI, CURVE.length(), 1e-9);
        assertEquals(1.5 * Math.PI, CURVE.turning(), 1e-12);
        assertEquals(10, CURVE.tightest());
        Curve straight = new Curve(CURVE.start(), List.of(new Curve.Straight(5)));
        assertEquals(Double.POSITIVE_INFINITY, straight.tightest());
        assertEquals(0, straight.turning());
        Curve hardly = new Curve(CURVE.start(), List.of(new Curve.Arc(UP, 3, 1e-10)));
        assertEquals(Double.POSITIVE_INFINITY, hardly.tightest());
        at(new Vector(150, 70, 20), CURVE.end().at());
        at(new Vector(0, -1, 0), CURVE.end().toward());
        assertThatThrownBy(() -> new Curve(CURVE.start(), List.of())).isInstanceOf(IllegalArgumentException.class);
    }

    @Test
    void testPlacesByTurn() {
        List<Pose> poses = CURVE.byTurn(Math.PI / 4);
        // The start, a straight, two of the quarter, a straight, four of the half.
        assertThat(poses).hasSize(1 + 1 + 2 + 1 + 4);
        at(new Vector(100, 0, 0), poses.get(1).at());
        at(
                new Vector(100 + 50 * Math.sin(Math.PI / 4), 50 - 50 * Math.cos(Math.PI / 4), 0),
                poses.get(2).at());
        at(new Vector(150, 50, 0), poses.get(3).at());
        at(new Vector(150, 70, 0), poses.get(4).at());
        at(new Vector(150, 80, 10), poses.get(6).at());
        at(CURVE.end().at(), poses.get(8).at());
        Curve nothing = new Curve(CURVE.start(), List.of(new Curve.Straight(0), new Curve.Straight(7)));
        assertThat(nothing.byTurn(1)).hasSize(2);
        assertThat(nothing.along(1)).hasSize(8);
    }

    @Test
    void testPlacesAlong() {
        List<Pose> poses = CURVE.along(10);
        assertThat(poses).hasSize(1 + 10 + 8 + 2 + 4);
        at(new Vector(10, 0, 0), poses.get(1).at());
        at(new Vector(100, 0, 0), poses.get(10).at());
        at(CURVE.end().at(), poses.get(poses.size() - 1).at());
        assertEquals(
                new Curve(CURVE.start(), List.of(new Curve.Straight(9.99)))
                        .along(10)
                        .size(),
                2);
    }

    @Test
    void testOneAfterAnother() {
        Curve more = new Curve(CURVE.end(), List.of(new Curve.Straight(30)));
        Curve both = CURVE.then(more);
        assertThat(both.pieces()).hasSize(5);
        at(new Vector(150, 40, 20), both.end().at());
        at(new Vector(0, 0, 1), CURVE.carried(new Vector(0, 0, -1)));
        at(new Vector(-1, 0, 0), CURVE.carried(new Vector(0, 1, 0)));
    }

    // --- bent ---

    private static BentPath.Bend bend(double straight, double rotation) {
        return new BentPath.Bend(straight, rotation, Math.PI / 2, 30);
    }

    @Test
    void testABentPathKnowsItsStraights() {
        BentPath path = new BentPath(List.of(bend(40, 0.7), bend(50, Math.PI / 2), bend(60, 0)), 70);
        assertEquals(50, path.straightAfter(0));
        assertEquals(60, path.straightAfter(1));
        assertEquals(70, path.straightAfter(2));
        assertEquals(0, path.fromFirstPlane().bends().get(0).rotation());
        assertEquals(40, path.fromFirstPlane().bends().get(0).straight());
        assertEquals(Math.PI / 2, path.fromFirstPlane().bends().get(1).rotation());
        assertEquals(70, path.fromFirstPlane().last());
        BentPath first = path.fromFirstPlane();
        assertSame(first, first.fromFirstPlane());
        BentPath none = new BentPath(List.of(), 12);
        assertSame(none, none.fromFirstPlane());
        assertEquals(List.of(12.0), none.legs());
        assertEquals(List.of(70.0, 110.0, 120.0, 100.0), path.legs());
        assertEquals(40 + 50 + 60 + 70 + 3 * 15 * Math.PI, path.developed(), 1e-9);
        assertEquals(30 * 2 - 15 * Math.PI, bend(1, 0).gain(), 1e-9);
    }

    /** The curve of straights and arcs ends where the corners do. */
    @Test
    void testItsCurveEndsAtItsLastCorner() {
        BentPath path = new BentPath(List.of(bend(40, 0), bend(50, Math.PI / 2), bend(60, -0.4)), 70);
        Curve c = path.curve(Vector.ZERO, new Vector(1, 0, 0), UP);
        List<Vector> corners = path.corners();
        at(corners.get(corners.size() - 1), c.end().at());
        assertEquals(path.developed(), c.length(), 1e-9);
        at(new Vector(70, 0, 0), corners.get(1));
        at(new Vector(70, 110, 0), corners.get(2));
        // A turn of the plane by a quarter, by the right hand about the way: from left to up.
        at(new Vector(70, 110, 120), corners.get(3));
    }

    @Test
    void testATurnIsWithinHalfATurnEitherWay() {
        assertEquals(Math.PI, BentPath.plusMinusPi(Math.PI), 1e-12);
        assertEquals(Math.PI, BentPath.plusMinusPi(-Math.PI), 1e-12);
        assertEquals(Math.PI, BentPath.plusMinusPi(3 * Math.PI), 1e-12);
        assertEquals(-1, BentPath.plusMinusPi(2 * Math.PI - 1), 1e-12);
        assertEquals(1, BentPath.plusMinusPi(1 - 4 * Math.PI), 1e-12);
    }

    // --- apart ---

    /** Against the least of many places of both. */
    @Test
    void testPiecesLieAsFarApartAsTheirNearestPlaces() {
        Random random = new Random(9);
        for (int n = 0; n < 60; n++) {
            Vector[] v = new Vector[4];
            for (int i = 0; i < 4; i++) {
                v[i] = new Vector(random.nextInt(11), random.nextInt(11), random.nextInt(11));
            }
            if (n % 7 == 0) {
                v[3] = v[2].plus(v[1].minus(v[0]));
            }
            if (n % 11 == 0) {
                v[1] = v[0];
            }
            double least = Double.POSITIVE_INFINITY;
            for (int i = 0; i <= 200; i++) {
                Vector a = v[0].plus(v[1].minus(v[0]).times(i / 200.0));
                for (int k = 0; k <= 200; k++) {
                    least = Math.min(
                            least,
                            a.minus(v[2].plus(v[3].minus(v[2]).times(k / 200.0)))
                                    .length());
                }
            }
            double is = Apart.between(v[0], v[1], v[2], v[3]);
            assertThat(is).isLessThanOrEqualTo(least + 1e-9);
            assertEquals(least, is, 0.09);
        }
    }
}
