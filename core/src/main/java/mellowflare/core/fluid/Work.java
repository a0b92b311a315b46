package mellowflare.core.fluid;

/** What the work on a line is: asked once, for only what replaces a line has an old one to open and take off. */
public enum Work {
    NEW(Say.it("work.new-work")),
    REPLACEMENT(Say.it("work.replaces-line")),
    CONVERSION(Say.it("work.conversion"));

    private final String word;

    Work(String word) {
        this.word = word;
    }

    public String word() {
        return word;
    }
}
