package mellowflare.book;

/** What this program calls itself on everything it writes. */
public final class Version {
    public static final String PROGRAM = "0.1.0";

    private Version() {}
}
