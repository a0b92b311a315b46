package mellowflare.core.reference;

import java.util.List;

/**
 * Lists that a shop may lay its own rows over, as open CSV files.
 *
 * @param <O> rows of all its files together; immutable
 */
public interface OwnLists<O> {
    /** The files, in the order in which they are offered. */
    List<FileKind> files();

    /** No rows. */
    O none();

    /** What the data hold, house and own. */
    O of(ReferenceData data);

    /**
     * Reads the rows of one file.
     *
     * @param file one of {@link #files()}
     * @param data the tables that its rows may refer to
     */
    Read<O> read(FileKind file, List<CsvTable.Row> rows, ReferenceData data);

    /** These rows and others; of two by one number the other counts. */
    O plus(O these, O more);

    int count(O rows);

    /** The data with these rows laid over their lists. */
    ReferenceData over(O rows, ReferenceData data);

    /** One file as text, header first. */
    String csv(FileKind file, O rows);

    /**
     * What came of reading a file.
     *
     * @param rows its good rows
     * @param troubles one sentence for each row left out
     */
    record Read<O>(O rows, List<String> troubles) {
        public Read {
            troubles = List.copyOf(troubles);
        }
    }
}
