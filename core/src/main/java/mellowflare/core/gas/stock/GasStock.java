package mellowflare.core.gas.stock;

import java.util.Comparator;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import mellowflare.core.measure.Length;
import mellowflare.core.reference.CsvTable;
import mellowflare.core.reference.ReferenceKey;

/** Pipe, fittings, regulators, cylinders and codes of gas. */
public final class GasStock {
    public static final ReferenceKey<GasStock> KEY = new ReferenceKey<>("gas stock", GasStock.class);

    private final List<GasSystem> systems;
    private final Map<String, List<GasSize>> sizes = new HashMap<>();
    private final Map<GasFitting, Double> fittings;
    private final List<UsualAppliance> appliances;
    private final List<Regulator> regulators;
    private final List<Cylinder> cylinders;
    private final Map<Drawn, Double> boiling;
    private final List<GasCode> codes;
    private final List<CorrugatedTube> tubes;

    private GasStock(
            List<GasSystem> systems,
            List<GasSize> all,
            Map<GasFitting, Double> fittings,
            List<UsualAppliance> appliances,
            List<Regulator> regulators,
            List<Cylinder> cylinders,
            Map<Drawn, Double> boiling,
            List<GasCode> codes,
            List<CorrugatedTube> tubes) {
        this.systems = systems;
        this.fittings = fittings;
        this.appliances = appliances;
        this.regulators = regulators;
        this.cylinders = cylinders;
        this.boiling = boiling;
        this.codes = codes;
        this.tubes = List.copyOf(tubes);
        systems.forEach(s -> sizes.put(
                s.id(),
                all.stream()
                        .filter(z -> z.system().equals(s.id()))
                        .sorted(Comparator.comparing(GasSize::bore))
                        .toList()));
        if (!tubes.isEmpty()) {
            sizes.put(
                    CorrugatedTube.SYSTEM,
                    tubes.stream()
                            .map(CorrugatedTube::asSize)
                            .sorted(Comparator.comparing(GasSize::bore))
                            .toList());
        }
    }

    /** With other corrugated tube. */
    GasStock with(List<CorrugatedTube> others) {
        return new GasStock(
                systems,
                sizes.values().stream().flatMap(List::stream).toList(),
                fittings,
                appliances,
                regulators,
                cylinders,
                boiling,
                codes,
                others);
    }

    /** The corrugated tube that the shop brought in. */
    public List<CorrugatedTube> tubes() {
        return tubes;
    }

    /**
     * @throws mellowflare.core.reference.BrokenTable if one cannot be used
     */
    public static GasStock load() {
        Map<GasFitting, Double> fittings = new EnumMap<>(GasFitting.class);
        CsvTable.beside(GasStock.class, "fittings.csv").rows().forEach(r -> {
            r.source();
            fittings.put(r.word("id", GasFitting.class), r.number("l_over_d"));
        });
        Map<Drawn, Double> boiling = new EnumMap<>(Drawn.class);
        CsvTable.beside(GasStock.class, "boiling.csv").rows().forEach(r -> {
            r.source();
            boiling.put(r.word("id", Drawn.class), r.number("w_m2k"));
        });
        return new GasStock(
                CsvTable.beside(GasStock.class, "systems.csv").map(GasSystem::read, GasSystem::id),
                CsvTable.beside(GasStock.class, "sizes.csv").map(GasSize::read, z -> z.system() + " " + z.size()),
                fittings,
                CsvTable.beside(GasStock.class, "appliances.csv").map(UsualAppliance::read, UsualAppliance::id),
                CsvTable.beside(GasStock.class, "regulators.csv").map(Regulator::read, Regulator::id),
                CsvTable.beside(GasStock.class, "cylinders.csv").map(Cylinder::read, Cylinder::id),
                boiling,
                CsvTable.beside(GasStock.class, "codes.csv").map(GasCode::read, GasCode::id),
                List.of());
    }

    public List<GasSystem> systems() {
        return systems;
    }

    public Optional<GasSystem> system(String id) {
        return systems.stream().filter(s -> s.id().equals(id)).findFirst();
    }

    /** Sizes of a kind of pipe, narrowest first; none for a kind that is not known. */
    public List<GasSize> sizes(String system) {
        return sizes.getOrDefault(system, List.of());
    }

    public Optional<GasSize> size(String system, String size) {
        return sizes(system).stream().filter(z -> z.size().equals(size)).findFirst();
    }

    /** What a fitting takes, as length of straight pipe of the same bore: L/D times the bore. */
    public Length asPipe(GasFitting fitting, Length bore) {
        return bore.times(fittings.get(fitting));
    }

    public List<UsualAppliance> appliances() {
        return appliances;
    }

    public Optional<UsualAppliance> appliance(String id) {
        return appliances.stream().filter(a -> a.id().equals(id)).findFirst();
    }

    public List<Regulator> regulators() {
        return regulators;
    }

    public Optional<Regulator> regulator(String id) {
        return regulators.stream().filter(r -> r.id().equals(id)).findFirst();
    }

    public List<Cylinder> cylinders() {
        return cylinders;
    }

    public Optional<Cylinder> cylinder(String id) {
        return cylinders.stream().filter(c -> c.id().equals(id)).findFirst();
    }

    /** Heat through a square metre of wetted wall for each kelvin (W/m2K). */
    public double boiling(Drawn drawn) {
        return boiling.get(drawn);
    }

    public List<GasCode> codes() {
        return codes;
    }

    public Optional<GasCode> code(String id) {
        return codes.stream().filter(c -> c.id().equals(id)).findFirst();
    }
}
