package mellowflare.core.material;

import java.util.List;
import java.util.Optional;
import mellowflare.core.reference.CsvTable;
import mellowflare.core.reference.ReferenceKey;
import mellowflare.core.reference.Source;

/** Which fluid which liner or seal is compatible with, from {@code compatibility.csv}. A pair not listed is unknown, never guessed. */
public final class Compatibility {
    public static final ReferenceKey<Compatibility> KEY = new ReferenceKey<>("compatibility", Compatibility.class);
    private final List<Row> rows;

    private Compatibility(List<Row> rows) {
        this.rows = rows;
    }

    /** How a material stands in a fluid. */
    public enum Verdict {
        SUITS,
        LIMITED,
        NEVER
    }

    /**
     * One tabled pair.
     *
     * @param fluid id of the fluid
     * @param material short name, such as {@code NBR}
     * @param verdict how it stands
     * @param source who says so
     */
    public record Row(String fluid, String material, Verdict verdict, Source source) {}

    public static Compatibility load() {
        return new Compatibility(CsvTable.beside(Compatibility.class, "compatibility.csv")
                .map(
                        row -> new Row(
                                row.need("fluid"),
                                row.need("material"),
                                row.word("verdict", Verdict.class),
                                row.source()),
                        r -> r.fluid() + " " + r.material()));
    }

    public Optional<Row> of(String fluid, String material) {
        return rows.stream()
                .filter(r -> r.fluid().equals(fluid) && r.material().equals(material))
                .findFirst();
    }

    /** The seal material to ask for: the first that suits the fluid in the order shops stock them. */
    public Optional<String> sealFor(String fluid) {
        return List.of("NBR", "FKM", "EPDM", "HNBR").stream()
                .filter(m ->
                        of(fluid, m).filter(r -> r.verdict() == Verdict.SUITS).isPresent())
                .findFirst();
    }

    public List<Row> all() {
        return rows;
    }
}
