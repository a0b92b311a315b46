package mellowflare.book.parts;

import java.io.IOException;
import java.nio.charset.MalformedInputException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Instant;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.function.Function;
import java.util.stream.Collectors;
import mellowflare.book.BookTrouble;
import mellowflare.core.measure.Length;
import mellowflare.core.measure.Read;
import mellowflare.core.measure.UnitSystem;
import mellowflare.core.parts.ShelfLine;
import mellowflare.core.reference.CsvTable;
import mellowflare.core.reference.CsvText;
import mellowflare.core.reference.FileKind;
import mellowflare.core.reference.ForeignFile;
import mellowflare.core.reference.ReferenceData;
import mellowflare.core.reference.RowByRow;
import mellowflare.core.shelf.Count;
import mellowflare.core.shelf.CountText;

/** The shelf as CSV: a sheet to count by, written out and taken in again. */
public final class ShelfCsv {
    /** Columns of the file; a file that is taken in needs no more than part and counted. */
    public static final FileKind KIND = new FileKind(
            "shelf",
            Say.it("shelf-csv.kind"),
            List.of("part", "name", "unit", "on_shelf", "lengths_mm", "taken_beyond", "counted"),
            Set.of("name", "unit", "on_shelf", "lengths_mm", "taken_beyond"));

    private static final long LARGEST = 10_000_000;
    private static final String METRES = "m";

    private ShelfCsv() {}

    /**
     * What came of a file of counts.
     *
     * @param counts of the good rows; a row in which nothing is counted is none
     * @param troubles a sentence for every row that was left out
     */
    public record Counted(List<Count> counts, List<String> troubles) {
        public Counted {
            counts = List.copyOf(counts);
            troubles = List.copyOf(troubles);
        }
    }

    /** The sheet: what should lie there, and an empty column for what does. */
    public static String text(List<ShelfLine> lines) {
        return CsvText.of(KIND.columns(), lines, ShelfCsv::row);
    }

    private static List<String> row(ShelfLine l) {
        return List.of(
                CsvText.shown(l.key()),
                CsvText.shown(l.name()),
                l.metres() ? METRES : "pc",
                CsvText.number(l.held().amount()),
                l.held().pieces().stream().map(Length::mm).map(CsvText::number).collect(Collectors.joining("; ")),
                l.held().wantsCounting() ? CsvText.number(l.held().over()) : "",
                "");
    }

    /**
     * Reads a file of counts.
     *
     * @param data the tables with the shelf as it is now
     * @param at when it was counted
     * @param by who counted, not blank
     * @throws BookTrouble if the file is none, or cannot be read
     */
    public static Counted read(Path file, ReferenceData data, Instant at, String by) throws BookTrouble {
        List<CsvTable.Row> rows;
        try {
            if (!Files.isRegularFile(file) || Files.size(file) > LARGEST) {
                throw new BookTrouble(Say.it("shelf-csv.no-file", "file", file));
            }
            rows = FileKind.rows(file.getFileName().toString(), Files.readString(file, StandardCharsets.UTF_8));
            FileKind.of(file.getFileName().toString(), rows.get(0), List.of(KIND));
        } catch (ForeignFile e) {
            throw new BookTrouble(e.getMessage(), e);
        } catch (MalformedInputException e) {
            throw new BookTrouble(Say.it("own-catalogue.the-file-no-text", "file", file), e);
        } catch (IOException e) {
            throw new BookTrouble(Say.it("own-catalogue.the-file-cannot-be", "file", file), e);
        }
        Map<String, ShelfLine> known = ShelfLine.all(data).stream()
                .collect(Collectors.toMap(ShelfLine::key, Function.identity(), (a, b) -> a));
        RowByRow<Count> read = RowByRow.read(
                rows.stream().filter(r -> !r.text("counted").isBlank()).toList(),
                r -> count(r, known, at, by),
                Count::key);
        return new Counted(read.values(), read.troubles());
    }

    private static Count count(CsvTable.Row r, Map<String, ShelfLine> known, Instant at, String by) {
        String part = r.need("part");
        ShelfLine line = known.get(part);
        boolean metres = line == null ? r.has("unit") && r.text("unit").equals(METRES) : line.metres();
        if (line == null && (!r.has("name") || r.text("name").isBlank())) {
            throw r.broken("part", Say.it("shelf-csv.unknown", "part", part));
        }
        Read<Count> read = CountText.read(
                r.need("counted"),
                new CountText.Of(
                        part,
                        line == null ? r.text("name") : line.name(),
                        metres,
                        line == null ? 0 : line.held().amount()),
                UnitSystem.METRIC,
                at,
                by);
        return read.value().orElseThrow(() -> r.broken("counted", read.refusal().orElseThrow()));
    }
}
