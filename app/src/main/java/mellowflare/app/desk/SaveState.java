package mellowflare.app.desk;

/**
 * What the band says about saving.
 *
 * @param kind saved, on its way, or in trouble
 * @param words as shown
 */
public record SaveState(Kind kind, String words) {
    public static final SaveState SAVED = new SaveState(Kind.SAVED, Say.it("save-state.saved"));
    public static final SaveState SAVING = new SaveState(Kind.SAVING, Say.it("save-state.saving"));

    /** Whether what is seen is on disk. */
    public enum Kind {
        SAVED,
        SAVING,
        TROUBLE
    }

    static SaveState trouble(String sentence) {
        return new SaveState(Kind.TROUBLE, sentence);
    }
}
