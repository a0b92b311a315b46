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
}
