package mellowflare.core.hose;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import mellowflare.core.connection.EndId;
import mellowflare.core.identify.Observation;
import mellowflare.core.material.Metal;

/**
 * One end of a line as the job keeps it.
 *
 * @param place what the port belongs to, such as “slew motor”
 * @param seen what was observed of the port
 * @param typed the texts as typed into Gauge, by field, so that reopening shows them
 * @param port the end that the port was taken for
 * @param certainty how sure Gauge was when it was taken; empty when it was picked from the tables
 * @param hoseEnd part number of the hose end that goes on it
 * @param adapters part numbers of adapters between port and hose end, the one on the port first
 * @param metal what the port is made of
 * @param tried what was tried at a port that should have a ring housing
 */
public record LineEnd(
        String place,
        Optional<Observation> seen,
        Map<String, String> typed,
        Optional<EndId> port,
        Optional<Double> certainty,
        Optional<String> hoseEnd,
        List<String> adapters,
        Optional<Metal> metal,
        PortTried tried) {
    public LineEnd {
        typed = Map.copyOf(typed);
        adapters = List.copyOf(adapters);
        certainty.filter(c -> !(c >= 0 && c <= 1)).ifPresent(c -> {
            throw new IllegalArgumentException("A certainty lies between 0 and 1, not " + c);
        });
    }

    /** An end without adapters. */
    public LineEnd(
            String place,
            Optional<Observation> seen,
            Map<String, String> typed,
            Optional<EndId> port,
            Optional<Double> certainty,
            Optional<String> hoseEnd) {
        this(place, seen, typed, port, certainty, hoseEnd, List.of(), Optional.empty(), PortTried.NOT);
    }

    public static LineEnd unknown(String place) {
        return new LineEnd(place, Optional.empty(), Map.of(), Optional.empty(), Optional.empty(), Optional.empty());
    }

    public LineEnd withPlace(String name) {
        return new LineEnd(name, seen, typed, port, certainty, hoseEnd, adapters, metal, tried);
    }

    public LineEnd withSeen(Observation observation, Map<String, String> texts) {
        return new LineEnd(place, Optional.of(observation), texts, port, certainty, hoseEnd, adapters, metal, tried);
    }

    /** The port is now taken for this end; hose end and adapters chosen for another port fall away. */
    public LineEnd taken(EndId end, Optional<Double> sure) {
        boolean same = port.filter(end::equals).isPresent();
        return new LineEnd(
                place,
                seen,
                typed,
                Optional.of(end),
                sure,
                same ? hoseEnd : Optional.empty(),
                same ? adapters : List.of(),
                metal,
                same ? tried : PortTried.NOT);
    }

    public LineEnd withHoseEnd(Optional<String> part) {
        return new LineEnd(place, seen, typed, port, certainty, part, adapters, metal, tried);
    }

    /** With other adapters; a hose end chosen for what was there falls away. */
    public LineEnd withAdapters(List<String> parts) {
        return new LineEnd(
                place,
                seen,
                typed,
                port,
                certainty,
                parts.equals(adapters) ? hoseEnd : Optional.empty(),
                parts,
                metal,
                tried);
    }

    public LineEnd withMetal(Optional<Metal> m) {
        return new LineEnd(place, seen, typed, port, certainty, hoseEnd, adapters, m, tried);
    }

    public LineEnd withTried(PortTried how) {
        return new LineEnd(place, seen, typed, port, certainty, hoseEnd, adapters, metal, how);
    }
}
