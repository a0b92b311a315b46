package mellowflare.core.hose.line;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import mellowflare.core.measure.GaugePressure;
import mellowflare.core.parts.HosePart;

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
        c.hose().ifPresent(h -> known.add(new Weakest(hose(c, h), c.hoseBears().orElseThrow())));
        for (Side side : c.sides()) {
            side.part()
                    .flatMap(p -> p.rating()
                            .map(r -> new Weakest(Say.it("weakest.end", "which", side.which(), "part", p.part()), r)))
                    .ifPresent(known::add);
        }
        boolean all = known.size() == 1 + c.sides().size();
        for (Side side : c.sides()) {
            side.adapters()
                    .forEach(f -> known.add(new Weakest(
                            Say.it(
                                    "weakest.adapter",
                                    "which",
                                    side.which(),
                                    "part",
                                    f.part().part()),
                            f.part().rating())));
        }
        return !all ? Optional.empty() : known.stream().min(Comparator.comparing(Weakest::limit));
    }

    /** A hose that heat has weakened is named with what is left. */
    private static String hose(HoseCase c, HosePart h) {
        double share = c.share(h);
        return Say.it("weakest.hose", "part", h.part(), "round", share < 1 ? Math.round(share * 100) : "none");
    }
}
