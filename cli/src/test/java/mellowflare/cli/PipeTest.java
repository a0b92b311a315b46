package mellowflare.cli;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import com.fasterxml.jackson.databind.JsonNode;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Offsets, runs and make-up on the command line, against the vectors of the trade notes. */
class PipeTest {
    private static final String METRIC =
            "{\"angle\":45,\"readings\":[1842,1436],\"overall\":1290,\"size\":\"1\",\"fitting\":\"malleable150\",\"pullBack\":[6,6],\"roundTo\":1}";

    private static JsonNode out(String command, String in) {
        Run run = Run.of(in, command);
        assertThat(run.errors()).isEmpty();
        assertThat(Schemas.faults(command + ".in", in)).isEmpty();
        assertThat(Schemas.faults(command + ".out", run.json())).isEmpty();
        return run.json();
    }

    private static void near(JsonNode n, double value) {
        assertThat(n.asDouble()).isCloseTo(value, within(1e-3));
    }

    @Test
    void testTheMetricOffset() {
        JsonNode o = out("offset", METRIC);
        near(o.get("trueOffset"), 406);
        near(o.get("travel"), 574.171);
        near(o.get("run"), 406);
        near(o.get("legA"), 442);
        near(o.get("legC"), 442);
        near(o.get("takeOff"), 11.661);
        near(o.get("cutA").get("exact"), 424.339);
        near(o.get("cutB").get("exact"), 550.848);
        near(o.get("cutB").get("shop"), 551);
        near(o.get("cutC").get("exact"), 424.339);
        near(o.get("farEndError").get("along"), -0.5709);
        assertThat(o.get("sum")).hasSize(14);
        assertThat(Run.of(METRIC, "offset").status()).isZero();
    }

    @Test
    void testTheInchOffsetByCentreAndMakeUpOrByTakeOff() {
        String start =
                "{\"angle\":45,\"offset\":\"16 9/16 in\",\"overall\":\"51 3/8 in\",\"pullBack\":[\"3/16 in\",\"3/16 in\"],\"roundTo\":\"1/8 in\",\"units\":\"inch\"";
        JsonNode parts =
                out("offset", start + ",\"size\":\"3/4\",\"centreToEnd\":\"0.98 in\",\"makeUp\":\"0.5533 in\"}");
        JsonNode off = out("offset", start + ",\"takeOff\":\"0.4267 in\"}");
        for (JsonNode o : List.of(parts, off)) {
            assertThat(o.get("cutA").get("exact").asDouble() / 25.4).isCloseTo(16.7921, within(1e-4));
            assertThat(o.get("cutB").get("exact").asDouble() / 25.4).isCloseTo(22.5695, within(1e-4));
            assertThat(o.get("cutA").get("shop").asDouble() / 25.4).isCloseTo(16.75, within(1e-9));
            assertThat(o.get("farEndError").get("along").asDouble() / 25.4).isCloseTo(-0.0449, within(1e-4));
            assertThat(o.get("farEndError").get("across").asDouble() / 25.4).isCloseTo(0.0392, within(1e-4));
        }
    }

    @Test
    void testARollingOffsetWithoutAnOverallHasNoLegsAndNoCuts() {
        JsonNode o =
                out("offset", "{\"angle\":45,\"rise\":310,\"roll\":240,\"size\":\"1\",\"fitting\":\"malleable150\"}");
        near(o.get("trueOffset"), 392.046);
        near(o.get("rollAngle"), 37.747);
        near(o.get("travel"), 554.437);
        assertThat(o.has("legA")).isFalse();
        assertThat(o.has("cutB")).isFalse();
        assertThat(o.has("farEndError")).isFalse();
    }

    @Test
    void testParallelPipesShiftedLegsAndRoundingBefore() {
        JsonNode o = out(
                "offset",
                METRIC.replace(
                        "\"roundTo\":1",
                        "\"roundTo\":5,\"roundWhen\":\"before\",\"spread\":300,\"count\":3,\"shift\":40"));
        near(o.get("step"), 124.264);
        near(o.get("parallel").get(0).get("legA"), 482);
        near(o.get("parallel").get(2).get("legA"), 482 - 2 * 124.264);
        near(o.get("cutB").get("shop"), 550);
    }

