package mellowflare.core.parts;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import mellowflare.core.measure.Length;
import mellowflare.core.reference.CsvTable;
import mellowflare.core.reference.ReferenceKey;
import mellowflare.core.reference.Source;

/** Pipe nipples that are bought ready threaded (ASTM A733, NPT at both ends), from {@code nipples.csv}. */
public final class Nipples {
    public static final ReferenceKey<Nipples> KEY = new ReferenceKey<>("pipe nipples", Nipples.class);

    private static final double HALVES_TO = 6;
    private static final double LONGEST = 12;

    private final List<OfSize> sizes;

    private Nipples(List<OfSize> sizes) {
        this.sizes = List.copyOf(sizes);
    }

    private record OfSize(String size, double close, double shortest, Source source) {}

    public static Nipples load() {
        return new Nipples(CsvTable.beside(Nipples.class, "nipples.csv")
                .map(
                        r -> new OfSize(
                                r.need("size"), r.number("close_in"), r.number("shortest_standard_in"), r.source()),
                        OfSize::size));
    }

    /** Lengths end to end that a size is stocked in, the close nipple first: then by halves of an inch to 6 in, and by whole inches to 12 in. */
    public List<Length> lengths(String size) {
        List<Length> all = new ArrayList<>();
        sizes.stream().filter(s -> s.size.equals(size)).findFirst().ifPresent(s -> {
            all.add(Length.ofInches(s.close));
            for (double x = s.shortest; x <= LONGEST; x += x < HALVES_TO ? 0.5 : 1) {
                all.add(Length.ofInches(x));
            }
        });
        return all;
    }

    /** The stocked nipple nearest to a length; empty where that is longer than any. */
    public Optional<Length> nearest(String size, Length length) {
        return lengths(size).stream()
                .filter(x -> length.inches() <= LONGEST + 0.5)
                .min(Comparator.comparingDouble(x -> Math.abs(x.mm() - length.mm())));
    }
}
