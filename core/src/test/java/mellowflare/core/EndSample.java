package mellowflare.core;

import java.util.List;
import java.util.Optional;
import mellowflare.core.connection.EndId;
import mellowflare.core.hose.line.HoseEndPick;
import mellowflare.core.line.Port;
import mellowflare.core.line.PortTried;
import mellowflare.core.material.Metal;

/**
 * A port and what goes on it.
 *
 * @param port the port
 * @param pick hose end and adapters
 */
public record EndSample(Port port, HoseEndPick pick) {
    public static EndSample unknown(String place) {
        return new EndSample(Port.unknown(place), HoseEndPick.NONE);
    }

    public EndSample taken(EndId end, Optional<Double> sure) {
        return new EndSample(port.taken(end, sure), pick);
    }

    public EndSample withMetal(Optional<Metal> m) {
        return new EndSample(port.withMetal(m), pick);
    }

    public EndSample withTried(PortTried t) {
        return new EndSample(port.withTried(t), pick);
    }

    public EndSample withHoseEnd(Optional<String> part) {
        return new EndSample(port, pick.withPart(part));
    }

    public EndSample withAdapters(List<String> parts) {
        return new EndSample(port, pick.withAdapters(parts));
    }

    public PortTried tried() {
        return port.tried();
    }
}
