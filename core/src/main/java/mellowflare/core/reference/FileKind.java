package mellowflare.core.reference;

import java.util.List;
import java.util.Set;

/**
 * A kind of open CSV file that users put in the place of a house list. Which kind a file is follows from its columns; further columns are left alone.
 *
 * @param id name of the file without its ending
 * @param words what it holds, as said
 * @param columns header of the file; the unit stands in the column's name
 * @param optional columns that a file may lack
 */
public record FileKind(String id, String words, List<String> columns, Set<String> optional) {
    public FileKind {
        columns = List.copyOf(columns);
        optional = Set.copyOf(optional);
    }

    /**
     * The rows of a file.
     *
     * @param name what to call it in sentences
     * @param text the whole file
     * @throws ForeignFile if it is no CSV, or holds no rows
     */
    public static List<CsvTable.Row> rows(String name, String text) throws ForeignFile {
        try {
            return CsvTable.fromText(name, text).rows();
        } catch (BrokenTable e) {
            throw new ForeignFile(Say.it("file-kind.this-no-catalogue-file", "message", e.getMessage()), e);
        }
    }

    /**
     * The kind that has the columns of a file.
     *
     * @param name what to call the file in sentences
     * @param first its first row
     * @param kinds those that are looked for
     * @throws ForeignFile if it has the columns of none; the sentence says which it comes nearest to, and what that lacks
     */
    public static FileKind of(String name, CsvTable.Row first, List<FileKind> kinds) throws ForeignFile {
        FileKind nearest = kinds.get(0);
        long most = -1;
        for (FileKind k : kinds) {
            if (k.lacks(first).isEmpty()) {
                return k;
            }
            long held = k.columns.stream().filter(first::has).count();
            if (held > most) {
                most = held;
                nearest = k;
            }
        }
        throw new ForeignFile(Say.it(
                "file-kind.this-no-catalogue-file-2",
                "name",
                name,
                "words",
                nearest.words,
                "columns",
                String.join(", ", nearest.lacks(first))));
    }

    private List<String> lacks(CsvTable.Row first) {
        return columns.stream()
                .filter(c -> !optional.contains(c) && !first.has(c))
                .toList();
    }
}