    @Test
    void testALegThatComesOutNegativeIsAStop() {
        Run run = Run.of(METRIC.replace("1290", "380"), "offset");
        assertThat(run.status()).isEqualTo(1);
        assertThat(run.json().get("findings").findValuesAsText("says"))
                .anyMatch(s -> s.startsWith("Leg A comes out at -13 mm"));
        near(run.json().get("cutB").get("exact"), 550.848);
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            quoteCharacter = '~',
            value = {
                "{\"angle\":45}|Give the offset once",
                "{\"angle\":45,\"offset\":100,\"rise\":3,\"roll\":4}|Give the offset once",
                "{\"angle\":45,\"rise\":3}|roll",
                "{\"angle\":0,\"offset\":100}|angle",
                "{\"angle\":45,\"readings\":[1,2,3]}|2 lengths in brackets",
                "{\"angle\":45,\"readings\":[1,-2]}|above zero",
                "{\"angle\":45,\"offset\":100,\"legA\":3,\"shift\":3}|not both",
                "{\"angle\":45,\"offset\":100,\"fitting\":\"nylon\"}|not known here",
                "{\"angle\":45,\"offset\":100,\"size\":\"7\"}|no size 7",
                "{\"angle\":45,\"offset\":100,\"ends\":[\"slip-on\",\"glue\"]}|no end",
                "{\"angle\":45,\"offset\":100,\"pullBack\":[-1,2]}|not below zero",
                "{\"angle\":45,\"offset\":100,\"takeOff\":3,\"makeUp\":4}|not both",
                "{\"angle\":45,\"offset\":100,\"faces\":[1,2,3]}|4 lengths in brackets",
                "{\"angle\":45,\"offset\":100,\"faces\":[1,2,3,-4]}|above zero",
                "{\"angle\":45,\"offset\":\"100\"}|unit",
            })
    void testNonsenseIsRefusedInASentence(String in, String says) {
        Run run = Run.of(in, "offset");
        assertThat(run.status()).isEqualTo(2);
        assertThat(run.out()).isEmpty();
        assertThat(run.errors()).contains(says).hasLineCount(1);
    }

    /** By hand: elbow 38.1 - 16.787 = 21.313. */
    @Test
    void testARunHasCutsAndAnOrder() {
        JsonNode o = out(
                "run",
                "{\"size\":\"1\",\"system\":\"malleable150\",\"pieces\":[{\"pipe\":true,\"centreToFace\":600,\"name\":\"p\"},{\"part\":\"elbow90\",\"turn\":\"up\"},{\"pipe\":true,\"centreToCentre\":900,\"name\":\"q\"},{\"part\":\"elbow90\"},{\"pipe\":true,\"endToEnd\":400,\"name\":\"r\"}]}");
        List<Double> cuts = new ArrayList<>();
        o.get("pieces").forEach(p -> {
            if (p.has("cutLength")) {
                cuts.add(p.get("cutLength").get("exact").asDouble());
            }
        });
        assertThat(cuts).hasSize(3);
        assertThat(cuts.get(1)).isCloseTo(900 - 2 * 21.313, within(0.01));
        assertThat(cuts.get(2)).isCloseTo(400, within(1e-9));
        assertThat(o.get("unions")).isEmpty();
        assertThat(o.get("assembly")).hasSize(5);
        assertThat(o.get("parts").findValuesAsText("name")).contains("90° elbow 1");
    }

    @Test
    void testASwageNippleIsBoughtAndLeadsOnInItsOtherSize() {
        JsonNode o = out(
                "run",
                "{\"size\":\"1\",\"system\":\"malleable150\",\"pieces\":[{\"pipe\":true,\"centreToCentre\":600,\"name\":\"p\"},{\"part\":\"elbow90\"},{\"part\":\"swage\",\"length\":90,\"to\":\"1/2\",\"name\":\"s\"},{\"part\":\"elbow90\"},{\"pipe\":true,\"endToEnd\":400,\"name\":\"r\"}]}");
        List<String> all = new ArrayList<>();
        o.get("pieces")
                .forEach(p ->
                        all.add(p.get("part").asText() + " " + p.path("size").asText()));
        assertThat(all).contains("swage 1", "pipe 1/2", "90° elbow 1/2 1/2");
        assertThat(o.get("parts").findValuesAsText("name")).contains("swage nipple 1 x 1/2, 90 mm");
        assertThat(o.get("pieces").get(1).get("threads").asInt()).isEqualTo(1);
    }

