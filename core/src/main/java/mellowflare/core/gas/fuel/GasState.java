package mellowflare.core.gas.fuel;

import mellowflare.core.measure.AirReference;

/** The state in which a volume of fuel gas is counted. */
public enum GasState {
    /** 60 °F and 30 inches of mercury (101 591.67 Pa): NFPA 54. */
    US(288.70556, 101_591.67),
    /** 15 °C and 1013.25 mbar, dry: EN 437, ISO 13443. */
    EN(288.15, 101_325);

    private final double kelvin;
    private final double pascal;

    GasState(double kelvin, double pascal) {
        this.kelvin = kelvin;
        this.pascal = pascal;
    }

    /** Density of dry air in that state (kg/m3). */
    double airDensity() {
        return pascal / (AirReference.R_DRY * kelvin);
    }
}
