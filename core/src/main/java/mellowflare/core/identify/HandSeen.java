package mellowflare.core.identify;

/** Which way a thread turns on. */
public enum HandSeen {
    RIGHT(Say.it("hand-seen.right-hand")),
    LEFT(Say.it("hand-seen.left-hand"));

    private final String word;

    HandSeen(String word) {
        this.word = word;
    }

    public String word() {
        return word;
    }
}
