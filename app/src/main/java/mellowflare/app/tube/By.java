package mellowflare.app.tube;

import mellowflare.core.tube.form.Measured;

/** How a way is measured, with the words over its columns. */
public enum By {
    POINTS(Say.it("by.points"), "x", "y", "z"),
    LEGS(Say.it("by.legs"), Say.it("by.leg"), Say.it("by.turn"), Say.it("by.bend")),
    ROWS(Say.it("by.straights"), Say.it("by.straight"), Say.it("by.rotation"), Say.it("by.bend")),
    TEMPLATE(Say.it("by.template"), "", "", "");

    private final String word;
    private final String[] columns;

    By(String word, String... columns) {
        this.word = word;
        this.columns = columns;
    }

    public String word() {
        return word;
    }

    /** The trade word over a column, counted from 0. */
    public String column(int i) {
        return columns[i];
    }

    static By of(Measured m) {
        if (m instanceof Measured.Legs) {
            return LEGS;
        }
        if (m instanceof Measured.Rows) {
            return ROWS;
        }
        return m instanceof Measured.Template ? TEMPLATE : POINTS;
    }
}
