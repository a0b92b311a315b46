package mellowflare.book.parts;

import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import mellowflare.core.parts.ShelfLine;
import mellowflare.core.parts.Shelved;
import mellowflare.core.reference.ReferenceData;
import mellowflare.core.shelf.Count;
import mellowflare.core.shelf.Shelf;

/** A list of parts that was taken in says what lies on the shelf now: for parts that the work had moved its new figure is a count. */
public final class Relisted {
    private Relisted() {}

    /**
     * The counts that a new list comes to.
     *
     * @param before the tables as the lists said before
     * @param after as they say now
     * @param shelf counts and moves
     * @param at when the list was taken in
     * @param by what to call it
     */
    public static List<Count> counts(ReferenceData before, ReferenceData after, Shelf shelf, Instant at, String by) {
        ReferenceData was = Shelved.over(before, Shelf.AS_LISTED);
        ReferenceData is = Shelved.over(after, Shelf.AS_LISTED);
        List<Count> counts = new ArrayList<>();
        for (String key : shelf.touched()) {
            ShelfLine.of(key, is)
                    .filter(l -> !ShelfLine.of(key, was).equals(java.util.Optional.of(l)))
                    .ifPresent(l -> counts.add(
                            l.metres()
                                    ? Count.lengths(key, l.name(), l.held().pieces(), at, by)
                                    : Count.of(key, l.name(), l.held().amount(), at, by)));
        }
        return counts;
    }
}
