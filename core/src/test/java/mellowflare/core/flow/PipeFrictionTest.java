package mellowflare.core.flow;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import mellowflare.core.flow.PipeFriction.Regime;
import mellowflare.core.measure.FlowRate;
import mellowflare.core.measure.KinematicViscosity;
import mellowflare.core.measure.Length;
import org.junit.jupiter.api.Test;

class PipeFrictionTest {
    private static PipeFriction of(double flow, double viscosity) {
        return PipeFriction.of(
                FlowRate.ofLitresPerMinute(flow),
                Length.ofMm(12.7),
                Length.ofMm(1140),
                KinematicViscosity.ofMm2PerSecond(viscosity),
                870);
    }

    @Test
    void testLaminarDropAgreesWithHagenPoiseuille() {
        // dp = 128 mu L Q / (pi d^4) for 10 L/min of 46 mm2/s, worked from the other formula.
        double q = 10.0 / 60_000;
        double d = 0.0127;
        double pascal = 128 * 46e-6 * 870 * 1.14 * q / (Math.PI * Math.pow(d, 4));
        PipeFriction f = of(10, 46);
        assertThat(f.regime()).isEqualTo(Regime.LAMINAR);
        assertThat(f.drop().bar()).isCloseTo(pascal / 1e5, within(1e-9));
    }

    @Test
    void testTurbulentAndUncertainFlow() {
        // 38 L/min of grade 46 at 80 C: Re 5719, f 0.03638, 0.35511 bar; at 65 C Re 3647 lies between.
        PipeFriction warm = of(38, 11.1026106);
        assertThat(warm.regime()).isEqualTo(Regime.TURBULENT);
        assertThat(warm.reynolds()).isCloseTo(5718.9, within(0.1));
        assertThat(warm.drop().bar()).isCloseTo(0.355115, within(1e-5));
        PipeFriction between = of(38, 17.4081247);
        assertThat(between.regime()).isEqualTo(Regime.UNCERTAIN);
        assertThat(between.factor())
                .isEqualTo(Math.max(64 / between.reynolds(), PipeFriction.smooth(between.reynolds())));
    }

    @Test
    void testSmoothPipeAtHighReynoldsNumbers() {
        // Prandtl's law at Re 1e6: f = 0.011647 (worked apart; textbooks print 0.0116).
        assertThat(PipeFriction.smooth(1e6)).isCloseTo(0.0116465, within(1e-6));
        assertThat(PipeFriction.smooth(1e5)).isCloseTo(0.3164 / Math.pow(1e5, 0.25), within(1e-12));
    }

    @Test
    void testNoFlowLosesNothing() {
        assertThat(of(0, 46).drop().bar()).isZero();
    }

    @Test
    void testBoreForAFlowAtASpeedGivesThatSpeedBack() {
        Length bore = PipeFriction.boreFor(FlowRate.ofLitresPerMinute(38), 6.1);
        assertThat(bore.mm()).isCloseTo(11.4976, within(1e-3));
        assertThat(PipeVelocity.metresPerSecond(FlowRate.ofLitresPerMinute(38), bore))
                .isCloseTo(6.1, within(1e-9));
    }
}
