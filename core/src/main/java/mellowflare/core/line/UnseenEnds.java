package mellowflare.core.line;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import mellowflare.core.bag.BagPart;
import mellowflare.core.bag.Find;
import mellowflare.core.bag.Unseen;
import mellowflare.core.connection.End;
import mellowflare.core.connection.EndTable;
import mellowflare.core.connection.LineEnd;
import mellowflare.core.identify.Candidate;
import mellowflare.core.identify.Identifier;
import mellowflare.core.reference.Source;

/** Ports that were looked at but not yet taken for an end: each end that they may be is a find, as likely as the readings make it. */
public final class UnseenEnds {
    /** Less likely ends are left to “an end in no table” (house figure). */
    private static final double LEAST = 0.02;

    private static final int MOST = 6;

    /** So many different parts for one end are worth choosing among; the cheapest. */
    private static final int PARTS = 3;

    private UnseenEnds() {}

    /**
     * What is unseen of both ports of a line.
     *
     * @param carried parts of the kind that go on an end; its mate is named where there are none
     */
    public static Unseen of(Setting setting, Function<End, List<BagPart>> carried) {
        return of(setting, LineEnd.A, carried).and(of(setting, LineEnd.B, carried));
    }

    private static Unseen of(Setting setting, LineEnd which, Function<End, List<BagPart>> carried) {
        Port port = setting.ports().of(which);
        if (port.end().isPresent() || port.seen().isEmpty()) {
            return Unseen.NONE;
        }
        List<Candidate> likely = new Identifier(setting.data())
                .identify(port.seen().get()).candidates().stream()
                        .filter(c -> c.probability() >= LEAST)
                        .limit(MOST)
                        .toList();
        if (likely.isEmpty()) {
            return Unseen.NONE;
        }
        List<Find> finds = new ArrayList<>();
        Map<String, BagPart> parts = new HashMap<>();
        double rest = 1;
        for (Candidate c : likely) {
            List<BagPart> on = on(c.end(), setting, carried);
            on.forEach(p -> parts.putIfAbsent(p.id(), p));
            rest -= c.probability();
            finds.add(Find.usual(
                    which + "-" + c.end().id(),
                    Say.it("unseen-ends.end", "which", which, "end", c.end().title()),
                    100 * c.probability(),
                    on.stream().map(p -> Set.of(p.id())).toList()));
        }
        finds.add(Find.usual(
                which + "-other", Say.it("unseen-ends.other", "which", which), 100 * Math.max(0, rest), List.of()));
        return new Unseen(
                finds,
                parts.values().stream()
                        .sorted((a, b) -> a.name().compareTo(b.name()))
                        .toList(),
                Unseen.USUAL);
    }

    private static List<BagPart> on(End end, Setting setting, Function<End, List<BagPart>> carried) {
        List<BagPart> own = carried.apply(end).stream()
                .sorted((a, b) -> Double.compare(price(a), price(b)))
                .limit(PARTS)
                .toList();
        if (!own.isEmpty()) {
            return own;
        }
        return setting.data().get(EndTable.KEY).mate(end).stream()
                .map(m -> new BagPart(
                        m.id().toString(),
                        Say.it("unseen-ends.mate", "mate", m.title()),
                        Optional.empty(),
                        false,
                        Source.house(Say.it("unseen-ends.by-tables"))))
                .toList();
    }

    private static double price(BagPart p) {
        return p.price().orElse(Double.MAX_VALUE);
    }
}
