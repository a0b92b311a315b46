package mellowflare.core.gas.fuel;

/** What a burner is set for. */
public enum GasFamily {
    NATURAL(Say.it("gas-family.natural")),
    PROPANE(Say.it("gas-family.propane")),
    BUTANE(Say.it("gas-family.butane")),
    /** Propane and butane together. */
    MIXED(Say.it("gas-family.mixed"));

    private final String word;

    GasFamily(String word) {
        this.word = word;
    }

    public String word() {
        return word;
    }

    /** Whether it is kept liquid in cylinders. */
    public boolean liquid() {
        return this != NATURAL;
    }
}
