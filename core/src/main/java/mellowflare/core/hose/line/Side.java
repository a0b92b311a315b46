package mellowflare.core.hose.line;

import java.util.List;
import java.util.Optional;
import mellowflare.core.connection.End;
import mellowflare.core.connection.LineEnd;
import mellowflare.core.connection.Seat;
import mellowflare.core.connection.Together;
import mellowflare.core.line.PortTried;
import mellowflare.core.lookalike.LookAlike;
import mellowflare.core.material.Metal;
import mellowflare.core.measure.Length;
import mellowflare.core.parts.HoseEndPart;

/**
 * One side of a line with everything looked up.
 *
 * @param which A or B
 * @param place what the port belongs to
 * @param port the machine's end
 * @param certainty how sure Gauge was; empty when picked
 * @param lookAlikes what the port can be mistaken for
 * @param part the hose end
 * @param offered what the hose end offers, as the end table has it
 * @param adapters what stands between port and hose end, the one on the port first
 * @param metal what the port is made of
 * @param tried what was tried at a port that should have a ring housing
 */
public record Side(
        LineEnd which,
        String place,
        Optional<End> port,
        Optional<Double> certainty,
        List<LookAlike> lookAlikes,
        Optional<HoseEndPart> part,
        Optional<End> offered,
        List<Fitted> adapters,
        Optional<Metal> metal,
        PortTried tried) {
    /** Ends that sit in a loose nut more often than not. */
    private static final double NUT_TURNS = 0.5;

    public Side {
        lookAlikes = List.copyOf(lookAlikes);
        adapters = List.copyOf(adapters);
    }

    /** The end that the hose end goes on: the port itself, or the outer end of the last adapter. */
    public Optional<End> presented() {
        return adapters.isEmpty()
                ? port
                : Optional.of(adapters.get(adapters.size() - 1).outer());
    }

    /** What the metal of that end is: the port's, or the last adapter's. */
    public Optional<Metal> presentedMetal() {
        return adapters.isEmpty()
                ? metal
                : Optional.of(adapters.get(adapters.size() - 1).part().metal());
    }

    /** How the hose end's joint seals: as its seat has it where the other side has it too, else as that usually does. */
    public Optional<Seat> seat() {
        Optional<Seat> shared = part.map(HoseEndPart::seat).filter(s -> mates().orElse(true));
        return shared.or(() -> part.isEmpty() ? presented().map(End::usualSeat) : Optional.empty());
    }

    /** Whether the joint can be tightened with the hose held still: the hose end's nut turns, or the nut of what it goes on does. */
    public boolean turns() {
        return part.filter(HoseEndPart::swivel).isPresent()
                || presented().filter(p -> p.form().swivel() >= NUT_TURNS).isPresent();
    }

    /** Length that the adapters take of the line. */
    public Length adapterLength() {
        return adapters.stream().map(f -> f.part().length()).reduce(Length.ZERO, Length::plus);
    }

    /** Whether hose end and what it goes on belong together; empty while one of them is not chosen. */
    public Optional<Boolean> mates() {
        return presented().flatMap(p -> offered.map(o -> joint().isPresent()));
    }

    /** How they go together; empty when they do not belong together, and while one of them is not chosen. */
    public Optional<Together> joint() {
        return presented()
                .flatMap(p -> offered.flatMap(o -> Together.of(p, o)))
                .filter(t -> t.seats().contains(part.orElseThrow().seat()));
    }
}
