package mellowflare.core.fluid;

import java.util.Optional;
import mellowflare.core.measure.GaugePressure;

/**
 * The highest pressure that a line must withstand. Surges above the rating break a line in the end: they count like working pressure (SAE J1273).
 *
 * @param pressure of surge or working pressure the higher
 * @param surge whether that is a surge
 */
public record HighestPressure(GaugePressure pressure, boolean surge) {
    /** That of a service; empty while neither working pressure nor surge is said. */
    public static Optional<HighestPressure> of(Service service) {
        Optional<HighestPressure> working = service.working().map(p -> new HighestPressure(p, false));
        Optional<HighestPressure> peak = service.peak().map(p -> new HighestPressure(p, true));
        return working.flatMap(w -> peak.filter(p -> p.pressure.compareTo(w.pressure) > 0))
                .or(() -> working)
                .or(() -> peak);
    }

    /** What it is, in two words. */
    public String word() {
        return surge ? Say.it("highest-pressure.surge") : Say.it("highest-pressure.working");
    }
}
