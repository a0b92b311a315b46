package mellowflare.cli.input;

/** An input that cannot be used; the message is one sentence that names the field. */
public final class Refused extends Exception {
    private static final long serialVersionUID = 1L;

    public Refused(String sentence) {
        super(sentence);
    }

    public Refused(String sentence, Throwable cause) {
        super(sentence, cause);
    }
}
