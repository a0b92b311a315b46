package mellowflare.core.geometry;

import static org.assertj.core.api.Assertions.assertThat;
import static org.junit.jupiter.api.Assertions.assertEquals;

import java.util.List;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Space on paper, by hand. */
class SightTest {
    private static final Vector CORNER = new Vector(3, 4, 5);

    private static void at(double x, double y, Point p) {
        assertEquals(x, p.x(), 1e-9);
        assertEquals(y, p.y(), 1e-9);
    }

    @Test
    void testThePlainWaysOfLooking() {
        at(3, 4, Sight.ABOVE.at(CORNER));
        at(3, 5, Sight.FROM_RIGHT.at(CORNER));
        at(-4, 5, Sight.FROM_BEHIND.at(CORNER));
    }

    /** Turned by 30 degrees: right is (cos, -sin, 0); into the paper (sin, cos, 0), of which a tilt of 20 shows sin 20, and cos 20 of what is upright. */
    @ParameterizedTest
    @CsvSource({"0, 0, 3, 5", "0, 90, 3, 4", "90, 0, -4, 5", "90, 90, -4, 3", "30, 20, 0.598076, 6.396286"})
    void testTurnedAndLookedDownOn(double turn, double tilt, double x, double y) {
        Point p = Sight.turned(turn, tilt).at(CORNER);
        assertEquals(x, p.x(), 1e-6);
        assertEquals(y, p.y(), 1e-6);
    }

    @Test
    void testAScaleAndAShift() {
        at(16, 28, new Sight(new Vector(1, 0, 0), new Vector(0, 1, 0), 2, 10, 20).at(CORNER));
    }

    /** Eight by four into a field of 100 by 100 at (10, 20): twelve and a half times, in its middle. */
    @Test
    void testFittedItJustFillsAFieldInItsMiddle() {
        List<Vector> all = List.of(new Vector(-2, 1, 0), new Vector(6, 3, 9), new Vector(0, 5, -4));
        Sight s = Sight.ABOVE.fitted(all, 10, 20, 100, 100);
        assertEquals(12.5, s.scale(), 1e-12);
        at(10, 45, s.at(all.get(0)));
        at(110, 70, s.at(all.get(1)));
        at(35, 95, s.at(all.get(2)));
        Sight high = Sight.ABOVE.fitted(all, 10, 20, 800, 20);
        assertEquals(5, high.scale(), 1e-12);
        at(390, 20, high.at(all.get(0)));
        at(430, 30, high.at(all.get(1)));
        // One place alone, as if a millimetre wide.
        Sight one = Sight.ABOVE.fitted(List.of(CORNER), 0, 0, 40, 60);
        assertEquals(40, one.scale(), 1e-12);
        at(20, 30, one.at(CORNER));
    }

    private static Shape.Path path(Drawing d, int n) {
        return (Shape.Path) d.shapes().get(n);
    }

    /** Along x and then up out of the paper: half its width to the left and right, and none where it comes at the eye. */
    @Test
    void testABarLiesHalfItsWidthToEitherSide() {
        Drawing.Sheet sheet = new Drawing.Sheet();
        Sight.ABOVE.bar(
                sheet,
                List.of(
                        new Pose(Vector.ZERO, new Vector(1, 0, 0)),
                        new Pose(new Vector(10, 0, 0), new Vector(0, 1, 0)),
                        new Pose(new Vector(10, 10, 0), new Vector(3, 4, 0)),
                        new Pose(new Vector(10, 10, 9), new Vector(0, 0, 1))),
                2);
        Drawing d = sheet.done(0, 0, 1, 1);
        assertThat(d.shapes()).hasSize(4);
        List<Point> left = path(d, 1).points();
        List<Point> right = path(d, 2).points();
        at(0, 2, left.get(0));
        at(0, -2, right.get(0));
        at(8, 0, left.get(1));
        at(12, 0, right.get(1));
        at(10 - 1.6, 10 + 1.2, left.get(2));
        at(10 + 1.6, 10 - 1.2, right.get(2));
        at(10, 10, left.get(3));
        at(10, 10, right.get(3));
        assertThat(path(d, 3).points())
                .containsExactly(new Point(0, 0), new Point(10, 0), new Point(10, 10), new Point(10, 10));
        List<Point> around = new java.util.ArrayList<>(left);
        IntStream.iterate(right.size() - 1, i -> i >= 0, i -> i - 1).forEach(i -> around.add(right.get(i)));
        assertEquals(around, path(d, 0).points());
        assertThat(path(d, 0).closed()).isTrue();
        assertThat(path(d, 0).fill()).isEqualTo(Fill.METAL);
        assertThat(path(d, 3).pen()).isEqualTo(Pen.CENTRE_LINE);
    }

    @Test
    void testARingLiesRoundItsPlaceSquareToItsAxis() {
        List<Point> ring = Sight.ABOVE.ring(new Vector(7, 8, 9), new Vector(0, 0, 1), 3);
        assertThat(ring).hasSize(25).allSatisfy(p -> assertEquals(3, Math.hypot(p.x() - 7, p.y() - 8), 1e-9));
        assertThat(ring.subList(0, 24)).doesNotHaveDuplicates();
        at(ring.get(0).x(), ring.get(0).y(), ring.get(24));
        // Opposite places lie opposite.
        at(14 - ring.get(0).x(), 16 - ring.get(0).y(), ring.get(12));
        // Seen along the paper it is a line, as wide as the ring.
        List<Point> edge = Sight.ABOVE.ring(Vector.ZERO, new Vector(1, 0, 0), 3);
        assertThat(edge).allSatisfy(p -> assertEquals(0, p.x(), 1e-9));
        assertEquals(3, edge.stream().mapToDouble(Point::y).max().orElseThrow(), 1e-9);
    }
}
