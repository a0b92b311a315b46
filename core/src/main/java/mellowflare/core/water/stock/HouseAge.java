package mellowflare.core.water.stock;

/** When a house was built: it says what pipe to expect. */
public enum HouseAge {
    OLD(Say.it("house-age.old")),
    MIDDLE(Say.it("house-age.middle")),
    NEW(Say.it("house-age.new"));

    private final String word;

    HouseAge(String word) {
        this.word = word;
    }

    public String word() {
        return word;
    }
}
