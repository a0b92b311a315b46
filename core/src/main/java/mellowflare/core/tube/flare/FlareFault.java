package mellowflare.core.tube.flare;

/** What a look at a flare can find. */
public enum FlareFault {
    CRACKED(Say.it("flare-fault.cracked"), Say.it("flare-fault.split-at-rim")),
    WIDE(Say.it("flare-fault.too-wide"), Say.it("flare-fault.wider-than-its-band")),
    NARROW(Say.it("flare-fault.too-narrow"), Say.it("flare-fault.narrower-than-its-band")),
    NUT_STUCK(Say.it("flare-fault.nut-will-not-pass"), Say.it("flare-fault.wider-than-thread-must")),
    LOPSIDED(Say.it("flare-fault.lop-sided"), Say.it("flare-fault.one-side-rim-wider")),
    DOUBLE_RIM(Say.it("flare-fault.second-rim"), Say.it("flare-fault.step-or-second-ring")),
    THIN(Say.it("flare-fault.thin-lip"), Say.it("flare-fault.squeezed-or-stretched-thin")),
    OPEN(Say.it("flare-fault.not-closed"), Say.it("flare-fault.stands-steeper-than-seat")),
    SCORED(Say.it("flare-fault.scored"), Say.it("flare-fault.scratched-along-seat"));

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
