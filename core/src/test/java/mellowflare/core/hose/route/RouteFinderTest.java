package mellowflare.core.hose.route;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Random;
import mellowflare.core.advice.Finding;
import mellowflare.core.advice.State;
import mellowflare.core.geometry.Curve;
import mellowflare.core.geometry.Pose;
import mellowflare.core.geometry.Vector;
import mellowflare.core.measure.Length;
import mellowflare.core.measure.UnitSystem;
import org.junit.jupiter.api.Test;

class RouteFinderTest {
    private static final Length RADIUS = Length.ofMm(100);

    private static Pose pose(double x, double y, double z, double dx, double dy, double dz) {
        return new Pose(new Vector(x, y, z), new Vector(dx, dy, dz));
    }

    private static List<String> failed(RoutePlan p) {
        return p.findings().stream()
                .filter(f -> f.state() == State.FAIL)
                .map((Finding f) -> f.says(UnitSystem.METRIC))
                .toList();
    }

    @Test
    void testTwoPortsSideBySideNeedHalfATurnAndTheStraights() {
        // Both ports point up, 200 mm apart: straight, half a circle of 100 mm, straight.
        RoutePlan p = RouteFinder.find(RouteTask.of(pose(0, 0, 0, 0, 1, 0), pose(200, 0, 0, 0, 1, 0), RADIUS)
                .withStraight(Length.ofMm(50)));
        assertThat(p.length().orElseThrow().mm()).isCloseTo(100 + Math.PI * 100, within(1e-6));
        assertThat(p.curve().orElseThrow().tightest()).isEqualTo(100);
        assertThat(failed(p)).isEmpty();
    }

    @Test
    void testFacingPortsOnOneLineNeedTheirDistance() {
        RoutePlan p = RouteFinder.find(RouteTask.of(pose(0, 0, 0, 1, 0, 0), pose(600, 0, 0, -1, 0, 0), RADIUS));
        assertThat(p.length().orElseThrow().mm()).isCloseTo(600, within(1e-6));
    }

    @Test
    void testClockingOfAFlatRouteIsReadFromTheNearEnd() {
        RouteTask flat = RouteTask.of(pose(0, 0, 0, 1, 0, 0), pose(600, 0, 0, -1, 0, 0), RADIUS);
        Vector up = new Vector(0, 0, 1);
        assertThat(RouteFinder.find(flat.withElbows(up, up))
                        .clocking()
                        .orElseThrow()
                        .degrees())
                .isCloseTo(0, within(1e-6));
        assertThat(RouteFinder.find(flat.withElbows(up, new Vector(0, 0, -1)))
                        .clocking()
                        .orElseThrow()
                        .degrees())
                .isCloseTo(180, within(1e-6));
        // Looking along +x with +z up, the right hand is -y: three o'clock.
        assertThat(RouteFinder.find(flat.withElbows(up, new Vector(0, -1, 0)))
                        .clocking()
                        .orElseThrow()
                        .degrees())
                .isCloseTo(90, within(1e-6));
        assertThat(RouteFinder.find(flat.withElbows(up, new Vector(0, 1, 0)))
                        .clocking()
                        .orElseThrow()
                        .degrees())
                .isCloseTo(270, within(1e-6));
        assertThat(RouteFinder.find(flat).clocking()).isEmpty();
        assertThat(RouteFinder.find(flat.withElbows(new Vector(1, 0, 0), up)).clocking())
                .as("an elbow that points along the hose has no clock")
                .isEmpty();
    }

    /** In a plane a direction square to it is carried as it is, whatever the bends. */
    @Test
    void testClockingSurvivesBendsInAPlane() {
        RouteTask bent = RouteTask.of(pose(0, 0, 0, 0, 1, 0), pose(700, 200, 0, 0, 1, 0), RADIUS);
        Vector up = new Vector(0, 0, 1);
        assertThat(RouteFinder.find(bent.withElbows(up, up))
                        .clocking()
                        .orElseThrow()
                        .degrees())
                .isCloseTo(0, within(1e-6));
    }

