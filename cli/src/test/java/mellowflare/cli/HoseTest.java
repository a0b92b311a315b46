package mellowflare.cli;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import com.fasterxml.jackson.databind.JsonNode;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class HoseTest {
    private static final String SOUND = "{\"ends\":[{\"part\":\"KC08-B08M\"},{\"part\":\"KC08-J08F90\"}],"
            + "\"hose\":{\"kind\":\"two-wire\",\"dash\":\"-8\"},\"finishedLength\":1140,\"secondReading\":\"1141 mm\","
            + "\"bendRadius\":230,\"service\":{\"fluid\":\"mineral-oil\",\"working\":\"3000 psi\",\"peak\":235,"
            + "\"fluidTemperature\":\"150 F\",\"flow\":\"10 gal/min\"}}";

    @Test
    void testSoundLineIsWorkedOut() {
        Run run = Run.of(SOUND, "hose");
        assertThat(run.errors()).isEmpty();
        assertThat(run.status()).isZero();
        JsonNode out = run.json();
        assertThat(out.get("cutLength").asDouble()).isCloseTo(1056, within(1e-9));
        assertThat(out.get("shop").asText()).isEqualTo("1056 mm (41 9/16 in)");
        assertThat(out.get("tolerance").asDouble()).isCloseTo(11.4, within(1e-9));
        assertThat(out.get("weakest").get("limit").asDouble()).isEqualTo(241);
        assertThat(out.get("joints").get(0).get("putOn").get(0).asText()).contains("ring -908");
        assertThat(out.get("steps")).hasSize(22);
        assertThat(out.get("parts")).hasSize(5);
        assertThat(Schemas.faults("hose.in", SOUND)).isEmpty();
        assertThat(Schemas.faults("hose.out", out)).isEmpty();
    }

    @Test
    void testStopFindingGivesStatusOneAndStillComputes() {
        Run run = Run.of(SOUND.replace("\"3000 psi\"", "300"), "hose");
        assertThat(run.status()).isEqualTo(1);
        assertThat(run.json().get("cutLength").asDouble()).isCloseTo(1056, within(1e-9));
        assertThat(run.json().get("findings").get(0).get("severity").asText()).isEqualTo("stop");
        assertThat(run.json().get("findings").get(0).get("do").asText()).isNotBlank();
    }

    @Test
    void testEndsKnownByTheirCutOffAloneGiveTheCut() {
        String input =
                "{\"ends\":[{\"code\":\"JIC37\",\"size\":\"-8\",\"gender\":\"female\",\"cutOff\":33,\"angle\":0},"
                        + "{\"code\":\"jic37\",\"size\":\"-8\",\"gender\":\"female\",\"cutOff\":\"2 1/16 in\",\"angle\":90,"
                        + "\"rating\":\"4000 psi\",\"place\":\"pump\"}],\"finishedLength\":\"30 1/2 in\",\"units\":\"inch\"}";
        Run run = Run.of(input, "hose");
        assertThat(run.status()).isZero();
        // 774.7 - 33 - 52.3875
        assertThat(run.json().get("cutLength").asDouble()).isCloseTo(689.3125, within(1e-9));
        assertThat(run.json().get("shop").asText()).startsWith("27 1/8 in");
        assertThat(run.json().has("weakest")).isFalse();
        assertThat(Schemas.faults("hose.out", run.json())).isEmpty();
    }

    private static java.util.List<String> steps(JsonNode out) {
        java.util.List<String> ids = new java.util.ArrayList<>();
        out.get("steps").forEach(s -> ids.add(s.get("id").asText()));
        return ids;
    }

    @Test
    void testOrderOfWorkStopsInWordsUntilAnOwnEndIsSaidToBeFixedSomehow() {
        String end = "{\"code\":\"JIC37\",\"size\":\"-8\",\"gender\":\"female\",\"endLength\":58,\"pocketDepth\":25%s}";
        String input = "{\"ends\":[%s,{\"part\":\"KC08-J08F90\"}],\"hose\":\"KH2-08\",\"finishedLength\":800}";
        String unsaid = input.formatted(end.formatted(""));
        Run run = Run.of(unsaid, "hose");
        assertThat(Schemas.faults("hose.in", unsaid)).isEmpty();
        // The same end given by its cut-off of 33.
        String byCutOff = unsaid.replace("\"endLength\":58,\"pocketDepth\":25", "\"cutOff\":33");
        assertThat(run.json().get("cutLength"))
                .isEqualTo(Run.of(byCutOff, "hose").json().get("cutLength"));
        assertThat(steps(run.json())).endsWith("fixing@A").doesNotContain("push@B", "fit@A");
        String crimped = input.formatted(end.formatted(",\"attach\":\"crimped\""));
        Run said = Run.of(crimped, "hose");
        assertThat(Schemas.faults("hose.in", crimped)).isEmpty();
        assertThat(steps(said.json()))
                .containsSubsequence("push@A", "push@B", "dry-fit", "crimp@A", "inspect@A", "fit@A")
                .doesNotContain("fixing@A");
        assertThat(Run.of(crimped.replace("crimped", "glued"), "hose").status()).isEqualTo(2);
        assertThat(Run.of(unsaid.replace("25", "60"), "hose").errors()).contains("pocketDepth");
    }

    @Test
    void testOxygenIsRefusedWithTheReason() {
        Run run = Run.of(
                "{\"ends\":[{\"part\":\"KC08-J08F90\"},{\"part\":\"KC08-J08F90\"}],\"service\":{\"fluid\":\"oxygen\"}}",
                "hose");
        assertThat(run.status()).isEqualTo(2);
        assertThat(run.errors()).contains("This program does not cover oxygen lines");
        Run seal = Run.of("{\"code\":\"JIC37\",\"size\":\"-8\",\"fluid\":\"oxygen\"}", "seal");
        assertThat(seal.status()).isEqualTo(2);
        assertThat(seal.errors()).contains("This program does not cover oxygen lines");
    }

    @Test
    void testPracticeChangesTheSteps() {
        Run run = Run.of(
                SOUND.replace("\"bendRadius\"", "\"practice\":{\"hose-cutting\":\"hacksaw\"},\"bendRadius\""), "hose");
        assertThat(run.json().get("steps").get(5).get("title").asText()).isEqualTo("Cut with the saw");
    }

    @Test
    void testPortThatDoesNotMateStops() {
        String input = SOUND.replace(
                "{\"part\":\"KC08-J08F90\"}",
                "{\"part\":\"KC08-J08F90\",\"port\":{\"code\":\"ORB\",\"size\":\"-8\",\"gender\":\"female\"}}");
        Run run = Run.of(input, "hose");
        assertThat(run.status()).isEqualTo(1);
        assertThat(run.out()).contains("does not seal on the port");
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            quoteCharacter = '~',
            value = {
                "\"KC08-B08M\"|\"KC99\"|“ends[0].part”: the catalogue has no hose end “KC99”.",
                "{\"part\":\"KC08-B08M\"},||“ends”: a line has two ends, not 1.",
                "\"two-wire\"|\"six-spiral\"|“hose.kind”",
                "\"dash\":\"-8\"|\"dash\":\"-7\"|“hose”: the catalogue has no two-wire hose",
                "1140|\"1140\"|“finishedLength”: “1140” has no unit",
                "1140|-1|“finishedLength”: give a length above zero",
                "\"mineral-oil\"|\"custard\"|“service.fluid”",
                "\"3000 psi\"|\"3000\"|“service.working”",
                "\"peak\"|\"peek\"|“service.peek”: there is no such field",
                "\"bendRadius\":230|\"clocking\":400|“clocking”: give an angle from 0 to 360",
                "\"bendRadius\":230|\"practice\":{\"boss-ring\":\"sometimes\"}|“practice.boss-ring”",
            })
    void testRefusalNamesTheFieldWithItsPath(String from, String to, String says) {
        assertThat(SOUND).contains(from);
        Run run = Run.of(SOUND.replace(from, to == null ? "" : to), "hose");
        assertThat(run.errors()).contains(says);
        assertThat(run.status()).isEqualTo(2);
        assertThat(run.bytes()).isEmpty();
    }

    @Test
    void testTextAndCsvAreForReading() {
        assertThat(Run.of(SOUND, "hose", "--format", "text").out())
                .startsWith("cut: 1056 mm (41 9/16 in)\nweakest: the hose KH2-08")
                .contains("6  Cut with the wheel: ");
        Run lines = Run.of(SOUND + "\n", "hose", "--format", "jsonl");
        assertThat(lines.out().lines()).hasSize(1);
    }

    @Test
    void testTaperMaleBelongsInTheParallelPortMadeForIt() {
        String line =
                "{\"ends\":[{\"part\":\"KC08-R12M\",\"port\":{\"code\":\"RP\",\"size\":\"1/2\",\"gender\":\"female\"}},"
                        + "{\"part\":\"KC08-J08F\"}],\"hose\":\"KH2-08\",\"finishedLength\":900,"
                        + "\"service\":{\"fluid\":\"mineral-oil\",\"working\":150}}";
        Run run = Run.of(line, "hose");
        assertThat(run.errors()).isEmpty();
        assertThat(run.status()).as(run.out()).isZero();
        assertThat(run.json().get("joints").get(0).get("putOn").get(0).asText()).contains("paste");
    }

    @Test
    void testAdapterFlowAndChanceComeOut() {
        Run run = Run.of(
                "{\"ends\":[{\"part\":\"KC08-J08F\",\"port\":{\"code\":\"ORB\",\"size\":\"-8\",\"gender\":\"female\"},"
                        + "\"adapters\":[\"KA-JM8-OM8\"],\"metal\":\"steel\"},{\"part\":\"KC08-J08F90\"}],\"hose\":\"KH2-08\","
                        + "\"finishedLength\":1140,\"service\":{\"fluid\":\"mineral-oil\",\"working\":210,\"flow\":38,"
                        + "\"fluidTemperature\":80,\"surroundings\":30,\"moves\":\"vibrates\",\"opener\":\"workshop\",\"wet\":true,"
                        + "\"pressureTables\":\"metric\"}}",
                "hose");
        assertThat(run.status()).as(run.errors()).isZero();
        assertThat(Schemas.faults("hose.out", run.json())).isEmpty();
        // Grade 46 at 80 C: Re 5719, worked apart; 0.355 bar over 1.14 m.
        assertThat(run.json().at("/flow/reynolds").asDouble()).isCloseTo(5718.9, within(0.1));
        assertThat(run.json().at("/flow/drop").asDouble()).isCloseTo(0.355115, within(1e-5));
        assertThat(run.json().at("/fit/chance").asDouble()).isBetween(0.9, 1.0);
        assertThat(run.json().get("cutLength").asDouble()).isLessThan(1140 - 37.6 - 52.6);
        assertThat(run.json().get("ways")).hasSize(3);
        assertThat(run.json().at("/parts/1/onShelf").isNumber()).isTrue();
    }

    @Test
    void testHoseBoughtWholeHasALengthAndNoCut() {
        Run run = Run.of(
                "{\"ends\":[{\"part\":\"KK02-I316M\"},{\"part\":\"KK02-I316F\"}],\"hose\":{\"kind\":\"brake\",\"dash\":\"-2\"},"
                        + "\"finishedLength\":335,\"service\":{\"fluid\":\"brake-fluid\",\"working\":80}}",
                "hose");
        assertThat(run.json().get("wholeLength").asDouble()).isEqualTo(350);
        assertThat(run.json().has("cutLength")).isFalse();
        assertThat(Schemas.faults("hose.out", run.json())).isEmpty();
    }

    @Test
    void testUnknownAdapterIsRefusedByItsField() {
        Run run = Run.of(
                "{\"ends\":[{\"part\":\"KC08-J08F\",\"adapters\":[\"KX\"]},{\"part\":\"KC08-J08F90\"}],\"hose\":\"KH2-08\"}",
                "hose");
        assertThat(run.status()).isEqualTo(2);
        assertThat(run.errors()).contains("adapters").contains("KX");
    }

    @Test
    void testADashIsANumberOrAText() {
        String in =
                "{\"ends\":[{\"part\":\"KC08-B08M\"},{\"part\":\"KC08-J08F\"}],\"hose\":{\"kind\":\"two-wire\",\"dash\":DASH},\"finishedLength\":900}";
        for (String dash : new String[] {"8", "-8", "\"8\"", "\"-8\""}) {
            String each = in.replace("DASH", dash);
            assertThat(Schemas.faults("hose.in", each)).isEmpty();
            assertThat(Run.of(each, "hose").json().get("cutLength").asDouble())
                    .as(dash)
                    .isPositive();
        }
    }
}
