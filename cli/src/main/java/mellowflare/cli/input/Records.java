package mellowflare.cli.input;

import com.fasterxml.jackson.core.JsonParser;
import com.fasterxml.jackson.core.JsonProcessingException;
import com.fasterxml.jackson.core.JsonToken;
import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.node.JsonNodeFactory;
import com.fasterxml.jackson.databind.node.ObjectNode;
import de.siegmar.fastcsv.reader.CommentStrategy;
import de.siegmar.fastcsv.reader.CsvReader;
import de.siegmar.fastcsv.reader.NamedCsvRecord;
import java.io.BufferedReader;
import java.io.IOException;
import java.io.Reader;
import java.util.ArrayList;
import java.util.List;

/** Cuts an input into records and hands each on: a JSON object or array, JSON Lines, or CSV with a header row. */
public final class Records {
    private static final ObjectMapper MAPPER = new ObjectMapper();

    private Records() {}

    /** Takes one record, or the sentence why that record cannot be read. */
    public interface Taker {
        void take(long row, ObjectNode record) throws IOException;

        void broken(long row, String sentence) throws IOException;
    }

    /**
     * What a JSON input held.
     *
     * @param several whether it was an array
     * @param values the objects, or whatever else stood in the array
     */
    public record Json(boolean several, List<JsonNode> values) {}

    /** Reads one JSON object or an array, whole. */
    public static Json json(Reader in) throws Refused, IOException {
        try (JsonParser parser = MAPPER.createParser(in)) {
            JsonToken first = parser.nextToken();
            if (first == null) {
                throw new Refused(Say.it("records.nothing-came-give-json"));
            }
            JsonNode root = MAPPER.readTree(parser);
            if (parser.nextToken() != null) {
                throw new Refused(Say.it("records.after-first-json-value"));
            }
            List<JsonNode> values = new ArrayList<>();
            if (root.isArray()) {
                root.forEach(values::add);
            } else {
                values.add(root);
            }
            return new Json(root.isArray(), values);
        } catch (JsonProcessingException e) {
            throw new Refused(Say.it("records.the-input-no-json", "line", line(e)), e);
        }
    }

    /** Reads a line at a time; a broken line does not stop the rest. */
    public static void jsonLines(BufferedReader in, Taker taker) throws IOException {
        long row = 0;
        for (String line = in.readLine(); line != null; line = in.readLine()) {
            row++;
            if (line.isBlank()) {
                continue;
            }
            try {
                taker.take(row, object(MAPPER.readTree(line)));
            } catch (JsonProcessingException e) {
                taker.broken(row, Say.it("records.this-line-no-json"));
            } catch (Refused e) {
                taker.broken(row, e.getMessage());
            }
        }
    }

    /** Reads CSV; a column {@code diameter_mm} or {@code diameter_in} gives its cells that unit. Row 1 is the first below the header. */
    public static void csv(Reader in, Taker taker) throws Refused, IOException {
        long row = 0;
        try (CsvReader<NamedCsvRecord> csv = CsvReader.builder()
                .commentStrategy(CommentStrategy.SKIP)
                .skipEmptyLines(true)
                .ofNamedCsvRecord(in)) {
            for (NamedCsvRecord record : csv) {
                row++;
                taker.take(row, object(record));
            }
        } catch (RuntimeException e) {
            throw new Refused(Say.it("records.after-row-csv-not", "row", row, "message", e.getMessage()), e);
        }
        if (row == 0) {
            throw new Refused(Say.it("records.nothing-came-csv-needs"));
        }
    }

    /** The value as an object. */
    public static ObjectNode object(JsonNode value) throws Refused {
        if (value instanceof ObjectNode object) {
            return object;
        }
        throw new Refused(Say.it("records.the-input-json-but"));
    }

    private static ObjectNode object(NamedCsvRecord record) {
        ObjectNode object = JsonNodeFactory.instance.objectNode();
        List<String> header = record.getHeader();
        for (int i = 0; i < record.getFieldCount(); i++) {
            String name = i < header.size()
                    ? header.get(i).strip().replace("\uFEFF", "")
                    : Say.it("records.column", "number", i + 1);
            String cell = record.getField(i).strip();
            if (cell.isEmpty()) {
                continue;
            }
            if (name.endsWith("_mm") || name.endsWith("_in")) {
                object.put(name.substring(0, name.length() - 3), cell + " " + name.substring(name.length() - 2));
            } else {
                object.put(name, cell);
            }
        }
        return object;
    }

    private static String line(JsonProcessingException e) {
        return e.getLocation() == null ? "1" : Integer.toString(e.getLocation().getLineNr());
    }
}
