package mellowflare.core.gas.stock;

/** How gas is drawn from a cylinder. */
public enum Drawn {
    STEADY(Say.it("drawn.steady")),
    SPELLS(Say.it("drawn.spells"));

    private final String word;

    Drawn(String word) {
        this.word = word;
    }

    public String word() {
        return word;
    }
}
