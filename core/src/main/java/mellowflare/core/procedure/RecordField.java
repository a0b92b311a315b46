package mellowflare.core.procedure;

import java.util.Optional;
import mellowflare.core.measure.GaugePressure;
import mellowflare.core.measure.Length;
import mellowflare.core.measure.LengthBand;

/**
 * A figure that must be written down before its step is ticked.
 *
 * @param id stable name within the step
 * @param label as shown
 * @param lengthBand the band a length must lie in, for a length
 * @param atLeast the least pressure, for a pressure
 */
public record RecordField(String id, String label, Optional<LengthBand> lengthBand, Optional<GaugePressure> atLeast) {
    public RecordField {
        if (lengthBand.isPresent() == atLeast.isPresent()) {
            throw new IllegalArgumentException("A recorded figure is either a length or a pressure: " + id);
        }
    }

    public static RecordField length(String id, String label, Length target, Length tolerance) {
        return new RecordField(
                id, label, Optional.of(new LengthBand(target, target).widened(tolerance)), Optional.empty());
    }

    public static RecordField pressure(String id, String label, GaugePressure atLeast) {
        return new RecordField(id, label, Optional.empty(), Optional.of(atLeast));
    }
}
