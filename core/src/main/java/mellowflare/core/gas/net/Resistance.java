package mellowflare.core.gas.net;

import java.util.Optional;
import mellowflare.core.gas.fuel.FuelGas;

/**
 * What the code's equations know of a gas.
 *
 * @param cr factor of gravity and viscosity, above zero
 * @param y factor of the high-pressure form; empty where no table has it
 */
public record Resistance(double cr, Optional<Double> y) {
    public Resistance {
        if (!(cr > 0 && cr < 10) || y.filter(v -> !(v > 0.5 && v < 1.5)).isPresent()) {
            throw new IllegalArgumentException("Cr lies between 0 and 10, and Y near one");
        }
    }

    public static Resistance of(FuelGas gas) {
        return new Resistance(gas.cr(), gas.y());
    }
}
