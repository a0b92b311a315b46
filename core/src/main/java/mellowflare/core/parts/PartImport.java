package mellowflare.core.parts;

import java.util.Arrays;
import java.util.List;
import java.util.function.Function;
import mellowflare.core.connection.EndTable;
import mellowflare.core.reference.CsvTable;
import mellowflare.core.reference.FileKind;
import mellowflare.core.reference.ForeignFile;
import mellowflare.core.reference.RowByRow;

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

    /**
     * Reads a file. Which one it is follows from its columns; further columns are left alone.
     *
     * @param name what to call it in sentences
     * @param text the whole file
     * @param ends the ends that parts may have
     * @throws ForeignFile if its first row has the columns of no catalogue file, or it is no CSV
     */
    public static PartImport read(String name, String text, EndTable ends) throws ForeignFile {
        List<CsvTable.Row> rows = FileKind.rows(name, text);
        FileKind kind = FileKind.of(
                name,
                rows.get(0),
                Arrays.stream(PartFile.values()).map(PartFile::kind).toList());
        return read(
                Arrays.stream(PartFile.values())
                        .filter(f -> f.kind().equals(kind))
                        .findFirst()
                        .orElseThrow(),
                rows,
                ends);
    }

    /** Reads the rows of a file that is known to be of a kind. */
    public static PartImport read(PartFile file, List<CsvTable.Row> rows, EndTable ends) {
        return switch (file) {
            case HOSES -> read(file, rows, PartRows::hose, HosePart::part, Stock::ofHoses);
            case ENDS -> read(file, rows, r -> PartRows.hoseEnd(r, ends), HoseEndPart::part, Stock::ofEnds);
            case ADAPTERS -> read(file, rows, r -> PartRows.adapter(r, ends), AdapterPart::part, Stock::ofAdapters);
            case COLLARS -> read(file, rows, PartRows::ferrule, Ferrule::part, Stock::ofFerrules);
            case SEALS -> read(file, rows, PartRows::seal, SealPart::part, Stock::ofSeals);
            case TOOLS -> read(file, rows, PartRows::tool, Tool::id, Stock::ofTools);
        };
    }

    private static <T> PartImport read(
            PartFile file,
            List<CsvTable.Row> rows,
            Function<CsvTable.Row, T> reader,
            Function<T, String> number,
            Function<List<T>, Stock> stock) {
        RowByRow<T> read = RowByRow.read(rows, reader, number);
        return new PartImport(file, stock.apply(read.values()), read.values().size(), read.troubles());
    }
}
