package mellowflare.core.hose;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import mellowflare.core.measure.GaugePressure;

/**
 * The part that rules the line.
 *
 * @param part what it is, in words
 * @param limit its highest working pressure
 */
public record Weakest(String part, GaugePressure limit) {

    /** The weakest of hose and ends; empty until all three are chosen and their ratings known. */
    static Optional<Weakest> of(HoseCase c) {
        List<Weakest> known = new ArrayList<>();
        c.hose().ifPresent(h -> known.add(new Weakest("the hose " + h.part(), h.working())));
        for (Side side : c.sides()) {
            side.part()
                    .flatMap(p -> p.rating().map(r -> new Weakest("end " + side.which() + " (" + p.part() + ")", r)))
                    .ifPresent(known::add);
        }
        return known.size() < 1 + c.sides().size()
                ? Optional.empty()
                : known.stream().min(Comparator.comparing(Weakest::limit));
    }
}
