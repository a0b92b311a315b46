package mellowflare.core.air.main;

import java.util.List;
import mellowflare.core.flow.hold.HoldTest;
import mellowflare.core.measure.FreeAir;
import mellowflare.core.measure.PressureDifference;

/**
 * A hold test of the finished main, as far as it was taken.
 *
 * @param readings in order of time
 * @param allowed largest leak that passes
 * @param gaugeStep finest step of the gauge
 * @param receiver whether the receiver was shut in with the pipes
 */
public record Held(List<HoldTest.Reading> readings, FreeAir allowed, PressureDifference gaugeStep, boolean receiver) {
    public static final Held NOT_YET =
            new Held(List.of(), FreeAir.ofLitresPerMinute(5), PressureDifference.ofBar(0.02), false);

    public Held {
        readings = List.copyOf(readings);
        boolean some = readings.stream().anyMatch(r -> r.air().isPresent());
        for (int i = 0; i < readings.size(); i++) {
            if (i > 0 && readings.get(i).seconds() < readings.get(i - 1).seconds() + HoldTest.LEAST_APART) {
                throw new IllegalArgumentException("Readings of a hold test stand in order of time");
            }
            if (some && readings.get(i).air().isEmpty()) {
                throw new IllegalArgumentException("Every reading of a hold test has its temperature, or none has");
            }
        }
        if (!(gaugeStep.bar() > 0)) {
            throw new IllegalArgumentException("The step of a gauge is above zero");
        }
    }

    public Held withReadings(List<HoldTest.Reading> r) {
        return new Held(r, allowed, gaugeStep, receiver);
    }

    public Held withAllowed(FreeAir a) {
        return new Held(readings, a, gaugeStep, receiver);
    }

    public Held withGaugeStep(PressureDifference s) {
        return new Held(readings, allowed, s, receiver);
    }

    public Held withReceiver(boolean r) {
        return new Held(readings, allowed, gaugeStep, r);
    }
}
