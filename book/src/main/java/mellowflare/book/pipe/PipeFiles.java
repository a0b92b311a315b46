package mellowflare.book.pipe;

import de.siegmar.fastcsv.writer.CsvWriter;
import java.io.StringWriter;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import mellowflare.book.BookTrouble;
import mellowflare.book.exchange.Dxf;
import mellowflare.core.cutting.CutBar;
import mellowflare.core.cutting.CutPlan;
import mellowflare.core.cutting.CutTask;
import mellowflare.core.geometry.Vector;
import mellowflare.core.measure.LengthFormat;
import mellowflare.core.pipe.cut.PieceCut;
import mellowflare.core.pipe.line.PipeBars;
import mellowflare.core.pipe.line.PipeCase;
import mellowflare.core.pipe.line.PipePart;
import mellowflare.core.pipe.space.Fitted;
import mellowflare.core.pipe.space.Laid;
import mellowflare.core.pipe.space.Spool;
import mellowflare.core.reference.CsvText;

/** What a line of rigid pipe gives to other programs: cut list and parts as CSV, its centre lines as DXF. */
public final class PipeFiles {
    private PipeFiles() {}

    private static Laid laid(PipeCase c) throws BookTrouble {
        return c.laid().orElseThrow(() -> new BookTrouble(Say.it("pipe-files.nothing-cut")));
    }

    private static String number(double value) {
        return LengthFormat.decimal(value, 3, 0);
    }

    /** One row a piece, bar by bar, then what is bought ready. */
    static String cutsCsv(PipeCase c) throws BookTrouble {
        List<PipeBars.Marked> alone = List.of(PipeBars.Marked.alone(c));
        return cutsCsv(alone, PipeBars.of(alone));
    }

    /** One row a piece of lines that are cut together, bar by bar, then what is bought ready. */
    public static String cutsCsv(List<PipeBars.Marked> lines, Map<PipeBars.Kind, CutPlan> plans) throws BookTrouble {
        for (PipeBars.Marked m : lines) {
            laid(m.c());
        }
        Map<String, PieceCut> pieces = new HashMap<>();
        lines.forEach(m -> m.c().pieces().forEach(p -> pieces.put(m.marked(p), p)));
        StringWriter text = new StringWriter();
        CsvWriter csv = CsvWriter.builder().build(text);
        csv.writeRecord("pipe", "bar", "bar_mm", "from", "piece", "cut_mm", "exact_mm", "remnant_mm", "threads");
        int bar = 0;
        for (Map.Entry<PipeBars.Kind, CutPlan> e : plans.entrySet()) {
            for (CutBar b : e.getValue().bars()) {
                bar++;
                for (CutTask.Piece p : b.pieces()) {
                    csv.writeRecord(
                            CsvText.shown(e.getKey().words()),
                            Integer.toString(bar),
                            number(b.stock().length().mm()),
                            CsvText.shown(b.stock().name()),
                            CsvText.shown(p.name()),
                            number(p.length().mm()),
                            exact(pieces, p.name()),
                            number(b.remnant().mm()),
                            threads(pieces, p.name()));
                }
            }
            for (CutTask.Piece p : e.getValue().unplaced()) {
                csv.writeRecord(
                        CsvText.shown(e.getKey().words()),
                        "",
                        "",
                        Say.it("pipe-files.no-bar"),
                        CsvText.shown(p.name()),
                        number(p.length().mm()),
                        exact(pieces, p.name()),
                        "",
                        threads(pieces, p.name()));
            }
        }
        for (PipeBars.Marked m : lines) {
            for (PieceCut p : m.c().pieces()) {
                if (p.bought()) {
                    csv.writeRecord(
                            p.size(),
                            "",
                            "",
                            Say.it("pipe-files.bought-nipple"),
                            CsvText.shown(m.marked(p)),
                            p.shop().map(l -> number(l.mm())).orElse(""),
                            exact(pieces, m.marked(p)),
                            "",
                            threads(pieces, m.marked(p)));
                }
            }
        }
        return text.toString();
    }

    private static String exact(Map<String, PieceCut> pieces, String piece) {
        return Optional.ofNullable(pieces.get(piece))
                .flatMap(PieceCut::exact)
                .map(l -> number(l.mm()))
                .orElse("");
    }

    private static String threads(Map<String, PieceCut> pieces, String piece) {
        return Optional.ofNullable(pieces.get(piece))
                .map(p -> Integer.toString(p.threads()))
                .orElse("");
    }

    /** Parts with their prices. */
    static String partsCsv(PipeCase c) throws BookTrouble {
        laid(c);
        StringWriter text = new StringWriter();
        CsvWriter csv = CsvWriter.builder().build(text);
        csv.writeRecord("name", "amount", "unit", "price", "cost");
        double all = 0;
        for (PipePart p : c.partsList()) {
            csv.writeRecord(
                    CsvText.shown(p.name()),
                    number(p.count()),
                    p.metres() ? "m" : "piece",
                    p.each().map(PipeFiles::number).orElse(""),
                    p.price().map(PipeFiles::number).orElse(""));
            all += p.price().orElse(0.0);
        }
        csv.writeRecord("all", "", "", "", number(all));
        return text.toString();
    }

    /** The centre lines in space, with names and cuts. */
    static String dxf(PipeCase c) throws BookTrouble {
        Laid laid = laid(c);
        Dxf dxf = new Dxf(List.of("PIPE", "FITTINGS", "NAMES"));
        for (Spool s : laid.spools()) {
            Vector a = laid.from(s).at();
            Vector b = laid.to(s).at();
            dxf.line("PIPE", a, b);
            String cut = c.pieces().stream()
                    .filter(p -> p.name().equals(s.name()))
                    .findFirst()
                    .flatMap(PieceCut::shop)
                    .map(l -> " " + number(l.mm()))
                    .orElse("");
            dxf.text("NAMES", a.plus(b).times(0.5), 20, s.name() + cut);
        }
        for (Fitted f : laid.fittings()) {
            dxf.text("FITTINGS", f.at(), 14, f.name());
        }
        return dxf.done();
    }
}
