package mellowflare.core.parts;

/** How a hose end is fixed to the hose. */
public enum Attach {
    CRIMPED(Say.it("attach.crimped")),
    REUSABLE(Say.it("attach.screw-together")),
    BRAID_REUSABLE(Say.it("attach.screw-together-for-braid")),
    OLIVE(Say.it("attach.screw-together-with-olive")),
    BARRIER_CRIMP(Say.it("attach.barrier-crimp")),
    BARB_CLAMP(Say.it("attach.barb-clamp")),
    PUSH_CONNECT(Say.it("attach.push-connect")),
    FACTORY(Say.it("attach.made-on-at-factory"));

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
