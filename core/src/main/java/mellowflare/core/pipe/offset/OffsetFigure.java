package mellowflare.core.pipe.offset;

/** The figures that an offset is measured by. */
public enum OffsetFigure {
    /** From face to face along the run. */
    OVERALL("W", Say.it("offset-figure.overall")),
    /** From the reference to the centre at the near end. */
    READING_1("h1", Say.it("offset-figure.reading-1")),
    /** From the same reference to the centre at the far end. */
    READING_2("h2", Say.it("offset-figure.reading-2")),
    OFFSET("O", Say.it("offset-figure.offset")),
    /** The upright part of a rolling offset. */
    RISE("R", Say.it("offset-figure.rise")),
    /** The level part of a rolling offset. */
    ROLL("S", Say.it("offset-figure.roll"));

    private final String symbol;
    private final String word;

    OffsetFigure(String symbol, String word) {
        this.symbol = symbol;
        this.word = word;
    }

    /** As it stands in sums and in the drawing. */
    public String symbol() {
        return symbol;
    }

    public String word() {
        return word;
    }
}
