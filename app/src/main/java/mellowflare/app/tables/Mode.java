package mellowflare.app.tables;

/** What the page of Tables shows. */
public enum Mode {
    ONE_END("one end"),
    BESIDE("beside another"),
    LOOK_ALIKES("look-alikes"),
    FITS("what fits what");

    private final String words;

    Mode(String words) {
        this.words = words;
    }

    public String words() {
        return words;
    }
}
