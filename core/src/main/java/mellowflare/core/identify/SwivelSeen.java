package mellowflare.core.identify;

/** Whether the thread is that of a loose nut. */
public enum SwivelSeen {
    FIXED(Say.it("swivel-seen.fixed")),
    LOOSE_NUT(Say.it("swivel-seen.loose-nut"));

    private final String word;

    SwivelSeen(String word) {
        this.word = word;
    }

    public String word() {
        return word;
    }
}
