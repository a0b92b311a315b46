package mellowflare.app.tube;

/** How the cone looks. */
public enum Cone {
    BRIGHT(Say.it("cone.bright"), 0),
    WORN(Say.it("cone.worn"), 0.5),
    WORN_OUT(Say.it("cone.worn-out"), 1);

    private final String word;
    private final double wear;

    Cone(String word, double wear) {
        this.word = word;
        this.wear = wear;
    }

    public String word() {
        return word;
    }

    double wear() {
        return wear;
    }
}
