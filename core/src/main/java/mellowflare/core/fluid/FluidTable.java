package mellowflare.core.fluid;

import java.util.List;
import java.util.Optional;
import mellowflare.core.measure.KinematicViscosity;
import mellowflare.core.measure.Temperature;
import mellowflare.core.reference.CsvTable;
import mellowflare.core.reference.ReferenceKey;

/** All fluids, from {@code fluids.csv}. */
public final class FluidTable {
    public static final ReferenceKey<FluidTable> KEY = new ReferenceKey<>("fluids", FluidTable.class);
    private final List<Fluid> fluids;

    private FluidTable(List<Fluid> fluids) {
        this.fluids = fluids;
    }

    public static FluidTable load() {
        return new FluidTable(CsvTable.beside(FluidTable.class, "fluids.csv")
                .map(
                        row -> new Fluid(
                                row.need("id"),
                                row.need("name"),
                                row.word("group", FluidGroup.class),
                                row.number("density_kg_m3"),
                                viscosity(row),
                                row.need("tape").equals("yes"),
                                row.need("caution"),
                                row.source()),
                        Fluid::id));
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
}
