package mellowflare.core.pipe.makeup;

/** What a measure of rigid pipe is taken to, where the line ends. */
public enum EndKind {
    /** The face of a flange that the pipe is pushed into and welded to. */
    SLIP_ON(Say.it("end-kind.slip-on"), true),
    /** The face of a flange that the pipe is screwed into. */
    THREADED_FLANGE(Say.it("end-kind.threaded-flange"), true),
    /** The face of a flange that the pipe is butt-welded to. */
    WELD_NECK(Say.it("end-kind.weld-neck"), true),
    /** The face of a female thread that is there already. */
    PORT(Say.it("end-kind.port"), false),
    /** The end of the pipe itself. */
    OPEN(Say.it("end-kind.open"), false);

    private final String word;
    private final boolean flanged;

    EndKind(String word, boolean flanged) {
        this.word = word;
        this.flanged = flanged;
    }

    public String word() {
        return word;
    }

    public boolean flanged() {
        return flanged;
    }

    /** Whether the pipe is welded there. */
    public boolean welded() {
        return this == SLIP_ON || this == WELD_NECK;
    }

    /** Whether a thread is cut on the pipe there. */
    public boolean threaded() {
        return this == THREADED_FLANGE || this == PORT;
    }
}
