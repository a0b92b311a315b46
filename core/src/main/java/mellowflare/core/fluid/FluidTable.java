package mellowflare.core.fluid;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import mellowflare.core.measure.KinematicViscosity;
import mellowflare.core.measure.Temperature;
import mellowflare.core.reference.CsvTable;
import mellowflare.core.reference.ReferenceKey;
import mellowflare.core.reference.Source;

/** All fluids, from {@code fluids.csv}, and those no line is built for, from {@code refused.csv}. */
public final class FluidTable {
    public static final ReferenceKey<FluidTable> KEY = new ReferenceKey<>("fluids", FluidTable.class);
    /**
     * A fluid that no line is built for.
     *
     * @param says why, in whole sentences
     * @param source who says so
     */
    public record Refused(String says, Source source) {}

    private final List<Fluid> fluids;
    private final Map<String, Refused> refused;

    private FluidTable(List<Fluid> fluids, Map<String, Refused> refused) {
        this.fluids = fluids;
        this.refused = Map.copyOf(refused);
    }

    public static FluidTable load() {
        List<Fluid> fluids = CsvTable.beside(FluidTable.class, "fluids.csv")
                .map(
                        row -> new Fluid(
                                row.need("id"),
                                row.said("name"),
                                row.word("group", FluidGroup.class),
                                row.number("density_kg_m3"),
                                viscosity(row),
                                row.yes("tape"),
                                row.said("caution"),
                                row.words("hazards", Hazard.class),
                                row.source()),
                        Fluid::id);
        Map<String, Refused> refused = new HashMap<>();
        for (CsvTable.Row row : CsvTable.beside(FluidTable.class, "refused.csv").rows()) {
            String id = row.need("id");
            if (fluids.stream().anyMatch(f -> f.id().equals(id))
                    || refused.put(id, new Refused(row.said("says"), row.source())) != null) {
                throw row.broken("id", Say.it("fluid-table.stands-twice-among-fluids", "id", id));
            }
        }
        return new FluidTable(fluids, refused);
    }

    private static Optional<ViscosityCurve> viscosity(CsvTable.Row row) {
        return row.maybe("t1_c")
                .map(t -> new ViscosityCurve(
                        Temperature.ofCelsius(row.number("t1_c")),
                        KinematicViscosity.ofMm2PerSecond(row.number("v1_mm2_s")),
                        Temperature.ofCelsius(row.number("t2_c")),
                        KinematicViscosity.ofMm2PerSecond(row.number("v2_mm2_s"))));
    }

    public List<Fluid> all() {
        return fluids;
    }

    public Optional<Fluid> find(String id) {
        return fluids.stream().filter(f -> f.id().equals(id)).findFirst();
    }

    /** Why no line is built for a fluid of that name; empty for every other name. */
    public Optional<Refused> refused(String id) {
        return Optional.ofNullable(refused.get(id));
    }

    /** The names of the fluids that are refused. */
    public Set<String> allRefused() {
        return refused.keySet();
    }
}
