package mellowflare.core.gas.fuel;

import java.util.Optional;
import mellowflare.core.measure.AirReference;
import mellowflare.core.measure.GasFlow;
import mellowflare.core.measure.HeatingValue;
import mellowflare.core.measure.MassFlow;
import mellowflare.core.measure.Power;
import mellowflare.core.reference.Source;

/**
 * A fuel gas.
 *
 * @param id stable name
 * @param name as shown
 * @param family what a burner must be set for
 * @param state in which its cubic metre is counted
 * @param gravity density over that of air in the same state
 * @param gross heating value with the water of burning condensed (MJ/m3)
 * @param net heating value without that (MJ/m3); empty where no reference gives it
 * @param centipoise viscosity as the sizing equations take it (cP)
 * @param y factor of the high-pressure sizing equation; empty where no table has it
 * @param viscosity dynamic, at 15 °C (Pa s)
 * @param heatRatio cp over cv
 * @param source of its figures
 */
public record FuelGas(
        String id,
        String name,
        GasFamily family,
        GasState state,
        double gravity,
        double gross,
        Optional<Double> net,
        double centipoise,
        Optional<Double> y,
        double viscosity,
        double heatRatio,
        Source source) {
    /** The sizing equations stand for 60 °F, 520 degrees Rankine. */
    private static final double RANKINE = 520;

    public FuelGas {
        if (!(gravity > 0 && gravity < 5) || !(gross > 1 && gross < 500)) {
            throw new IllegalArgumentException(
                    "A fuel gas has a gravity up to 5 and a heating value of 1 to 500 MJ/m3");
        }
        if (net.filter(n -> !(n > 0 && n <= gross)).isPresent()
                || y.filter(v -> !(v > 0.5 && v < 1.5)).isPresent()) {
            throw new IllegalArgumentException("The net heating value is not above the gross one, and Y lies near one");
        }
        if (!(centipoise > 0) || !(viscosity > 0) || !(heatRatio > 1)) {
            throw new IllegalArgumentException("A gas has a viscosity above zero and a heat ratio above one");
        }
    }

    public HeatingValue heating() {
        return new HeatingValue(gross);
    }

    /** Whether it sinks in air and gathers in what lies low. */
    public boolean sinks() {
        return gravity > 1;
    }

    /**
     * Cr of the sizing equations of NFPA 54: 0.00354 S T (Z / S)^0.152, with T = 520 degrees Rankine. Gives the code's 0.6094 for natural gas of 0.60 and 1.2462 for undiluted propane.
     */
    public double cr() {
        return 0.00354 * gravity * RANKINE * Math.pow(centipoise / gravity, 0.152);
    }

    /** The heating value that a power is counted on (MJ/m3); the gross one where there is no net one. */
    public double heat(HeatBasis basis) {
        return basis == HeatBasis.NET ? net.orElse(gross) : gross;
    }

    /** Flow that a burner draws: input / heating value. */
    public GasFlow flow(Power input, HeatBasis basis) {
        return GasFlow.ofCubicMetresPerHour(input.kilowatts() * 3.6 / heat(basis));
    }

    /** What a flow gives in heat. */
    public Power power(GasFlow flow, HeatBasis basis) {
        return Power.ofKilowatts(flow.cubicMetresPerHour() * heat(basis) / 3.6);
    }

    /** The mass of a flow: volume x gravity x density of air in its state. */
    public MassFlow mass(GasFlow flow) {
        return MassFlow.ofKgPerSecond(flow.cubicMetresPerHour() / 3600 * gravity * state.airDensity());
    }

    /** A mass, counted as volume of this gas. */
    public GasFlow volume(MassFlow mass) {
        return GasFlow.ofCubicMetresPerHour(Math.max(0, mass.kgPerSecond()) * 3600 / (gravity * state.airDensity()));
    }

    /** Its gas constant (J/(kg K)): that of air over the gravity. */
    public double gasConstant() {
        return AirReference.R_DRY / gravity;
    }

    /** The same with the heating value that its supplier gives. */
    public FuelGas with(HeatingValue heating) {
        double megajoulesPerCubicMetre = heating.megajoulesPerCubicMetre();
        return new FuelGas(
                id,
                name,
                family,
                state,
                gravity,
                megajoulesPerCubicMetre,
                net.map(n -> n * megajoulesPerCubicMetre / gross),
                centipoise,
                y,
                viscosity,
                heatRatio,
                source);
    }
}
