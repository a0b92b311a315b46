package mellowflare.core.reference;

import de.siegmar.fastcsv.reader.CommentStrategy;
import de.siegmar.fastcsv.reader.CsvReader;
import de.siegmar.fastcsv.reader.NamedCsvRecord;
import java.io.IOException;
import java.io.InputStream;
import java.io.InputStreamReader;
import java.io.Reader;
import java.io.StringReader;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import java.util.stream.Collectors;
import mellowflare.core.measure.Length;
import mellowflare.core.text.Language;
import mellowflare.core.text.Texts;

/** A CSV table with a header row; lines starting with # are remarks. Every row must name its source. */
public final class CsvTable {
    private final String file;
    private final List<Row> rows;

    private CsvTable(String file, List<Row> rows) {
        this.file = file;
        this.rows = List.copyOf(rows);
    }

    /**
     * Reads a table shipped beside a class.
     *
     * @param beside the class whose package holds the table
     * @param name the file's name
     * @throws BrokenTable if it is missing or not in form
     */
    public static CsvTable beside(Class<?> beside, String name) {
        InputStream in = beside.getResourceAsStream(name);
        if (in == null) {
            throw new BrokenTable(name, 0, "", "the table is missing");
        }
        try (Reader reader = new InputStreamReader(in, StandardCharsets.UTF_8)) {
            return read(name, Texts.home(beside) + "/" + name.replace(".csv", ""), reader);
        } catch (IOException e) {
            throw new BrokenTable(name, 0, "", Say.it("csv-table.cannot-be-read", "message", e.getMessage()), e);
        }
    }

    /** Reads a table from a text, under the given name. */
    public static CsvTable fromText(String name, String text) {
        try (Reader reader = new StringReader(text)) {
            return read(name, "", reader);
        } catch (IOException e) {
            throw new BrokenTable(name, 0, "", Say.it("csv-table.cannot-be-read", "message", e.getMessage()), e);
        }
    }

    /** @param home under which its texts are translated; empty for a table of somebody's own */
    private static CsvTable read(String name, String home, Reader reader) throws IOException {
        List<Row> rows = new ArrayList<>();
        Map<String, Integer> times = new HashMap<>();
        try (CsvReader<NamedCsvRecord> csv = CsvReader.builder()
                .commentStrategy(CommentStrategy.SKIP)
                .skipEmptyLines(true)
                .ofNamedCsvRecord(reader)) {
            for (NamedCsvRecord each : csv) {
                String key = each.getField(0).strip();
                int time = times.merge(key, 1, Integer::sum);
                rows.add(new Row(name, home.isEmpty() ? "" : home + "." + key + (time > 1 ? "-" + time : ""), each));
            }
        } catch (RuntimeException e) {
            throw new BrokenTable(
                    name, rows.size() + 2L, "", Say.it("csv-table.not-csv", "message", e.getMessage()), e);
        }
        if (rows.isEmpty()) {
            throw new BrokenTable(name, 1, "", Say.it("csv-table.no-rows"));
        }
        return new CsvTable(name, rows);
    }

    public List<Row> rows() {
        return rows;
    }

    /**
     * Turns every row into a value.
     *
     * @throws BrokenTable if two rows have the same key
     */
    public <T> List<T> map(Function<Row, T> mapper, Function<T, ?> key) {
        List<T> values = new ArrayList<>();
        Set<Object> seen = new HashSet<>();
        for (Row row : rows) {
            T value = mapper.apply(row);
            if (!seen.add(key.apply(value))) {
                throw new BrokenTable(file, row.line(), "", Say.it("csv-table.twice", "key", key.apply(value)));
            }
            values.add(value);
        }
        return List.copyOf(values);
    }

    /** One row, read by column name. */
    public static final class Row {
        private final String file;
        private final String textId;
        private final NamedCsvRecord csv;

        Row(String file, String textId, NamedCsvRecord csv) {
            this.file = file;
            this.textId = textId;
            this.csv = csv;
        }

        long line() {
            return csv.getStartingLineNumber();
        }

