package mellowflare.core.tube.end;

import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import mellowflare.core.connection.EndCode;
import mellowflare.core.measure.Length;
import mellowflare.core.reference.CsvTable;
import mellowflare.core.reference.CsvTable.Row;
import mellowflare.core.reference.ReferenceKey;
import mellowflare.core.reference.Source;

/** Diameters of finished flares, from {@code bands.csv}; and of those that no table holds, worked out from the nut's thread. */
public final class FlareBands {
    public static final ReferenceKey<FlareBands> KEY = new ReferenceKey<>("diameters of flares", FlareBands.class);
    /** Sizes this near are one. */
    private static final double SAME_MM = 0.06;
    /** What a single flare stays below the bore of the thread it passes, and how wide its band is (mm, house figures). */
    private static final double SINGLE_BELOW = 0.5;

    /** A folded flare lies in front of a male nut, well clear of the port's thread. */
    private static final double DOUBLE_BELOW = 1.0;

    private static final double WIDE = 0.6;
    private static final Source HOUSE = Source.house(
            "the bore of the thread that the flare must pass, less 0.5 mm (folded flares 1 mm), and 0.6 mm down");

    private record Entry(
            TubeEndKind kind,
            Length outside,
            Optional<Integer> refrigerantClass,
            Optional<EndCode> part,
            FlareBand band) {}

    private final List<Entry> rows;
    private final Map<String, Integer> classes;

    private FlareBands(List<Entry> rows, Map<String, Integer> classes) {
        this.rows = rows;
        this.classes = classes;
    }

    public static FlareBands load() {
        return new FlareBands(
                CsvTable.beside(FlareBands.class, "bands.csv")
                        .map(
                                FlareBands::entry,
                                e -> e.kind + " " + e.outside + " " + e.refrigerantClass + " " + e.part),
                CsvTable.beside(FlareBands.class, "classes.csv")
                        .map(r -> Map.entry(r.need("fluid"), (int) r.number("class")), Map.Entry::getKey)
                        .stream()
                        .collect(java.util.stream.Collectors.toMap(Map.Entry::getKey, Map.Entry::getValue)));
    }

    private static Entry entry(Row r) {
        return new Entry(
                r.word("kind", TubeEndKind.class),
                r.need("unit").equals("in") ? Length.ofInches(r.number("od")) : Length.ofMm(r.number("od")),
                r.maybeNumber("class").map(Double::intValue),
                r.maybe("part").map(p -> r.word("part", EndCode.class)),
                new FlareBand(r.length("low_mm"), r.length("high_mm"), false, r.source()));
    }

    /** Refrigerant class of JIS B 8607 by fluid; empty where the table does not say. */
    public Optional<Integer> classOf(String fluid) {
        return Optional.ofNullable(classes.get(fluid));
    }

    /**
     * The band of a flare.
     *
     * @param traits of the kind of end
     * @param outside of the tube
     * @param fluid what runs in it, for the refrigerant class; unknown counts as the wider class 1 row missing
     * @param part family of the end that the flare is for; while it is not known the industrial band counts
     * @param threadBore bore of the thread that the flare must pass; empty while nut and port are unknown
     * @return empty for ends without a flare, and while neither table nor thread tells
     */
    public Optional<FlareBand> of(
            EndTraits traits,
            Length outside,
            Optional<String> fluid,
            Optional<EndCode> part,
            Optional<Length> threadBore) {
        if (!traits.flared()) {
            return Optional.empty();
        }
        return ofClass(traits, outside, fluid.flatMap(this::classOf), part, threadBore);
    }

    /** As above, for a refrigerant class of JIS B 8607; rows of a class are for that class only. */
    public Optional<FlareBand> ofClass(
            EndTraits traits,
            Length outside,
            Optional<Integer> refrigerantClass,
            Optional<EndCode> part,
            Optional<Length> threadBore) {
        return rows.stream()
                .filter(e ->
                        e.kind == traits.kind() && e.outside.distanceTo(outside).mm() <= SAME_MM)
                .filter(e -> e.refrigerantClass.isEmpty() || e.refrigerantClass.equals(refrigerantClass))
                .filter(e -> e.part.isEmpty() || part.isEmpty() || e.part.equals(part))
                .findFirst()
                .map(Entry::band)
                .or(() -> threadBore.flatMap(b -> computed(traits, outside, b)));
    }

    /** The refrigerant classes that the table has for a kind of end, least first; one empty one where it has none. */
    public List<Optional<Integer>> classesOf(TubeEndKind kind) {
        List<Optional<Integer>> classes = rows.stream()
                .filter(e -> e.kind == kind)
                .map(Entry::refrigerantClass)
                .distinct()
                .sorted(Comparator.comparing(c -> c.orElse(0)))
                .toList();
        return classes.isEmpty() ? List.of(Optional.empty()) : classes;
    }

    private static Optional<FlareBand> computed(EndTraits traits, Length outside, Length bore) {
        double high = bore.mm() - (traits.layers() == 2 ? DOUBLE_BELOW : SINGLE_BELOW);
        double low = high - WIDE;
        return low > outside.mm()
                ? Optional.of(new FlareBand(Length.ofMm(low), Length.ofMm(high), true, HOUSE))
                : Optional.empty();
    }
}
