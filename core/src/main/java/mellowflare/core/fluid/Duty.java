package mellowflare.core.fluid;

/** What a line does in its circuit, with the speed that common practice keeps its liquid under (a guide, not a limit). */
public enum Duty {
    PRESSURE(Say.it("duty.pressure"), 6.1),
    RETURN(Say.it("duty.return"), 2.0),
    SUCTION(Say.it("duty.suction"), 1.2);

    private final String word;
    private final double guide;

    Duty(String word, double guide) {
        this.word = word;
        this.guide = guide;
    }

    public String word() {
        return word;
    }

    /** Guide for the mean speed (m/s); house figures of common hydraulic practice. */
    public double guideMetresPerSecond() {
        return guide;
    }
}
