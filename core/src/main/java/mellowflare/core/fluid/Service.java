package mellowflare.core.fluid;

import java.util.Optional;
import mellowflare.core.measure.FlowRate;
import mellowflare.core.measure.GaugePressure;
import mellowflare.core.measure.Temperature;

/**
 * What the line must do. What has not been said stays empty and is reported as not checked.
 *
 * @param fluid id of the fluid
 * @param working highest working pressure
 * @param peak highest pressure of any surge
 * @param fluidTemperature hottest fluid
 * @param flow largest flow
 * @param duty pressure, return or suction
 */
public record Service(
        Optional<String> fluid,
        Optional<GaugePressure> working,
        Optional<GaugePressure> peak,
        Optional<Temperature> fluidTemperature,
        Optional<FlowRate> flow,
        Duty duty) {
    public static final Service UNSAID =
            new Service(Optional.empty(), Optional.empty(), Optional.empty(), Optional.empty(), Optional.empty());

    /** A pressure line. */
    public Service(
            Optional<String> fluid,
            Optional<GaugePressure> working,
            Optional<GaugePressure> peak,
            Optional<Temperature> fluidTemperature,
            Optional<FlowRate> flow) {
        this(fluid, working, peak, fluidTemperature, flow, Duty.PRESSURE);
    }

    public Service withDuty(Duty d) {
        return new Service(fluid, working, peak, fluidTemperature, flow, d);
    }

    public Service withFluid(Optional<String> f) {
        return new Service(f, working, peak, fluidTemperature, flow, duty);
    }

    public Service withWorking(Optional<GaugePressure> p) {
        return new Service(fluid, p, peak, fluidTemperature, flow, duty);
    }

    public Service withPeak(Optional<GaugePressure> p) {
        return new Service(fluid, working, p, fluidTemperature, flow, duty);
    }

    public Service withFluidTemperature(Optional<Temperature> t) {
        return new Service(fluid, working, peak, t, flow, duty);
    }

    public Service withFlow(Optional<FlowRate> q) {
        return new Service(fluid, working, peak, fluidTemperature, q, duty);
    }
}
