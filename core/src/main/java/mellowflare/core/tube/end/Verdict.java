package mellowflare.core.tube.end;

/** How well something suits a use. */
public enum Verdict {
    USUAL(Say.it("verdict.usual")),
    ALLOWED(Say.it("verdict.allowed")),
    WARN(Say.it("verdict.with-care")),
    NEVER(Say.it("verdict.never"));

    private final String word;

    Verdict(String word) {
        this.word = word;
    }

    public String word() {
        return word;
    }
}
