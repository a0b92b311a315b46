package mellowflare.cli;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import com.fasterxml.jackson.databind.JsonNode;
import org.junit.jupiter.api.Test;

/** Pressures read in a network say where it is choked or leaks. */
class PressuresTest {
    private static final String MAIN = """
            {"pipes": [{"name": "first", "from": "tank", "to": "a", "length": 20000, "bore": 22},
                       {"name": "second", "from": "a", "to": "b", "length": 20000, "bore": 22},
                       {"name": "third", "from": "b", "to": "c", "length": 20000, "bore": 22, "k": %s}],
             "supplies": [{"node": "tank", "pressure": 8}],
             "demands": [{"node": "c", "flow": %s}]}""";

    private static JsonNode air(String k, String flow) {
        return Run.of(MAIN.formatted(k, flow), "air").json();
    }

    private static double at(JsonNode air, String node) {
        for (JsonNode n : air.get("nodes")) {
            if (n.get("node").asText().equals(node)) {
                return n.get("pressure").asDouble();
            }
        }
        throw new AssertionError(node);
    }

    private static Run trouble(String what, String network, String pressures) {
        return Run.of(
                "{\"what\": \"%s\", \"network\": %s, \"measured\": {\"pressures\": %s}}"
                        .formatted(what, network, pressures),
                "trouble");
    }

    @Test
    void testAChokeIsFoundAgainByTheCommandThatDidNotPutItThere() {
        JsonNode choked = air("200", "1200");
        Run run = trouble(
                "air",
                MAIN.formatted("0", "1200"),
                "{\"tank\": 8, \"a\": %s, \"b\": %s, \"c\": %s}"
                        .formatted(at(choked, "a"), at(choked, "b"), at(choked, "c")));
        JsonNode out = run.json();
        assertThat(Schemas.faults("trouble.out", out)).isEmpty();
        JsonNode first = out.get("faults").get(0);
        assertThat(first.get("fault").asText()).isEqualTo("choked");
        assertThat(first.get("at").asText()).isEqualTo("third");
        double plan = at(air("0", "1200"), "b") - at(air("0", "1200"), "c");
        assertThat(first.get("lost").asDouble()).isCloseTo(at(choked, "b") - at(choked, "c") - plan, within(0.02));
        assertThat(out.get("causes")).describedAs("signs are weighed beside").isNotEmpty();
        assertThat(out.toString()).doesNotContain("not weighed");
    }

    @Test
    void testGasIsReadInMillibar() {
        String net = """
                {"gas": "natural", "source": {"node": "meter", "pressure": 20}, "material": "schedule40",
                 "pipes": [{"name": "rise", "from": "meter", "to": "tee", "length": 9000, "size": "3/4"},
                           {"name": "stove run", "from": "tee", "to": "stove", "length": 6000, "size": "1/2"}],
                 "appliances": [{"node": "stove", "input": 10}]}""";
        JsonNode planned = Run.of(net, "gas").json();
        double stove = at(planned, "stove");
        Run run = trouble(
                "gas", net, "{\"meter\": 20, \"tee\": %s, \"stove\": %s}".formatted(at(planned, "tee"), stove - 5));
        JsonNode first = run.json().get("faults").get(0);
        assertThat(first.get("at").asText()).isEqualTo("stove run");
        assertThat(first.get("lost").asDouble()).isCloseTo(0.005, within(0.0005));
        assertThat(Schemas.faults("trouble.out", run.json())).isEmpty();
    }

    @Test
    void testWhatIsMissingOrStrangeIsSaid() {
        String net = MAIN.formatted("0", "1200");
        assertThat(trouble("air", net, "{\"a\": 7}").errors()
                        + trouble("air", net, "{\"a\": 7}").out())
                .contains("tank too");
        assertThat(said(trouble("air", net, "{\"tank\": 8, \"nowhere\": 7}"))).contains("nowhere");
        assertThat(said(trouble("hose", net, "{\"tank\": 8}"))).contains("no network");
        assertThat(said(trouble("air", net, "{\"tank\": \"much\", \"a\": 7}"))).contains("much");
        assertThat(said(trouble("air", "{\"pipes\": []}", "{\"tank\": 8}"))).isNotBlank();
        assertThat(Run.of("{\"what\": \"air\", \"measured\": {\"pressures\": {\"tank\": 8}}}", "trouble")
                        .json()
                        .toString())
                .describedAs("without a network it is said that they do not weigh")
                .contains("pressures");
    }

    private static String said(Run run) {
        return run.errors() + run.out();
    }
}
