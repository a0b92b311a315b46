package mellowflare.core.tube.flare;

import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import mellowflare.core.measure.Length;
import mellowflare.core.reference.CsvTable;
import mellowflare.core.reference.CsvTable.Row;
import mellowflare.core.reference.ReferenceKey;
import mellowflare.core.tube.end.TubeEndKind;

/** All flaring tools, from {@code tools.csv}. */
public final class FlareTools {
    public static final ReferenceKey<FlareTools> KEY = new ReferenceKey<>("flaring tools", FlareTools.class);
    private final List<FlareTool> rows;

    private FlareTools(List<FlareTool> rows) {
        this.rows = rows;
    }

    public static FlareTools load() {
        return new FlareTools(CsvTable.beside(FlareTools.class, "tools.csv")
                .map(FlareTools::tool, t -> t.id() + " " + t.upTo() + " " + t.kinds()));
    }

    private static FlareTool tool(Row r) {
        return new FlareTool(
                r.need("id"),
                r.need("name"),
                r.list("kinds").stream()
                        .map(k -> Arrays.stream(TubeEndKind.values())
                                .filter(x -> x.code().equals(k))
                                .findFirst()
                                .orElseThrow(() -> r.broken("kinds", "no such kind of end: " + k)))
                        .toList(),
                r.length("od_up_to_mm"),
                r.length("sink_mm"),
                r.maybeLength("step_mm"),
                r.length("slip_mm"),
                r.length("hold_mm"),
                r.need("clutch").equals("yes"),
                r.source());
    }

    /** The tools that make a kind of flare on a tube, each with the row of its size. */
    public List<FlareTool> making(TubeEndKind kind, Length outside) {
        Map<String, FlareTool> found = new LinkedHashMap<>();
        rows.stream()
                .filter(t -> t.kinds().contains(kind) && outside.compareTo(t.upTo()) <= 0)
                .forEach(t -> found.putIfAbsent(t.id(), t));
        return List.copyOf(found.values());
    }

    public Optional<FlareTool> find(String id, TubeEndKind kind, Length outside) {
        return making(kind, outside).stream().filter(t -> t.id().equals(id)).findFirst();
    }

    public List<FlareTool> all() {
        return rows;
    }
}
