package mellowflare.core.hose.line;

import java.util.List;
import java.util.Optional;

/**
 * What was chosen to go on one port.
 *
 * @param part part number of the hose end
 * @param adapters part numbers of adapters between port and hose end, the one on the port first
 */
public record HoseEndPick(Optional<String> part, List<String> adapters) {
    public static final HoseEndPick NONE = new HoseEndPick(Optional.empty(), List.of());

    public HoseEndPick {
        adapters = List.copyOf(adapters);
    }

    /** This hose end straight on the port. */
    public static HoseEndPick of(String part) {
        return new HoseEndPick(Optional.of(part), List.of());
    }

    public HoseEndPick withPart(Optional<String> other) {
        return new HoseEndPick(other, adapters);
    }

    /** With other adapters; a hose end chosen for what was there falls away. */
    public HoseEndPick withAdapters(List<String> parts) {
        return new HoseEndPick(parts.equals(adapters) ? part : Optional.empty(), parts);
    }
}
