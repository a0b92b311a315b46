package mellowflare.core.hose.route;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;
import static org.junit.jupiter.api.Assertions.assertEquals;

import java.util.Collections;
import java.util.List;
import java.util.Optional;
import mellowflare.core.Samples;
import mellowflare.core.advice.Finding;
import mellowflare.core.advice.State;
import mellowflare.core.geometry.Pose;
import mellowflare.core.geometry.Vector;
import mellowflare.core.measure.Length;
import mellowflare.core.parts.Catalogue;
import mellowflare.core.parts.HoseEndPart;
import mellowflare.core.parts.HosePart;
import org.junit.jupiter.api.Test;

/** What a way may be, up to its limits, and what each rule on it says just within and just beyond them. */
class RouteLimitsTest {
    private static final Vector AHEAD = new Vector(1, 0, 0);
    private static final Catalogue PARTS = Samples.DATA.get(Catalogue.KEY);

    private static Vector v(double x, double y, double z) {
        return new Vector(x, y, z);
    }

    private static PortAt port(Vector at, Vector out) {
        return new PortAt(at, out, Optional.empty());
    }

    @Test
    void testAPortSitsWithinAHundredMetresOnEveryAxis() {
        for (Vector far : List.of(v(100_000, 0, 0), v(0, -100_000, 0), v(0, 0, 100_000))) {
            assertEquals(far, port(far, AHEAD).at());
            assertThatThrownBy(() -> port(far.times(1.00001), AHEAD)).isInstanceOf(IllegalArgumentException.class);
            assertThatThrownBy(() -> KeepOut.between("x", Vector.ZERO, far.times(1.00001)))
                    .isInstanceOf(IllegalArgumentException.class);
        }
        assertThatThrownBy(() -> port(Vector.ZERO, Vector.ZERO)).isInstanceOf(IllegalArgumentException.class);
        assertEquals(AHEAD, port(Vector.ZERO, v(5, 0, 0)).out());
        Vector nearlyOne = v(1 + 1e-13, 0, 0);
        assertEquals(nearlyOne, port(Vector.ZERO, nearlyOne).out());
    }

    @Test
    void testAFlatBoxIsNone() {
        for (Vector high : List.of(v(0, 1, 1), v(1, 0, 1), v(1, 1, 0))) {
            assertThatThrownBy(() -> new KeepOut("flat", Vector.ZERO, high))
                    .isInstanceOf(IllegalArgumentException.class);
        }
        assertEquals(
                v(5, 10, 15), KeepOut.between("box", Vector.ZERO, v(10, 20, 30)).middle());
        assertEquals(0, KeepOut.between("box", Vector.ZERO, v(10, 20, 30)).distance(v(0, 5, 5)));
    }

    private static RouteSketch sketch() {
        return RouteSketch.of(port(Vector.ZERO, AHEAD), port(v(900, 300, 0), v(-1, 0, 0)));
    }

    @Test
    void testASketchHasItsMostOfEverythingAndNoMore() {
        List<Vector> fifty = Collections.nCopies(50, v(1, 2, 3));
        List<Vector> more = Collections.nCopies(51, v(1, 2, 3));
        KeepOut box = KeepOut.between("box", Vector.ZERO, v(1, 1, 1));
        assertThat(sketch().withClamps(fifty).withMotion(fifty).clamps()).hasSize(50);
        assertThat(sketch().withKeepOuts(Collections.nCopies(20, box)).keepOuts())
                .hasSize(20);
        assertThatThrownBy(() -> sketch().withClamps(more)).isInstanceOf(IllegalArgumentException.class);
        assertThatThrownBy(() -> sketch().withMotion(more)).isInstanceOf(IllegalArgumentException.class);
        assertThatThrownBy(() -> sketch().withKeepOuts(Collections.nCopies(21, box)))
                .isInstanceOf(IllegalArgumentException.class);
    }

    @Test
    void testASketchIsChangedInOnePlace() {
        PortAt other = port(v(7, 8, 9), v(0, 1, 0));
        assertEquals(other, sketch().withA(other).a());
        assertEquals(sketch().b(), sketch().withA(other).b());
        assertEquals(other, sketch().withB(other).b());
        assertEquals(sketch().a(), sketch().withB(other).a());
        assertEquals(
                Optional.of(Length.ofMm(30)),
                sketch().withStraight(Optional.of(Length.ofMm(30))).straight());
    }

