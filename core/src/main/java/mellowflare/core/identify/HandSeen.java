package mellowflare.core.identify;

/** Which way a thread turns on. */
public enum HandSeen {
    RIGHT("right-hand"),
    LEFT("left-hand");

    private final String word;

    HandSeen(String word) {
        this.word = word;
    }

    public String word() {
        return word;
    }
}
