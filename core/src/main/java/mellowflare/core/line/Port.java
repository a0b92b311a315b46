package mellowflare.core.line;

import java.util.Map;
import java.util.Optional;
import mellowflare.core.connection.EndId;
import mellowflare.core.identify.Observation;
import mellowflare.core.material.Metal;

/**
 * What a line joins at one end, as the job keeps it.
 *
 * @param place what the port belongs to, such as “slew motor”
 * @param seen what was observed of the port
 * @param typed the texts as typed into Gauge, by field, so that reopening shows them
 * @param end the end that the port was taken for
 * @param certainty how sure Gauge was when it was taken, 0 to 1; empty when it was picked from the tables
 * @param metal what the port is made of
 * @param tried what was tried at a port that should have a ring housing
 */
public record Port(
        String place,
        Optional<Observation> seen,
        Map<String, String> typed,
        Optional<EndId> end,
        Optional<Double> certainty,
        Optional<Metal> metal,
        PortTried tried) {
    public Port {
        typed = Map.copyOf(typed);
        certainty.filter(c -> !(c >= 0 && c <= 1)).ifPresent(c -> {
            throw new IllegalArgumentException("A certainty lies between 0 and 1, not " + c);
        });
    }

    public static Port unknown(String place) {
        return new Port(
                place, Optional.empty(), Map.of(), Optional.empty(), Optional.empty(), Optional.empty(), PortTried.NOT);
    }

    public Port withPlace(String name) {
        return new Port(name, seen, typed, end, certainty, metal, tried);
    }

    public Port withSeen(Observation observation, Map<String, String> texts) {
        return new Port(place, Optional.of(observation), texts, end, certainty, metal, tried);
    }

    /** The port is now taken for this end; what was tried at it as another falls away. */
    public Port taken(EndId now, Optional<Double> sure) {
        boolean same = end.filter(now::equals).isPresent();
        return new Port(place, seen, typed, Optional.of(now), sure, metal, same ? tried : PortTried.NOT);
    }

    public Port withMetal(Optional<Metal> m) {
        return new Port(place, seen, typed, end, certainty, m, tried);
    }

    public Port withTried(PortTried how) {
        return new Port(place, seen, typed, end, certainty, metal, how);
    }
}
