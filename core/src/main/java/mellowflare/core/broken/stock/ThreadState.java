package mellowflare.core.broken.stock;

/** How the female thread is once the part is out. */
public enum ThreadState {
    /** A new male goes in by hand. */
    HAND(Say.it("thread-state.hand")),
    /** It goes in by hand after a tap was run through. */
    CHASED(Say.it("thread-state.chased")),
    BAD(Say.it("thread-state.bad"));

    private final String word;

    ThreadState(String word) {
        this.word = word;
    }

    public String word() {
        return word;
    }
}
