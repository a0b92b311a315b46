package mellowflare.core.reference;

/** A file that is none of those that can be taken in: one sentence that says why. */
public final class ForeignFile extends Exception {
    private static final long serialVersionUID = 1L;

    public ForeignFile(String sentence) {
        super(sentence);
    }

    public ForeignFile(String sentence, Exception cause) {
        super(sentence, cause);
    }
}
