package mellowflare.core.flow;

import mellowflare.core.measure.FlowRate;
import mellowflare.core.measure.KinematicViscosity;
import mellowflare.core.measure.Length;
import mellowflare.core.measure.PressureDifference;

/**
 * Steady flow of a liquid through a smooth round bore.
 *
 * @param metresPerSecond mean speed
 * @param reynolds Reynolds number
 * @param regime laminar, turbulent or between
 * @param factor Darcy's friction factor that was used
 * @param drop pressure lost over the length
 */
public record PipeFriction(
        double metresPerSecond, double reynolds, Regime regime, double factor, PressureDifference drop) {
    private static final double LAMINAR_TO = 2300;
    private static final double TURBULENT_FROM = 4000;

    /** How the liquid runs. */
    public enum Regime {
        LAMINAR,
        UNCERTAIN,
        TURBULENT
    }

    /**
     * Darcy: dp = f L/D rho v2/2; laminar f = 64/Re, turbulent by Blasius 0.3164 Re^-0.25 up to Re 100 000 and Prandtl's law for smooth pipe above.
     * Between 2300 and 4000 the larger of the two is taken.
     *
     * @param flow volume flow
     * @param bore inside diameter, above zero
     * @param length along the bore
     * @param viscosity at the liquid's temperature
     * @param densityKgPerM3 density (kg/m3)
     */
    public static PipeFriction of(
            FlowRate flow, Length bore, Length length, KinematicViscosity viscosity, double densityKgPerM3) {
        double v = PipeVelocity.metresPerSecond(flow, bore);
        double d = bore.mm() / 1000;
        double re = v * d / (viscosity.mm2PerSecond() * 1e-6);
        Regime regime = re < LAMINAR_TO ? Regime.LAMINAR : re < TURBULENT_FROM ? Regime.UNCERTAIN : Regime.TURBULENT;
        double f = re <= 0
                ? 0
                : switch (regime) {
                    case LAMINAR -> 64 / re;
                    case TURBULENT -> smooth(re);
                    case UNCERTAIN -> Math.max(64 / re, smooth(re));
                };
        double pascal = f * (length.mm() / 1000) / d * densityKgPerM3 * v * v / 2;
        return new PipeFriction(v, re, regime, f, PressureDifference.ofBar(pascal / 1e5));
    }

    /** Blasius, and above its range Prandtl's 1/sqrt f = 2 log10 (Re sqrt f) - 0.8 by iteration. */
    static double smooth(double re) {
        double f = 0.3164 / Math.pow(re, 0.25);
        if (re <= 1e5) {
            return f;
        }
        for (int i = 0; i < 30; i++) {
            double root = 2 * Math.log10(re * Math.sqrt(f)) - 0.8;
            f = 1 / (root * root);
        }
        return f;
    }

    /** The bore in which a flow runs at a speed: d = sqrt(4 Q / (pi v)). */
    public static Length boreFor(FlowRate flow, double metresPerSecond) {
        double cubicMetresPerSecond = flow.litresPerMinute() / 60_000;
        return Length.ofMm(1000 * Math.sqrt(4 * cubicMetresPerSecond / (Math.PI * metresPerSecond)));
    }
}
