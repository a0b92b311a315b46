package mellowflare.cli.command;

/** What the exit status says. */
public final class ExitStatus {
    /** Computed. */
    public static final int COMPUTED = 0;
    /** Computed, and at least one finding says stop. */
    public static final int STOPS = 1;
    /** The input was refused; nothing stands on standard output. */
    public static final int REFUSED = 2;
    /** A file or the book could not be read or written. */
    public static final int FILE_TROUBLE = 3;
    /** The program itself went wrong. */
    public static final int UNFORESEEN = 70;

    private ExitStatus() {}
}
