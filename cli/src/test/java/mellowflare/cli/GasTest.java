package mellowflare.cli;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import com.fasterxml.jackson.databind.JsonNode;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/** Gas on the command line, against printed rows of the code and sums by hand. */
class GasTest {
    private static final String TREE =
            "{\"gas\":\"g31\",\"source\":{\"node\":\"s\",\"pressure\":37},\"material\":\"en1057\",\"allowedDrop\":2,"
                    + "\"pipes\":[{\"name\":\"main\",\"from\":\"s\",\"to\":\"t\",\"length\":8000%s},"
                    + "{\"name\":\"short\",\"from\":\"t\",\"to\":\"ring\",\"length\":2000%s},"
                    + "{\"name\":\"long\",\"from\":\"t\",\"to\":\"boiler\",\"length\":9000%s}],"
                    + "\"appliances\":[{\"node\":\"ring\",\"input\":7,\"inlet\":\"regulated\",\"least\":25},"
                    + "{\"node\":\"boiler\",\"input\":\"24 kW\",\"inlet\":\"regulated\",\"least\":25}],\"method\":\"%s\"}";

    private static JsonNode out(String in) {
        Run run = Run.of(in, "gas");
        assertThat(run.errors()).isEmpty();
        assertThat(Schemas.faults("gas.in", in)).isEmpty();
        assertThat(Schemas.faults("gas.out", run.json())).isEmpty();
        return run.json();
    }

    private static JsonNode named(JsonNode all, String name) {
        for (JsonNode n : all) {
            if (n.path("name").asText().equals(name)) {
                return n;
            }
        }
        throw new AssertionError("No " + name + " in " + all);
    }

    /** NFPA 54: schedule 40 3/4 passes 199 ft3/h of natural gas over 30 ft with a drop of 0.5 in WC. */
    @ParameterizedTest
    @CsvSource({"1/2, 30 ft, 95", "1/2, 100 ft, 50", "1/2, 10 ft, 172"})
    void testPrintedCapacities(String size, String length, double cubicFeet) {
        JsonNode o = out("{\"gas\":\"natural\",\"material\":\"schedule40\",\"size\":\"" + size + "\",\"length\":\""
                + length + "\",\"drop\":\"0.5 inwc\"}");
        assertThat(o.get("capacity").asDouble() / 0.0283168466 / cubicFeet).isCloseTo(1, within(0.015));
    }

    @Test
    void testWhatIsMissingComesOut() {
        String start = "{\"gas\":\"propane\",\"demand\":\"65000 BTU/h\",\"length\":\"40 ft\"";
        JsonNode size = out(start + ",\"material\":\"copper-acr\",\"drop\":\"0.5 inwc\"}");
        double bore = size.get("minBore").asDouble();
        // 65 000 Btu/h are 26.125 ft3/h: D = 26.125^0.381 / (19.17 (0.5 / (1.2462 40))^0.206) in.
        double byHand = Math.pow(65_000 / 2488.0, 0.381) / (19.17 * Math.pow(0.5 / (1.2462 * 40), 0.206)) * 25.4;
        assertThat(bore).isCloseTo(byHand, within(0.01));
        assertThat(size.get("bore").asDouble()).isGreaterThanOrEqualTo(bore);
        JsonNode drop = out(start + ",\"bore\":" + bore + "}");
        assertThat(drop.get("drop").asDouble()).isCloseTo(1.24544, within(0.001));
        assertThat(drop.get("flow").asDouble()).isCloseTo(65_000 / 2488.0 * 0.0283168466, within(1e-6));
    }

    @Test
    void testNoSizeIsWideEnough() {
        Run run = Run.of(
                "{\"gas\":\"propane\",\"demand\":400,\"length\":60000,\"material\":\"copper-acr\",\"drop\":1}", "gas");
        assertThat(run.status()).isEqualTo(1);
        assertThat(run.json().has("size")).isFalse();
        assertThat(run.json().get("minBore").asDouble()).isGreaterThan(20);
    }

    @Test
    void testTheHighPressureFormFromOneAndAHalfPsi() {
        JsonNode o = out(
                "{\"cr\":0.6094,\"y\":0.9992,\"flow\":\"800 ft3/h\",\"length\":\"60 ft\",\"bore\":\"0.824 in\",\"pressure\":\"2 psi\",\"atmosphere\":1.01325}");
        double p1 = 2 + 14.695949;
        double head = Math.pow(Math.pow(800, 0.381) / (18.93 * 0.824), 1 / 0.206) * 0.6094 * 60 / 0.9992;
        double p2 = Math.sqrt(p1 * p1 - head);
        assertThat(o.get("endPressure").asDouble() / 68.9475729).isCloseTo(p2 - 14.695949, within(1e-4));
    }

