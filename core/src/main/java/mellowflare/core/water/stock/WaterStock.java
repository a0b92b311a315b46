package mellowflare.core.water.stock;

import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import mellowflare.core.bag.BagPart;
import mellowflare.core.bag.Find;
import mellowflare.core.measure.Length;
import mellowflare.core.reference.CsvTable;
import mellowflare.core.reference.ReferenceKey;

/** House pipe, equipment threads, ways to join them, and what is found behind walls. */
public final class WaterStock {
    public static final ReferenceKey<WaterStock> KEY = new ReferenceKey<>("water stock", WaterStock.class);

    /** Pipe measured with a caliper lies so near to its size: paint and dents (house figure). */
    private static final double NEAR_MM = 0.6;

    /** What was seen elsewhere in the house makes its like so much likelier (house guess). */
    private static final double SEEN = 4;

    private final List<HousePipe> pipes;
    private final List<EquipmentThread> threads;
    private final List<JoinMethod> methods;
    private final List<LinkKind> links;
    private final List<Length> connectors;
    private final Map<String, Length> makeUps = new HashMap<>();
    private final List<WallFind> finds;
    private final List<BagPart> parts;

    private WaterStock(
            List<HousePipe> pipes,
            List<EquipmentThread> threads,
            List<JoinMethod> methods,
            List<LinkKind> links,
            List<Length> connectors,
            List<WallFind> finds,
            List<BagPart> parts) {
        this.pipes = pipes;
        this.threads = threads;
        this.methods = methods;
        this.links = links;
        this.connectors = connectors;
        this.finds = finds;
        this.parts = parts;
    }

    /**
     * @throws mellowflare.core.reference.BrokenTable if one cannot be used
     */
    public static WaterStock load() {
        List<BagPart> parts = CsvTable.beside(WaterStock.class, "parts.csv").map(BagPart::read, BagPart::id);
        Set<String> ids = parts.stream().map(BagPart::id).collect(Collectors.toUnmodifiableSet());
        WaterStock stock = new WaterStock(
                CsvTable.beside(WaterStock.class, "pipes.csv").map(HousePipe::read, HousePipe::id),
                CsvTable.beside(WaterStock.class, "threads.csv").map(EquipmentThread::read, EquipmentThread::id),
                CsvTable.beside(WaterStock.class, "methods.csv").map(JoinMethod::read, JoinMethod::id),
                CsvTable.beside(WaterStock.class, "links.csv").map(LinkKind::read, LinkKind::id),
                CsvTable.beside(WaterStock.class, "connectors.csv").map(r -> Length.ofInches(length(r)), l -> l),
                CsvTable.beside(WaterStock.class, "finds.csv")
                        .map(r -> find(r, ids), f -> f.find().id()),
                parts);
        CsvTable.beside(WaterStock.class, "taper.csv").rows().forEach(r -> {
            r.source();
            stock.makeUps.put(r.need("size"), Length.ofInches(r.number("makeup_in")));
        });
        return stock;
    }

    private static double length(CsvTable.Row r) {
        r.source();
        return r.number("length_in");
    }

    private static WallFind find(CsvTable.Row r, Set<String> parts) {
        WallFind f = WallFind.read(r);
        f.find().kits().stream()
                .flatMap(Set::stream)
                .filter(p -> !parts.contains(p))
                .findFirst()
                .ifPresent(p -> {
                    throw r.broken("kits", Say.it("water-stock.no-part", "part", p));
                });
        return f;
    }

    public List<EquipmentThread> threads() {
        return threads;
    }

    /** By id, or by the thread as a fitter asks for it. */
    public Optional<EquipmentThread> thread(String idOrThread) {
        return threads.stream()
                .filter(t -> t.id().equals(idOrThread) || t.thread().equals(idOrThread))
                .findFirst();
    }

    /** Sizes of a material. */
    public List<HousePipe> pipes(HouseMaterial material) {
        return pipes.stream().filter(p -> p.material() == material).toList();
    }

    /** The size nearest to an outside diameter as measured; empty where none is near. */
    public Optional<HousePipe> pipe(HouseMaterial material, Length outside) {
        return pipes(material).stream()
                .filter(p -> Math.abs(p.outside().mm() - outside.mm()) <= NEAR_MM)
                .min(Comparator.comparingDouble(p -> Math.abs(p.outside().mm() - outside.mm())));
    }

    public List<JoinMethod> methods() {
        return methods;
    }

    public List<LinkKind> links() {
        return links;
    }

    /** Stocked lengths of braided connectors, shortest first. */
    public List<Length> connectors() {
        return connectors;
    }

    /** How far a taper thread of a size goes in; empty for a size without one here. */
    public Optional<Length> makeUp(String size) {
        return Optional.ofNullable(makeUps.get(size));
    }

    public List<BagPart> parts() {
        return parts;
    }

    /**
     * What may be found in a house of an age, weighted also by what pipe was seen elsewhere in it. What no kit finishes keeps its share of a hundred whatever the others weigh.
     */
    public List<Find> finds(HouseAge age, Set<HouseMaterial> seen) {
        double known = finds.stream()
                .filter(f -> !f.find().kits().isEmpty())
                .mapToDouble(f -> weight(f, age, seen))
                .sum();
        return finds.stream()
                .map(f -> f.find()
                        .weighing(
                                f.find().kits().isEmpty()
                                        ? known
                                                * f.weights().get(age)
                                                / (100 - f.weights().get(age))
                                        : weight(f, age, seen)))
                .toList();
    }

    private static double weight(WallFind f, HouseAge age, Set<HouseMaterial> seen) {
        return f.weights().get(age) * (seen.contains(f.material()) ? SEEN : 1);
    }
}
