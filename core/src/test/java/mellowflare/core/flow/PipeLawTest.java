package mellowflare.core.flow;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import mellowflare.core.measure.Length;
import mellowflare.core.measure.Temperature;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class PipeLawTest {
    private static final Temperature ROOM = Temperature.ofCelsius(20);

    private static PipeLaw pipe(double metres, double bore, double rough, double k) {
        return GasLaw.air(ROOM).pipe(Length.ofMm(metres * 1000), Length.ofMm(bore), Length.ofMm(rough), k);
    }

    /** Flow (kg/s) at a Reynolds number. */
    private static double flow(double re, double bore) {
        return re * Math.PI * bore / 1000 * GasLaw.airViscosity(ROOM) / 4;
    }

    private static double lost(PipeLaw f, double flow) {
        double[] into = {0, 0};
        f.lost(flow, into);
        return into[0];
    }

    /** Tables of the properties of dry air: 17.2 at 0, 18.2 at 20, 21.8 micropascal seconds at 100 degrees. */
    @ParameterizedTest
    @CsvSource({"0,17.2", "20,18.2", "100,21.8"})
    void testViscosityAgreesWithTables(double celsius, double micro) {
        assertThat(GasLaw.airViscosity(Temperature.ofCelsius(celsius)) * 1e6).isCloseTo(micro, within(0.15));
    }

    /** Read off the chart of friction factors (Darcy): smooth 1e5 0.0180, 1e6 0.0116; relative roughness 0.001 at 1e5 0.0222; 0.01 at 1e6 0.0379. */
    @ParameterizedTest
    @CsvSource({"1e5,0,0.0180", "1e6,0,0.0116", "1e5,0.001,0.0222", "1e6,0.01,0.0379", "1000,0.01,0.064"})
    void testTheFactorAgreesWithTheChart(double re, double relative, double factor) {
        PipeLaw f = pipe(10, 50, relative * 50, 0);
        assertThat(f.factor(flow(re, 50))).isCloseTo(factor, within(factor * 0.015));
        assertThat(f.reynolds(flow(re, 50))).isCloseTo(re, within(re * 1e-9));
    }

    @Property(tries = 300)
    void testTheFactorFulfilsColebrook(
            @ForAll @DoubleRange(min = 4000, max = 5e6) double re,
            @ForAll @DoubleRange(min = 0, max = 0.04) double relative) {
        double f = pipe(10, 30, relative * 30, 0).factor(flow(re, 30));
        double x = 1 / Math.sqrt(f);
        assertThat(x).isCloseTo(-2 * Math.log10(relative / 3.7 + 2.51 * x / re), within(1e-9));
    }

    /** The slope that the search steps by is the slope of the law, on every branch. */
    @Property(tries = 300)
    void testTheSlopeIsTheSlope(
            @ForAll @DoubleRange(min = 100, max = 3e5) double re,
            @ForAll @DoubleRange(min = 0, max = 0.02) double relative,
            @ForAll @DoubleRange(min = 0, max = 20) double k) {
        PipeLaw f = pipe(7, 25, relative * 25, k);
        double m = flow(re, 25);
        double[] into = {0, 0};
        f.lost(m, into);
        double h = m * 1e-5;
        double slope = (lost(f, m + h) - lost(f, m - h)) / (2 * h);
        assertThat(into[1]).isCloseTo(slope, within(Math.abs(slope) * 1e-3));
        assertThat(into[1]).isPositive();
    }

    @Test
    void testTheLawIsOddAndHasNoStepBetweenItsBranches() {
        PipeLaw f = pipe(12, 20, 0.05, 3);
        for (double re : new double[] {500, 2300, 3000, 4000, 60_000}) {
            double m = flow(re, 20);
            assertThat(lost(f, -m)).isEqualTo(-lost(f, m));
            assertThat(lost(f, m * (1 + 1e-9))).isCloseTo(lost(f, m * (1 - 1e-9)), within(Math.abs(lost(f, m)) * 1e-6));
        }
        assertThat(lost(f, 0)).isZero();
        assertThat(f.factor(0)).isZero();
    }

    @Test
    void testMoreOfAnythingLosesMore() {
        double m = flow(50_000, 25);
        double usual = lost(pipe(10, 25, 0.05, 1), m);
        assertThat(lost(pipe(11, 25, 0.05, 1), m)).isGreaterThan(usual);
        assertThat(lost(pipe(10, 24, 0.05, 1), m)).isGreaterThan(usual);
        assertThat(lost(pipe(10, 25, 0.10, 1), m)).isGreaterThan(usual);
        assertThat(lost(pipe(10, 25, 0.05, 2), m)).isGreaterThan(usual);
        assertThat(lost(pipe(10, 25, 0.05, 1), 1.1 * m)).isGreaterThan(usual * 1.15);
    }
}