        /** Whether there is a column of that name. */
        public boolean has(String column) {
            return csv.findField(column).isPresent();
        }

        /** The text of a column, stripped; an empty cell is an empty text. */
        public String text(String column) {
            return csv.findField(column)
                    .orElseThrow(() -> new BrokenTable(file, line(), column, Say.it("csv-table.no-column")))
                    .strip();
        }

        /** A text that must not be empty. */
        public String need(String column) {
            String text = text(column);
            if (text.isEmpty()) {
                throw new BrokenTable(file, line(), column, Say.it("csv-table.empty"));
            }
            return text;
        }

        /** A text that people read, in the language of this run; it must not be empty. */
        public String said(String column) {
            return translated(column, need(column));
        }

        /** A text that people read, in the language of this run; it may be empty. */
        public String saidIfAny(String column) {
            return translated(column, text(column));
        }

        /** Texts that people read, parted by semicolons. */
        public List<String> saidList(String column) {
            List<String> texts = new ArrayList<>();
            for (String each : list(column)) {
                texts.add(translated(column + "." + (texts.size() + 1), each));
            }
            return List.copyOf(texts);
        }

        private String translated(String column, String text) {
            return textId.isEmpty() ? text : Language.chosen().text(textId + "." + column, text);
        }

        /** A text that may be missing, as may its column. */
        public Optional<String> maybe(String column) {
            return csv.findField(column).map(String::strip).filter(t -> !t.isEmpty());
        }

        /** A length that may be missing, as may its column. */
        public Optional<Length> maybeLength(String column) {
            return maybe(column).map(t -> length(column));
        }

        /** A plain number; the unit stands in the column's name. */
        public double number(String column) {
            try {
                return Double.parseDouble(need(column));
            } catch (NumberFormatException e) {
                throw new BrokenTable(file, line(), column, Say.it("csv-table.no-number", "text", text(column)), e);
            }
        }

        public Optional<Double> maybeNumber(String column) {
            return text(column).isEmpty() ? Optional.empty() : Optional.of(number(column));
        }

        /** A length from a column whose name ends in {@code _mm} or {@code _in}. */
        public Length length(String column) {
            if (column.endsWith("_mm")) {
                return Length.ofMm(number(column));
            }
            if (column.endsWith("_in")) {
                return Length.ofInches(number(column));
            }
            throw new BrokenTable(file, line(), column, "the column's name says no unit");
        }

        /** Yes or no, and nothing else. */
        public boolean yes(String column) {
            return word(column, YesNo.class) == YesNo.YES;
        }

        private enum YesNo {
            YES,
            NO
        }

        /** One of a closed list of words, upper or lower case. */
        public <E extends Enum<E>> E word(String column, Class<E> words) {
            return word(column, need(column), words);
        }

        /** Any number of a closed list of words, parted by semicolons. */
        public <E extends Enum<E>> Set<E> words(String column, Class<E> words) {
            return list(column).stream().map(each -> word(column, each, words)).collect(Collectors.toUnmodifiableSet());
        }

        private <E extends Enum<E>> E word(String column, String text, Class<E> words) {
            try {
                return Enum.valueOf(words, text.toUpperCase(Locale.ROOT).replace('-', '_'));
            } catch (IllegalArgumentException e) {
                throw new BrokenTable(file, line(), column, Say.it("csv-table.no-word", "text", text), e);
            }
        }

        /** Words parted by semicolons; empty gives none. */
        public List<String> list(String column) {
            String text = text(column);
            return text.isEmpty() ? List.of() : List.of(text.split("\\s*;\\s*"));
        }

        /** Columns {@code source} and {@code confidence}. */
        public Source source() {
            return new Source(need("source"), word("confidence", Confidence.class));
        }

        /** A problem in this row that another problem led to. */
        public BrokenTable broken(String column, String problem, Exception cause) {
            return new BrokenTable(file, line(), column, problem, cause);
        }

        /** A problem in this row. */
        public BrokenTable broken(String column, String problem) {
            return new BrokenTable(file, line(), column, problem);
        }
    }
}
