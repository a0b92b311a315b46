package mellowflare.core.measure;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.Locale;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.ValueSource;

class AirMeasuresTest {
    @Test
    void testGaugeAndAbsoluteDifferByTheSurroundings() {
        AbsolutePressure high = AbsolutePressure.ofBar(0.85);
        AbsolutePressure p = AbsolutePressure.of(GaugePressure.ofBar(7), high);
        assertThat(p.bar()).isCloseTo(7.85, within(1e-12));
        assertThat(p.gauge(high)).isEqualTo(GaugePressure.ofBar(7.85 - 0.85));
        assertThat(p.pascal()).isCloseTo(785_000, within(1e-6));
        assertThat(AbsolutePressure.of(GaugePressure.ofBar(-1.1), AbsolutePressure.SEA_LEVEL)
                        .bar())
                .isZero();
        assertThat(AbsolutePressure.SEA_LEVEL).isLessThan(p);
    }

    @ParameterizedTest
    @ValueSource(doubles = {-0.001, Double.NaN, Double.POSITIVE_INFINITY})
    void testWhatIsNoPressureFlowOrVolumeIsRefused(double wrong) {
        assertThatThrownBy(() -> AbsolutePressure.ofBar(wrong)).isInstanceOf(IllegalArgumentException.class);
        assertThatThrownBy(() -> FreeAir.ofLitresPerMinute(wrong)).isInstanceOf(IllegalArgumentException.class);
        assertThatThrownBy(() -> Volume.ofLitres(wrong)).isInstanceOf(IllegalArgumentException.class);
    }

    /** Densities by hand: p / (R T): 1e5 / (287.05 x 293.15) = 1.1884; 101 325 / (287.05 x 273.15) = 1.2923 kg/m3. */
    @ParameterizedTest
    @CsvSource({"ISO1217,1.1884", "ATM20,1.2041", "NORMAL,1.2923"})
    void testReferenceStatesHaveTheDensityOfTheGasLaw(AirReference r, double density) {
        assertThat(r.density()).isCloseTo(density, within(1e-4));
    }

    /** Vapour is lighter than air: 65 % of 23.4 mbar make 0.57 % less. */
    @Test
    void testHumidAirIsLighter() {
        assertThat(AirReference.ISO8778.density() / AirReference.ISO1217.density())
                .isCloseTo(0.9943, within(1e-4));
    }

    @ParameterizedTest
    @EnumSource(AirReference.class)
    void testAFlowGoesRoundThroughEveryReference(AirReference r) {
        FreeAir flow = new FreeAir(1234, AirReference.ISO1217);
        assertThat(flow.in(r).in(AirReference.ISO1217).litresPerMinute()).isCloseTo(1234, within(1e-9));
        assertThat(flow.in(r).kgPerSecond()).isCloseTo(flow.kgPerSecond(), within(1e-15));
        assertThat(FreeAir.ofMass(flow.kgPerSecond(), r).litresPerMinute())
                .isCloseTo(flow.in(r).litresPerMinute(), within(1e-9));
        assertThat(AirReference.named(r.word())).contains(r);
        assertThat(AirReference.named(r.name().toLowerCase(Locale.ROOT))).contains(r);
        assertThat(r.says()).contains("bar", "°C");
    }

    @Test
    void testSumsAreCountedAsTheFirst() {
        FreeAir sum = new FreeAir(100, AirReference.ISO8778).plus(FreeAir.ofLitresPerMinute(100));
        assertThat(sum.reference()).isEqualTo(AirReference.ISO8778);
        assertThat(sum.litresPerMinute()).isCloseTo(100 + 100 / 0.99429, within(0.01));
        assertThat(sum.times(2).litresPerMinute()).isCloseTo(2 * sum.litresPerMinute(), within(1e-9));
        assertThat(FreeAir.ofLitresPerMinute(28.316846592).cubicFeetPerMinute()).isCloseTo(1, within(1e-12));
        assertThat(AirReference.named("bar")).isEqualTo(Optional.empty());
    }

    /** By hand: a bore of 46 mm holds 1.662 L on a metre. */
    @Test
    void testTheInsideOfAPipe() {
        assertThat(Volume.ofBore(Length.ofMm(46), Length.ofMm(1000)).litres()).isCloseTo(1.6619, within(1e-4));
        assertThat(Volume.ofLitres(2).plus(Volume.ofLitres(3)).litres()).isEqualTo(5);
    }
}
