package mellowflare.cli;

import static org.assertj.core.api.Assertions.assertThat;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import mellowflare.core.job.ShippedData;
import mellowflare.core.trouble.SignGroup;
import mellowflare.core.trouble.TroubleTable;
import org.junit.jupiter.api.Test;

/** The command {@code trouble}. */
class TroubleTest {
    private static final String ROLLED = """
            {"what": "hose", "joint": {"code": "ORB", "size": "-8"}, "fluid": "mineral-oil",
             "signs": {"when": "pressure", "first": "ring", "since": "reopened", "seen": ["ring-rolled"]}}
            """.replace("\n", " ");

    @Test
    void testARolledRingIsNamedWithItsRedo() {
        assertThat(Schemas.faults("trouble.in", ROLLED)).isEmpty();
        Run run = Run.of(ROLLED, "trouble");
        assertThat(run.status()).isZero();
        assertThat(Schemas.faults("trouble.out", run.json())).isEmpty();
        JsonNode first = run.json().get("causes").get(0);
        assertThat(first.get("cause").asText()).isEqualTo("ring-dry");
        assertThat(first.get("verdict").asText()).isEqualTo("re-make");
        assertThat(first.get("redo").asText()).contains("New ring, wetted");
        assertThat(run.json().get("named").asText()).isEqualTo("ring-dry");
        double sum = run.json().get("unknownProbability").asDouble();
        for (JsonNode c : run.json().get("causes")) {
            sum += c.get("probability").asDouble();
        }
        assertThat(sum).isBetween(0.97, 1.0 + 1e-9);
    }

    @Test
    void testNothingSaidAsksForTheLookThatTellsMostAndNamesNothing() {
        Run run = Run.of("{\"what\": \"tube\"}", "trouble");
        assertThat(run.json().has("named")).isFalse();
        assertThat(run.json().get("nextLook").get("look").asText()).endsWith("?");
        assertThat(run.json().get("findings").toString()).contains("Never feel for a leak by hand.");
    }

    @Test
    void testGasIsNeverLookedForWithAFlame() {
        Run run = Run.of("{\"what\": \"gas\"}", "trouble");
        assertThat(run.json().get("findings").get(0).get("severity").asText()).isEqualTo("warn");
        assertThat(run.json().get("findings").toString()).contains("Never look for a gas leak with a flame.");
    }

    /** A flare that is tight and leaks is made anew; it is never tightened further. */
    @Test
    void testAShortFlareIsMadeAnewAndNotTightened() {
        Run run = Run.of(
                "{\"what\": \"tube\", \"joint\": {\"code\": \"JIC37\", \"size\": \"-8\"}, \"signs\": {\"first\": \"cone\", \"since\": \"new\", \"seen\": [\"narrow-rim\"], \"notSeen\": [\"turns-in-by-hand\"]}}",
                "trouble");
        assertThat(run.json().get("named").asText()).isEqualTo("flare-short");
        assertThat(run.json().get("findings").toString()).contains("never flare it again");
    }

    @Test
    void testOddWordsAreRefusedInASentence() {
        assertThat(Run.of("{\"what\": \"engine\"}", "trouble").errors()).contains("“what”");
        assertThat(Run.of("{\"what\": \"hose\", \"signs\": {\"seen\": [\"ghost\"]}}", "trouble")
                        .errors())
                .contains("“ghost” is no sign");
        assertThat(Run.of("{\"what\": \"hose\", \"signs\": {\"seen\": [\"chip\"], \"notSeen\": [\"chip\"]}}", "trouble")
                        .errors())
                .contains("cannot be seen and not seen");
        assertThat(Run.of("{\"what\": \"hose\", \"joint\": {\"code\": \"ORB\", \"size\": \"-77\"}}", "trouble")
                        .status())
                .isEqualTo(2);
    }

    @Test
    void testWhatWasMeasuredIsTakenAndSaidToBeUnweighed() {
        Run run = Run.of(
                "{\"what\": \"hose\", \"measured\": {\"gap\": \"0.8 mm\", \"pressures\": {\"tool\": 5}}}", "trouble");
        assertThat(run.status()).isZero();
        assertThat(run.json().get("findings").toString()).contains("not weighed here: gap, pressures");
    }

    /** Every sign of the tables is in the published schema, and none besides. */
    @Test
    void testTheSchemaHoldsEverySign() throws Exception {
        JsonNode signs = new ObjectMapper()
                .readTree(Files.readString(Path.of("..", "docs", "schema", "trouble.in.schema.json")))
                .at("/properties/signs/properties");
        TroubleTable table = ShippedData.get().get(TroubleTable.KEY);
        for (SignGroup g : SignGroup.values()) {
            JsonNode words = g == SignGroup.SEEN
                    ? signs.at("/seen/items/enum")
                    : signs.path(g.name().toLowerCase(java.util.Locale.ROOT)).path("enum");
            List<String> published = new ArrayList<>();
            words.forEach(w -> published.add(w.asText()));
            assertThat(published)
                    .isEqualTo(table.of(g).stream().map(s -> s.id()).toList());
        }
    }
}
