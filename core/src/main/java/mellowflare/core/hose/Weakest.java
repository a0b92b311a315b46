package mellowflare.core.hose;

import java.util.Optional;
import java.util.stream.Stream;
import mellowflare.core.measure.GaugePressure;

/**
 * The part that rules the line.
 *
 * @param part what it is, in words
 * @param limit its highest working pressure
 */
public record Weakest(String part, GaugePressure limit) {

    /** The weakest of hose and ends; empty until all three are known. */
    static Optional<Weakest> of(HoseCase c) {
        if (c.hose().isEmpty() || c.a().part().isEmpty() || c.b().part().isEmpty()) {
            return Optional.empty();
        }
        return Stream.concat(
                        c.hose().stream().map(h -> new Weakest("the hose " + h.part(), h.working())),
                        c.sides().stream()
                                .flatMap(s -> s.part().stream()
                                        .map(p -> new Weakest("end " + s.which() + " (" + p.part() + ")", p.rating()))))
                .min((x, y) -> x.limit().compareTo(y.limit()));
    }
}
