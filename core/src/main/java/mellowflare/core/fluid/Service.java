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
 * @param ambient where it lies and what is done to it
 * @param basis which standard tables its pressure is read from
 * @param work new work, a replacement or a conversion; while it is not said the order of work takes a replacement, which is the careful one
 */
public record Service(
        Optional<String> fluid,
        Optional<GaugePressure> working,
        Optional<GaugePressure> peak,
        Optional<Temperature> fluidTemperature,
        Optional<FlowRate> flow,
        Duty duty,
        Ambient ambient,
        PressureBasis basis,
        Optional<Work> work) {
    public static final Service UNSAID =
            new Service(Optional.empty(), Optional.empty(), Optional.empty(), Optional.empty(), Optional.empty());

    /** A pressure line of whose surroundings nothing is said. */
    public Service(
            Optional<String> fluid,
            Optional<GaugePressure> working,
            Optional<GaugePressure> peak,
            Optional<Temperature> fluidTemperature,
            Optional<FlowRate> flow) {
        this(
                fluid,
                working,
                peak,
                fluidTemperature,
                flow,
                Duty.PRESSURE,
                Ambient.UNSAID,
                PressureBasis.INCH,
                Optional.empty());
    }

    public Service withDuty(Duty now) {
        return new Service(fluid, working, peak, fluidTemperature, flow, now, ambient, basis, work);
    }

    public Service withFluid(Optional<String> now) {
        return new Service(now, working, peak, fluidTemperature, flow, duty, ambient, basis, work);
    }

    public Service withWorking(Optional<GaugePressure> now) {
        return new Service(fluid, now, peak, fluidTemperature, flow, duty, ambient, basis, work);
    }

    public Service withPeak(Optional<GaugePressure> now) {
        return new Service(fluid, working, now, fluidTemperature, flow, duty, ambient, basis, work);
    }

    public Service withFluidTemperature(Optional<Temperature> now) {
        return new Service(fluid, working, peak, now, flow, duty, ambient, basis, work);
    }

    public Service withFlow(Optional<FlowRate> now) {
        return new Service(fluid, working, peak, fluidTemperature, now, duty, ambient, basis, work);
    }

    public Service withAmbient(Ambient now) {
        return new Service(fluid, working, peak, fluidTemperature, flow, duty, now, basis, work);
    }

    public Service withBasis(PressureBasis now) {
        return new Service(fluid, working, peak, fluidTemperature, flow, duty, ambient, now, work);
    }

    public Service withWork(Optional<Work> now) {
        return new Service(fluid, working, peak, fluidTemperature, flow, duty, ambient, basis, now);
    }
}
