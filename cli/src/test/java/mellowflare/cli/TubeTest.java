package mellowflare.cli;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import com.fasterxml.jackson.databind.JsonNode;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class TubeTest {
    private static final String POINTS =
            "{\"points\":[[0,0,0],[120,0,0],[120,90,0],[120,90,80]],\"clr\":20,\"od\":8,\"wall\":1}";

    @Test
    void testPointsGiveRowsMarksAndCut() {
        Run run = Run.of(POINTS, "tube");
        assertThat(run.errors()).isEmpty();
        assertThat(run.status()).isZero();
        JsonNode out = run.json();
        assertThat(Schemas.faults("tube.in", POINTS)).isEmpty();
        assertThat(Schemas.faults("tube.out", out)).isEmpty();
        assertThat(out.get("rows").toString()).isEqualTo("[[100.0,0.0,90.0],[50.0,90.0,90.0],[60.0,0.0,0.0]]");
        double gain = 40 - 10 * Math.PI;
        assertThat(out.get("developedLength").asDouble()).isCloseTo(290 - 2 * gain, within(1e-9));
        assertThat(out.get("marks").get(1).get("leg").asDouble()).isCloseTo(210 - gain, within(1e-9));
        assertThat(out.get("marksFromB").get(0).get("bend").asInt()).isEqualTo(2);
        assertThat(out.get("marksFromB").get(0).get("start").asDouble()).isCloseTo(60, within(1e-9));
    }

    @Test
    void testRowsGiveTheSamePointsBack() {
        Run run = Run.of("{\"rows\":[[100,0,90],[\"50 mm\",90,90],[60]],\"clr\":20}", "tube");
        assertThat(run.status()).isZero();
        JsonNode points = run.json().get("points");
        assertThat(points.get(3).get(0).asDouble()).isCloseTo(120, within(1e-9));
        assertThat(points.get(3).get(1).asDouble()).isCloseTo(90, within(1e-9));
        assertThat(points.get(3).get(2).asDouble()).isCloseTo(80, within(1e-9));
    }

    @Test
    void testAWholeLineIsJudged() {
        String in =
                "{\"legs\":[{\"length\":\"6 in\",\"bend\":90},{\"length\":120,\"turn\":180,\"bend\":45},{\"length\":150}],\"legsTo\":\"outside\","
                        + "\"tube\":\"J524-3/8x0.049\",\"bender\":\"hand-lever-3/8\",\"trialBends\":[[90,87]],\"endToEnd\":200,\"buried\":false,"
                        + "\"ends\":[{\"kind\":\"single37\",\"tool\":\"bar-37\",\"port\":{\"code\":\"JIC37\",\"size\":\"-6\",\"gender\":\"male\"},\"metal\":\"steel\"},"
                        + "{\"kind\":\"single37\",\"tool\":\"bar-37\",\"place\":\"valve\"}],"
                        + "\"service\":{\"fluid\":\"mineral-oil\",\"working\":120},\"practice\":{\"flare-order\":\"first\"}}";
        assertThat(Schemas.faults("tube.in", in)).isEmpty();
        Run run = Run.of(in, "tube");
        assertThat(run.errors()).isEmpty();
        JsonNode out = run.json();
        assertThat(Schemas.faults("tube.out", out)).isEmpty();
        // The distance end to end disagrees, and that stops.
        assertThat(run.status()).isEqualTo(1);
        assertThat(out.get("findings").get(0).get("says").asText())
                .contains(
                        "The shape does not match the check measurement: ends 333.4 mm apart by the figures, 200 mm measured end to end, 133.4 mm difference.");
        assertThat(out.get("ends").get(0).get("band").get("high").asDouble()).isEqualTo(12.45);
        assertThat(out.get("steps")).isNotEmpty();
        assertThat(out.get("bears").get("pressure").asDouble()).isGreaterThan(120);
    }

    @Test
    void testTroubleIsAFindingAndTheRestStaysComputed() {
        Run run = Run.of("{\"points\":[[0,0,0],[100,0,0],[100,30,0],[200,30,0]],\"clr\":20}", "tube");
        assertThat(run.status()).isEqualTo(1);
        assertThat(run.json().get("findings").get(0).get("says").asText())
                .isEqualTo("Between points 2 and 3 the bends overlap by 10 mm: use a smaller radius, or move a point.");
        assertThat(run.json().get("points")).hasSize(4);
        assertThat(Schemas.faults("tube.out", run.json())).isEmpty();
        assertThat(Run.of("{\"points\":[[0,0,0],[100,0,0],[0,0.5,0]],\"clr\":20}", "tube")
                        .json()
                        .get("findings")
                        .get(0)
                        .get("says")
                        .asText())
                .contains("back on itself");
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            quoteCharacter = '~',
            value = {
                "{\"points\":[[0,0,0],[\"a\",0,0]],\"clr\":20}|“points[1]”",
                "{\"points\":[[0,0,0],[10,0,0]]}|“clr”",
                "{\"points\":[[0,0,0],[10,0,0]],\"clr\":0}|“clr”",
                "{\"points\":[[0,0,0],[10,0,0]],\"rows\":[[1]],\"clr\":3}|give the shape once",
                "{\"rows\":[[10,0,\"x\"]],\"clr\":10}|“rows[0]”",
                "{\"rows\":[[10,0,180]],\"clr\":10}|between 0 and 180",
                "{\"rows\":[[-10,0,10]],\"clr\":10}|cannot be below zero",
                "{\"template\":500,\"od\":6,\"wall\":3}|“wall”",
                "{\"template\":500,\"tube\":\"gone\"}|“tube”",
                "{\"template\":500,\"ends\":[{}]}|two ends, not 1",
                "{\"template\":500,\"bender\":\"gone\"}|“bender”",
                "{\"template\":500,\"trialBends\":[[90,95]]}|“trialBends”",
                "{\"template\":500,\"designFactor\":1}|“designFactor”",
                "{\"template\":500,\"ends\":[{\"tool\":\"x\"},{}]}|“ends[0].tool”",
                "{\"template\":500,\"length\":3}|“length”",
            })
    void testImpossibleInputIsRefusedByItsField(String in, String says) {
        Run run = Run.of(in, "tube");
        assertThat(run.status()).isEqualTo(2);
        assertThat(run.errors()).contains(says);
    }

    @Test
    void testTextAndCsvForm() {
        assertThat(Run.of(POINTS, "tube", "--format", "text").out())
                .contains("bend 1: begins 100")
                .contains("cut: 275 mm");
        assertThat(Run.of("points,clr,template\n,,640\n", "tube", "--format", "csv")
                        .out())
                .contains("640");
    }
}
