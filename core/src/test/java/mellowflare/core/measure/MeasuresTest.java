package mellowflare.core.measure;

import static org.assertj.core.api.Assertions.assertThat;
import static org.junit.jupiter.api.Assertions.assertEquals;

import java.util.List;
import java.util.function.DoubleFunction;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Quantities against what their units are defined as. */
class MeasuresTest {
    /** An inch of water (at 4 C) is 249.0889 Pa, a psi 6894.757 Pa. */
    @Test
    void testPressures() {
        assertEquals(0.037, GaugePressure.ofMillibar(37).bar(), 1e-15);
        assertEquals(37, GaugePressure.ofBar(0.037).millibar(), 1e-12);
        assertEquals(14.5038, GaugePressure.ofBar(1).psi(), 1e-4);
        assertEquals(14.854, GaugePressure.ofMillibar(37).inchesOfWater(), 1e-3);
        assertEquals(7, GaugePressure.ofBar(17).minus(GaugePressure.ofBar(10)).bar());
        assertEquals(
                7, GaugePressure.ofBar(17).less(PressureDifference.ofBar(10)).bar());
        assertEquals(
                -1, GaugePressure.ofBar(0.2).less(PressureDifference.ofBar(5)).bar());
        assertEquals(25.5, GaugePressure.ofBar(17).times(1.5).bar());
        assertThat(GaugePressure.ofBar(2)).isGreaterThan(GaugePressure.ofBar(1));

        assertEquals(0.0015, PressureDifference.ofMillibar(1.5).bar(), 1e-15);
        assertEquals(1.5, PressureDifference.ofBar(0.0015).millibar(), 1e-12);
        assertEquals(1.2454, PressureDifference.ofInchesOfWater(0.5).millibar(), 1e-4);
        assertEquals(0.5, PressureDifference.ofMillibar(1.245445).inchesOfWater(), 1e-5);
        assertEquals(14.5038, PressureDifference.ofBar(1).psi(), 1e-4);
        assertThat(PressureDifference.ofBar(-1)).isLessThan(PressureDifference.ofBar(1));

        AbsolutePressure sea = AbsolutePressure.SEA_LEVEL;
        assertEquals(101_325, sea.pascal(), 1e-9);
        assertEquals(3.01325, AbsolutePressure.of(GaugePressure.ofBar(2), sea).bar(), 1e-12);
        assertEquals(0, AbsolutePressure.of(GaugePressure.ofBar(-1.05), sea).bar());
        assertEquals(2, AbsolutePressure.ofBar(3.01325).gauge(sea).bar(), 1e-12);
        assertThat(AbsolutePressure.ofBar(2)).isGreaterThan(sea);
    }

    /** A Btu is 1055.05585262 J, a foot 0.3048 m. */
    @Test
    void testHeatAndGas() {
        assertEquals(0.29307107, Power.ofBtuPerHour(1000).kilowatts(), 1e-8);
        assertEquals(3412.1416, Power.ofKilowatts(1).btuPerHour(), 1e-4);
        assertEquals(9, Power.ofKilowatts(7).plus(Power.ofKilowatts(2)).kilowatts());
        assertEquals(14, Power.ofKilowatts(7).times(2).kilowatts());
        assertThat(Power.ofKilowatts(2)).isGreaterThan(Power.ofKilowatts(1));

        assertEquals(37.2589, HeatingValue.ofBtuPerCubicFoot(1000).megajoulesPerCubicMetre(), 1e-4);
        assertEquals(1000, new HeatingValue(37.2589458).btuPerCubicFoot(), 1e-5);

        assertEquals(2.83168466, GasFlow.ofCubicFeetPerHour(100).cubicMetresPerHour(), 1e-8);
        assertEquals(100, GasFlow.ofCubicMetresPerHour(2.83168466).cubicFeetPerHour(), 1e-6);
        assertEquals(
                9,
                GasFlow.ofCubicMetresPerHour(7)
                        .plus(GasFlow.ofCubicMetresPerHour(2))
                        .cubicMetresPerHour());
        assertThat(GasFlow.ofCubicMetresPerHour(2)).isGreaterThan(GasFlow.ofCubicMetresPerHour(1));
    }