    /** An elbow lifts the axis by its drop toward the other port, or to the side that is said; straight on, it takes any side. */
    @Test
    void testAnElbowTurnsTheAxisTowardTheOtherPort() {
        HosePart hose = PARTS.hose("KH2-08").orElseThrow();
        HoseEndPart elbow = PARTS.hoseEnd("KC08-J08F90").orElseThrow();
        double drop = elbow.drop().orElseThrow().mm();
        PortAt up = port(Vector.ZERO, v(0, 0, 1));
        Pose toward = up.axis(Optional.of(elbow), v(500, 0, 900));
        assertThat(toward.toward().x()).isCloseTo(1, within(1e-9));
        assertThat(toward.at().z()).isCloseTo(drop, within(1e-9));
        assertThat(toward.at().x()).isCloseTo(0, within(1e-9));
        PortAt aside = new PortAt(Vector.ZERO, v(0, 0, 1), Optional.of(v(0, -2, 5)));
        assertThat(aside.axis(Optional.of(elbow), v(500, 0, 900)).toward().y()).isCloseTo(-1, within(1e-9));
        PortAt along = new PortAt(Vector.ZERO, v(0, 0, 1), Optional.of(v(0, 0, 3)));
        assertThat(along.axis(Optional.of(elbow), v(500, 0, 900)).toward().x()).isCloseTo(1, within(1e-9));
        Pose over = up.axis(Optional.of(elbow), v(0, 0, 900));
        assertThat(Math.abs(over.toward().z())).isLessThan(1e-9);
        assertEquals(new Pose(Vector.ZERO, v(0, 0, 1)), up.axis(Optional.empty(), v(500, 0, 900)));
        RouteTask task = sketch().task(hose, Optional.empty(), Optional.of(elbow));
        assertEquals(hose.outside().mm(), task.straight().mm(), 1e-9);
        assertEquals(
                hose.outside().mm()
                        + elbow.cutOff().mm()
                        + elbow.insertion().orElseThrow().mm(),
                task.farStraight().mm(),
                1e-9);
        assertEquals(hose.outside().mm() / 2 + 10, task.clearance().mm(), 1e-9);
        assertThat(task.nearElbow()).isEmpty();
        assertThat(task.farElbow().orElseThrow().minus(v(1, 0, 0)).length()).isZero();
        RouteTask near = sketch().task(hose, Optional.of(elbow), Optional.empty());
        assertThat(near.nearElbow().orElseThrow().minus(v(-1, 0, 0)).length()).isZero();
        assertThat(near.farElbow()).isEmpty();
    }

    private static RouteTask facing(double apart) {
        return RouteTask.of(new Pose(Vector.ZERO, AHEAD), new Pose(v(apart, 0, 0), v(-1, 0, 0)), Length.ofMm(100))
                .withStraights(Length.ofMm(40), Length.ofMm(60));
    }

    private static State says(RouteTask task, String rule) {
        List<Finding> all = RouteFinder.find(task).findings().stream()
                .filter(f -> f.rule().id().equals(rule))
                .toList();
        return all.isEmpty() ? null : all.get(0).state();
    }

    @Test
    void testFacingPortsWantRoomForBothStraights() {
        assertEquals(State.PASS, says(facing(100), "route.ends-apart"));
        assertEquals(State.FAIL, says(facing(99.9), "route.ends-apart"));
        RouteTask beside = RouteTask.of(new Pose(Vector.ZERO, AHEAD), new Pose(v(0, 30, 0), AHEAD), Length.ofMm(100))
                .withStraight(Length.ofMm(40));
        assertEquals(State.PASS, says(beside, "route.ends-apart"));
        RouteTask same = RouteTask.of(new Pose(Vector.ZERO, AHEAD), new Pose(v(0, 0, 1e-7), AHEAD), Length.ofMm(100));
        assertEquals(State.FAIL, says(same, "route.ends-apart"));
        RouteTask away = RouteTask.of(
                        new Pose(Vector.ZERO, v(-1, 0, 0)), new Pose(v(50, 0, 0), AHEAD), Length.ofMm(100))
                .withStraight(Length.ofMm(40));
        assertEquals(State.PASS, says(away, "route.ends-apart"));
    }

    /** Both ports look the same way in one plane; the end moves 10 degrees out of it, and a hair more. */
    @Test
    void testTenDegreesOutOfThePlaneAreTaken() {
        RouteTask loop = RouteTask.of(new Pose(Vector.ZERO, AHEAD), new Pose(v(0, 400, 0), AHEAD), Length.ofMm(100));
        assertEquals(State.PASS, says(loop.moving(List.of(out(9.99))), "route.twist"));
        assertEquals(State.FAIL, says(loop.moving(List.of(v(0, 20, 0), out(10.01))), "route.twist"));
        assertEquals(State.PASS, says(loop.moving(List.of(Vector.ZERO)), "route.twist"));
        assertEquals(null, says(loop, "route.twist"));
        assertEquals(null, says(loop, "route.slack"));
    }

    private static Vector out(double degrees) {
        double w = Math.toRadians(degrees);
        return v(0, 20 * Math.cos(w), 20 * Math.sin(w));
    }

    /** Cut for the farthest position, it has slack at the nearest. */
    @Test
    void testMoreThanASeventhOfSlackIsWarnedOf() {
        RouteTask straight = facing(1000);
        // 1000 and 1176.4 differ by 15 % of the longer.
        assertEquals(State.PASS, says(straight.moving(List.of(v(176.4, 0, 0))), "route.slack"));
        assertEquals(State.FAIL, says(straight.moving(List.of(v(176.6, 0, 0))), "route.slack"));
    }
}
