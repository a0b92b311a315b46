package mellowflare.core.tee.stock;

/** What runs in the tube that a tee goes into. */
public enum TeeFluid {
    GAS(Say.it("tee-fluid.gas")),
    FUEL(Say.it("tee-fluid.fuel")),
    WATER(Say.it("tee-fluid.water")),
    REFRIGERANT(Say.it("tee-fluid.refrigerant")),
    AIR(Say.it("tee-fluid.air"));

    private final String word;

    TeeFluid(String word) {
        this.word = word;
    }

    /** Whether the law lets only a licensed or certified person open such a line. */
    public boolean licensed() {
        return this == GAS || this == REFRIGERANT;
    }

    public String word() {
        return word;
    }
}
