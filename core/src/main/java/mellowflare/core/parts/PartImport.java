package mellowflare.core.parts;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import mellowflare.core.connection.EndTable;
import mellowflare.core.reference.BrokenTable;
import mellowflare.core.reference.CsvTable;

/**
 * A catalogue file read row by row: good rows become parts, every other row gets a sentence of its own and is left out.
 *
 * @param file which of the catalogue's files it is
 * @param stock the parts of the good rows
 * @param good how many they are
 * @param troubles one sentence for each row left out, with its line and column
 */
public record PartImport(PartFile file, Stock stock, int good, List<String> troubles) {
    public PartImport {
        troubles = List.copyOf(troubles);
    }

    /** A file that is no catalogue file at all: one sentence. */
    public static final class Foreign extends Exception {
        private static final long serialVersionUID = 1L;

        Foreign(String sentence) {
            super(sentence);
        }

        Foreign(String sentence, Exception cause) {
            super(sentence, cause);
        }
    }

    /**
     * Reads a file. Which one it is follows from its columns; further columns are left alone.
     *
     * @param name what to call it in sentences
     * @param text the whole file
     * @param ends the ends that parts may have
     * @throws Foreign if its first row has the columns of no catalogue file, or it is no CSV
     */
    public static PartImport read(String name, String text, EndTable ends) throws Foreign {
        List<CsvTable.Row> rows;
        try {
            rows = CsvTable.fromText(name, text).rows();
        } catch (BrokenTable e) {
            throw new Foreign("This is no catalogue file: " + e.getMessage() + ".", e);
        }
        CsvTable.Row first = rows.get(0);
        Optional<PartFile> file = Arrays.stream(PartFile.values())
                .filter(f -> f.columns().stream().allMatch(c -> optional(c) || first.has(c)))
                .findFirst();
        if (file.isEmpty()) {
            throw new Foreign("This is no catalogue file: " + name + " has not the columns of any. " + nearest(first));
        }
        return switch (file.get()) {
            case HOSES -> read(file.get(), rows, PartRows::hose, HosePart::part, Stock::ofHoses);
            case ENDS -> read(file.get(), rows, r -> PartRows.hoseEnd(r, ends), HoseEndPart::part, Stock::ofEnds);
            case ADAPTERS ->
                read(file.get(), rows, r -> PartRows.adapter(r, ends), AdapterPart::part, Stock::ofAdapters);
            case COLLARS -> read(file.get(), rows, PartRows::collar, Collar::part, Stock::ofCollars);
            case SEALS -> read(file.get(), rows, PartRows::seal, SealPart::part, Stock::ofSeals);
            case TOOLS -> read(file.get(), rows, PartRows::tool, Tool::id, Stock::ofTools);
        };
    }

    /** Columns that an older file may lack. */
    private static boolean optional(String column) {
        return column.startsWith("metric_") || column.equals("vacuum_bar") || column.equals("conductive");
    }

    /** Which file it comes nearest to, and what that lacks. */
    private static String nearest(CsvTable.Row first) {
        PartFile nearest = PartFile.HOSES;
        long most = -1;
        for (PartFile f : PartFile.values()) {
            long held = f.columns().stream().filter(first::has).count();
            if (held > most) {
                most = held;
                nearest = f;
            }
        }
        List<String> lacks = nearest.columns().stream()
                .filter(c -> !optional(c) && !first.has(c))
                .toList();
        return "For " + nearest.words() + " it lacks: " + String.join(", ", lacks) + ".";
    }

    private static <T> PartImport read(
            PartFile file,
            List<CsvTable.Row> rows,
            Function<CsvTable.Row, T> reader,
            Function<T, String> number,
            Function<List<T>, Stock> stock) {
        List<T> parts = new ArrayList<>();
        List<String> troubles = new ArrayList<>();
        Set<String> seen = new HashSet<>();
        for (CsvTable.Row row : rows) {
            try {
                T part = reader.apply(row);
                if (seen.add(number.apply(part))) {
                    parts.add(part);
                } else {
                    troubles.add(row.broken("part", "“" + number.apply(part) + "” stands twice; the first counts")
                            .getMessage());
                }
            } catch (BrokenTable e) {
                troubles.add(e.getMessage());
            } catch (IllegalArgumentException e) {
                troubles.add(row.broken("", e.getMessage(), e).getMessage());
            }
        }
        return new PartImport(file, stock.apply(parts), parts.size(), troubles);
    }
}
