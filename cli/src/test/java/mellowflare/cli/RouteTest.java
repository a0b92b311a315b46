package mellowflare.cli;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import com.fasterxml.jackson.databind.JsonNode;
import org.junit.jupiter.api.Test;

class RouteTest {
    private static final String SIDE_BY_SIDE = "{\"start\":{\"point\":[0,0,0],\"direction\":[0,1,0],\"elbow\":[0,0,1]},"
            + "\"end\":{\"point\":[240,0,0],\"direction\":[0,1,0],\"elbow\":[0,0,1]},"
            + "\"minBendRadius\":120,\"endStraight\":\"40 mm\"}";

    @Test
    void testTwoPortsSideBySideNeedHalfATurn() {
        Run run = Run.of(SIDE_BY_SIDE, "route");
        assertThat(run.errors()).isEmpty();
        assertThat(run.status()).isZero();
        JsonNode out = run.json();
        assertThat(out.get("length").asDouble()).isCloseTo(80 + Math.PI * 120, within(1e-6));
        assertThat(out.get("tightestRadius").asDouble()).isEqualTo(120);
        assertThat(out.get("turning").asDouble()).isCloseTo(180, within(1e-6));
        assertThat(out.get("clocking").asDouble()).isCloseTo(0, within(1e-6));
        JsonNode path = out.get("path");
        assertThat(path.get(0).toString()).isEqualTo("[0.0,0.0,0.0]");
        assertThat(path.get(path.size() - 1).get(0).asDouble()).isCloseTo(240, within(1e-6));
        assertThat(Schemas.faults("route.in", SIDE_BY_SIDE)).isEmpty();
        assertThat(Schemas.faults("route.out", out)).isEmpty();
    }

    @Test
    void testClampsAndMovementAreTaken() {
        String in =
                "{\"start\":{\"point\":[0,0,0],\"direction\":[1,0,0]},\"end\":{\"point\":[\"40 in\",0,\"-2 in\"],\"direction\":[-1,0,0]},"
                        + "\"minBendRadius\":100,\"waypoints\":[[500,120,0]],\"motion\":[[60,0,0],[-60,0,0]]}";
        Run run = Run.of(in, "route");
        assertThat(run.errors()).isEmpty();
        assertThat(Schemas.faults("route.in", in)).isEmpty();
        assertThat(Schemas.faults("route.out", run.json())).isEmpty();
        assertThat(run.json().get("positions")).hasSize(3);
        assertThat(run.json().get("length").asDouble())
                .isEqualTo(run.json().get("positions").get(1).asDouble());
    }

    @Test
    void testEndsAtOnePlaceStop() {
        Run run = Run.of(SIDE_BY_SIDE.replace("[240,0,0]", "[0,0,0]"), "route");
        assertThat(run.status()).isEqualTo(1);
        assertThat(run.json().get("findings").get(0).get("says").asText()).contains("apart");
    }

    @Test
    void testImpossibleInputIsRefusedByItsField() {
        assertThat(Run.of(SIDE_BY_SIDE.replace(":120,", ":0,"), "route").errors())
                .contains("“minBendRadius”");
        assertThat(Run.of(SIDE_BY_SIDE.replaceFirst("\\[0,1,0\\]", "[0,0,0]"), "route")
                        .errors())
                .contains("“start.direction”")
                .contains("zero in all three");
        assertThat(Run.of(SIDE_BY_SIDE.replace("[240,0,0]", "[240,0]"), "route").errors())
                .contains("“end.point”")
                .contains("three figures");
        assertThat(Run.of(SIDE_BY_SIDE.replace("[240,0,0]", "[\"240\",0,0]"), "route")
                        .errors())
                .contains("unit");
        assertThat(Run.of(SIDE_BY_SIDE.replace("[240,0,0]", "[1e300,0,0]"), "route")
                        .errors())
                .contains("100 m");
        assertThat(Run.of(SIDE_BY_SIDE.replace(":120,", ":12000,"), "route").errors())
                .contains("10 m");
        assertThat(Run.of(SIDE_BY_SIDE.replace(":120,", ":1e9,"), "route").errors())
                .contains("“minBendRadius”", "1000000000 mm", "more than a kilometre");
        Run without = Run.of("{\"minBendRadius\":100}", "route");
        assertThat(without.status()).isEqualTo(2);
        assertThat(without.out()).isEmpty();
    }

    @Test
    void testTextSaysTheConvention() {
        assertThat(Run.of(SIDE_BY_SIDE, "route", "--format", "text").out())
                .startsWith("length: 457 mm")
                .contains("clockwise, seen from the near end along the hose");
    }

    @Test
    void testWayRoundAKeepOutKeepsClear() {
        String ends =
                "{\"start\":{\"point\":[0,0,0],\"direction\":[1,0,0]},\"end\":{\"point\":[1000,0,0],\"direction\":[-1,0,0]},"
                        + "\"minBendRadius\":100,";
        Run run = Run.of(
                ends
                        + "\"clearance\":20,\"keepOuts\":[{\"name\":\"exhaust\",\"from\":[450,-30,-200],\"to\":[550,60,200]}]}",
                "route");
        assertThat(run.status()).as(run.errors()).isZero();
        assertThat(run.json().get("length").asDouble()).isBetween(1000.1, 1100.0);
        assertThat(Schemas.faults("route.out", run.json())).isEmpty();
        Run flat = Run.of(ends + "\"keepOuts\":[{\"from\":[450,0,0],\"to\":[550,0,9]}]}", "route");
        assertThat(flat.status()).isEqualTo(2);
        assertThat(flat.errors()).contains("keepOuts[0]").contains("all three directions");
    }
}
