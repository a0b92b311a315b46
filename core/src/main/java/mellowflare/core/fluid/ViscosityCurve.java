package mellowflare.core.fluid;

import mellowflare.core.measure.KinematicViscosity;
import mellowflare.core.measure.Temperature;

/**
 * Viscosity of a liquid over temperature, through two known points. Oils (both points at 2 mm2/s or more) after Walther, log log (v + 0.7) = A - B log T
 * (ASTM D341); thin liquids after Andrade, ln v = A + B / T.
 *
 * @param cool a temperature
 * @param atCool viscosity there
 * @param warm another, above it
 * @param atWarm viscosity there
 */
public record ViscosityCurve(Temperature cool, KinematicViscosity atCool, Temperature warm, KinematicViscosity atWarm) {
    private static final double KELVIN = 273.15;
    private static final double WALTHER = 0.7;
    private static final double OIL_FROM = 2;

    public ViscosityCurve {
        if (cool.compareTo(warm) >= 0) {
            throw new IllegalArgumentException("Two temperatures are needed, the cool one first");
        }
    }

    public KinematicViscosity at(Temperature t) {
        boolean oil = atCool.mm2PerSecond() >= OIL_FROM && atWarm.mm2PerSecond() >= OIL_FROM;
        double t1 = cool.celsius() + KELVIN;
        double t2 = warm.celsius() + KELVIN;
        double now = t.celsius() + KELVIN;
        if (oil) {
            double w1 = Math.log10(Math.log10(atCool.mm2PerSecond() + WALTHER));
            double w2 = Math.log10(Math.log10(atWarm.mm2PerSecond() + WALTHER));
            double way = (Math.log10(now) - Math.log10(t1)) / (Math.log10(t2) - Math.log10(t1));
            return KinematicViscosity.ofMm2PerSecond(Math.max(
                    1e-3, Math.pow(10, Math.pow(10, w1 + way * (w2 - w1))) - WALTHER));
        }
        double way = (1 / now - 1 / t1) / (1 / t2 - 1 / t1);
        double l1 = Math.log(atCool.mm2PerSecond());
        double l2 = Math.log(atWarm.mm2PerSecond());
        return KinematicViscosity.ofMm2PerSecond(Math.exp(l1 + way * (l2 - l1)));
    }
}
