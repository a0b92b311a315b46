package mellowflare.core.pipe.stock;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.EnumMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.Collectors;
import mellowflare.core.measure.Length;
import mellowflare.core.reference.CsvTable;
import mellowflare.core.reference.ReferenceKey;

/** The house list of rigid pipe, from {@code house.csv}; a shop lays its own rows over it. */
public final class PipeHouse {
    public static final ReferenceKey<PipeHouse> KEY = new ReferenceKey<>("house list of rigid pipe", PipeHouse.class);

    private final List<HouseSize> sizes;

    private PipeHouse(List<HouseSize> sizes) {
        this.sizes = List.copyOf(sizes);
    }

    public static PipeHouse load() {
        return new PipeHouse(CsvTable.beside(PipeHouse.class, "house.csv").map(PipeHouse::row, HouseSize::size));
    }

    /**
     * Reads a row.
     *
     * @throws mellowflare.core.reference.BrokenTable if a figure is missing or below zero
     */
    static HouseSize row(CsvTable.Row r) {
        return new HouseSize(
                r.need("size"),
                all(r, HouseSize.Item.values(), Function.identity()),
                all(r, HouseSize.Own.values(), Length::ofMm),
                all(r, HouseSize.Work.values(), Function.identity()),
                r.source());
    }

    private static <E extends Enum<E>, V> Map<E, V> all(CsvTable.Row r, E[] names, Function<Double, V> as) {
        Map<E, V> values = new EnumMap<>(names[0].getDeclaringClass());
        for (E name : names) {
            String column = column(name);
            double figure = r.number(column);
            if (!(figure >= 0)) {
                throw r.broken(column, Say.it("pipe-house.not-below-zero"));
            }
            values.put(name, as.apply(figure));
        }
        return values;
    }

    static String column(Enum<?> name) {
        return name.name().toLowerCase(Locale.ROOT);
    }

    /** The columns of its file. */
    static List<String> columns() {
        List<String> all = new ArrayList<>(List.of("size"));
        Arrays.stream(HouseSize.Item.values()).map(PipeHouse::column).forEach(all::add);
        Arrays.stream(HouseSize.Own.values()).map(PipeHouse::column).forEach(all::add);
        Arrays.stream(HouseSize.Work.values()).map(PipeHouse::column).forEach(all::add);
        all.addAll(List.of("source", "confidence"));
        return List.copyOf(all);
    }

    public Optional<HouseSize> of(String size) {
        return sizes.stream().filter(s -> s.size().equals(size)).findFirst();
    }

    /** All sizes, smallest first. */
    public List<HouseSize> all() {
        return sizes;
    }

    /** The list with other rows laid over it. */
    PipeHouse over(List<HouseSize> own) {
        Map<String, HouseSize> by = own.stream().collect(Collectors.toMap(HouseSize::size, s -> s, (a, b) -> b));
        List<HouseSize> merged = new ArrayList<>();
        sizes.forEach(s -> merged.add(by.getOrDefault(s.size(), s)));
        return new PipeHouse(merged);
    }
}
