package mellowflare.core.fluid;

/** Which edition of the standard tables a hose's pressure is read from: the older inch tables and the metric-harmonised ones differ. */
public enum PressureBasis {
    INCH(Say.it("pressure-basis.older-inch-tables")),
    METRIC(Say.it("pressure-basis.metric-tables"));

    private final String word;

    PressureBasis(String word) {
        this.word = word;
    }

    public String word() {
        return word;
    }
}
