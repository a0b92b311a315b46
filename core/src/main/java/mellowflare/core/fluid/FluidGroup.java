package mellowflare.core.fluid;

/** Kinds of fluid that lines are built for. */
public enum FluidGroup {
    OIL(Say.it("fluid-group.oil")),
    WATER(Say.it("fluid-group.water")),
    DRINKING(Say.it("fluid-group.drinking-water")),
    ESTER(Say.it("fluid-group.fire-resistant-ester")),
    FUEL(Say.it("fluid-group.fuel")),
    BRAKE(Say.it("fluid-group.brake-fluid")),
    REFRIGERANT(Say.it("fluid-group.refrigerant")),
    GAS(Say.it("fluid-group.fuel-gas")),
    AIR(Say.it("fluid-group.air-or-inert-gas")),
    OXIDISER(Say.it("fluid-group.oxidiser"));

    private final String words;

    FluidGroup(String words) {
        this.words = words;
    }

    public String words() {
        return words;
    }
}
