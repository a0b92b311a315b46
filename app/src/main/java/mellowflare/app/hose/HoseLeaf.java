package mellowflare.app.hose;

/** The leaves of Line, in the order of work. */
enum HoseLeaf {
    ENDS("Ends"),
    WAY("Way"),
    LENGTH("How long"),
    HERE("Can it be done here"),
    PARTS("Parts");

    private final String word;

    HoseLeaf(String word) {
        this.word = word;
    }

    String word() {
        return word;
    }
}
