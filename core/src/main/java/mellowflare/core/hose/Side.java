package mellowflare.core.hose;

import java.util.List;
import java.util.Optional;
import mellowflare.core.connection.End;
import mellowflare.core.connection.Seat;
import mellowflare.core.lookalike.Twin;
import mellowflare.core.parts.HoseEndPart;

/**
 * One side of a line with everything looked up.
 *
 * @param which A or B
 * @param place what the port belongs to
 * @param port the machine's end
 * @param certainty how sure Gauge was; empty when picked
 * @param twins what the port can be mistaken for
 * @param part the hose end
 */
public record Side(
        Which which,
        String place,
        Optional<End> port,
        Optional<Double> certainty,
        List<Twin> twins,
        Optional<HoseEndPart> part) {
    public Side {
        twins = List.copyOf(twins);
    }

    /** How the joint seals: as the hose end's seat has it where the port has it too, else as the port usually does. */
    public Optional<Seat> seat() {
        Optional<Seat> shared = part.map(HoseEndPart::seat)
                .filter(s -> port.map(p -> p.seats().contains(s)).orElse(true));
        return shared.or(() -> part.isEmpty() ? port.map(End::usualSeat) : Optional.empty());
    }

    /** Whether hose end and port belong together; empty while one of them is not chosen. */
    public Optional<Boolean> mates() {
        return port.flatMap(p ->
                part.map(e -> (e.end().equals(p.mateId()) || e.end().mate().equals(p.id()))
                        && p.seats().contains(e.seat())));
    }
}
