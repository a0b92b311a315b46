package mellowflare.book.tube;

import de.siegmar.fastcsv.reader.CsvReader;
import de.siegmar.fastcsv.reader.NamedCsvRecord;
import de.siegmar.fastcsv.writer.CsvWriter;
import java.io.IOException;
import java.io.StringReader;
import java.io.StringWriter;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.function.Supplier;
import mellowflare.book.BookTrouble;
import mellowflare.core.connection.LineEnd;
import mellowflare.core.geometry.Vector;
import mellowflare.core.measure.Angle;
import mellowflare.core.measure.Length;
import mellowflare.core.tube.form.BendMark;
import mellowflare.core.tube.form.Measured;
import mellowflare.core.tube.form.Row;
import mellowflare.core.tube.line.TubeCase;

/** Straights, rotations and bends of a tube as CSV, out and in; in also plain points. Millimetres and degrees; the unit stands in each column's name. */
public final class LraCsv {
    private static final int MOST = 500;

    private LraCsv() {}

    /** One row for each straight with the bend that follows it; marks and lever beside them for the bench. */
    public static String of(TubeCase c) throws BookTrouble {
        if (c.shape().rows().isEmpty()) {
            throw new BookTrouble(Say.it("lra-csv.this-tube-has-no"));
        }
        StringWriter text = new StringWriter();
        CsvWriter csv = CsvWriter.builder().build(text);
        csv.writeRecord(
                "row",
                "straight_mm",
                "rotation_deg",
                "bend_deg",
                "radius_mm",
                "start_mm",
                "middle_mm",
                "leg_mm",
                "lever_deg");
        List<Row> rows = c.shape().rows();
        List<BendMark> marks = c.marks(LineEnd.A);
        List<Angle> levers = c.levers();
        for (int i = 0; i < rows.size(); i++) {
            Row r = rows.get(i);
            boolean bend = i < marks.size();
            csv.writeRecord(
                    Integer.toString(i + 1),
                    number(r.straight().mm()),
                    number(r.rotation().degrees()),
                    number(r.bend().degrees()),
                    bend ? number(c.radius().map(Length::mm).orElse(0.0)) : "",
                    bend ? number(marks.get(i).start().mm()) : "",
                    bend ? number(marks.get(i).middle().mm()) : "",
                    bend ? number(marks.get(i).leg().mm()) : "",
                    i < levers.size() ? number(levers.get(i).degrees()) : "");
        }
        return text.toString();
    }

    private static String number(double value) {
        String text = String.format(Locale.ROOT, "%.6f", value).replaceAll("\\.?0+$", "");
        return text.equals("-0") ? "0" : text;
    }

    /**
     * Reads rows (columns straight_mm, rotation_deg, bend_deg) or points (x_mm, y_mm, z_mm). Other columns are passed over.
     *
     * @throws BookTrouble naming line and column of what cannot be used
     */
    public static Measured read(String text) throws BookTrouble {
        List<NamedCsvRecord> records = new ArrayList<>();
        try (CsvReader<NamedCsvRecord> csv =
                CsvReader.builder().skipEmptyLines(true).ofNamedCsvRecord(new StringReader(strip(text)))) {
            csv.forEach(records::add);
        } catch (IOException | RuntimeException e) {
            throw new BookTrouble(Say.it("lra-csv.this-no-table-csv", "message", e.getMessage()), e);
        }
        if (records.isEmpty()) {
            throw new BookTrouble(Say.it("lra-csv.the-table-holds-no"));
        }
        if (records.size() > MOST) {
            throw new BookTrouble(Say.it("lra-csv.the-table-holds-rows", "size", records.size(), "most", MOST));
        }
        List<String> columns = records.get(0).getHeader();
        if (columns.containsAll(List.of("straight_mm", "rotation_deg", "bend_deg"))) {
            return rows(records);
        }
        if (columns.containsAll(List.of("x_mm", "y_mm", "z_mm"))) {
            List<Vector> points = new ArrayList<>();
            for (NamedCsvRecord r : records) {
                points.add(new Vector(number(r, "x_mm"), number(r, "y_mm"), number(r, "z_mm")));
            }
            return taken(() -> new Measured.Points(points));
        }
        throw new BookTrouble(Say.it("lra-csv.the-headings-must-hold"));
    }

    /** Some programs write a mark of byte order before the first heading. */
    private static String strip(String text) {
        return text.startsWith("\uFEFF") ? text.substring(1) : text;
    }

    private static Measured rows(List<NamedCsvRecord> records) throws BookTrouble {
        List<Row> rows = new ArrayList<>();
        for (NamedCsvRecord r : records) {
            try {
                rows.add(new Row(
                        Length.ofMm(number(r, "straight_mm")),
                        Angle.ofDegrees(number(r, "rotation_deg")),
                        Angle.ofDegrees(number(r, "bend_deg"))));
            } catch (IllegalArgumentException e) {
                throw new BookTrouble(
                        Say.it(
                                "lra-csv.in-line",
                                "startingLineNumber",
                                r.getStartingLineNumber(),
                                "message",
                                e.getMessage()),
                        e);
            }
        }
        return taken(() -> new Measured.Rows(rows));
    }

    private static Measured taken(Supplier<Measured> way) throws BookTrouble {
        try {
            return way.get();
        } catch (IllegalArgumentException e) {
            throw new BookTrouble(e.getMessage() + ".", e);
        }
    }

    private static double number(NamedCsvRecord r, String column) throws BookTrouble {
        String text = r.findField(column).map(String::strip).orElse("");
        try {
            double value = text.isEmpty() ? 0 : Double.parseDouble(text);
            if (Double.isFinite(value)) {
                return value;
            }
        } catch (NumberFormatException e) {
            throw new BookTrouble(wrong(r, column, text), e);
        }
        throw new BookTrouble(wrong(r, column, text));
    }

    private static String wrong(NamedCsvRecord r, String column, String text) {
        return Say.it(
                "lra-csv.in-line-column-no",
                "startingLineNumber",
                r.getStartingLineNumber(),
                "column",
                column,
                "text",
                text);
    }
}
