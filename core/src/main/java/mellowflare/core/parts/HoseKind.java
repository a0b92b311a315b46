package mellowflare.core.parts;

/** Kinds of hose by their reinforcement and purpose. What each is made for stands in {@link HoseKinds}. */
public enum HoseKind {
    ONE_WIRE(Say.it("hose-kind.one-wire")),
    TWO_WIRE(Say.it("hose-kind.two-wire")),
    FOUR_SPIRAL(Say.it("hose-kind.four-spiral")),
    TEXTILE(Say.it("hose-kind.textile")),
    SUCTION(Say.it("hose-kind.suction")),
    PTFE_BRAID(Say.it("hose-kind.ptfe-braid")),
    FUEL_BRAID(Say.it("hose-kind.fuel-braid")),
    FUEL_LOW_PERMEATION(Say.it("hose-kind.low-permeation-fuel")),
    BARRIER(Say.it("hose-kind.barrier")),
    BARRIER_REDUCED(Say.it("hose-kind.reduced-barrier")),
    AIR(Say.it("hose-kind.rubber-air")),
    AIR_TUBE(Say.it("hose-kind.air-tube")),
    LPG("LPG"),
    WATER_FLEX(Say.it("hose-kind.water-flex")),
    BRAKE(Say.it("hose-kind.brake"));

    private final String word;

    HoseKind(String word) {
        this.word = word;
    }

    public String word() {
        return word;
    }
}
