package mellowflare.core.parts;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import mellowflare.core.connection.EndId;
import mellowflare.core.measure.GaugePressure;
import mellowflare.core.measure.Length;
import mellowflare.core.reference.CsvText;

/** Writes parts as the open CSV files that are read again. */
public final class PartExport {
    private PartExport() {}

    /** One file as text, header first. */
    public static String csv(PartFile file, Stock stock) {
        return switch (file) {
            case HOSES -> CsvText.of(file.columns(), stock.hoses(), PartExport::hose);
            case ENDS -> CsvText.of(file.columns(), stock.ends(), PartExport::end);
            case ADAPTERS -> CsvText.of(file.columns(), stock.adapters(), PartExport::adapter);
            case COLLARS -> CsvText.of(file.columns(), stock.ferrules(), PartExport::ferrule);
            case SEALS -> CsvText.of(file.columns(), stock.seals(), PartExport::seal);
            case TOOLS -> CsvText.of(file.columns(), stock.tools(), PartExport::tool);
        };
    }

    private static List<String> hose(HosePart h) {
        return List.of(
                h.part(),
                h.name(),
                CsvText.word(h.kind()),
                h.dash().text(),
                mm(h.bore()),
                mm(h.outside()),
                bar(h.working()),
                h.metric().map(PartExport::bar).orElse(""),
                h.metricSource(),
                h.vacuum().map(PartExport::bar).orElse(""),
                mm(h.bendRadius()),
                h.bendToInside() ? "inside" : "centre",
                CsvText.number(h.coldest().celsius()),
                CsvText.number(h.hottest().celsius()),
                h.liner(),
                h.conductive().map(PartExport::yes).orElse(""),
                h.series(),
                h.lengths().stream().map(PartExport::mm).collect(Collectors.joining("; ")),
                CsvText.number(h.onShelf()),
                CsvText.number(h.price()),
                h.source().text(),
                CsvText.confidence(h.source()));
    }

    private static List<String> end(HoseEndPart e) {
        return List.of(
                e.part(),
                e.name(),
                e.attach().map(CsvText::word).orElse(""),
                e.series().orElse(""),
                e.hoseDash().map(d -> d.text()).orElse(""),
                e.end().code().name(),
                e.end().size(),
                e.end().gender().word(),
                e.seat().code(),
                yes(e.swivel()),
                CsvText.number(e.angle().degrees()),
                mm(e.cutOff()),
                mm(e.drop()),
                mm(e.bore()),
                e.metal().map(CsvText::word).orElse(""),
                e.rating().map(PartExport::bar).orElse(""),
                String.join("; ", e.hexes()),
                mm(e.insertion()),
                mm(e.gap()),
                e.ferrule().orElse(""),
                e.crimp().entrySet().stream()
                        .sorted(Map.Entry.comparingByKey())
                        .map(c -> CsvText.word(c.getKey()) + " " + mm(c.getValue()))
                        .collect(Collectors.joining("; ")),
                Integer.toString(e.onShelf()),
                CsvText.number(e.price()),
                e.source().text(),
                CsvText.confidence(e.source()));
    }

    private static List<String> adapter(AdapterPart a) {
        return List.of(
                a.part(),
                a.name(),
                a.a().code().name(),
                a.a().size(),
                gender(a.a()),
                a.b().code().name(),
                a.b().size(),
                gender(a.b()),
                CsvText.number(a.angle().degrees()),
                bar(a.rating()),
                mm(a.bore()),
                Integer.toString(a.onShelf()),
                CsvText.number(a.price()),
                CsvText.word(a.metal()),
                mm(a.length()),
                a.source().text(),
                CsvText.confidence(a.source()));
    }

    private static List<String> ferrule(Ferrule c) {
        return List.of(
                c.part(),
                c.name(),
                CsvText.word(c.form()),
                mm(c.outside().low()),
                mm(c.outside().high()),
                c.die(),
                Integer.toString(c.onShelf()),
                CsvText.number(c.price()),
                c.source().text(),
                CsvText.confidence(c.source()));
    }

    private static List<String> seal(SealPart s) {
        return List.of(
                s.part(),
                s.name(),
                CsvText.word(s.form()),
                s.code().name(),
                s.size(),
                s.compound(),
                Integer.toString(s.onShelf()),
                CsvText.number(s.price()),
                s.source().text(),
                CsvText.confidence(s.source()));
    }

    private static List<String> tool(Tool t) {
        return List.of(
                t.id(),
                t.name(),
                t.words(),
                yes(t.usual()),
                CsvText.word(t.severity()),
                t.instead(),
                t.needs(),
                t.strictFor().stream().map(CsvText::word).sorted().collect(Collectors.joining("; ")),
                t.strictly(),
                t.source().text(),
                CsvText.confidence(t.source()));
    }

    private static String gender(EndId end) {
        return end.gender().word();
    }

    private static String mm(Length length) {
        return CsvText.number(length.mm());
    }

    private static String mm(Optional<Length> length) {
        return length.map(PartExport::mm).orElse("");
    }

    private static String bar(GaugePressure p) {
        return CsvText.number(p.bar());
    }

    private static String yes(boolean is) {
        return is ? "yes" : "no";
    }
}
