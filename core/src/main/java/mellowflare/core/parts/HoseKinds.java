package mellowflare.core.parts;

import java.util.EnumMap;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import mellowflare.core.fluid.FluidGroup;
import mellowflare.core.measure.Temperature;
import mellowflare.core.reference.CsvTable;
import mellowflare.core.reference.ReferenceKey;
import mellowflare.core.reference.Source;

/** What each kind of hose is made for, and what is left of its pressure when it is hot. */
public final class HoseKinds {
    public static final ReferenceKey<HoseKinds> KEY = new ReferenceKey<>("hose kinds", HoseKinds.class);

    /**
     * One kind.
     *
     * @param groups kinds of fluid that it is made for
     * @param attach how its ends go on
     * @param cutting ways of cutting that suit it, by the ids of the methods, the usual one first; empty when it is bought whole
     * @param braid whether wires or strands fray at a cut
     * @param shortest length under pressure at the least (share of the length, 0.96 for -4 %)
     * @param longest length under pressure at the most
     * @param note what it is, in a few words
     * @param source who says so
     */
    public record Traits(
            HoseKind kind,
            Set<FluidGroup> groups,
            Set<Attach> attach,
            List<String> cutting,
            boolean braid,
            double shortest,
            double longest,
            String note,
            Source source) {
        public Traits {
            groups = Set.copyOf(groups);
            attach = Set.copyOf(attach);
            cutting = List.copyOf(cutting);
        }

        /** Whether it is bought whole with its ends made on. */
        public boolean whole() {
            return attach.contains(Attach.FACTORY);
        }
    }

    private record Step(HoseKind kind, double celsius, double share) {}

    private final Map<HoseKind, Traits> traits;
    private final Map<HoseKind, TreeMap<Double, Double>> derating;

    private HoseKinds(Map<HoseKind, Traits> traits, Map<HoseKind, TreeMap<Double, Double>> derating) {
        this.traits = traits;
        this.derating = derating;
    }

    public static HoseKinds load() {
        Map<HoseKind, Traits> traits = new EnumMap<>(HoseKind.class);
        CsvTable.beside(HoseKinds.class, "hosekinds.csv")
                .map(HoseKinds::traits, Traits::kind)
                .forEach(t -> traits.put(t.kind(), t));
        for (HoseKind kind : HoseKind.values()) {
            if (!traits.containsKey(kind)) {
                throw new IllegalStateException("hosekinds.csv does not say what " + kind + " is made for");
            }
        }
        Map<HoseKind, TreeMap<Double, Double>> derating = new EnumMap<>(HoseKind.class);
        CsvTable.beside(HoseKinds.class, "derating.csv")
                .map(
                        r -> new Step(r.word("kind", HoseKind.class), r.number("at_c"), r.number("share")),
                        s -> s.kind() + " " + s.celsius())
                .forEach(s ->
                        derating.computeIfAbsent(s.kind(), k -> new TreeMap<>()).put(s.celsius(), s.share()));
        return new HoseKinds(traits, derating);
    }

    private static Traits traits(CsvTable.Row r) {
        return new Traits(
                r.word("kind", HoseKind.class),
                words(r, "groups", FluidGroup.class),
                words(r, "attach", Attach.class),
                r.list("cutting"),
                r.yes("braid"),
                1 + r.number("shortest_pct") / 100,
                1 + r.number("longest_pct") / 100,
                r.said("note"),
                r.source());
    }

    private static <E extends Enum<E>> Set<E> words(CsvTable.Row r, String column, Class<E> words) {
        Set<E> all = new HashSet<>();
        for (String word : r.list(column)) {
            try {
                all.add(Enum.valueOf(words, word.toUpperCase(Locale.ROOT).replace('-', '_')));
            } catch (IllegalArgumentException e) {
                throw r.broken(column, Say.it("hose-kinds.none-known-words", "word", word), e);
            }
        }
        return all;
    }

    public Traits of(HoseKind kind) {
        return traits.get(kind);
    }

    /** The kinds made for a kind of fluid, in their usual order. */
    public List<HoseKind> madeFor(FluidGroup group) {
        return traits.values().stream()
                .filter(t -> t.groups().contains(group))
                .map(Traits::kind)
                .toList();
    }

    /**
     * What is left of a hose's working pressure at a temperature.
     *
     * @return 0 to 1; all of it for kinds that are rated up to their hottest. Above the last row the last row's share counts, and another rule stops the
     *     line for being too hot.
     */
    public double share(HoseKind kind, Temperature at) {
        TreeMap<Double, Double> steps = derating.get(kind);
        if (steps == null) {
            return 1;
        }
        var below = steps.floorEntry(at.celsius());
        var above = steps.ceilingEntry(at.celsius());
        if (below == null) {
            return 1;
        }
        if (above == null || above.getKey().equals(below.getKey())) {
            return below.getValue();
        }
        double way = (at.celsius() - below.getKey()) / (above.getKey() - below.getKey());
        return below.getValue() + way * (above.getValue() - below.getValue());
    }
}
