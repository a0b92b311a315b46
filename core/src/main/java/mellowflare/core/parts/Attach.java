package mellowflare.core.parts;

/** How a hose end is fixed to the hose. */
public enum Attach {
    CRIMPED("crimped"),
    REUSABLE("screw-together");

    private final String word;

    Attach(String word) {
        this.word = word;
    }

    public String word() {
        return word;
    }
}