    @Test
    void testLengthsAreasVolumesAndTheRest() {
        assertEquals(76.2, Length.ofInches(3).mm(), 1e-12);
        assertEquals(3, Length.ofMm(76.2).inches(), 1e-12);
        assertEquals(9, Length.ofMm(7).plus(Length.ofMm(2)).mm());
        assertEquals(5, Length.ofMm(7).minus(Length.ofMm(2)).mm());
        assertEquals(14, Length.ofMm(7).times(2).mm());
        assertEquals(5, Length.ofMm(2).distanceTo(Length.ofMm(7)).mm());
        assertThat(Length.ofMm(2)).isGreaterThan(Length.ZERO);

        assertEquals(64.516, Area.ofSquareInches(10).squareCentimetres(), 1e-12);
        assertEquals(10, Area.ofSquareCentimetres(64.516).squareInches(), 1e-12);
        assertThat(Area.ofSquareCentimetres(2)).isGreaterThan(Area.ofSquareCentimetres(1));

        assertEquals(
                Math.PI / 4, Volume.ofBore(Length.ofMm(100), Length.ofMm(100)).litres(), 1e-12);
        assertEquals(9, Volume.ofLitres(7).plus(Volume.ofLitres(2)).litres());

        assertEquals(73.7562, Torque.ofNewtonMetres(100).poundForceFeet(), 1e-4);
        assertThat(Torque.ofNewtonMetres(2)).isGreaterThan(Torque.ofNewtonMetres(1));
        assertEquals(212, Temperature.ofCelsius(100).fahrenheit(), 1e-12);
        assertThat(Temperature.ofCelsius(2)).isGreaterThan(Temperature.ofCelsius(1));
        assertEquals(Math.PI, Angle.ofDegrees(180).radians(), 1e-15);
        assertEquals(10, FlowRate.ofLitresPerMinute(37.85411784).gallonsPerMinute(), 1e-12);
        assertThat(MassFlow.ofKgPerSecond(2)).isGreaterThan(MassFlow.ofKgPerSecond(1));
    }

    /** ISO 1217: 1 bar and 20 C, dry: 100 000 / (287.05 x 293.15) kg/m3. */
    @Test
    void testStatesOfAir() {
        assertEquals(1.1884, AirReference.ISO1217.density(), 1e-4);
        assertEquals(1.2041, AirReference.ATM20.density(), 1e-4);
        assertEquals(1.2923, AirReference.NORMAL.density(), 1e-4);
        // Moist air is lighter: 65 % of 2 333 Pa at 461.5 J/(kg K) instead of 287.05.
        assertEquals(
                (100_000 - 0.65 * 2333) / (287.05 * 293.15) + 0.65 * 2333 / (461.5 * 293.15),
                AirReference.ISO8778.density(),
                1e-5);
        assertEquals(1.01325, AirReference.NORMAL.pressure().bar());
        assertEquals(0, AirReference.NORMAL.temperature().celsius());
        assertEquals(20, AirReference.ATM20.temperature().celsius());
        assertEquals(35.3147, FreeAir.ofLitresPerMinute(1000).cubicFeetPerMinute(), 1e-4);
    }

    /** Saturation by the tables of steam: 611 Pa at 0, 2 339 at 20, 7 384 at 40 C; 17.3 g/m3 at 20 C. */
    @ParameterizedTest
    @CsvSource({"0, 611.2, 4.85", "20, 2339, 17.29", "40, 7384, 51.1", "-10, 286.3, 2.36"})
    void testVapour(double celsius, double pascal, double gramsPerCubicMetre) {
        AbsolutePressure p = Vapour.saturation(Temperature.ofCelsius(celsius));
        assertEquals(pascal, p.pascal(), pascal * 0.004);
        assertEquals(gramsPerCubicMetre, Vapour.most(Temperature.ofCelsius(celsius)) * 1000, 0.15);
        assertEquals(celsius, Vapour.dewPoint(p).celsius(), 1e-9);
    }

