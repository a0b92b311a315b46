package mellowflare.core.identify;

/** Whether and where a ring was seen. A missing ring proves nothing, and is weighed so. */
public enum RingSeen {
    NONE(Say.it("ring-seen.no-ring")),
    THREAD_BASE(Say.it("ring-seen.ring-at-foot-thread")),
    FACE(Say.it("ring-seen.ring-face"));

    private final String word;

    RingSeen(String word) {
        this.word = word;
    }

    public String word() {
        return word;
    }
}
