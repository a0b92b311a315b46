package mellowflare.core.testing;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import mellowflare.core.flow.hold.HoldTest;
import mellowflare.core.measure.AbsolutePressure;
import mellowflare.core.measure.QuantityText;
import mellowflare.core.measure.Read;
import mellowflare.core.measure.Temperature;
import mellowflare.core.reference.BrokenTable;
import mellowflare.core.reference.CsvTable;
import mellowflare.core.reference.CsvText;

/**
 * The file of a logger: CSV with columns {@code time}, {@code pressure} and, where they were read, {@code temperature} and {@code barometer}; the unit stands behind the name ({@code time_min},
 * {@code pressure_psi}) or in the cell, else seconds, bar, degrees Celsius. A bad row costs that row.
 */
public final class LoggerFile {
    private static final Pattern TIME = Pattern.compile("(-?\\d+(?:\\.\\d+)?)\\s*(s|min|h)?");
    private static final Pattern BARE = Pattern.compile("-?\\d+(\\.\\d+)?");
    private static final Map<String, List<String>> UNITS = Map.of(
            "time", List.of("s", "min", "h"),
            "pressure", List.of("bar", "mbar", "psi", "kPa"),
            "temperature", List.of("C", "F"),
            "barometer", List.of("bar", "hPa", "mbar", "inHg"));
    /** A test of days, read every second, has so many rows. */
    private static final int MOST = 200_000;

    private LoggerFile() {}

    /**
     * What a file held.
     *
     * @param troubles a sentence for each row that was left out
     */
    public record Logged(Gathering gathering, List<String> troubles) {
        public Logged {
            troubles = List.copyOf(troubles);
        }
    }

    /**
     * Reads a file.
     *
     * @param name of the file, for its troubles
     * @throws BrokenTable if it is no such table at all
     */
    public static Logged read(String name, String text) {
        CsvTable table = CsvTable.fromText(name, text.startsWith("\uFEFF") ? text.substring(1) : text);
        if (table.rows().size() > MOST) {
            throw table.rows().get(MOST).broken("", Say.it("logger-file.too-long", "most", MOST));
        }
        CsvTable.Row head = table.rows().get(0);
        for (String needed : List.of("time", "pressure")) {
            if (column(head, needed).isEmpty()) {
                throw head.broken(needed, Say.it("logger-file.no-column"));
            }
        }
        Gathering all = Gathering.NONE;
        List<String> troubles = new ArrayList<>();
        for (CsvTable.Row row : table.rows()) {
            try {
                all = all.with(reading(row));
            } catch (BrokenTable e) {
                troubles.add(e.getMessage());
            } catch (IllegalArgumentException e) {
                troubles.add(row.broken("", e.getMessage(), e).getMessage());
            }
        }
        if (!all.says().isEmpty()) {
            troubles.add(all.says());
        }
        return new Logged(all, troubles);
    }

    /** The column of a quantity with its unit; the unit is empty where the name has none. */
    private record Column(String name, String unit) {}

    private static Optional<Column> column(CsvTable.Row row, String quantity) {
        if (row.has(quantity)) {
            return Optional.of(new Column(quantity, ""));
        }
        for (String unit : UNITS.get(quantity)) {
            for (String named : List.of(quantity + "_" + unit, quantity + "_" + unit.toLowerCase(Locale.ROOT))) {
                if (row.has(named)) {
                    return Optional.of(new Column(named, unit));
                }
            }
        }
        return Optional.empty();
    }

    private static HoldTest.Reading reading(CsvTable.Row row) {
        return new HoldTest.Reading(
                seconds(row, column(row, "time").orElseThrow()),
                need(row, "pressure", t -> QuantityText.pressure(t, Optional.of("bar"))),
                maybe(row, "temperature", t -> QuantityText.temperature(t, Optional.of("C"))),
                maybe(row, "barometer", QuantityText::barometer));
    }

    private static double seconds(CsvTable.Row row, Column c) {
        Matcher m = TIME.matcher(row.need(c.name));
        if (!m.matches()) {
            throw row.broken(c.name, Say.it("logger-file.no-time", "text", row.text(c.name)));
        }
        String unit = m.group(2) != null ? m.group(2) : c.unit;
        return Double.parseDouble(m.group(1)) * (unit.equals("h") ? 3600 : unit.equals("min") ? 60 : 1);
    }

    private static <T> T need(CsvTable.Row row, String quantity, Function<String, Read<T>> reader) {
        return LoggerFile.<T>maybe(row, quantity, reader)
                .orElseThrow(() -> row.broken(quantity, Say.it("logger-file.empty")));
    }

    private static <T> Optional<T> maybe(CsvTable.Row row, String quantity, Function<String, Read<T>> reader) {
        Optional<Column> c = column(row, quantity);
        if (c.isEmpty() || row.text(c.get().name).isEmpty()) {
            return Optional.empty();
        }
        String text = row.text(c.get().name);
        Read<T> read = reader.apply(BARE.matcher(text).matches() ? (text + " " + c.get().unit).strip() : text);
        return Optional.of(read.value()
                .orElseThrow(() -> row.broken(c.get().name, read.refusal().orElse(text))));
    }

    /** Readings as such a file. */
    public static String text(List<HoldTest.Reading> readings) {
        return CsvText.of(
                List.of("time_s", "pressure_bar", "temperature_C", "barometer_bar"),
                readings,
                r -> List.of(
                        CsvText.number(r.seconds()),
                        CsvText.number(r.gauge().bar()),
                        r.air().map(Temperature::celsius).map(CsvText::number).orElse(""),
                        r.barometer()
                                .map(AbsolutePressure::bar)
                                .map(CsvText::number)
                                .orElse("")));
    }
}
