package mellowflare.core.tube.flare;

/** What a look at a flare can find. */
public enum FlareFault {
    CRACKED("cracked", "split at the rim"),
    WIDE("too wide", "wider than its band"),
    NARROW("too narrow", "narrower than its band: the seat is not covered and it pulls out"),
    NUT_STUCK("nut will not pass", "wider than the thread it must pass"),
    LOPSIDED("lop-sided", "one side of the rim wider than the other"),
    DOUBLE_RIM("second rim", "a step or second ring inside the flare"),
    THIN("thin lip", "squeezed or stretched thin at the rim"),
    OPEN("not closed", "stands steeper than the seat, or its layers stand apart"),
    SCORED("scored", "scratched along the seat");

    private final String word;
    private final String words;

    FlareFault(String word, String words) {
        this.word = word;
        this.words = words;
    }

    public String word() {
        return word;
    }

    /** What it looks like. */
    public String words() {
        return words;
    }
}
