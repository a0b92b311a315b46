package mellowflare.core.identify;

/** Which leaf's flanks lay without light. */
public enum FlankSeen {
    DEG55("55° flank"),
    DEG60("60° flank");

    private final String word;

    FlankSeen(String word) {
        this.word = word;
    }

    public String word() {
        return word;
    }
}
