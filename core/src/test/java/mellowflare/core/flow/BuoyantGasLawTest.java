package mellowflare.core.flow;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.Optional;
import mellowflare.core.measure.AbsolutePressure;
import mellowflare.core.measure.AirReference;
import mellowflare.core.measure.Length;
import mellowflare.core.measure.Temperature;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Gas that weighs otherwise than the air around it, by hand. */
class BuoyantGasLawTest {
    private static final Temperature FIFTEEN = Temperature.ofCelsius(15);

    private static BuoyantGasLaw of(double gravity, double gaugeMillibar) {
        return new BuoyantGasLaw(
                new GasLaw(AirReference.R_DRY / gravity, FIFTEEN, 8e-6, 1.13),
                AbsolutePressure.ofBar(1.01325 + gaugeMillibar / 1000),
                AbsolutePressure.SEA_LEVEL,
                FIFTEEN);
    }

    /** Propane of 1.55 at 37 mbar weighs 1.55 x 1.2250 x 1.0365 = 1.9681 kg/m3, air 1.2250: 0.7431 x 9.80665 = 7.287 Pa a metre. Natural gas of 0.6 at 20: (0.7495 - 1.2250) x 9.80665 = -4.663. */
    @ParameterizedTest
    @CsvSource({"1.55, 37, 7.287", "0.6, 20, -4.663", "1, 0, 0"})
    void testAMetreTakesWhatTheGasIsHeavierThanAir(double gravity, double mbar, double pascal) {
        assertEquals(pascal, of(gravity, mbar).pascalPerMetre(), 0.004);
    }

    /** Ten metres up, with the same drive, the absolute pressure falls by ten times that, to the first order. */
    @Test
    void testDriveAndPressureAreEachOthersInverse() {
        BuoyantGasLaw law = of(1.55, 37);
        double p = law.about().pascal();
        double drive = law.drive(p, 0);
        assertEquals(p * p, drive, 1e-3);
        assertEquals(p, law.pascal(drive, 0), 1e-6);
        assertEquals(p - 10 * law.pascalPerMetre(), law.pascal(drive, 10), 0.1);
        assertEquals(p + 10 * law.pascalPerMetre(), law.pascal(drive, -10), 0.1);
        assertEquals(p - 500, law.pascal(law.drive(p - 500, 7), 7), 1e-6);
    }

    @Test
    void testAllButTheWeightIsTheGasLawsOwn() {
        BuoyantGasLaw law = of(1.55, 37);
        GasLaw gas = law.gas();
        assertEquals(gas.density(2e5), law.density(2e5));
        assertEquals(1.55 * 1.2250, law.density(101_325), 1e-3);
        assertEquals(gas.sound(), law.sound());
        assertEquals(Math.sqrt(1.13 * 287.05 / 1.55 * 288.15), law.sound(), 1e-9);
        Length metre = Length.ofMm(1000);
        double[] one = new double[2];
        double[] other = new double[2];
        law.pipe(metre, Length.ofMm(15), Length.ofMm(0.05), 2).lost(1e-3, one);
        gas.pipe(metre, Length.ofMm(15), Length.ofMm(0.05), 2).lost(1e-3, other);
        assertEquals(other[0], one[0]);
    }

    /** Three tenths of the speed of sound, or four of the pressure, are as far as the law goes. */
    @Test
    void testTheLawSaysWhereItEnds() {
        BuoyantGasLaw law = of(1.55, 37);
        assertFalse(law.beyond(0.3, 0.4));
        assertTrue(law.beyond(0.3001, 0));
        assertTrue(law.beyond(0, 0.4001));
        assertFalse(law.gas().beyond(0.3, 0.4));
        assertTrue(law.gas().beyond(0.31, 0.1));
        assertTrue(law.gas().beyond(0.1, 0.41));
    }

    /** Sutherland: 17.9e-6 Pa s at 15 C, 17.16 at 0. */
    @Test
    void testAir() {
        assertEquals(17.89e-6, GasLaw.airViscosity(FIFTEEN), 0.02e-6);
        assertEquals(17.16e-6, GasLaw.airViscosity(Temperature.ofCelsius(0)), 1e-12);
        assertEquals(340.3, GasLaw.air(FIFTEEN).sound(), 0.1);
        assertEquals(1.2250, GasLaw.air(FIFTEEN).density(101_325), 1e-4);
        assertEquals(300, GasLaw.air(FIFTEEN).pascal(90_000, 12), 1e-9);
        assertEquals(0, GasLaw.air(FIFTEEN).pascal(-5, 0));
    }

    /** Where nobody says how warm it is, it is taken as hot: 60 C. */
    @Test
    void testTheHotterTheWaterTheSlowerItMayRun() {
        WaterSpeeds speeds = WaterSpeeds.load();
        assertEquals(2.4, speeds.most(Optional.of(Temperature.ofCelsius(30))));
        assertEquals(1.5, speeds.most(Optional.of(Temperature.ofCelsius(30.1))));
        assertEquals(1.5, speeds.most(Optional.of(Temperature.ofCelsius(60))));
        assertEquals(0.9, speeds.most(Optional.of(Temperature.ofCelsius(60.1))));
        assertEquals(0.9, speeds.most(Optional.of(Temperature.ofCelsius(500))));
        assertEquals(1.5, speeds.most(Optional.empty()));
    }
}
