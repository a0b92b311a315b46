package mellowflare.core.hose.line;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import mellowflare.core.connection.End;
import mellowflare.core.connection.EndTable;
import mellowflare.core.connection.Seat;
import mellowflare.core.connection.Together;
import mellowflare.core.parts.AdapterPart;
import mellowflare.core.parts.AdapterTable;
import mellowflare.core.reference.ReferenceData;

/**
 * An adapter as it stands in a line.
 *
 * @param part the adapter
 * @param on the end it is put on
 * @param inner its end toward that
 * @param outer its end toward the hose
 * @param joint how inner end and the end it is put on go together; empty when they do not belong together
 */
public record Fitted(AdapterPart part, End on, End inner, End outer, Optional<Together> joint) {

    /** How its joint toward the port seals; empty when the two do not belong together. */
    public Optional<Seat> seat() {
        return joint.map(j -> j.seats().get(0));
    }

    public boolean mates() {
        return joint.isPresent();
    }

    /** Looks up the adapters of a side, each turned the way that fits. A part number that the catalogue does not hold is left out. */
    public static List<Fitted> chain(Optional<End> port, List<String> numbers, ReferenceData data) {
        List<Fitted> chain = new ArrayList<>();
        EndTable ends = data.get(EndTable.KEY);
        AdapterTable adapters = data.get(AdapterTable.KEY);
        Optional<End> on = port;
        for (String number : numbers) {
            Optional<AdapterPart> part = adapters.find(number);
            if (on.isEmpty() || part.isEmpty()) {
                continue;
            }
            End a = ends.find(part.get().a()).orElseThrow();
            End b = ends.find(part.get().b()).orElseThrow();
            Optional<Together> straight = Together.of(on.get(), a);
            Optional<Together> turned = straight.isPresent() ? Optional.empty() : Together.of(on.get(), b);
            Fitted next = new Fitted(
                    part.get(),
                    on.get(),
                    turned.isPresent() ? b : a,
                    turned.isPresent() ? a : b,
                    straight.or(() -> turned));
            chain.add(next);
            on = Optional.of(next.outer());
        }
        return List.copyOf(chain);
    }
}
