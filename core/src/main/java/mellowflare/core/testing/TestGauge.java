package mellowflare.core.testing;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.time.LocalDate;
import java.util.Objects;
import java.util.Optional;
import mellowflare.core.measure.GaugePressure;
import mellowflare.core.measure.PressureDifference;

/**
 * What the pressure was read with.
 *
 * @param name as the shop calls it; may be blank
 * @param number its number, by which its certificate is found; may be blank
 * @param upTo end of its range
 * @param step finest step that can be read, above zero
 * @param calibratedUntil last day on which its certificate holds
 */
@RecordBuilder
public record TestGauge(
        String name,
        String number,
        Optional<GaugePressure> upTo,
        Optional<PressureDifference> step,
        Optional<LocalDate> calibratedUntil)
        implements TestGaugeBuilder.With {
    public static final TestGauge UNSAID = new TestGauge("", "", Optional.empty(), Optional.empty(), Optional.empty());

    public TestGauge {
        Objects.requireNonNull(name);
        Objects.requireNonNull(number);
        if (step.filter(s -> !(s.bar() > 0)).isPresent()) {
            throw new IllegalArgumentException("The step of a gauge is above zero");
        }
    }
}
