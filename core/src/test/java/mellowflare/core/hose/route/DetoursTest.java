package mellowflare.core.hose.route;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Optional;
import java.util.Random;
import mellowflare.core.advice.Finding;
import mellowflare.core.advice.State;
import mellowflare.core.geometry.Pose;
import mellowflare.core.geometry.Vector;
import mellowflare.core.measure.Length;
import mellowflare.core.measure.UnitSystem;
import org.junit.jupiter.api.Test;

class DetoursTest {
    private static final Length RADIUS = Length.ofMm(100);
    private static final Length CLEAR = Length.ofMm(20);

    private static RouteTask straightOn(double length) {
        return RouteTask.of(
                new Pose(Vector.ZERO, new Vector(1, 0, 0)),
                new Pose(new Vector(length, 0, 0), new Vector(-1, 0, 0)),
                RADIUS);
    }

    private static double nearest(RoutePlan p) {
        return p.curve().orElseThrow().along(2).stream()
                .mapToDouble(pose -> p.task().keepOuts().stream()
                        .mapToDouble(k -> k.distance(pose.at()))
                        .min()
                        .orElseThrow())
                .min()
                .orElseThrow();
    }

    @Test
    void testWayGoesRoundABoxThatStandsInIt() {
        KeepOut box = KeepOut.between("exhaust", new Vector(450, -30, -200), new Vector(550, 60, 200));
        RoutePlan p = RouteFinder.find(straightOn(1000).around(List.of(box), CLEAR));
        assertThat(nearest(p)).isGreaterThanOrEqualTo(CLEAR.mm() - 0.5);
        // The short side is below: 50 mm aside. A bow of arcs at the least radius is little longer than straight.
        assertThat(p.length().orElseThrow().mm()).isBetween(1000.0, 1100.0);
        assertThat(p.curve().orElseThrow().tightest()).isGreaterThanOrEqualTo(100 - 1e-9);
        assertThat(p.findings().stream()
                        .filter(f -> f.rule().id().equals("route.clear"))
                        .findFirst()
                        .orElseThrow()
                        .says(UnitSystem.METRIC))
                .contains("from exhaust");
    }

    @Test
    void testABoxBesideTheWayChangesNothing() {
        KeepOut box = KeepOut.between("plate", new Vector(450, 40, -200), new Vector(550, 90, 200));
        RoutePlan p = RouteFinder.find(straightOn(1000).around(List.of(box), CLEAR));
        assertThat(p.length().orElseThrow().mm()).isCloseTo(1000, within(1e-6));
    }

    @Test
    void testAnEndInsideABoxHasNoWayAndSaysSo() {
        KeepOut box = KeepOut.between("engine", new Vector(900, -300, -300), new Vector(1300, 300, 300));
        RoutePlan p = RouteFinder.find(straightOn(1000).around(List.of(box), CLEAR));
        assertThat(p.curve()).isEmpty();
        assertThat(p.blocked()).isTrue();
        List<Finding> failed =
                p.findings().stream().filter(f -> f.state() == State.FAIL).toList();
        assertThat(failed)
                .extracting(f -> f.rule().id())
                .contains("route.clear")
                .doesNotContain("route.radius");
        assertThat(failed.get(0).says(UnitSystem.METRIC)).contains("round engine");
    }

    @Test
    void testWithoutAnyClearanceTheInsideOfABoxIsStillShut() {
        KeepOut box = KeepOut.between("engine", new Vector(500, -900, -900), new Vector(900, 900, 900));
        RoutePlan p = RouteFinder.find(straightOn(600).around(List.of(box), Length.ZERO));
        assertThat(p.curve()).isEmpty();
        assertThat(box.distance(new Vector(510, 0, 0))).isEqualTo(-10);
        assertThat(box.distance(new Vector(497, -904, 0))).isCloseTo(5, within(1e-9));
        assertThat(box.distance(new Vector(500, 0, 0))).isZero();
    }

    @Test
    void testWaysRoundRandomBoxesKeepRadiusAndClearance() {
        Random random = new Random(11);
        int found = 0;
        for (int i = 0; i < 40; i++) {
            double x = 300 + random.nextDouble() * 400;
            double y = -60 + random.nextDouble() * 60;
            KeepOut box = KeepOut.between(
                    "box",
                    new Vector(x, y, -80),
                    new Vector(x + 60 + random.nextDouble() * 60, y + 80, 40 + random.nextDouble() * 100));
            RoutePlan p = RouteFinder.find(
                    straightOn(1100).withStraight(Length.ofMm(50)).around(List.of(box), CLEAR));
            if (p.curve().isPresent()) {
                found++;
                assertThat(nearest(p)).isGreaterThanOrEqualTo(CLEAR.mm() - 0.5);
                assertThat(p.curve().orElseThrow().tightest()).isGreaterThanOrEqualTo(100 - 1e-9);
                assertThat(p.length().orElseThrow().mm()).isBetween(1099.9, 1500.0);
            }
        }
        assertThat(found).isGreaterThanOrEqualTo(38);
    }

    @Test
    void testMovementOutOfThePlaneTwists() {
        RouteTask loop = RouteTask.of(
                new Pose(Vector.ZERO, new Vector(0, 1, 0)),
                new Pose(new Vector(300, 0, 0), new Vector(0, 1, 0)),
                RADIUS);
        RoutePlan out = RouteFinder.find(loop.moving(List.of(new Vector(0, 0, 80))));
        assertThat(out.findings()).anyMatch(f -> f.rule().id().equals("route.twist") && f.state() != State.PASS);
        RoutePlan in = RouteFinder.find(loop.moving(List.of(new Vector(0, 80, 0))));
        assertThat(in.findings()).anyMatch(f -> f.rule().id().equals("route.twist") && f.state() == State.PASS);
    }

    @Test
    void testPortWithElbowBeginsAtTheFootOfItsOutlet() {
        PortAt port = new PortAt(new Vector(10, 20, 30), new Vector(0, 0, 2), Optional.of(new Vector(5, 0, 9)));
        var catalogue = mellowflare.core.Samples.DATA.get(mellowflare.core.parts.Catalogue.KEY);
        Pose straight = port.axis(Optional.empty(), Vector.ZERO);
        assertThat(straight).isEqualTo(new Pose(new Vector(10, 20, 30), new Vector(0, 0, 1)));
        Pose right = port.axis(catalogue.hoseEnd("KC08-J08F90"), Vector.ZERO);
        assertThat(right.at().z()).isCloseTo(30 + 24.8, within(1e-9));
        assertThat(right.toward().x()).isCloseTo(1, within(1e-9));
        Pose half = port.axis(catalogue.hoseEnd("KC08-J08F45"), Vector.ZERO);
        assertThat(half.toward().x()).isCloseTo(Math.sqrt(0.5), within(1e-9));
        assertThat(half.toward().z()).isCloseTo(Math.sqrt(0.5), within(1e-9));
        double drop = catalogue
                .hoseEnd("KC08-J08F45")
                .orElseThrow()
                .drop()
                .orElseThrow()
                .mm();
        assertThat(half.at().minus(port.at()).length()).isCloseTo(drop, within(1e-9));
        assertThat(half.at().minus(port.at()).dot(half.toward())).isCloseTo(0, within(1e-9));
    }

    @Test
    void testABoxHasAnExtent() {
        assertThatThrownBy(() -> KeepOut.between("flat", Vector.ZERO, new Vector(1, 1, 0)))
                .isInstanceOf(IllegalArgumentException.class);
    }
}
