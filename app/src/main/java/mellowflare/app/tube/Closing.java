package mellowflare.app.tube;

/** How far the cone comes. */
public enum Closing {
    HOME(Say.it("closing.home"), 1),
    SHORT(Say.it("closing.short"), 0.8),
    SQUEEZED(Say.it("closing.past-home"), 1.2);

    private final String word;
    private final double share;

    Closing(String word, double share) {
        this.word = word;
        this.share = share;
    }

    public String word() {
        return word;
    }

    double share() {
        return share;
    }
}
