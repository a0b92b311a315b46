package mellowflare.core.tube.flare;

import java.util.Arrays;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import mellowflare.core.measure.Length;
import mellowflare.core.reference.CsvTable.Row;
import mellowflare.core.reference.CsvText;
import mellowflare.core.reference.FileKind;
import mellowflare.core.reference.RowByRow;
import mellowflare.core.tube.end.TubeEndKind;

/** Flaring tools as rows of an open CSV file: the house's and a shop's own. */
public final class FlareToolFile {
    public static final FileKind KIND = new FileKind(
            "flaringtools",
            Say.it("flare-tool-file.flaring-tools"),
            List.of("id,name,kinds,od_up_to_mm,sink_mm,step_mm,slip_mm,hold_mm,clutch,spread_mm,source,confidence"
                    .split(",")),
            Set.of("spread_mm"));

    private FlareToolFile() {}

    static FlareTool tool(Row r) {
        return new FlareTool(
                r.need("id"),
                r.said("name"),
                r.list("kinds").stream()
                        .map(k -> Arrays.stream(TubeEndKind.values())
                                .filter(x -> x.code().equals(k))
                                .findFirst()
                                .orElseThrow(
                                        () -> r.broken("kinds", Say.it("flare-tool-file.no-such-kind-end", "k", k))))
                        .toList(),
                r.length("od_up_to_mm"),
                r.length("sink_mm"),
                r.maybeLength("step_mm"),
                r.length("slip_mm"),
                r.length("hold_mm"),
                r.yes("clutch"),
                r.has("spread_mm") ? r.maybeLength("spread_mm") : java.util.Optional.empty(),
                r.source());
    }

    /** What no two rows of tools have in common. */
    public static String number(FlareTool t) {
        return t.id() + " " + t.upTo() + " " + t.kinds();
    }

    /** Reads the rows of a file that is known to be of {@link #KIND}. */
    public static RowByRow<FlareTool> read(List<Row> rows) {
        return RowByRow.read(rows, FlareToolFile::tool, FlareToolFile::number);
    }

    /** One file as text, header first. */
    public static String csv(List<FlareTool> tools) {
        return CsvText.of(KIND.columns(), tools, FlareToolFile::row);
    }

    private static List<String> row(FlareTool t) {
        return List.of(
                t.id(),
                t.name(),
                t.kinds().stream().map(TubeEndKind::code).collect(Collectors.joining("; ")),
                mm(t.upTo()),
                mm(t.sink()),
                t.step().map(FlareToolFile::mm).orElse(""),
                mm(t.slip()),
                mm(t.hold()),
                t.clutch() ? "yes" : "no",
                t.spread().map(FlareToolFile::mm).orElse(""),
                t.source().text(),
                CsvText.confidence(t.source()));
    }

    private static String mm(Length l) {
        return CsvText.number(l.mm());
    }
}
