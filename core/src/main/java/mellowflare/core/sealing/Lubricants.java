package mellowflare.core.sealing;

import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import mellowflare.core.advice.Method;
import mellowflare.core.advice.MethodTopic;
import mellowflare.core.advice.Methods;
import mellowflare.core.advice.Practice;
import mellowflare.core.fluid.Fluid;
import mellowflare.core.fluid.FluidGroup;
import mellowflare.core.fluid.FluidTable;
import mellowflare.core.reference.CsvTable;
import mellowflare.core.reference.ReferenceKey;

/** The one answer to what may go on a joint so that it goes together, by place, fluid and method, from {@code lubricants.csv}. */
public final class Lubricants {
    public static final ReferenceKey<Lubricants> KEY = new ReferenceKey<>("lubricants", Lubricants.class);
    private static final String ALL = "all";
    private static final String UNSAID = "unsaid";

    private record For(LubricantPlace place, String fluid, String method) {}

    private final Map<For, Lubricant> all;
    private final Methods methods;

    private Lubricants(Map<For, Lubricant> all, Methods methods) {
        this.all = Map.copyOf(all);
        this.methods = methods;
    }

    /**
     * Reads the table.
     *
     * @throws mellowflare.core.reference.BrokenTable on a word that is no place, fluid, kind of fluid or method, and on a pair that stands twice
     */
    public static Lubricants load(FluidTable fluids, Methods methods) {
        Set<String> words = Stream.of(
                        fluids.all().stream().map(Fluid::id),
                        Stream.of(FluidGroup.values()).map(Lubricants::word),
                        Stream.of(ALL, UNSAID))
                .flatMap(s -> s)
                .collect(Collectors.toSet());
        Set<String> known = methods.of(MethodTopic.ASSEMBLY_LUBRICANT).stream()
                .map(Method::id)
                .collect(Collectors.toSet());
        Map<For, Lubricant> all = new HashMap<>();
        for (CsvTable.Row row :
                CsvTable.beside(Lubricants.class, "lubricants.csv").rows()) {
            LubricantPlace place = row.word("place", LubricantPlace.class);
            String method = row.text("method");
            if (place == LubricantPlace.HOSE_END ? !known.contains(method) : !method.isEmpty()) {
                throw row.broken("method", Say.it("lubricants.no-method-for-this", "method", method));
            }
            Lubricant lubricant =
                    new Lubricant(row.word("substance", Lubricant.Substance.class), row.said("text"), row.source());
            for (String fluid : row.list("fluids")) {
                if (!words.contains(fluid)) {
                    throw row.broken("fluids", Say.it("lubricants.no-fluid-no-kind", "fluid", fluid));
                }
                if (all.put(new For(place, fluid, method), lubricant) != null) {
                    throw row.broken("fluids", Say.it("lubricants.stands-twice-for-this", "fluid", fluid));
                }
            }
        }
        return new Lubricants(all, methods);
    }

    /**
     * What may ease it.
     *
     * @param fluid what runs in the line; empty asks for it
     * @param practice the shop's methods
     * @throws IllegalStateException if the table holds no answer, which its test rules out for every place, fluid and method
     */
    public Lubricant of(LubricantPlace place, Optional<Fluid> fluid, Practice practice) {
        String method = place == LubricantPlace.HOSE_END
                ? methods.chosen(MethodTopic.ASSEMBLY_LUBRICANT, practice).id()
                : "";
        return keys(fluid).stream()
                .flatMap(word -> Optional.ofNullable(all.get(new For(place, word, method))).stream())
                .findFirst()
                .map(l -> new Lubricant(
                        l.substance(),
                        l.text().replace("{fluid}", fluid.map(Fluid::name).orElse("")),
                        l.source()))
                .orElseThrow(() -> new IllegalStateException("No lubricant for " + place + ", "
                        + fluid.map(Fluid::id).orElse(UNSAID) + ", " + method));
    }

    /** From the closest to the widest. */
    private static List<String> keys(Optional<Fluid> fluid) {
        return fluid.map(f -> List.of(f.id(), word(f.group()), ALL)).orElse(List.of(UNSAID, ALL));
    }

    private static String word(FluidGroup group) {
        return group.name().toLowerCase(Locale.ROOT).replace('_', '-');
    }
}
