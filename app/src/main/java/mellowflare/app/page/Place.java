package mellowflare.app.page;

/** The places of the thumb index, each with its letter. */
public enum Place {
    GAUGE("Gauge", 'G'),
    LINE("Line", 'L'),
    AIR("Air", 'A'),
    MAKE("Make", 'M'),
    BOOK("Book", 'B'),
    TABLES("Tables", 'T');

    private final String word;
    private final char letter;

    Place(String word, char letter) {
        this.word = word;
        this.letter = letter;
    }

    public String word() {
        return word;
    }

    public char letter() {
        return letter;
    }
}
