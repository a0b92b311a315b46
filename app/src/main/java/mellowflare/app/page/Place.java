package mellowflare.app.page;

/** The places of the thumb index, each with its letter. */
public enum Place {
    GAUGE(Say.it("place.gauge"), 'G'),
    LINE(Say.it("place.line"), 'L'),
    AIR(Say.it("place.air"), 'A'),
    PACK(Say.it("place.pack"), 'P'),
    MAKE(Say.it("place.make"), 'M'),
    TESTS(Say.it("place.tests"), 'S'),
    TROUBLE(Say.it("place.trouble"), 'R'),
    MACHINE(Say.it("place.machine"), 'H'),
    BOOK(Say.it("place.book"), 'B'),
    TABLES(Say.it("place.tables"), 'T');

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
