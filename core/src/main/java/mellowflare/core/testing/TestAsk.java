package mellowflare.core.testing;

import java.util.List;
import java.util.Objects;
import java.util.Optional;
import mellowflare.core.fluid.Fluid;
import mellowflare.core.fluid.FluidGroup;
import mellowflare.core.measure.GaugePressure;

/**
 * A test that a line's order of work asks for.
 *
 * @param key stable name: the step and the test
 * @param step what the step is called
 * @param duty the test
 * @param media what the line may be filled with, the usual one first: none that what will run in it could not stand
 * @param target the pressure to be reached; empty while it is not known or the code says it
 */
public record TestAsk(String key, String step, Duty duty, List<Medium> media, Optional<GaugePressure> target) {
    public TestAsk {
        Objects.requireNonNull(duty);
        Objects.requireNonNull(target);
        media = List.copyOf(media);
    }

    /**
     * The test of a step.
     *
     * @param fluid what will run in the line
     */
    public static TestAsk of(
            String stepId, String step, Duty duty, Optional<Fluid> fluid, Optional<GaugePressure> target) {
        boolean drinking = fluid.filter(f -> f.group() == FluidGroup.DRINKING).isPresent();
        return new TestAsk(
                stepId + "/" + duty.id(),
                step,
                duty,
                duty.media().stream()
                        .filter(m -> !(drinking && m == Medium.OIL))
                        .toList(),
                duty.kind().evacuates() ? Optional.empty() : target);
    }
}
