package mellowflare.cli;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import com.fasterxml.jackson.databind.JsonNode;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class FlareTest {
    @Test
    void testDiameterLipAndVerdict() {
        String in =
                "{\"od\":6.35,\"wall\":0.8,\"halfAngle\":45,\"stickOut\":1.8,\"kind\":\"refrigeration45\",\"fluid\":\"r410a\"}";
        Run run = Run.of(in, "flare");
        assertThat(run.errors()).isEmpty();
        assertThat(run.status()).isZero();
        JsonNode out = run.json();
        assertThat(Schemas.faults("flare.in", in)).isEmpty();
        assertThat(Schemas.faults("flare.out", out)).isEmpty();
        assertThat(out.get("flareDiameter").asDouble()).isCloseTo(6.35 + 3.6 * Math.sqrt(0.5), within(1e-9));
        assertThat(out.get("lipWall").asDouble())
                .isCloseTo(0.8 * 6.35 / out.get("flareDiameter").asDouble(), within(1e-9));
        assertThat(out.get("verdict").asText()).isEqualTo("good");
    }

    @Test
    void testWithoutAStickOutTheMiddleIsTaken() {
        JsonNode out = Run.of(
                        "{\"tube\":\"ACR-3/8\",\"kind\":\"refrigeration45\",\"tool\":\"bar-45\",\"fluid\":\"r32\"}",
                        "flare")
                .json();
        assertThat(out.get("flareDiameter").asDouble()).isCloseTo(13.0, within(1e-9));
        assertThat(out.get("bestStickOut").asDouble()).isCloseTo(1.307, within(1e-3));
    }

    /** 9.525 to 12.9 mm at 45 degrees is 2.386 mm on the cone; 1 mm stood out of the bar. */
    @Test
    void testThreeScrapFlaresTellTheSinkOfTheTool() {
        String in =
                "{\"tube\":\"ACR-3/8\",\"kind\":\"refrigeration45\",\"tool\":\"bar-45\",\"fluid\":\"r32\",\"calibrate\":["
                        + "{\"stickOut\":1,\"diameter\":12.9},{\"stickOut\":1,\"diameter\":12.9},{\"stickOut\":1,\"diameter\":12.9}]}";
        assertThat(Schemas.faults("flare.in", in)).isEmpty();
        JsonNode out = Run.of(in, "flare").json();
        assertThat(Schemas.faults("flare.out", out)).isEmpty();
        assertThat(out.get("sink").asDouble()).isCloseTo(1.3865, within(1e-3));
        assertThat(out.get("sinkSpread").asDouble()).isCloseTo(0, within(1e-9));
        // Less in the bar by house figure: with 0.24 mm more of it, 0.24 mm less stands out.
        assertThat(out.get("bestStickOut").asDouble()).isCloseTo(1.307 - (1.3865 - 1.15), within(2e-3));
        Run apart = Run.of(in.replaceFirst("12.9", "14"), "flare");
        assertThat(apart.out()).contains("differ too much");
        assertThat(Run.of(in.replaceFirst("12.9", "9"), "flare").errors()).contains("“calibrate”", "wider");
        assertThat(Run.of(in.replaceFirst(",\\{\"stickOut\":1,\"diameter\":12.9\\}]", "]"), "flare")
                        .errors())
                .contains("“calibrate”", "three");
    }

    @Test
    void testFaultsAreWarnedOfAndTheirCauseIsFound() {
        Run run = Run.of(
                "{\"tube\":\"ACR-3/8\",\"kind\":\"refrigeration45\",\"tool\":\"bar-45\",\"fluid\":\"r410a\",\"stickOut\":2.3,"
                        + "\"seen\":[\"wide\"],\"measured\":14.4}",
                "flare");
        // The tool's sink is a house figure: it warns and never says that a flare must go.
        assertThat(run.status()).isZero();
        assertThat(run.json().get("findings").toString()).contains("\"warn\"").contains("first flare on scrap");
        assertThat(run.json().get("causes").get(0).get("cause").asText()).isEqualTo("stick-long");
        assertThat(Schemas.faults("flare.out", run.json())).isEmpty();
        JsonNode hard = Run.of(
                        "{\"tube\":\"ACR-3/8\",\"kind\":\"refrigeration45\",\"tool\":\"bar-45\",\"fluid\":\"r410a\",\"temper\":\"hard\"}",
                        "flare")
                .json();
        assertThat(hard.get("faults").toString()).contains("cracked");
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            quoteCharacter = '~',
            value = {
                "{\"od\":6,\"wall\":1}|“kind”",
                "{\"kind\":\"single37\"}|“od”",
                "{\"od\":6,\"wall\":3,\"kind\":\"single37\"}|“wall”",
                "{\"od\":6,\"wall\":1,\"kind\":\"compression\"}|is not flared",
                "{\"od\":6,\"wall\":1,\"kind\":\"single37\"}|“stickOut”",
                "{\"od\":6,\"wall\":1,\"kind\":\"single37\",\"stickOut\":-1}|“stickOut”",
                "{\"od\":6,\"wall\":1,\"kind\":\"single37\",\"stickOut\":1,\"closing\":2}|“closing”",
                "{\"od\":6,\"wall\":1,\"kind\":\"single37\",\"stickOut\":1,\"tool\":\"bar-45\"}|makes no 37",
                "{\"od\":6,\"wall\":1,\"kind\":\"single37\",\"stickOut\":1,\"seen\":[\"odd\"]}|“seen”",
            })
    void testImpossibleInputIsRefusedByItsField(String in, String says) {
        Run run = Run.of(in, "flare");
        assertThat(run.status()).isEqualTo(2);
        assertThat(run.errors()).contains(says);
    }

    @Test
    void testTextForm() {
        assertThat(Run.of(
                                "{\"tube\":\"ACR-1/2\",\"kind\":\"refrigeration45\",\"tool\":\"clutch-45\",\"fluid\":\"r410a\",\"seen\":[\"lopsided\"]}",
                                "flare",
                                "--format",
                                "text")
                        .out())
                .contains("middle of the band: 0.")
                .contains("cone off centre");
    }
}
