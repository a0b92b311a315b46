package mellowflare.core.testing;

/** What was seen at a joint under test. */
public enum Seen {
    DRY(Say.it("seen.dry")),
    LEAKS(Say.it("seen.leaks"));

    private final String word;

    Seen(String word) {
        this.word = word;
    }

    public String word() {
        return word;
    }
}
