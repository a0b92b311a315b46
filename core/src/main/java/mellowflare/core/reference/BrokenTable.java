package mellowflare.core.reference;

/** A shipped table cannot be used; names file, line and column, and stops the start. */
public final class BrokenTable extends IllegalStateException {
    private static final long serialVersionUID = 1L;

    public BrokenTable(String file, long line, String column, String problem) {
        this(file, line, column, problem, null);
    }

    public BrokenTable(String file, long line, String column, String problem, Throwable cause) {
        super(file + ", line " + line + (column.isEmpty() ? "" : ", column " + column) + ": " + problem, cause);
    }
}
