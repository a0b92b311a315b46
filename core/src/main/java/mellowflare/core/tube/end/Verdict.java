package mellowflare.core.tube.end;

/** How well something suits a use. */
public enum Verdict {
    USUAL("usual"),
    ALLOWED("allowed"),
    WARN("with care"),
    NEVER("never");

    private final String word;

    Verdict(String word) {
        this.word = word;
    }

    public String word() {
        return word;
    }
}
