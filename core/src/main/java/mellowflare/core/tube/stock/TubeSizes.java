package mellowflare.core.tube.stock;

import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import mellowflare.core.measure.Length;
import mellowflare.core.measure.LengthText;
import mellowflare.core.measure.UnitSystem;
import mellowflare.core.reference.CsvTable;
import mellowflare.core.reference.CsvTable.Row;
import mellowflare.core.reference.ReferenceKey;

/** All sizes of tube, from {@code sizes.csv}. */
public final class TubeSizes {
    public static final ReferenceKey<TubeSizes> KEY = new ReferenceKey<>("tube sizes", TubeSizes.class);
    /** Sizes this near are taken for one. */
    private static final double SAME_MM = 0.06;

    private final List<TubeSize> all;

    private TubeSizes(List<TubeSize> all) {
        this.all = all;
    }

    /**
     * @param materials that the sizes name
     */
    public static TubeSizes load(TubeMaterials materials) {
        return new TubeSizes(CsvTable.beside(TubeSizes.class, "sizes.csv").map(r -> size(r, materials), TubeSize::id));
    }

    private static TubeSize size(Row r, TubeMaterials materials) {
        boolean inch = r.need("unit").equals("in");
        Length od = inch ? Length.ofInches(r.number("od")) : Length.ofMm(r.number("od"));
        Length wall = inch ? Length.ofInches(r.number("wall")) : Length.ofMm(r.number("wall"));
        TubeMaterial material = materials
                .find(r.need("material"))
                .orElseThrow(() -> r.broken("material", Say.it("tube-sizes.not-table-materials")));
        String called = r.need("called");
        String name = r.said("family") + " "
                + r.maybe("bore")
                        .map(b -> Say.it("tube-sizes.outside", "b", b, "called", called))
                        .orElse(called) + " × "
                + r.need("wall") + (inch ? " in" : " mm");
        return new TubeSize(
                r.need("id"),
                r.need("family"),
                new Tube(name, od, wall, material, r.source()),
                r.maybe("bore"),
                called,
                r.yes("soft"),
                r.list("for"));
    }

    public List<TubeSize> all() {
        return all;
    }

    public Optional<TubeSize> find(String id) {
        return all.stream().filter(s -> s.id().equals(id)).findFirst();
    }

    public List<String> families() {
        return all.stream().map(TubeSize::family).distinct().toList();
    }

    public List<TubeSize> of(String family) {
        return all.stream().filter(s -> s.family().equals(family)).toList();
    }

    /**
     * Every tube that a bare size may mean: plumbing names it by bore, refrigeration and the rest by outside diameter. More than one outside diameter in the
     * answer means that one must ask.
     */
    public List<TubeSize> meantBy(String size) {
        return all.stream()
                .filter(s -> s.answersTo(size))
                .sorted(Comparator.comparing(s -> s.tube().outside()))
                .toList();
    }

    /**
     * Every tube that answers to what somebody typed: a size by name (with or without its unit), else a measured outside diameter; all while nothing was typed.
     *
     * @param typed 1/2, 10, 10 mm, 1-1/8, 0.375 in
     * @param units of a bare figure that is no name
     */
    public List<TubeSize> answering(String typed, UnitSystem units) {
        String size = typed.strip().replace(' ', '-');
        if (size.isEmpty()) {
            return all;
        }
        return Stream.of(size, size.endsWith("mm") ? size.replace("-mm", " mm") : Say.it("tube-sizes.mm", "size", size))
                .map(this::meantBy)
                .filter(meant -> !meant.isEmpty())
                .findFirst()
                .orElseGet(() -> LengthText.read(typed, units)
                        .value()
                        .map(this::ofOutside)
                        .orElse(List.of()));
    }

    /** Sizes of an outside diameter, as measured with a caliper. */
    public List<TubeSize> ofOutside(Length outside) {
        return all.stream()
                .filter(s -> s.tube().outside().distanceTo(outside).mm() <= SAME_MM)
                .toList();
    }
}