    @Test
    void testFacesThatAreNotParallelAreAWarning() {
        JsonNode o = out(
                "offset",
                "{\"angle\":45,\"offset\":406,\"overall\":1290,\"size\":\"1\",\"fitting\":\"malleable150\",\"ends\":[\"slip-on\",\"slip-on\"],\"faces\":[1290,1290,1292,1290]}");
        assertThat(o.get("findings").findValuesAsText("says"))
                .contains("The two faces are 2 mm out of parallel between top and bottom, 0.54 mm allowed.");
    }

    @Test
    void testARunBetweenTwoFixedEndsNeedsAUnionAndWithItNone() {
        String start =
                "{\"size\":\"1\",\"system\":\"malleable150\",\"fixed\":[true,true],\"pieces\":[{\"pipe\":true,\"centreToCentre\":600,\"name\":\"p\"},";
        String end = "{\"part\":\"elbow90\"},{\"pipe\":true,\"centreToCentre\":900,\"name\":\"q\"}]}";
        Run run = Run.of(start + end, "run");
        assertThat(run.status()).isEqualTo(1);
        assertThat(run.json().get("unions")).hasSize(1);
        assertThat(run.json().get("unions").get(0).get("makes").asBoolean()).isTrue();
        Run with = Run.of(start + "{\"part\":\"union\"},{\"pipe\":true,\"centreToCentre\":300}," + end, "run");
        assertThat(with.json().get("unions")).isEmpty();
        assertThat(with.status()).isZero();
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            quoteCharacter = '~',
            value = {
                "{\"size\":\"1\",\"system\":\"malleable150\",\"pieces\":[]}|1 to 2000 pieces",
                "{\"size\":\"1\",\"pieces\":[{\"part\":\"cap\"}]}|system",
                "{\"system\":\"malleable150\",\"pieces\":[{\"part\":\"cap\"}]}|size",
                "{\"size\":\"1\",\"system\":\"malleable150\",\"pieces\":[{\"part\":\"glue\"}]}|no part of a run",
                "{\"size\":\"1\",\"system\":\"malleable150\",\"pieces\":[{\"pipe\":true}]}|centreToCentre",
                "{\"size\":\"1\",\"system\":\"malleable150\",\"pieces\":[{\"pipe\":true,\"endToEnd\":3,\"faceToFace\":4}]}|one measure",
                "{\"size\":\"1\",\"system\":\"malleable150\",\"fixed\":[true],\"pieces\":[{\"part\":\"cap\"}]}|true or false",
            })
    void testRunsThatCannotBeReadAreRefused(String in, String says) {
        Run run = Run.of(in, "run");
        assertThat(run.status()).isEqualTo(2);
        assertThat(run.errors()).contains(says).hasLineCount(1);
    }

    @Test
    void testMakeUpByStandardAndByShop() {
        JsonNode o = out("makeup", "{\"size\":\"1\",\"standard\":\"NPT\",\"fitting\":\"malleable150\"}");
        assertThat(o.get("makeUp").asDouble() / 25.4).isCloseTo(0.6609, within(1e-4));
        near(o.get("handTight"), 10.16);
        assertThat(o.get("effectiveThread").asDouble() / 25.4).isCloseTo(0.6828, within(1e-4));
        assertThat(o.get("takeOff45").asDouble() / 25.4).isCloseTo(1.12 - 0.6609, within(1e-4));
        JsonNode r = out("makeup", "{\"size\":\"1/2\",\"standard\":\"R\",\"fitting\":\"en10242\",\"method\":\"shop\"}");
        near(r.get("makeUp"), 13);
        near(r.get("takeOff90"), 15);
        assertThat(Run.of("{\"size\":\"1\",\"standard\":\"R\",\"fitting\":\"malleable150\"}", "makeup")
                        .status())
                .isEqualTo(2);
        assertThat(Run.of("{\"standard\":\"R\"}", "makeup").errors()).contains("size");
    }

    @Test
    void testTextForPeople() {
        assertThat(Run.of(METRIC, "offset", "--format", "text").out())
                .contains("cut B = T − 2 t")
                .contains("551.00");
        assertThat(Run.of("{\"size\":\"1\"}", "makeup", "--format", "text").out())
                .contains("makeUp  16.79 mm");
    }
}
