package mellowflare.core.hose.line;

import java.util.List;
import mellowflare.core.measure.Length;
import mellowflare.core.reference.CsvTable;
import mellowflare.core.reference.ReferenceKey;

/** How far each part of the work scatters, from {@code scatter.csv}: one standard deviation each, house figures. */
public final class Scatter {
    public static final ReferenceKey<Scatter> KEY = new ReferenceKey<>("scatter", Scatter.class);

    private record Row(String cause, String id, Length deviation) {}

    private final List<Row> rows;

    private Scatter(List<Row> rows) {
        this.rows = rows;
    }

    public static Scatter load() {
        return new Scatter(CsvTable.beside(Scatter.class, "scatter.csv")
                .map(
                        r -> new Row(r.need("cause"), r.need("id"), Length.ofMm(r.number("sd_mm"))),
                        r -> r.cause() + " " + r.id()));
    }

    Length of(String cause, String id) {
        return rows.stream()
                .filter(r -> r.cause().equals(cause) && r.id().equals(id))
                .findFirst()
                .map(Row::deviation)
                .orElseThrow(() -> new IllegalStateException("scatter.csv does not hold " + cause + " " + id));
    }
}
