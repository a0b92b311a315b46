package mellowflare.core.reference;

/** A shipped table cannot be used; names file, line and column, and stops the start. */
public final class BrokenTable extends IllegalStateException {
    private static final long serialVersionUID = 1L;

    public BrokenTable(String file, long line, String column, String problem) {
        this(file, line, column, problem, null);
    }

    public BrokenTable(String file, long line, String column, String problem, Throwable cause) {
        super(
                column.isEmpty()
                        ? Say.it("broken-table.in-line", "file", file, "line", line, "problem", problem)
                        : Say.it(
                                "broken-table.in-column",
                                "file",
                                file,
                                "line",
                                line,
                                "column",
                                column,
                                "problem",
                                problem),
                cause);
    }
}
