package mellowflare.core.tube.stock;

import java.util.List;
import java.util.Optional;
import mellowflare.core.material.Metal;
import mellowflare.core.measure.Temperature;
import mellowflare.core.reference.CsvTable;
import mellowflare.core.reference.ReferenceKey;

/** All tube materials, from {@code materials.csv}, and what heat leaves of their strength, from {@code heat.csv}. */
public final class TubeMaterials {
    public static final ReferenceKey<TubeMaterials> KEY = new ReferenceKey<>("tube materials", TubeMaterials.class);

    private record Heat(String material, double celsius, double share) {}

    private final List<TubeMaterial> all;
    private final List<Heat> heats;

    private TubeMaterials(List<TubeMaterial> all, List<Heat> heats) {
        this.all = all;
        this.heats = heats;
    }

    public static TubeMaterials load() {
        return new TubeMaterials(
                CsvTable.beside(TubeMaterials.class, "materials.csv")
                        .map(
                                r -> new TubeMaterial(
                                        r.need("id"),
                                        r.said("name"),
                                        r.said("short"),
                                        r.word("metal", Metal.class),
                                        r.number("density_kg_m3"),
                                        r.number("tensile_mpa"),
                                        r.number("yield_mpa"),
                                        r.number("elongation"),
                                        r.number("springback"),
                                        r.number("rim"),
                                        r.yes("anneal"),
                                        r.number("wall_minus"),
                                        r.maybe("brazed_as"),
                                        r.source()),
                                TubeMaterial::id),
                CsvTable.beside(TubeMaterials.class, "heat.csv")
                        .map(
                                r -> new Heat(r.need("material"), r.number("celsius"), r.number("share")),
                                h -> h.material + " " + h.celsius));
    }

    public List<TubeMaterial> all() {
        return all;
    }

    public Optional<TubeMaterial> find(String id) {
        return all.stream().filter(m -> m.id().equals(id)).findFirst();
    }

    /** The material as it is once an end was brazed: hard copper is soft there. */
    public TubeMaterial brazed(TubeMaterial material) {
        return material.brazedAs().flatMap(this::find).orElse(material);
    }

    /** Share of its strength that a material keeps when hot; straight lines between rows; empty above the last. */
    public Optional<Double> share(TubeMaterial material, Temperature at) {
        List<Heat> rows =
                heats.stream().filter(h -> h.material.equals(material.id())).toList();
        if (rows.isEmpty() || at.celsius() > rows.get(rows.size() - 1).celsius) {
            return Optional.empty();
        }
        Heat low = rows.get(0);
        for (Heat high : rows) {
            if (at.celsius() <= high.celsius) {
                double span = high.celsius - low.celsius;
                double part = span > 0 ? (at.celsius() - low.celsius) / span : 1;
                return Optional.of(low.share + (high.share - low.share) * Math.max(0, Math.min(1, part)));
            }
            low = high;
        }
        return Optional.of(low.share);
    }

    /** The hottest that the table speaks of; empty where it holds no row. */
    public Optional<Temperature> hottest(TubeMaterial material) {
        return heats.stream()
                .filter(h -> h.material.equals(material.id()))
                .reduce((a, b) -> b)
                .map(h -> Temperature.ofCelsius(h.celsius));
    }
}
