package mellowflare.cli.input;

/** An input that cannot be used; the message is one sentence that names the field. */
public final class Refused extends Exception {
    private static final long serialVersionUID = 1L;

    public Refused(String sentence) {
        super(oneLine(sentence));
    }

    /** What is quoted from the input may hold line ends and other characters that break a line. */
    private static String oneLine(String sentence) {
        return sentence.replaceAll("[\\p{Cntrl}\u2028\u2029]+", " ");
    }

    public Refused(String sentence, Throwable cause) {
        super(oneLine(sentence), cause);
    }
}
