package mellowflare.core.flow;

import mellowflare.core.measure.KinematicViscosity;
import mellowflare.core.measure.Length;

/**
 * Flow of a liquid, driven by its pressure and its height: (p1 + rho g z1) - (p2 + rho g z2) = (8 / (pi^2 rho D^4)) (f L / D + K) m |m|.
 *
 * @param densityKgPerM3 density (kg/m3), above zero
 * @param viscosity at the liquid's temperature
 */
public record LiquidLaw(double densityKgPerM3, KinematicViscosity viscosity) implements FlowLaw {
    /** Standard gravity (m/s2). */
    private static final double G = 9.80665;

    public LiquidLaw {
        if (!(densityKgPerM3 > 0)) {
            throw new IllegalArgumentException("A density is above zero, not " + densityKgPerM3);
        }
    }

    @Override
    public double drive(double pascal, double metres) {
        return pascal + densityKgPerM3 * G * metres;
    }

    @Override
    public double pascal(double drive, double metres) {
        return drive - densityKgPerM3 * G * metres;
    }

    @Override
    public PipeLaw pipe(Length length, Length bore, Length roughness, double k) {
        return new PipeLaw(
                length, bore, roughness, k, 1 / (2 * densityKgPerM3), densityKgPerM3 * viscosity.mm2PerSecond() * 1e-6);
    }

    @Override
    public double density(double pascal) {
        return densityKgPerM3;
    }

    @Override
    public double sound() {
        return Double.POSITIVE_INFINITY;
    }

    @Override
    public boolean beyond(double mach, double share) {
        return false;
    }
}
