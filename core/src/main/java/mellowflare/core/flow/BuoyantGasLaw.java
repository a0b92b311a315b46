package mellowflare.core.flow;

import mellowflare.core.measure.AbsolutePressure;
import mellowflare.core.measure.AirReference;
import mellowflare.core.measure.Length;
import mellowflare.core.measure.Temperature;

/**
 * Isothermal flow of a gas whose weight against the air around counts, as that of fuel gas a few millibar above the air: what drives it is p^2 + 2 p0 (rho gas - rho air) g z, which is
 * p + (rho gas - rho air) g z near p0. Gauges are read against the air at their own height, so that a heavy gas loses pressure as it rises and a light one gains.
 *
 * @param gas the law without height
 * @param about pressure near which the gas runs (p0)
 * @param around pressure of the air at the height zero
 * @param temperature of gas and air
 */
public record BuoyantGasLaw(GasLaw gas, AbsolutePressure about, AbsolutePressure around, Temperature temperature)
        implements FlowLaw {
    /** Standard gravity (m/s2). */
    private static final double G = 9.80665;

    /** What a metre of height takes of a gauge's reading (Pa/m): above zero for a gas heavier than air. */
    public double pascalPerMetre() {
        double air = around.pascal() / (AirReference.R_DRY * (temperature.celsius() + 273.15));
        return (gas.density(about.pascal()) - air) * G;
    }

    private double weight(double metres) {
        return 2 * about.pascal() * pascalPerMetre() * metres;
    }

    @Override
    public double drive(double pascal, double metres) {
        return gas.drive(pascal, 0) + weight(metres);
    }

    @Override
    public double pascal(double drive, double metres) {
        return gas.pascal(drive - weight(metres), 0);
    }

    @Override
    public PipeLaw pipe(Length length, Length bore, Length roughness, double k) {
        return gas.pipe(length, bore, roughness, k);
    }

    @Override
    public double density(double pascal) {
        return gas.density(pascal);
    }

    @Override
    public double sound() {
        return gas.sound();
    }

    @Override
    public boolean beyond(double mach, double share) {
        return gas.beyond(mach, share);
    }
}
