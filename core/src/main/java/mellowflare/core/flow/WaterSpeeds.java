package mellowflare.core.flow;

import java.util.List;
import java.util.Optional;
import mellowflare.core.measure.Temperature;
import mellowflare.core.reference.CsvTable;
import mellowflare.core.reference.ReferenceKey;

/** How fast water may run in copper, by its temperature, from {@code waterspeeds.csv}: faster, it wears the wall away. */
public final class WaterSpeeds {
    public static final ReferenceKey<WaterSpeeds> KEY = new ReferenceKey<>("water speeds", WaterSpeeds.class);

    private record Row(double upToCelsius, double metresPerSecond) {}

    private final List<Row> rows;

    private WaterSpeeds(List<Row> rows) {
        this.rows = rows;
    }

    public static WaterSpeeds load() {
        return new WaterSpeeds(CsvTable.beside(WaterSpeeds.class, "waterspeeds.csv")
                .map(r -> new Row(r.number("up_to_c"), r.number("most_m_s")), Row::upToCelsius));
    }

    /**
     * The guide.
     *
     * @param at hottest water; empty takes it as hot, the stricter
     * @return mean speed (m/s); above the last row that row's
     */
    public double most(Optional<Temperature> at) {
        double celsius = at.map(Temperature::celsius).orElse(rows.get(1).upToCelsius());
        return rows.stream()
                .filter(r -> celsius <= r.upToCelsius())
                .findFirst()
                .orElse(rows.get(rows.size() - 1))
                .metresPerSecond();
    }
}
