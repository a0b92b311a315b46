package mellowflare.core.broken.work;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import mellowflare.core.bag.BagPart;
import mellowflare.core.bag.Find;
import mellowflare.core.bag.Unseen;
import mellowflare.core.broken.stock.Rung;
import mellowflare.core.reference.Source;

/** Which rung the part comes out at nobody knows before: each is a find, and its kit the tools of all rungs up to it. */
final class LadderBag {
    private static final String NEW_PART = "new-part";
    private static final String CLOSES = "cap";

    private LadderBag() {}

    static Unseen of(BrokenCase c) {
        if (c.attempts().isEmpty()) {
            return Unseen.NONE;
        }
        Map<String, BagPart> parts = new LinkedHashMap<>();
        Source guess = c.stock().cutBack().source();
        always(parts, NEW_PART, Say.it("ladder-bag.new-part"), guess);
        always(parts, CLOSES, Say.it("ladder-bag.closes"), guess);
        List<Find> finds = new ArrayList<>();
        Set<String> tools = new LinkedHashSet<>(parts.keySet());
        double reached = 1;
        List<Rung> rungs = new ArrayList<>(c.open());
        rungs.removeIf(r -> r.id() == Rung.Id.CUT_BACK);
        rungs.add(c.stock().cutBack());
        for (Rung r : rungs) {
            r.tools().forEach(t -> {
                parts.putIfAbsent(t, new BagPart(t, t, Optional.empty(), false, r.source()));
                tools.add(t);
            });
            finds.add(Find.usual(
                    r.id().name(),
                    Say.it("ladder-bag.out-at", "rung", r.name()),
                    100 * reached * r.chance(),
                    List.of(Set.copyOf(tools))));
            reached *= 1 - r.chance();
        }
        return new Unseen(finds, List.copyOf(parts.values()), Unseen.USUAL);
    }

    private static void always(Map<String, BagPart> parts, String id, String name, Source source) {
        parts.put(id, new BagPart(id, name, Optional.empty(), true, source));
    }
}
