package mellowflare.core.hose;

import static mellowflare.core.Samples.hoseCase;
import static mellowflare.core.Samples.soundLine;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Optional;
import mellowflare.core.LineSample;
import mellowflare.core.advice.Finding;
import mellowflare.core.advice.Practice;
import mellowflare.core.advice.Severity;
import mellowflare.core.advice.State;
import mellowflare.core.geometry.Vector;
import mellowflare.core.hose.line.HoseCase;
import mellowflare.core.hose.route.PortAt;
import mellowflare.core.hose.route.RoutePlan;
import mellowflare.core.hose.route.RouteSketch;
import mellowflare.core.hose.rules.HoseRules;
import mellowflare.core.measure.Length;
import mellowflare.core.measure.UnitSystem;
import mellowflare.core.procedure.MakeLog;
import org.junit.jupiter.api.Test;

class RouteOfLineTest {
    private static final PortAt A = new PortAt(Vector.ZERO, new Vector(1, 0, 0), Optional.empty());

    private static LineSample routed(Vector b, Vector out, Vector leaves) {
        return soundLine()
                .withBendRadius(Optional.empty())
                .withRoute(Optional.of(RouteSketch.of(A, new PortAt(b, out, Optional.of(leaves)))));
    }

    private static List<Finding> of(LineSample line, String rule) {
        return HoseRules.check(hoseCase(line)).stream()
                .filter(f -> f.rule().id().equals(rule))
                .toList();
    }

    @Test
    void testElbowOnTheFarPortMakesAStraightWayToItsCentreLine() {
        // The far port looks up; its 90 degree elbow leaves toward A, its axis 24.8 mm over the port.
        LineSample l = routed(new Vector(1000, 0, -24.8), new Vector(0, 0, 1), new Vector(-1, 0, 0));
        RoutePlan way = hoseCase(l).route().orElseThrow();
        assertThat(way.length().orElseThrow().mm()).isCloseTo(1000, within(1e-6));
        assertThat(way.task().straight().mm()).isCloseTo(31.4 + 30.8 + 22.2, within(1e-9));
        assertThat(way.task().farStraight().mm()).isCloseTo(52.6 + 30.8 + 22.2, within(1e-9));
        assertThat(hoseCase(l).lengthByRoute().orElseThrow().mm()).isCloseTo(1000 / 0.96, within(1e-6));
    }

    @Test
    void testMeasuredLengthIsHeldAgainstTheWay() {
        LineSample far = routed(new Vector(1200, 0, -24.8), new Vector(0, 0, 1), new Vector(-1, 0, 0));
        assertThat(of(far, "length.reaches").get(0).stops()).isTrue();
        assertThat(of(far, "length.reaches").get(0).remedy(UnitSystem.METRIC)).contains("1250 mm");
        LineSample near = routed(new Vector(1110, 0, -24.8), new Vector(0, 0, 1), new Vector(-1, 0, 0));
        assertThat(of(near, "length.reaches").get(0).state()).isEqualTo(State.PASS);
        assertThat(of(near, "length.under-pressure").get(0).severity()).isEqualTo(Severity.WARN);
        assertThat(of(near, "length.under-pressure").get(0).state()).isEqualTo(State.FAIL);
        LineSample loose = routed(new Vector(800, 0, -24.8), new Vector(0, 0, 1), new Vector(-1, 0, 0));
        // sqrt(3 x 800 x 340 / 8) = 319 mm of sag
        assertThat(of(loose, "length.slack").get(0).says(UnitSystem.METRIC))
                .contains("340 mm longer")
                .contains("319");
        LineSample good = routed(new Vector(1080, 0, -24.8), new Vector(0, 0, 1), new Vector(-1, 0, 0));
        assertThat(of(good, "length.slack").get(0).state()).isEqualTo(State.PASS);
        assertThat(of(good, "length.under-pressure").get(0).state()).isEqualTo(State.PASS);
    }

    @Test
    void testTightestBendFollowsFromTheWayUnlessMeasured() {
        LineSample bent = routed(new Vector(500, 600, -24.8), new Vector(0, 0, 1), new Vector(0, -1, 0));
        assertThat(hoseCase(bent).tightest().orElseThrow().mm()).isCloseTo(178 + 11.1, within(1e-6));
        assertThat(of(bent, "hose.bend-radius").get(0).state()).isEqualTo(State.PASS);
        LineSample measured = bent.withBendRadius(Optional.of(Length.ofMm(150)));
        assertThat(of(measured, "hose.bend-radius").get(0).stops()).isTrue();
    }

    @Test
    void testSameTaskTakesTheKnownWayOver() {
        LineSample l = routed(new Vector(1000, 0, -24.8), new Vector(0, 0, 1), new Vector(-1, 0, 0));
        RoutePlan known = hoseCase(l).route().orElseThrow();
        HoseCase again =
                HoseCase.of(l.line(), l.setting(Practice.USUAL, UnitSystem.INCH, MakeLog.EMPTY), Optional.of(known));
        assertThat(again.route().orElseThrow()).isSameAs(known);
        LineSample other = l.withHose(Optional.of("KH1-08"));
        assertThat(HoseCase.of(
                                other.line(),
                                other.setting(Practice.USUAL, UnitSystem.INCH, MakeLog.EMPTY),
                                Optional.of(known))
                        .route()
                        .orElseThrow())
                .isNotSameAs(known);
    }

    @Test
    void testWithoutAHoseThereIsNoWayYet() {
        LineSample l = routed(new Vector(1000, 0, 0), new Vector(0, 0, 1), new Vector(-1, 0, 0))
                .withHose(Optional.empty());
        assertThat(hoseCase(l).route()).isEmpty();
    }
}
