package mellowflare.core.tee;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import mellowflare.core.advice.Figure;
import mellowflare.core.line.Take;
import mellowflare.core.shelf.PartRole;
import mellowflare.core.tee.stock.TeeMethod;
import mellowflare.core.tee.work.TeeCase;

/** What a tee-in takes: the tee, the union and the piece of tube where there is one. */
final class TeeTakes {
    private TeeTakes() {}

    /** Empty while it is not said how it is joined. */
    static List<Take> of(TeeCase c) {
        if (c.method().isEmpty()) {
            return List.of();
        }
        TeeMethod method = c.method().get();
        String tube = c.line().tube().map(t -> Figure.of(t).text(c.units())).orElse("");
        List<Take> all = new ArrayList<>();
        all.add(fitting(
                tube.isEmpty()
                        ? Say.it("tee-takes.any-tee", "method", method.name())
                        : Say.it("tee-takes.tee", "method", method.name(), "tube", tube)));
        c.piece().ifPresent(p -> {
            all.add(fitting(
                    tube.isEmpty()
                            ? Say.it("tee-takes.any-union", "method", method.name())
                            : Say.it("tee-takes.union", "method", method.name(), "tube", tube)));
            all.add(Take.named(
                    tube.isEmpty() ? Say.it("tee-takes.any-tube") : Say.it("tee-takes.tube", "tube", tube),
                    PartRole.CUT,
                    p.mm() / 1000,
                    true,
                    Optional.empty()));
        });
        return Take.shelved(all, c.setting());
    }

    private static Take fitting(String name) {
        return Take.named(name, PartRole.FITTING, 1, false, Optional.empty());
    }
}
