package mellowflare.cli;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import com.fasterxml.jackson.databind.JsonNode;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Water points on the command line. */
class WaterTest {
    private static final String STUB =
            "{\"equipment\":{\"thread\":\"faucet\"},\"house\":{\"material\":\"copper\",\"outside\":\"5/8 in\"},\"straightTube\":40,\"distance\":320%s}";

    private static JsonNode out(String in) {
        Run run = Run.of(in, "water");
        assertThat(run.errors()).isEmpty();
        assertThat(Schemas.faults("water.in", in)).isEmpty();
        assertThat(Schemas.faults("water.out", run.json())).isEmpty();
        return run.json();
    }

    @Test
    void testTheBestSetComesFirstAndBlockedOnesSayWhy() {
        JsonNode o = out(STUB.formatted(",\"misalignment\":25"));
        assertThat(o.get("sets").get(0).get("possible").asBoolean()).isTrue();
        boolean blocked = false;
        for (JsonNode s : o.get("sets")) {
            assertThat(s.get("possible").asBoolean()).isEqualTo(s.get("blocked").isEmpty());
            assertThat(blocked && s.get("possible").asBoolean()).isFalse();
            blocked |= !s.get("possible").asBoolean();
        }
        assertThat(blocked).isTrue();
        assertThat(o.has("nipple")).isFalse();
        assertThat(o.get("bag")).isEmpty();
    }

    @Test
    void testTheNippleAndTheBag() {
        JsonNode o = out(
                "{\"equipment\":{\"thread\":\"1/2-14 NPSM\",\"material\":\"metal\"},\"house\":{\"material\":\"galvanised\",\"outside\":21.3},\"wallDepth\":34,\"plate\":2,\"gap\":3,\"age\":\"old\",\"elsewhere\":[\"copper\"],\"chance\":0.8}");
        assertThat(o.get("nipple").get("exact").asDouble()).isCloseTo(66.142, within(0.001));
        assertThat(o.get("nipple").get("stock").asDouble()).isCloseTo(63.5, within(1e-9));
        assertThat(o.get("nipple").get("neighbours")).hasSize(4);
        assertThat(o.get("chance").asDouble()).isGreaterThanOrEqualTo(0.8);
        double before = -1;
        for (JsonNode p : o.get("curve")) {
            assertThat(p.get("chance").asDouble()).isGreaterThan(before);
            before = p.get("chance").asDouble();
        }
    }

    @Test
    void testNoSetAndAMainThatDoesNotHoldAreStops() {
        assertThat(Run.of(STUB.formatted(",\"mainHolds\":false"), "water").status())
                .isEqualTo(1);
        assertThat(Run.of(STUB.formatted(",\"allow\":[\"crimp\"]"), "water").status())
                .isEqualTo(1);
        assertThat(Run.of(STUB.formatted(""), "water").status()).isZero();
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', quoteCharacter = '~', textBlock = """
            {"equipment":{"thread":"garden"}} | thread
            {"house":{"material":"lead"}} | material
            {"allow":["weld"]} | allow
            {"wallDepth":"deep"} | wallDepth
            {"nippleSize":"5"} | nippleSize
            {"chance":2} | chance
            {"hose":1} | hose
            """)
    void testRefusalsNameTheField(String in, String field) {
        Run run = Run.of(in, "water");
        assertThat(run.status()).isEqualTo(2);
        assertThat(run.out()).isEmpty();
        assertThat(run.errors()).contains(field);
    }

    @Test
    void testTextIsForReading() {
        assertThat(Run.of(STUB.formatted(""), "water", "--format", "text").out())
                .contains("1. copper tube 1/2")
                .doesNotContain("{");
    }
}
