package mellowflare.core.broken.stock;

import java.util.List;
import java.util.Optional;
import mellowflare.core.reference.CsvTable;
import mellowflare.core.reference.ReferenceKey;
import mellowflare.core.reference.RowByRow;

/** The tables of stuck and broken parts. */
public final class BrokenStock {
    public static final ReferenceKey<BrokenStock> KEY = new ReferenceKey<>("stock for stuck parts", BrokenStock.class);

    private final List<Rung> rungs;
    private final List<StuckFluid> fluids;
    private final List<StuckMaterial> materials;
    private final List<Extractor> extractors;

    private BrokenStock(
            List<Rung> rungs, List<StuckFluid> fluids, List<StuckMaterial> materials, List<Extractor> extractors) {
        this.rungs = List.copyOf(rungs);
        this.fluids = List.copyOf(fluids);
        this.materials = List.copyOf(materials);
        this.extractors = List.copyOf(extractors);
    }

    /**
     * @throws mellowflare.core.reference.BrokenTable if one cannot be used
     */
    public static BrokenStock load() {
        return new BrokenStock(
                CsvTable.beside(BrokenStock.class, "rungs.csv").map(Rung::read, Rung::id),
                CsvTable.beside(BrokenStock.class, "fluids.csv").map(StuckFluid::read, StuckFluid::id),
                CsvTable.beside(BrokenStock.class, "materials.csv").map(StuckMaterial::read, StuckMaterial::id),
                CsvTable.beside(BrokenStock.class, "extractors.csv").map(Extractor::read, Extractor::key));
    }

    /** With a shop's own sets over those of the house. */
    public BrokenStock plus(List<Extractor> own) {
        return new BrokenStock(rungs, fluids, materials, RowByRow.laid(extractors, own, Extractor::key));
    }

    /** The rungs that are tried before the line is cut back, the gentlest first. */
    public List<Rung> ladder() {
        return rungs.stream().filter(r -> r.id() != Rung.Id.CUT_BACK).toList();
    }

    public Rung cutBack() {
        return rungs.stream()
                .filter(r -> r.id() == Rung.Id.CUT_BACK)
                .findFirst()
                .orElseThrow();
    }

    public StuckFluid fluid(StuckFluid.Id id) {
        return fluids.stream().filter(f -> f.id() == id).findFirst().orElseThrow();
    }

    public StuckMaterial material(StuckMaterial.Id id) {
        return materials.stream().filter(m -> m.id() == id).findFirst().orElseThrow();
    }

    public List<Extractor> extractors() {
        return extractors;
    }

    /** The sets, each once. */
    public List<String> sets() {
        return extractors.stream().map(Extractor::set).distinct().toList();
    }

    /** What a set lists for a size; empty where it lists nothing. */
    public Optional<Extractor> extractor(String set, String size) {
        return extractors.stream()
                .filter(e -> e.set().equals(set) && e.size().equals(size))
                .findFirst();
    }
}
