package mellowflare.core.measure;

/**
 * What a diameter or length was read with, and how far such readings scatter.
 * The scatter is one standard deviation of a shop reading on a dirty part, not the maker's accuracy; house figures.
 */
public enum Instrument {
    CALIPER(Say.it("instrument.caliper"), 0.05),
    RULE(Say.it("instrument.rule"), 0.35),
    TAPE(Say.it("instrument.tape"), 0.8),
    EYE(Say.it("instrument.by-eye"), 1.5);

    private final String word;
    private final double scatterMm;

    Instrument(String word, double scatterMm) {
        this.word = word;
        this.scatterMm = scatterMm;
    }

    /** The word for it on screen and sheet. */
    public String word() {
        return word;
    }

    /** One standard deviation of a reading. */
    public Length scatter() {
        return Length.ofMm(scatterMm);
    }
}
