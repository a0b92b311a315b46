package mellowflare.core.tube.stock;

import java.util.List;
import java.util.Optional;
import mellowflare.core.measure.Angle;
import mellowflare.core.measure.Length;
import mellowflare.core.reference.CsvTable;
import mellowflare.core.reference.ReferenceKey;

/** All benders, from {@code benders.csv}, and how far apart tube is held, from {@code supports.csv}. */
public final class Benders {
    public static final ReferenceKey<Benders> KEY = new ReferenceKey<>("benders", Benders.class);

    private record Support(double upToMm, Length spacing) {}

    private final List<Bender> all;
    private final List<Support> supports;

    private Benders(List<Bender> all, List<Support> supports) {
        this.all = all;
        this.supports = supports;
    }

    public static Benders load() {
        return new Benders(
                CsvTable.beside(Benders.class, "benders.csv")
                        .map(
                                r -> new Bender(
                                        r.need("id"),
                                        r.said("name"),
                                        r.word("kind", Bender.Kind.class),
                                        r.need("unit").equals("in")
                                                ? Length.ofInches(r.number("od"))
                                                : Length.ofMm(r.number("od")),
                                        r.length("clr_mm"),
                                        Angle.ofDegrees(r.number("most_deg")),
                                        r.length("grip_mm"),
                                        r.length("shoe_mm"),
                                        r.word("mark", Bender.Mark.class),
                                        r.maybeLength("bench_mm"),
                                        r.number("wall_share"),
                                        r.source()),
                                Bender::id),
                CsvTable.beside(Benders.class, "supports.csv")
                        .map(r -> new Support(r.number("od_up_to_mm"), r.length("spacing_mm")), Support::upToMm));
    }

    public List<Bender> all() {
        return all;
    }

    public Optional<Bender> find(String id) {
        return all.stream().filter(b -> b.id().equals(id)).findFirst();
    }

    /** Benders that take a tube. */
    public List<Bender> forTube(Length outside) {
        return all.stream().filter(b -> b.takes(outside)).toList();
    }

    /** Longest spacing of clamps for a tube; empty above the table. */
    public Optional<Length> spacing(Length outside) {
        return supports.stream()
                .filter(s -> outside.mm() <= s.upToMm)
                .findFirst()
                .map(Support::spacing);
    }

    /**
     * The clamps that hold a tube.
     *
     * @param outside of the tube
     * @param run its developed length
     * @return empty for tube larger than the table goes
     */
    public Optional<Clamps> clamps(Length outside, Length run) {
        return spacing(outside).map(s -> Clamps.over(run, s));
    }
}
