package mellowflare.cli;

import static org.assertj.core.api.Assertions.assertThat;

import com.fasterxml.jackson.databind.JsonNode;
import org.junit.jupiter.api.Test;

class AdaptersTest {
    private static final String BOSS_TO_NUT =
            "{\"from\":{\"code\":\"ORB\",\"size\":\"-8\",\"gender\":\"female\"},\"to\":{\"code\":\"JIC37\",\"size\":\"-8\",\"gender\":\"female\"}}";

    @Test
    void testBestChainComesFirstInForm() {
        Run run = Run.of(BOSS_TO_NUT, "adapters");
        assertThat(run.errors()).isEmpty();
        assertThat(run.status()).isZero();
        JsonNode best = run.json().get("chains").get(0);
        assertThat(best.get("parts").get(0).get("part").asText()).isEqualTo("KA-JM8-OM8");
        assertThat(best.get("joints").asInt()).isEqualTo(2);
        assertThat(best.get("weakest").asDouble()).isEqualTo(310);
        assertThat(Schemas.faults("adapters.in", BOSS_TO_NUT)).isEmpty();
        assertThat(Schemas.faults("adapters.out", run.json())).isEmpty();
        assertThat(run.json().get("findings").toString()).contains("To get home");
    }

    @Test
    void testWishesAreKept() {
        String elbow = BOSS_TO_NUT.replaceFirst("\\{", "{\"angle\":90,\"working\":\"4000 psi\",\"bore\":9,");
        Run run = Run.of(elbow, "adapters");
        assertThat(run.errors()).isEmpty();
        assertThat(Schemas.faults("adapters.in", elbow)).isEmpty();
        JsonNode best = run.json().get("chains").get(0);
        assertThat(best.get("parts").get(0).get("angle").asDouble()).isEqualTo(90);
        assertThat(best.get("weakest").asDouble()).isGreaterThan(275);
        assertThat(best.get("narrowest").asDouble()).isGreaterThanOrEqualTo(9);
    }

    @Test
    void testConesOfTwoAnglesStopAndNothingFoundIsSaid() {
        Run mixed = Run.of(
                "{\"from\":{\"code\":\"JIC37\",\"size\":\"-8\",\"gender\":\"male\"},\"to\":{\"code\":\"SAE45\",\"size\":\"1/2\",\"gender\":\"female\"}}",
                "adapters");
        assertThat(mixed.status()).isEqualTo(1);
        assertThat(mixed.json().get("findings").get(0).get("says").asText())
                .contains(
                        "Never join JIC37 -8 male and SAE45 1/2 female directly, although they go together by hand: It screws together all the way and seals nowhere.");
        assertThat(Schemas.faults("adapters.out", mixed.json())).isEmpty();
        Run none = Run.of(
                "{\"from\":{\"code\":\"CODE61\",\"size\":\"-16\",\"gender\":\"female\"},\"to\":{\"code\":\"GHT\",\"size\":\"3/4\",\"gender\":\"male\"}}",
                "adapters");
        assertThat(none.status()).isZero();
        assertThat(none.json().get("chains")).isEmpty();
        assertThat(none.json().get("findings").toString()).contains("cannot be joined with up to 3 adapters");
    }

    @Test
    void testUnknownEndOrFieldIsRefused() {
        assertThat(Run.of(
                                BOSS_TO_NUT.replace(
                                        "\"-8\",\"gender\":\"female\"},\"to\"", "\"-9\",\"gender\":\"female\"},\"to\""),
                                "adapters")
                        .errors())
                .contains("“from”")
                .contains("ORB -9");
        assertThat(Run.of("{\"to\":{}}", "adapters").errors()).contains("“from”");
        assertThat(Run.of(BOSS_TO_NUT.replaceFirst("\\{", "{\"cheap\":true,"), "adapters")
                        .errors())
                .contains("cheap");
    }

    @Test
    void testTableAndTextForReading() {
        assertThat(Run.of(BOSS_TO_NUT, "adapters", "--format", "text").out()).startsWith("KA-JM8-OM8: 2 joints, 310");
        assertThat(Run.of("{}", "adapters").status()).isEqualTo(2);
    }
}
