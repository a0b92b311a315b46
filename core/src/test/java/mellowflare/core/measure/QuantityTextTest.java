package mellowflare.core.measure;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

class QuantityTextTest {
    private static final Optional<String> NONE = Optional.empty();

    @ParameterizedTest
    @CsvSource({
        "3000 psi, 206.842719",
        "210 bar, 210",
        "21 MPa, 210",
        "2100 kPa, 21",
        "37 mbar, 0.037",
        "-0.8 bar, -0.8",
        "1 psig, 0.0689475729",
        "3000PSI, 206.842719",
    })
    void testPressureIsReadInEveryUnit(String text, double bar) {
        assertThat(QuantityText.pressure(text, NONE).value().orElseThrow().bar())
                .isCloseTo(bar, within(1e-6));
    }

    @ParameterizedTest
    @CsvSource({"120 F, 48.888889", "212 °F, 100", "-40 F, -40", "80 C, 80", "80 °c, 80", "273.15 K, 0"})
    void testTemperatureIsReadInEveryUnit(String text, double celsius) {
        assertThat(QuantityText.temperature(text, NONE).value().orElseThrow().celsius())
                .isCloseTo(celsius, within(1e-6));
    }

    @ParameterizedTest
    @CsvSource({"40 L/min, 40", "10 gal/min, 37.85411784", "10 gpm, 37.85411784", "6 m3/h, 100", "6 m³/h, 100"})
    void testFlowIsReadInEveryUnit(String text, double litres) {
        assertThat(QuantityText.flow(text, NONE).value().orElseThrow().litresPerMinute())
                .isCloseTo(litres, within(1e-6));
    }

    @Test
    void testAngleNeedsItsUnitUnlessOneIsAgreed() {
        assertThat(QuantityText.angle("37°", NONE).value()).contains(Angle.ofDegrees(37));
        assertThat(QuantityText.angle("37.5 deg", NONE).value()).contains(Angle.ofDegrees(37.5));
        assertThat(QuantityText.angle("37", Optional.of("deg")).value()).contains(Angle.ofDegrees(37));
        assertThat(QuantityText.angle("37", NONE).refusal()).isPresent();
        assertThat(QuantityText.angle("5d", Optional.of("deg")).refusal()).isPresent();
        assertThat(QuantityText.angle("361°", NONE).refusal()).isPresent();
    }

    @ParameterizedTest
    @ValueSource(strings = {"", "  ", "210", "bar", "two bar", "210 lbs", "1e3 bar", "9000 bar", "-2 bar", "1,5 bar"})
    void testNonsensePressureIsRefusedInASentence(String text) {
        assertThat(QuantityText.pressure(text, NONE).refusal())
                .as(text)
                .hasValueSatisfying(s -> assertThat(s).endsWith("."));
    }

    @Test
    void testBareNumberTakesTheAgreedUnit() {
        assertThat(QuantityText.pressure("3000", Optional.of("psi"))
                        .value()
                        .orElseThrow()
                        .psi())
                .isCloseTo(3000, within(1e-9));
        assertThat(QuantityText.temperature("-300 C", NONE).refusal()).isPresent();
        assertThat(QuantityText.flow("-1 L/min", NONE).refusal()).isPresent();
    }

    @Test
    void testImpossibleQuantitiesCannotBeBuilt() {
        assertThatThrownBy(() -> Temperature.ofCelsius(-274)).isInstanceOf(IllegalArgumentException.class);
        assertThatThrownBy(() -> GaugePressure.ofBar(-2)).isInstanceOf(IllegalArgumentException.class);
        assertThatThrownBy(() -> GaugePressure.ofBar(Double.NaN)).isInstanceOf(IllegalArgumentException.class);
        assertThatThrownBy(() -> FlowRate.ofLitresPerMinute(-1)).isInstanceOf(IllegalArgumentException.class);
        assertThatThrownBy(() -> Length.ofMm(Double.NaN)).isInstanceOf(IllegalArgumentException.class);
        assertThatThrownBy(() -> Angle.ofDegrees(Double.POSITIVE_INFINITY))
                .isInstanceOf(IllegalArgumentException.class);
        assertThatThrownBy(() -> LengthBand.ofMm(2, 1)).isInstanceOf(IllegalArgumentException.class);
    }

    /** A kilowatt is 3412.14 Btu/h; a Btu/ft3 is 0.0372589 MJ/m3; a cubic foot 0.0283168 m3. */
    @ParameterizedTest
    @CsvSource({"24 kW, 24", "100000 Btu/h, 29.307107", "0 kW, 0", "10000 kW, 10000"})
    void testPowerIsReadInEveryUnit(String text, double kilowatts) {
        assertThat(QuantityText.power(text, NONE).value().orElseThrow().kilowatts())
                .isCloseTo(kilowatts, within(1e-5));
    }

