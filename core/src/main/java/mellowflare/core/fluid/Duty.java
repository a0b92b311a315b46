package mellowflare.core.fluid;

/** What a line does in its circuit, with the speed that common practice keeps its liquid under (a guide, not a limit). */
public enum Duty {
    PRESSURE("pressure", 6.1),
    RETURN("return", 2.0),
    SUCTION("suction", 1.2);

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
