package mellowflare.app.shelf;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import mellowflare.core.line.Cuts;
import mellowflare.core.line.Plan;
import mellowflare.core.line.Take;
import mellowflare.core.parts.ShelfLine;
import mellowflare.core.reference.ReferenceData;
import mellowflare.core.shelf.Held;
import mellowflare.core.shelf.Shelf;

/** Which parts of the shelf a list shows. */
final class ListedParts {
    private ListedParts() {}

    static List<ShelfLine> of(ShelfModel.Which which, Plan plan, ReferenceData data) {
        Shelf shelf = data.get(Shelf.KEY);
        return switch (which) {
            case LINE -> ofLine(plan, data);
            case MOVED ->
                ShelfLine.all(data).stream()
                        .filter(l -> shelf.touched().contains(l.key()))
                        .toList();
            case COUNT ->
                ShelfLine.all(data).stream()
                        .filter(l -> l.held().wantsCounting())
                        .toList();
            case ALL -> ShelfLine.all(data);
        };
    }

    /** What the open line takes, the stock that it is cut from too; of what no shelf is kept yet can be counted here for the first time. */
    private static List<ShelfLine> ofLine(Plan plan, ReferenceData data) {
        List<ShelfLine> all = new ArrayList<>();
        Set<String> seen = new HashSet<>();
        Shelf shelf = data.get(Shelf.KEY);
        List<Cuts> cuts = plan.cuts();
        boolean cut = !cuts.isEmpty();
        for (Take t : Take.together(plan.takes())) {
            // What is cut is listed by the stock that it is cut from.
            if (!(t.metres() && cut) && seen.add(t.key())) {
                all.add(line(shelf, t.key(), t.name(), t.metres()));
            }
        }
        for (Cuts c : cuts) {
            if (seen.add(c.key())) {
                all.add(0, line(shelf, c.key(), c.material(), true));
            }
        }
        return all;
    }

    private static ShelfLine line(Shelf shelf, String key, String name, boolean metres) {
        return new ShelfLine(key, name, metres, shelf.held(key).orElse(new Held(0, List.of(), 0)));
    }
}
