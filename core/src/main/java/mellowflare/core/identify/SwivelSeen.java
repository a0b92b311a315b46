package mellowflare.core.identify;

/** Whether the thread is that of a loose nut. */
public enum SwivelSeen {
    FIXED("fixed"),
    LOOSE_NUT("loose nut");

    private final String word;

    SwivelSeen(String word) {
        this.word = word;
    }

    public String word() {
        return word;
    }
}