    @ParameterizedTest
    @CsvSource({"38.4 MJ/m3, 38.4", "1030 Btu/ft3, 38.376714", "1 MJ/m3, 1", "500 MJ/m3, 500"})
    void testHeatingValueIsReadInEveryUnit(String text, double megajoules) {
        assertThat(QuantityText.heatingValue(text, NONE).value().orElseThrow().megajoulesPerCubicMetre())
                .isCloseTo(megajoules, within(1e-5));
    }

    @ParameterizedTest
    @CsvSource({"2.5 m3/h, 2.5", "100 ft3/h, 2.831685", "0 m3/h, 0", "10000 m3/h, 10000"})
    void testGasFlowIsReadInEveryUnit(String text, double cubicMetres) {
        assertThat(QuantityText.gasFlow(text, NONE).value().orElseThrow().cubicMetresPerHour())
                .isCloseTo(cubicMetres, within(1e-5));
    }

    /** A bare figure is taken as bar, or from 400 on as millibar. */
    @ParameterizedTest
    @CsvSource({
        "1.013, 1.013",
        "1013, 1.013",
        "400, 0.4",
        "0.4, 0.4",
        "1.2, 1.2",
        "1200, 1.2",
        "988 hPa, 0.988",
        "995 mbar, 0.995",
        "0.95 bar, 0.95"
    })
    void testABarometerIsReadAsItIsWritten(String text, double bar) {
        assertThat(QuantityText.barometer(text).value().orElseThrow().bar()).isCloseTo(bar, within(1e-9));
    }

    @ParameterizedTest
    @ValueSource(strings = {"0.399", "1.201", "399", "1201", "two"})
    void testABarometerNowhereOnEarthIsRefused(String text) {
        assertThat(QuantityText.barometer(text).refusal()).as(text).isPresent();
    }

    /** The last that is taken, and the first that is not. */
    @Test
    void testTheLimitsOfEachQuantityAreTakenAndNothingBeyond() {
        assertThat(QuantityText.pressure("4000 bar", NONE).refusal()).isEmpty();
        refuses(Refusal.OUT_OF_RANGE, QuantityText.pressure("4000.1 bar", NONE));
        assertThat(QuantityText.pressure("-1.1 bar", NONE).refusal()).isEmpty();
        refuses(Refusal.OUT_OF_RANGE, QuantityText.pressure("-1.11 bar", NONE));
        assertThat(QuantityText.temperature("1000 C", NONE).refusal()).isEmpty();
        refuses(Refusal.OUT_OF_RANGE, QuantityText.temperature("1000.1 C", NONE));
        assertThat(QuantityText.temperature("-270 C", NONE).refusal()).isEmpty();
        refuses(Refusal.OUT_OF_RANGE, QuantityText.temperature("-270.1 C", NONE));
        assertThat(QuantityText.flow("100000 L/min", NONE).refusal()).isEmpty();
        refuses(Refusal.OUT_OF_RANGE, QuantityText.flow("100001 L/min", NONE));
        assertThat(QuantityText.flow("0 L/min", NONE).refusal()).isEmpty();
        refuses(Refusal.OUT_OF_RANGE, QuantityText.flow("-1 L/min", NONE));
        refuses(Refusal.OUT_OF_RANGE, QuantityText.power("10001 kW", NONE));
        refuses(Refusal.OUT_OF_RANGE, QuantityText.power("-1 kW", NONE));
        refuses(Refusal.OUT_OF_RANGE, QuantityText.heatingValue("0.9 MJ/m3", NONE));
        refuses(Refusal.OUT_OF_RANGE, QuantityText.heatingValue("501 MJ/m3", NONE));
        refuses(Refusal.OUT_OF_RANGE, QuantityText.gasFlow("10001 m3/h", NONE));
        refuses(Refusal.OUT_OF_RANGE, QuantityText.gasFlow("-1 m3/h", NONE));
        assertThat(QuantityText.angle("0°", NONE).refusal()).isEmpty();
        assertThat(QuantityText.angle("360°", NONE).refusal()).isEmpty();
        refuses(Refusal.OUT_OF_RANGE, QuantityText.angle("-0.1°", NONE));
        String forty = "1" + "0".repeat(35) + " bar";
        refuses(Refusal.OUT_OF_RANGE, QuantityText.pressure(forty, NONE));
        refuses(Refusal.TOO_LONG, QuantityText.pressure("0" + forty, NONE));
    }

    private static void refuses(Refusal reason, Read<?> read) {
        assertThat(read)
                .isInstanceOfSatisfying(
                        Read.Refused.class, r -> assertThat(r.reason()).isEqualTo(reason));
    }
}
