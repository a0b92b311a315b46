package mellowflare.core.reference;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.function.Function;

/**
 * A file read row by row: good rows become values, every other row gets a sentence of its own and is left out.
 *
 * @param values of the good rows
 * @param troubles one sentence for each row left out, with its line and column
 */
public record RowByRow<T>(List<T> values, List<String> troubles) {
    public RowByRow {
        values = List.copyOf(values);
        troubles = List.copyOf(troubles);
    }

    /**
     * Reads the rows.
     *
     * @param reader makes a value of a row, or refuses it
     * @param number what no two rows may have in common
     */
    public static <T> RowByRow<T> read(
            List<CsvTable.Row> rows, Function<CsvTable.Row, T> reader, Function<T, String> number) {
        List<T> values = new ArrayList<>();
        List<String> troubles = new ArrayList<>();
        Set<String> seen = new HashSet<>();
        for (CsvTable.Row row : rows) {
            try {
                T value = reader.apply(row);
                if (seen.add(number.apply(value))) {
                    values.add(value);
                } else {
                    troubles.add(row.broken(
                                    "part", Say.it("row-by-row.stands-twice-first-counts", "key", number.apply(value)))
                            .getMessage());
                }
            } catch (BrokenTable e) {
                troubles.add(e.getMessage());
            } catch (IllegalArgumentException e) {
                troubles.add(row.broken("", e.getMessage(), e).getMessage());
            }
        }
        return new RowByRow<>(values, troubles);
    }

    /** One list laid over another: of two rows with one number the one that is laid over counts, in the place of the first. */
    public static <T> List<T> laid(List<T> under, List<T> over, Function<T, String> number) {
        Map<String, T> all = new LinkedHashMap<>();
        under.forEach(x -> all.put(number.apply(x), x));
        over.forEach(x -> all.put(number.apply(x), x));
        return List.copyOf(all.values());
    }
}
