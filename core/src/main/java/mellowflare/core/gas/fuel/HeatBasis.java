package mellowflare.core.gas.fuel;

/** The heating value that a rating plate counts on. */
public enum HeatBasis {
    /** With the water condensed: plates in North America, and some in Europe. */
    GROSS(Say.it("heat-basis.gross")),
    /** Without: most plates by European standards. */
    NET(Say.it("heat-basis.net"));

    private final String word;

    HeatBasis(String word) {
        this.word = word;
    }

    public String word() {
        return word;
    }
}
