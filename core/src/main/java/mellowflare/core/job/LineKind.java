package mellowflare.core.job;

/** What a line is made of between its ports. */
public enum LineKind {
    HOSE("hose"),
    TUBE("tube"),
    AIR("air main");

    private final String word;

    LineKind(String word) {
        this.word = word;
    }

    public String word() {
        return word;
    }
}
