package mellowflare.core.tube.flare;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import mellowflare.core.measure.Length;
import mellowflare.core.reference.CsvTable;
import mellowflare.core.reference.ReferenceKey;
import mellowflare.core.reference.RowByRow;
import mellowflare.core.tube.end.TubeEndKind;

/** All flaring tools, from {@code tools.csv}. */
public final class FlareTools {
    public static final ReferenceKey<FlareTools> KEY = new ReferenceKey<>("flaring tools", FlareTools.class);
    /** Tube is called by rounded figures. */
    private static final double SAME_MM = 0.06;

    private final List<FlareTool> rows;

    private FlareTools(List<FlareTool> rows) {
        this.rows = rows;
    }

    public static FlareTools load() {
        return new FlareTools(
                CsvTable.beside(FlareTools.class, "tools.csv").map(FlareToolFile::tool, FlareToolFile::number));
    }

    /** These with others over them: of two for the same tube and kinds of flare the other counts. */
    public FlareTools plus(List<FlareTool> others) {
        return new FlareTools(RowByRow.laid(rows, others, FlareToolFile::number));
    }

    /** The tools that make a kind of flare on a tube, each with the row of its size. */
    public List<FlareTool> making(TubeEndKind kind, Length outside) {
        Map<String, FlareTool> found = new LinkedHashMap<>();
        rows.stream()
                .filter(t ->
                        t.kinds().contains(kind) && outside.mm() <= t.upTo().mm() + SAME_MM)
                .forEach(t -> found.merge(t.id(), t, (a, b) -> b.upTo().compareTo(a.upTo()) < 0 ? b : a));
        return List.copyOf(found.values());
    }

    public Optional<FlareTool> find(String id, TubeEndKind kind, Length outside) {
        return making(kind, outside).stream().filter(t -> t.id().equals(id)).findFirst();
    }

    public List<FlareTool> all() {
        return rows;
    }
}