    @Test
    void testClampsArePassedInOrderAndTheCurveHasNoCorner() {
        List<Vector> clamps = List.of(new Vector(400, 150, 80), new Vector(800, 0, 200));
        RoutePlan p = RouteFinder.find(RouteTask.of(pose(0, 0, 0, 1, 0, 0), pose(1300, 200, 100, -1, 0, 0), RADIUS)
                .through(clamps));
        Curve c = p.curve().orElseThrow();
        List<Pose> along = c.along(2);
        for (Vector clamp : clamps) {
            assertThat(along.stream()
                            .mapToDouble(q -> q.at().minus(clamp).length())
                            .min()
                            .orElseThrow())
                    .isLessThan(1.1);
        }
        for (int i = 1; i < along.size(); i++) {
            double bend = along.get(i).toward().minus(along.get(i - 1).toward()).length();
            assertThat(bend).as("never more than a step on the radius turns").isLessThanOrEqualTo(2.0 / 100 + 1e-6);
        }
    }

    @Test
    void testMovingEndIsReachedAtItsWorst() {
        RouteTask still = RouteTask.of(pose(0, 0, 0, 0, -1, 0), pose(300, 0, 0, 0, -1, 0), RADIUS);
        RoutePlan p = RouteFinder.find(still.moving(List.of(new Vector(0, 250, 0), new Vector(0, -250, 0))));
        assertThat(p.positions()).hasSize(3);
        double most = p.positions().stream()
                .mapToDouble(l -> l.orElseThrow().mm())
                .max()
                .orElseThrow();
        assertThat(p.length().orElseThrow().mm()).isEqualTo(most);
        assertThat(failed(p)).anySatisfy(s -> assertThat(s).contains("slack"));
    }

    @Test
    void testEndsInsideEachOtherAndLoopsAreSaid() {
        RoutePlan same = RouteFinder.find(RouteTask.of(pose(0, 0, 0, 1, 0, 0), pose(0, 0, 0, -1, 0, 0), RADIUS));
        assertThat(failed(same)).anySatisfy(s -> assertThat(s).contains("0 mm apart"));
        RoutePlan near = RouteFinder.find(RouteTask.of(pose(0, 0, 0, 1, 0, 0), pose(60, 0, 0, -1, 0, 0), RADIUS)
                .withStraight(Length.ofMm(50)));
        assertThat(failed(near))
                .anySatisfy(
                        s -> assertThat(s)
                                .contains(
                                        "The ports are too close: 60 mm apart, 100 mm needed for the straight lengths behind the ends."));
        RoutePlan loop = RouteFinder.find(RouteTask.of(pose(0, 0, 0, 1, 0, 0), pose(50, 30, 0, 1, 0, 0), RADIUS));
        assertThat(failed(loop))
                .anySatisfy(
                        s -> assertThat(s).contains("The hose turns through 396° altogether: a loop, not a route."));
    }

    @Test
    void testRandomRoutesInSpaceKeepEverything() {
        Random chance = new Random(5);
        for (int i = 0; i < 200; i++) {
            Pose a = pose(0, 0, 0, chance.nextGaussian(), chance.nextGaussian(), chance.nextGaussian());
            Pose b = pose(
                    500 + 400 * chance.nextDouble(),
                    300 * chance.nextGaussian(),
                    300 * chance.nextGaussian(),
                    chance.nextGaussian(),
                    chance.nextGaussian(),
                    chance.nextGaussian());
            RoutePlan p = RouteFinder.find(RouteTask.of(a, b, RADIUS).withStraight(Length.ofMm(40)));
            Curve c = p.curve().orElseThrow();
            assertThat(c.end().at().minus(b.at()).length()).isLessThan(0.01);
            assertThat(c.end().toward().plus(b.toward()).length())
                    .as("into the port")
                    .isLessThan(1e-4);
            assertThat(c.tightest()).isGreaterThanOrEqualTo(100);
        }
    }

    @Test
    void testZeroRadiusCannotBeAskedFor() {
        assertThatThrownBy(() -> RouteTask.of(pose(0, 0, 0, 1, 0, 0), pose(1, 0, 0, 1, 0, 0), Length.ZERO))
                .isInstanceOf(IllegalArgumentException.class);
    }
}
