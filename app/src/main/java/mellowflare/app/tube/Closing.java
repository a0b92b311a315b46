package mellowflare.app.tube;

/** How far the cone comes. */
public enum Closing {
    HOME("home", 1),
    SHORT("short", 0.8),
    SQUEEZED("past home", 1.2);

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