    /** Against tables of the normal distribution. */
    @ParameterizedTest
    @CsvSource({
        "0, 0.5, 0.398942",
        "1, 0.841345, 0.241971",
        "-1, 0.158655, 0.241971",
        "1.96, 0.975002, 0.058441",
        "-1.96, 0.024998, 0.058441",
        "3, 0.998650, 0.004432",
        "-0.5, 0.308538, 0.352065",
        "0.25, 0.598706, 0.386668"
    })
    void testNormal(double z, double below, double density) {
        assertEquals(below, Normal.below(z), 1e-6);
        assertEquals(density, Normal.density(z, 0, 1), 1e-6);
        assertEquals(density / 4, Normal.density(10 + 4 * z, 10, 4), 1e-6);
    }

    @Test
    void testABandHoldsItsEndsAndSaysHowFarOffTheRestIs() {
        LengthBand band = LengthBand.ofMm(10, 14);
        assertEquals(12, band.middle().mm());
        DoubleFunction<Boolean> holds = mm -> band.holds(Length.ofMm(mm));
        assertThat(List.of(9.9, 10.0, 12.0, 14.0, 14.1).stream().map(holds::apply))
                .containsExactly(false, true, true, true, false);
        assertEquals(0, band.gapTo(Length.ofMm(14)).mm());
        assertEquals(0, band.gapTo(Length.ofMm(10)).mm());
        assertEquals(3, band.gapTo(Length.ofMm(7)).mm());
        assertEquals(2, band.gapTo(Length.ofMm(16)).mm());
        assertEquals(LengthBand.ofMm(9, 15), band.widened(Length.ofMm(1)));
        assertEquals(LengthBand.ofMm(5, 5), LengthBand.ofMm(4.5, 5.5).widened(Length.ofMm(-0.5)));
    }

    @ParameterizedTest
    @CsvSource({"12.0, 12", "12.0000001, 12", "12.001, 13", "12.9, 13", "0, 0"})
    void testAShopRoundsUpToItsNextStep(double mm, double up) {
        assertEquals(up, LengthFormat.shopUp(Length.ofMm(mm), UnitSystem.METRIC).mm(), 1e-9);
        // Sixteenths of an inch.
        assertEquals(
                up * 25.4 / 16,
                LengthFormat.shopUp(Length.ofMm(mm * 25.4 / 16), UnitSystem.INCH)
                        .mm(),
                1e-9);
    }

    @ParameterizedTest
    @CsvSource({
        "120, 120, 120",
        "-120, -120, -120",
        "− 45.5, -45.5, -45.5",
        "0, 0, 0",
        "-0, 0, 0",
        "20000, 20000, 20000",
        "-20000 mm, -20000, -20000",
        "1.26, 1.26, 1.3",
        "-0.04, -0.04, 0"
    })
    void testACoordinateLiesOnEitherSide(String text, double mm, String again) {
        double read = CoordinateText.read(text, UnitSystem.METRIC).value().orElseThrow();
        assertEquals(mm, read, 1e-12);
        assertEquals(again, CoordinateText.text(read, UnitSystem.METRIC));
    }

    @Test
    void testACoordinateOfAnotherHouseIsRefused() {
        refuses(Refusal.OUT_OF_RANGE, CoordinateText.read("20001", UnitSystem.METRIC));
        refuses(Refusal.OUT_OF_RANGE, CoordinateText.read("-20001", UnitSystem.METRIC));
        assertThat(CoordinateText.read("--2", UnitSystem.METRIC).refusal()).isPresent();
        assertThat(CoordinateText.read("x", UnitSystem.METRIC).refusal()).isPresent();
        assertEquals(-76.2, CoordinateText.read("-3", UnitSystem.INCH).value().orElseThrow(), 1e-12);
        assertEquals("-3", CoordinateText.text(-76.2, UnitSystem.INCH));
        assertEquals("0.125", CoordinateText.text(3.175, UnitSystem.INCH));
    }

    private static void refuses(Refusal reason, Read<?> read) {
        assertThat(read)
                .isInstanceOfSatisfying(
                        Read.Refused.class, r -> assertThat(r.reason()).isEqualTo(reason));
    }
}