    @Test
    void testANetworkIsSolvedAndJudged() {
        String sized = TREE.formatted(",\"size\":\"15\"", ",\"size\":\"12\"", ",\"size\":\"15\"", "darcy");
        JsonNode o = out(sized);
        double ring = named(o.get("appliances"), "ring").get("pressure").asDouble();
        double main = named(o.get("pipes"), "main").get("drop").asDouble();
        double branch = named(o.get("pipes"), "short").get("drop").asDouble();
        assertThat(37 - main - branch).isCloseTo(ring, within(0.002));
        assertThat(o.get("worst").get("appliance").asText()).isEqualTo("boiler");
        assertThat(named(o.get("pipes"), "main").get("flow").asDouble()).isCloseTo(31 * 3.6 / 95.65, within(1e-6));
    }

    @ParameterizedTest
    @ValueSource(strings = {"darcy", "longest", "branch"})
    void testPipesWithoutASizeAreSizedByTheMethod(String method) {
        JsonNode o = out(TREE.formatted("", "", "", method));
        for (JsonNode p : o.get("pipes")) {
            assertThat(p.path("size").asText()).as(p.toString()).isNotEmpty();
            if (!method.equals("darcy")) {
                assertThat(p.get("capacity").asDouble())
                        .isGreaterThanOrEqualTo(p.get("flow").asDouble());
            }
        }
        for (JsonNode a : o.get("appliances")) {
            assertThat(a.get("pressure").asDouble()).as(method + a).isGreaterThan(method.equals("darcy") ? 34.999 : 34);
            assertThat(a.get("short").asBoolean()).isFalse();
        }
    }

    @Test
    void testTheBranchMethodIsNeverWiderThanTheLongest() {
        JsonNode longest = out(TREE.formatted("", "", "", "longest"));
        JsonNode branch = out(TREE.formatted("", "", "", "branch"));
        for (int i = 0; i < 3; i++) {
            assertThat(branch.get("pipes").get(i).get("bore").asDouble())
                    .isLessThanOrEqualTo(longest.get("pipes").get(i).get("bore").asDouble());
        }
    }

    @Test
    void testAStarvedApplianceStops() {
        Run run = Run.of(TREE.formatted(",\"bore\":6", ",\"bore\":6", ",\"bore\":6", "darcy"), "gas");
        assertThat(run.status()).isEqualTo(1);
        assertThat(named(run.json().get("appliances"), "boiler").get("short").asBoolean())
                .isTrue();
        assertThat(run.out()).contains("needs at least 25 mbar");
    }

    @Test
    void testHeightCountsForAHeavyGas() {
        String flat = TREE.formatted(",\"size\":\"15\"", ",\"size\":\"12\"", ",\"size\":\"15\"", "darcy");
        String high = flat.replace(
                "\"pipes\":",
                "\"nodes\":[{\"node\":\"s\",\"height\":0},{\"node\":\"ring\",\"height\":\"10 m\"}],\"pipes\":");
        double lost = named(out(flat).get("appliances"), "ring").get("pressure").asDouble()
                - named(out(high).get("appliances"), "ring").get("pressure").asDouble();
        // (1.55 x 1.0365 - 1) x 1.225 kg/m3 x 9.80665 x 10 m = 72.9 Pa at 37 mbar.
        assertThat(lost).isCloseTo(0.729, within(0.003));
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', quoteCharacter = '~', textBlock = """
            {"gas":"helium","flow":1,"bore":10,"length":1000} | gas
            {"gas":"propane","flow":1,"demand":3,"bore":10,"length":1000} | demand
            {"gas":"propane","flow":1,"bore":10} | length
            {"gas":"propane","length":1000,"bore":10} | drop
            {"gas":"propane","flow":1,"length":1000,"material":"clay","drop":1} | material
            {"gas":"propane","flow":1,"length":1000,"material":"pe","size":"9","drop":1} | size
            {"gas":"butane","flow":1,"length":1000,"bore":10,"pressure":"2 psi"} | y
            {"gas":"propane","flow":1,"length":1000,"bore":10,"fittings":["bend"]} | fittings
            {"gas":"propane","pipes":[{"from":"a","to":"b","length":1000,"bore":9}]} | source
            {"gas":"propane","source":{"node":"a","pressure":30},"pipes":[{"from":"a","to":"b","length":1000}]} | bore
            """)
    void testRefusalsNameTheField(String in, String field) {
        Run run = Run.of(in, "gas");
        assertThat(run.status()).isEqualTo(2);
        assertThat(run.out()).isEmpty();
        assertThat(run.errors()).contains(field);
    }

    @Test
    void testTextIsForReading() {
        Run run = Run.of(TREE.formatted("", "", "", "darcy"), "gas", "--format", "text");
        assertThat(run.out()).contains("main: size").contains("boiler:").doesNotContain("{");
    }
}
