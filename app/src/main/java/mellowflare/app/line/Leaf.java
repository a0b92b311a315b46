package mellowflare.app.line;

/** The leaves of Line, in the order of work. */
enum Leaf {
    ENDS("Ends"),
    WAY("Way"),
    LENGTH("How long"),
    HERE("Can it be done here"),
    PARTS("Parts");

    private final String word;

    Leaf(String word) {
        this.word = word;
    }

    String word() {
        return word;
    }
}
