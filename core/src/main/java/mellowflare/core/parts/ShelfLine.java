package mellowflare.core.parts;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import mellowflare.core.reference.ReferenceData;
import mellowflare.core.shelf.Count;
import mellowflare.core.shelf.Held;
import mellowflare.core.shelf.Shelf;

/**
 * One part of the shelf.
 *
 * @param key part number, or the name of what has none
 * @param name as asked for over the counter
 * @param metres whether it lies there in lengths
 * @param held what lies there now
 */
public record ShelfLine(String key, String name, boolean metres, Held held) {

    /** Every part that a shelf is kept of: those of the catalogue in its order, then what was counted, or came back, by its name. */
    public static List<ShelfLine> all(ReferenceData data) {
        Shelf shelf = data.get(Shelf.KEY);
        Stock stock = Stock.of(data);
        List<ShelfLine> all = new ArrayList<>();
        stock.hoses().forEach(h -> add(all, shelf, h.part(), h.title(), !h.whole()));
        stock.ends().forEach(e -> add(all, shelf, e.part(), e.name(), false));
        stock.ferrules().forEach(f -> add(all, shelf, f.part(), f.name(), false));
        stock.adapters().forEach(a -> add(all, shelf, a.part(), a.name(), false));
        stock.seals().forEach(s -> add(all, shelf, s.part(), s.name(), false));
        Set<String> known = new HashSet<>();
        all.forEach(l -> known.add(l.key));
        shelf.touched().stream()
                .filter(key -> !known.contains(key))
                .forEach(key -> add(all, shelf, key, name(shelf, key), metres(shelf, key)));
        return all;
    }

    private static void add(List<ShelfLine> all, Shelf shelf, String key, String name, boolean metres) {
        shelf.held(key).ifPresent(h -> all.add(new ShelfLine(key, name, metres, h)));
    }

    private static String name(Shelf shelf, String key) {
        return shelf.count(key)
                .map(Count::name)
                .or(() -> shelf.moves(key).stream().map(m -> m.used().name()).findFirst())
                .orElse(key);
    }

    private static boolean metres(Shelf shelf, String key) {
        return shelf.count(key).map(Count::metres).orElse(true);
    }

    /** A part of the shelf by its key; empty where none is kept of it. */
    public static Optional<ShelfLine> of(String key, ReferenceData data) {
        return all(data).stream().filter(l -> l.key.equals(key)).findFirst();
    }
}
