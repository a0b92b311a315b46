package mellowflare.core.identify;

/** What a straight edge along the crests, or two diameters, showed. */
public enum TaperSeen {
    PARALLEL(Say.it("taper-seen.straight")),
    TAPERED(Say.it("taper-seen.tapered"));

    private final String word;

    TaperSeen(String word) {
        this.word = word;
    }

    public String word() {
        return word;
    }
}
