package mellowflare.core.hose;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import mellowflare.core.connection.End;
import mellowflare.core.connection.EndTable;
import mellowflare.core.connection.Seat;
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
 * @param mates whether inner end and the end it is put on belong together
 */
public record Fitted(AdapterPart part, End on, End inner, End outer, boolean mates) {

    /** How its joint toward the port seals; empty when the two do not belong together. */
    public Optional<Seat> seat() {
        return mates ? on.seats().stream().filter(inner.seats()::contains).findFirst() : Optional.empty();
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
            boolean straight = belong(on.get(), a, ends);
            boolean turned = !straight && belong(on.get(), b, ends);
            Fitted next = new Fitted(part.get(), on.get(), turned ? b : a, turned ? a : b, straight || turned);
            chain.add(next);
            on = Optional.of(next.outer());
        }
        return List.copyOf(chain);
    }

    private static boolean belong(End one, End other, EndTable ends) {
        return ends.madeFor(one).stream().anyMatch(e -> e.id().equals(other.id()));
    }
}
