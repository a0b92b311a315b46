package mellowflare.core.parts;

/** How a hose end is fixed to the hose. */
public enum Attach {
    CRIMPED("crimped"),
    REUSABLE("screw-together"),
    BRAID_REUSABLE("screw-together for braid"),
    OLIVE("screw-together with olive"),
    BARRIER_CRIMP("barrier crimp"),
    BARB_CLAMP("barb and clamp"),
    PUSH_CONNECT("push-connect"),
    FACTORY("made on at the factory");

    private final String word;

    Attach(String word) {
        this.word = word;
    }

    public String word() {
        return word;
    }

    /** Whether it is pressed on and can then neither be turned nor taken off. */
    public boolean pressed() {
        return this == CRIMPED || this == BARRIER_CRIMP;
    }
}
