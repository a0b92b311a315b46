package mellowflare.core.broken.stock;

/** How the part stands. */
public enum StuckState {
    STUCK(Say.it("stuck-state.stuck")),
    STUMP(Say.it("stuck-state.stump")),
    FLUSH(Say.it("stuck-state.flush"));

    private final String word;

    StuckState(String word) {
        this.word = word;
    }

    public String word() {
        return word;
    }
}
