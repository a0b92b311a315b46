package mellowflare.core.pipe.offset;

/** The lines of the sum sheet, in their places: the same figure always stands in the same line. */
public enum SumRow {
    OFFSET("O"),
    ROLL_ANGLE("∠"),
    TRAVEL("T"),
    RUN("V"),
    LEG_A("A"),
    LEG_C("C"),
    TAKE_OFF("t"),
    SET_BACK_A("a"),
    SET_BACK_C("c"),
    CUT_A("A"),
    CUT_B("B"),
    CUT_C("C"),
    ALONG("↔"),
    ACROSS("↕");

    private final String symbol;

    SumRow(String symbol) {
        this.symbol = symbol;
    }

    /** By which the drawing names it too. */
    public String symbol() {
        return symbol;
    }

    /** Whether it is a piece to cut: set large. */
    public boolean cut() {
        return this == CUT_A || this == CUT_B || this == CUT_C;
    }

    /** Whether a new block of the sheet begins with it. */
    public boolean begins() {
        return this == CUT_A || this == ALONG;
    }
}
