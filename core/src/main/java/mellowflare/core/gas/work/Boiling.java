package mellowflare.core.gas.work;

import java.util.Optional;
import mellowflare.core.gas.fuel.FuelGas;
import mellowflare.core.gas.fuel.GasTable;
import mellowflare.core.gas.fuel.HeatBasis;
import mellowflare.core.gas.line.GasSource;
import mellowflare.core.gas.stock.Cylinder;
import mellowflare.core.gas.stock.GasStock;
import mellowflare.core.measure.AbsolutePressure;
import mellowflare.core.measure.GaugePressure;
import mellowflare.core.measure.MassFlow;
import mellowflare.core.measure.Power;
import mellowflare.core.measure.Temperature;

/**
 * What cylinders can boil off in the cold: the heat that comes through the wetted wall while the liquid is as cold as its regulator allows, over the heat of boiling:
 * m = U A (t air - t liquid) / r.
 *
 * @param liquid coldest the liquid may become, so that the pressure over it still serves
 * @param gives heat that the cylinders give for as long as asked; zero where the air is colder than that
 * @param rest pressure in a cylinder that gives no gas, in that air
 */
public record Boiling(Temperature liquid, Power gives, Optional<GaugePressure> rest) {
    /**
     * @param least pressure that the regulator needs
     * @return empty for a gas that is not kept liquid
     */
    static Optional<Boiling> of(
            FuelGas gas,
            GasTable gases,
            GasStock stock,
            Cylinder cylinder,
            GasSource source,
            GaugePressure least,
            Temperature air,
            AbsolutePressure barometer) {
        Optional<Temperature> liquid = gases.boilsAt(gas.family(), least, barometer);
        Optional<Double> latent = gases.latent(gas.family());
        if (liquid.isEmpty() || latent.isEmpty()) {
            return Optional.empty();
        }
        double kelvin = Math.max(0, air.celsius() - liquid.get().celsius());
        double watts = stock.boiling(source.drawn()) * cylinder.wetted(source.fill()) * kelvin * source.count();
        double kgPerSecond = watts / (latent.get() * 1000);
        Power gives = gas.power(gas.volume(MassFlow.ofKgPerSecond(kgPerSecond)), HeatBasis.GROSS);
        return Optional.of(new Boiling(
                liquid.get(),
                gives,
                gases.boiling(gas.family(), air).filter(p -> p.bar() > 0).map(p -> p.gauge(barometer))));
    }
}
