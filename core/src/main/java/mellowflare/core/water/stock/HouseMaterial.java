package mellowflare.core.water.stock;

/** What house pipe is made of. */
public enum HouseMaterial {
    COPPER(Say.it("house-material.copper")),
    PEX(Say.it("house-material.pex")),
    CPVC(Say.it("house-material.cpvc")),
    PVC(Say.it("house-material.pvc")),
    GALVANISED(Say.it("house-material.galvanised")),
    BRASS(Say.it("house-material.brass")),
    /** Seen, and none of these. */
    OTHER(Say.it("house-material.other"));

    private final String word;

    HouseMaterial(String word) {
        this.word = word;
    }

    public String word() {
        return word;
    }
}
