package mellowflare.core.parts;

import de.siegmar.fastcsv.writer.CsvWriter;
import java.io.StringWriter;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import mellowflare.core.connection.EndId;
import mellowflare.core.measure.GaugePressure;
import mellowflare.core.measure.Length;
import mellowflare.core.reference.Source;

/** Writes parts as the open CSV files that are read again. */
public final class PartExport {
    private PartExport() {}

    /** One file as text, header first. */
    public static String csv(PartFile file, Stock stock) {
        StringWriter text = new StringWriter();
        CsvWriter csv = CsvWriter.builder().build(text);
        csv.writeRecord(file.columns());
        switch (file) {
            case HOSES -> stock.hoses().forEach(h -> csv.writeRecord(hose(h)));
            case ENDS -> stock.ends().forEach(e -> csv.writeRecord(end(e)));
            case ADAPTERS -> stock.adapters().forEach(a -> csv.writeRecord(adapter(a)));
            case COLLARS -> stock.collars().forEach(c -> csv.writeRecord(collar(c)));
            case SEALS -> stock.seals().forEach(s -> csv.writeRecord(seal(s)));
            case TOOLS -> stock.tools().forEach(t -> csv.writeRecord(tool(t)));
        }
        return text.toString();
    }

    private static List<String> hose(HosePart h) {
        return List.of(
                h.part(),
                h.name(),
                word(h.kind()),
                h.dash().text(),
                mm(h.bore()),
                mm(h.outside()),
                bar(h.working()),
                h.metric().map(PartExport::bar).orElse(""),
                h.metricSource(),
                h.vacuum().map(PartExport::bar).orElse(""),
                mm(h.bendRadius()),
                h.bendToInside() ? "inside" : "centre",
                number(h.coldest().celsius()),
                number(h.hottest().celsius()),
                h.liner(),
                h.conductive().map(PartExport::yes).orElse(""),
                h.series(),
                h.lengths().stream().map(PartExport::mm).collect(Collectors.joining("; ")),
                number(h.onShelf()),
                number(h.price()),
                h.source().text(),
                confidence(h.source()));
    }

    private static List<String> end(HoseEndPart e) {
        return List.of(
                e.part(),
                e.name(),
                e.attach().map(PartExport::word).orElse(""),
                e.series().orElse(""),
                e.hoseDash().map(d -> d.text()).orElse(""),
                e.end().code().name(),
                e.end().size(),
                e.end().gender().word(),
                e.seat().code(),
                yes(e.swivel()),
                number(e.angle().degrees()),
                mm(e.cutOff()),
                mm(e.drop()),
                mm(e.bore()),
                e.metal().map(PartExport::word).orElse(""),
                e.rating().map(PartExport::bar).orElse(""),
                String.join("; ", e.hexes()),
                mm(e.insertion()),
                mm(e.gap()),
                e.collar().orElse(""),
                e.crimp().entrySet().stream()
                        .sorted(Map.Entry.comparingByKey())
                        .map(c -> word(c.getKey()) + " " + mm(c.getValue()))
                        .collect(Collectors.joining("; ")),
                Integer.toString(e.onShelf()),
                number(e.price()),
                e.source().text(),
                confidence(e.source()));
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
                number(a.angle().degrees()),
                bar(a.rating()),
                mm(a.bore()),
                Integer.toString(a.onShelf()),
                number(a.price()),
                word(a.metal()),
                mm(a.length()),
                a.source().text(),
                confidence(a.source()));
    }

    private static List<String> collar(Collar c) {
        return List.of(
                c.part(),
                c.name(),
                word(c.form()),
                mm(c.outside().low()),
                mm(c.outside().high()),
                c.die(),
                Integer.toString(c.onShelf()),
                number(c.price()),
                c.source().text(),
                confidence(c.source()));
    }

    private static List<String> seal(SealPart s) {
        return List.of(
                s.part(),
                s.name(),
                word(s.form()),
                s.code().name(),
                s.size(),
                s.compound(),
                Integer.toString(s.onShelf()),
                number(s.price()),
                s.source().text(),
                confidence(s.source()));
    }

    private static List<String> tool(Tool t) {
        return List.of(
                t.id(),
                t.name(),
                t.words(),
                yes(t.usual()),
                word(t.severity()),
                t.instead(),
                t.needs(),
                t.source().text(),
                confidence(t.source()));
    }

    private static String gender(EndId end) {
        return end.gender().word();
    }

    private static String mm(Length length) {
        return number(length.mm());
    }

    private static String mm(Optional<Length> length) {
        return length.map(PartExport::mm).orElse("");
    }

    private static String bar(GaugePressure p) {
        return number(p.bar());
    }

    /** As short as it can be and still be read back the same. */
    private static String number(double value) {
        return value == Math.rint(value) && Math.abs(value) < 1e15
                ? Long.toString((long) value)
                : Double.toString(value);
    }

    private static String yes(boolean is) {
        return is ? "yes" : "no";
    }

    private static String confidence(Source source) {
        return word(source.confidence());
    }

    private static String word(Enum<?> value) {
        return value.name().toLowerCase(Locale.ROOT).replace('_', '-');
    }
}
