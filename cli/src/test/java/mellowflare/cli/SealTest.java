package mellowflare.cli;

import static org.assertj.core.api.Assertions.assertThat;

import com.fasterxml.jackson.databind.JsonNode;
import mellowflare.core.connection.End;
import mellowflare.core.connection.EndTable;
import mellowflare.core.connection.Seat;
import mellowflare.core.fluid.Fluid;
import mellowflare.core.fluid.FluidTable;
import mellowflare.core.job.ShippedData;
import mellowflare.core.reference.ReferenceData;
import org.junit.jupiter.api.Test;

class SealTest {
    private static final String TAP =
            "{\"code\":\"NPT\",\"size\":\"1/2\",\"fluid\":\"water\",\"practice\":{\"pipe-thread-seal\":\"tape\"}}";

    @Test
    void testPipeThreadOnWaterTakesTapeBySchoolAndOnOilNever() {
        Run water = Run.of(TAP, "seal");
        assertThat(water.errors()).isEmpty();
        assertThat(water.status()).isZero();
        assertThat(water.json().get("sealsOn").asText()).isEqualTo("thread flanks");
        assertThat(water.json().get("putOn").get(0).asText())
                .startsWith(
                        "water-grade PTFE tape (EN 751-3), 6 turns, on the male thread only, first thread bare, wound in the direction of tightening");
        assertThat(water.json().get("tighten").asText()).contains("3 turns");
        assertThat(Schemas.faults("seal.in", TAP)).isEmpty();
        assertThat(Schemas.faults("seal.out", water.json())).isEmpty();
        Run oil = Run.of(TAP.replace("\"water\"", "\"mineral-oil\""), "seal");
        assertThat(oil.json().get("putOn").get(0).asText()).contains("paste");
        assertThat(oil.json().get("never").toString()).contains("tape, whose shreds lodge");
    }

    @Test
    void testJointThatDoesNotBelongOnItsFluidStops() {
        Run brake = Run.of("{\"code\":\"COMP\",\"size\":\"3/16\",\"fluid\":\"brake-fluid\"}", "seal");
        assertThat(brake.status()).isEqualTo(1);
        JsonNode finding = brake.json().get("findings").get(0);
        assertThat(finding.get("severity").asText()).isEqualTo("stop");
        assertThat(finding.get("says").asText()).isEqualTo("Never use a compression joint on a brake line.");
        assertThat(finding.get("do").asText()).isNotBlank();
        Run gas = Run.of("{\"code\":\"AIRQC\",\"size\":\"B-12\",\"fluid\":\"lpg\"}", "seal");
        assertThat(gas.status()).isEqualTo(1);
        Run air = Run.of("{\"code\":\"AIRQC\",\"size\":\"B-12\",\"fluid\":\"compressed-air\"}", "seal");
        assertThat(air.status()).isZero();
    }

    @Test
    void testRingOfTheWrongCompoundStopsAndTheRightOneIsNamed() {
        Run ester = Run.of("{\"code\":\"ORB\",\"size\":\"-8\",\"fluid\":\"phosphate-ester\"}", "seal");
        assertThat(ester.status()).isEqualTo(1);
        assertThat(ester.json().get("findings").toString())
                .contains("NBR is not compatible with phosphate ester")
                .contains("EPDM");
        assertThat(ester.json().get("putOn").get(0).asText()).contains("-908").contains("EPDM");
    }

    @Test
    void testFluidNotSaidIsNotCheckedAndTakenStrictly() {
        Run run = Run.of("{\"code\":\"NPT\",\"size\":\"1/2\"}", "seal");
        assertThat(run.json().get("findings").get(0).get("state").asText()).isEqualTo("not-checked");
        assertThat(run.json().get("never").toString()).contains("taken as hydraulic");
    }

    @Test
    void testWrongWordsAreRefusedWithTheKnownOnes() {
        assertThat(Run.of("{\"code\":\"NPT\",\"size\":\"13/16\"}", "seal").errors())
                .contains("“size”")
                .contains("1/2");
        assertThat(Run.of("{\"code\":\"NPT\",\"size\":\"1/2\",\"fluid\":\"soup\"}", "seal")
                        .errors())
                .contains("“soup”")
                .contains("mineral-oil");
        assertThat(Run.of("{\"code\":\"NPT\",\"size\":\"1/2\",\"seat\":\"cone37\"}", "seal")
                        .errors())
                .contains("has no 37° cone");
        Run run = Run.of("{\"code\":\"NPT\",\"size\":\"1/2\",\"colour\":\"red\"}", "seal");
        assertThat(run.status()).isEqualTo(2);
        assertThat(run.out()).isEmpty();
    }

    @Test
    void testEveryEndOnEveryFluidIsAnsweredInForm() {
        ReferenceData data = ShippedData.get();
        StringBuilder lines = new StringBuilder();
        int asked = 0;
        for (End end : data.get(EndTable.KEY).all()) {
            for (Seat seat : end.seats()) {
                Fluid fluid = data.get(FluidTable.KEY)
                        .all()
                        .get(asked % data.get(FluidTable.KEY).all().size());
                lines.append("{\"code\":\"%s\",\"size\":\"%s\",\"gender\":\"%s\",\"seat\":\"%s\",\"fluid\":\"%s\"}%n"
                        .formatted(
                                end.id().code(), end.id().size(), end.gender().word(), seat.code(), fluid.id()));
                asked++;
            }
        }
        Run run = Run.of(lines.toString(), "seal", "--format", "jsonl");
        String[] answers = run.out().strip().split("\\R");
        assertThat(answers).hasSize(asked);
        for (String answer : answers) {
            assertThat(Schemas.faults("seal.out", answer)).as(answer).isEmpty();
            assertThat(answer).contains("\"sealsOn\"");
        }
    }
}
