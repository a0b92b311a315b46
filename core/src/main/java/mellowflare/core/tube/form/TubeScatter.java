package mellowflare.core.tube.form;

import java.util.List;
import mellowflare.core.reference.CsvTable;
import mellowflare.core.reference.ReferenceKey;

/** How far the work on a tube scatters, from {@code scatter.csv}: one standard deviation each, house figures. */
public final class TubeScatter {
    public static final ReferenceKey<TubeScatter> KEY = new ReferenceKey<>("scatter of tube", TubeScatter.class);

    private record Entry(String cause, String id, double sd) {}

    private final List<Entry> rows;

    private TubeScatter(List<Entry> rows) {
        this.rows = rows;
    }

    public static TubeScatter load() {
        return new TubeScatter(CsvTable.beside(TubeScatter.class, "scatter.csv")
                .map(r -> new Entry(r.need("cause"), r.need("id"), r.number("sd")), e -> e.cause + " " + e.id));
    }

    /** In the unit of the table: millimetres, of angles degrees. */
    double of(String cause, String id) {
        return rows.stream()
                .filter(e -> e.cause.equals(cause) && e.id.equals(id))
                .findFirst()
                .map(Entry::sd)
                .orElseThrow(() -> new IllegalStateException("scatter.csv does not hold " + cause + " " + id));
    }
}
