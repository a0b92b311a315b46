package mellowflare.core.hose;

import java.util.Map;
import java.util.Optional;
import mellowflare.core.connection.EndId;
import mellowflare.core.identify.Observation;

/**
 * One end of a line as the job keeps it.
 *
 * @param place what the port belongs to, such as “slew motor”
 * @param seen what was observed of the port
 * @param typed the texts as typed into Gauge, by field, so that reopening shows them
 * @param port the end that the port was taken for
 * @param certainty how sure Gauge was when it was taken; empty when it was picked from the tables
 * @param hoseEnd part number of the hose end that goes on it
 */
public record LineEnd(
        String place,
        Optional<Observation> seen,
        Map<String, String> typed,
        Optional<EndId> port,
        Optional<Double> certainty,
        Optional<String> hoseEnd) {
    public LineEnd {
        typed = Map.copyOf(typed);
        certainty.filter(c -> !(c >= 0 && c <= 1)).ifPresent(c -> {
            throw new IllegalArgumentException("A certainty lies between 0 and 1, not " + c);
        });
    }

    public static LineEnd unknown(String place) {
        return new LineEnd(place, Optional.empty(), Map.of(), Optional.empty(), Optional.empty(), Optional.empty());
    }

    public LineEnd withPlace(String name) {
        return new LineEnd(name, seen, typed, port, certainty, hoseEnd);
    }

    public LineEnd withSeen(Observation observation, Map<String, String> texts) {
        return new LineEnd(place, Optional.of(observation), texts, port, certainty, hoseEnd);
    }

    /** The port is now taken for this end; a hose end chosen for another port falls away. */
    public LineEnd taken(EndId end, Optional<Double> sure) {
        return new LineEnd(
                place,
                seen,
                typed,
                Optional.of(end),
                sure,
                port.filter(end::equals).flatMap(p -> hoseEnd));
    }

    public LineEnd withHoseEnd(Optional<String> part) {
        return new LineEnd(place, seen, typed, port, certainty, part);
    }
}
