package mellowflare.core.flow;

import mellowflare.core.measure.AirReference;
import mellowflare.core.measure.Length;
import mellowflare.core.measure.Temperature;

/**
 * Isothermal flow of a gas: p1^2 - p2^2 = (16 R T / (pi^2 D^4)) (f L / D + K) m |m|. The weight of the gas itself is left out: it drives nothing that counts within a house or a shop.
 *
 * @param gasConstant R (J/(kg K))
 * @param temperature of the gas in the pipes
 * @param viscosity dynamic, at that temperature (Pa s)
 * @param heatRatio cp over cv, for the speed of sound
 */
public record GasLaw(double gasConstant, Temperature temperature, double viscosity, double heatRatio)
        implements FlowLaw {
    private static final double AIR_HEAT_RATIO = 1.4;

    /** Above this share of the speed of sound, or this share of pressure lost in one pipe, the isothermal law leaves its range (house limits of CONVENTIONS). */
    private static final double FAST = 0.3;

    private static final double STEEP = 0.4;

    public GasLaw {
        if (!(gasConstant > 0) || !(viscosity > 0) || !(heatRatio > 1)) {
            throw new IllegalArgumentException(
                    "A gas has a constant and a viscosity above zero and a heat ratio above one");
        }
    }

    /** Dry air. */
    public static GasLaw air(Temperature temperature) {
        return new GasLaw(AirReference.R_DRY, temperature, airViscosity(temperature), AIR_HEAT_RATIO);
    }

    /**
     * Dynamic viscosity of air (Pa s) by Sutherland: 1.716e-5 (T/273.15)^1.5 (273.15 + 110.4) / (T + 110.4).
     *
     * @param air its temperature
     */
    public static double airViscosity(Temperature air) {
        double t = air.celsius() + 273.15;
        return 1.716e-5 * Math.pow(t / 273.15, 1.5) * (273.15 + 110.4) / (t + 110.4);
    }

    private double kelvin() {
        return temperature.celsius() + 273.15;
    }

    @Override
    public double drive(double pascal, double metres) {
        return pascal * pascal;
    }

    @Override
    public double pascal(double drive, double metres) {
        return Math.sqrt(Math.max(0, drive));
    }

    @Override
    public PipeLaw pipe(Length length, Length bore, Length roughness, double k) {
        return new PipeLaw(length, bore, roughness, k, gasConstant * kelvin(), viscosity);
    }

    @Override
    public double density(double pascal) {
        return pascal / (gasConstant * kelvin());
    }

    @Override
    public double sound() {
        return Math.sqrt(heatRatio * gasConstant * kelvin());
    }

    @Override
    public boolean beyond(double mach, double share) {
        return mach > FAST || share > STEEP;
    }
}
