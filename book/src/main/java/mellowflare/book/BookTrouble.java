package mellowflare.book;

/** Something with files or the book went wrong; the message is a whole sentence for the person at the screen. */
public final class BookTrouble extends Exception {
    private static final long serialVersionUID = 1L;

    public BookTrouble(String sentence) {
        super(sentence);
    }

    public BookTrouble(String sentence, Throwable cause) {
        super(sentence, cause);
    }
}
