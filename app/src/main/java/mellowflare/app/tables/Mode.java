package mellowflare.app.tables;

/** What the page of Tables shows. */
public enum Mode {
    ONE_END(Say.it("mode.one-end")),
    BESIDE(Say.it("mode.beside-another")),
    LOOK_ALIKES(Say.it("mode.look-alikes")),
    FITS(Say.it("mode.what-fits-what"));

    private final String words;

    Mode(String words) {
        this.words = words;
    }

    public String words() {
        return words;
    }
}
