package mellowflare.core.parts;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.function.BiFunction;
import java.util.function.Function;
import java.util.function.ToDoubleFunction;
import mellowflare.core.reference.ReferenceData;
import mellowflare.core.shelf.Held;
import mellowflare.core.shelf.Shelf;

/** Lays what the work has taken and what was counted over what the lists of parts say of the shelf. */
public final class Shelved {
    private final Shelf shelf;

    private Shelved(Shelf shelf) {
        this.shelf = shelf;
    }

    /**
     * The data with the shelf as it is now; whatever looks at a part sees it so.
     *
     * @param plain data as the lists say, without any shelf laid over
     * @param shelf counts and moves
     */
    public static ReferenceData over(ReferenceData plain, Shelf shelf) {
        Stock stock = Stock.of(plain);
        Shelf with = shelf.listing(listed(stock));
        ReferenceData data = plain.with(Shelf.KEY, with);
        return with.touched().isEmpty()
                ? data
                : new Shelved(with).stock(stock).in(data).with(Shelf.KEY, with);
    }

    /** What the lists say, by part number. */
    static Map<String, Shelf.Listed> listed(Stock stock) {
        Map<String, Shelf.Listed> all = new HashMap<>();
        stock.hoses().forEach(h -> all.put(h.part(), new Shelf.Listed(h.onShelf(), !h.whole())));
        put(all, stock.ends(), HoseEndPart::part, HoseEndPart::onShelf);
        put(all, stock.adapters(), AdapterPart::part, AdapterPart::onShelf);
        put(all, stock.ferrules(), Ferrule::part, Ferrule::onShelf);
        put(all, stock.seals(), SealPart::part, SealPart::onShelf);
        return all;
    }

    private static <T> void put(
            Map<String, Shelf.Listed> all, List<T> parts, Function<T, String> number, ToDoubleFunction<T> amount) {
        parts.forEach(p -> all.put(number.apply(p), new Shelf.Listed(amount.applyAsDouble(p), false)));
    }

    private Stock stock(Stock s) {
        return new Stock(
                s.hoses().stream()
                        .map(h -> now(h, h.part(), (p, held) -> p.withOnShelf(held.amount())))
                        .toList(),
                s.ends().stream()
                        .map(e -> now(e, e.part(), (p, held) -> p.withOnShelf((int) held.amount())))
                        .toList(),
                s.adapters().stream()
                        .map(a -> now(a, a.part(), (p, held) -> p.withOnShelf((int) held.amount())))
                        .toList(),
                s.ferrules().stream()
                        .map(f -> now(f, f.part(), (p, held) -> p.withOnShelf((int) held.amount())))
                        .toList(),
                s.seals().stream()
                        .map(r -> now(r, r.part(), (p, held) -> p.withOnShelf((int) held.amount())))
                        .toList(),
                s.tools());
    }

    private <T> T now(T part, String number, BiFunction<T, Held, T> with) {
        return shelf.touched().contains(number)
                ? shelf.held(number).map(h -> with.apply(part, h)).orElse(part)
                : part;
    }
}
